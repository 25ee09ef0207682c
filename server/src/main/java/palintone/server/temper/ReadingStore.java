package palintone.server.temper;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.temper.trace.Sample;

/**
 * Readings, by the hundred thousand. They are rows and nothing else, so they pass Hibernate as
 * statements and not as entities; the key makes writing one twice harmless.
 */
@Component
class ReadingStore {

    private static final int ROWS_A_STATEMENT = 500;
    private static final String TYPED = "typed-";

    /** No probe is taken for a typed reading, whatever it calls itself. */
    private static final String TYPED_NAME =
            "^" + TYPED + "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$";

    private final EntityManager entities;

    ReadingStore(final EntityManager entities) {
        this.entities = entities;
    }

    /**
     * One reading to be kept.
     *
     * @param celsius not a number where the device sent none
     * @param copy counts readings of one file at one moment, 0 for devices
     */
    record Row(String probe, long atUs, int copy, Optional<UUID> bowl, double celsius) {}

    static long micros(final Instant at) {
        return Math.addExact(
                Math.multiplyExact(at.getEpochSecond(), 1_000_000L), at.getNano() / 1000);
    }

    /**
     * Keeps rows; those that are there already stay as they are.
     *
     * @return those that were new
     */
    @Transactional
    public Set<Key> keep(final List<Row> rows) {
        final Set<Key> fresh = new HashSet<>();
        for (int from = 0; from < rows.size(); from += ROWS_A_STATEMENT) {
            fresh.addAll(
                    insert(rows.subList(from, Math.min(rows.size(), from + ROWS_A_STATEMENT))));
        }
        return fresh;
    }

    /** What makes a reading that reading. */
    record Key(String probe, long atUs) {}

    private List<Key> insert(final List<Row> rows) {
        final StringBuilder sql =
                new StringBuilder(
                        "insert ignore into probe_reading (probe, at_us, copy, bowl_id, celsius)"
                                + " values ");
        for (int i = 0; i < rows.size(); i++) {
            sql.append(i == 0 ? "(?,?,?,?,?)" : ",(?,?,?,?,?)");
        }
        sql.append(" returning probe, at_us");
        final Query query = entities.createNativeQuery(sql.toString());
        int place = 1;
        for (final Row row : rows) {
            query.setParameter(place++, row.probe());
            query.setParameter(place++, row.atUs());
            query.setParameter(place++, row.copy());
            query.setParameter(place++, row.bowl().map(UUID::toString).orElse(null));
            query.setParameter(place++, Double.isNaN(row.celsius()) ? null : row.celsius());
        }
        final List<?> written = query.getResultList();
        return written.stream()
                .map(Object[].class::cast)
                .map(c -> new Key((String) c[0], ((Number) c[1]).longValue()))
                .toList();
    }

    /** All readings of a bowl, seconds since it began, in order of time. */
    @Transactional(readOnly = true)
    public List<Sample> of(final UUID bowl, final Instant beganAt) {
        final List<?> rows =
                entities.createNativeQuery(
                                "select at_us, celsius from probe_reading where bowl_id = ?"
                                        + " and not voided order by at_us, copy")
                        .setParameter(1, bowl.toString())
                        .getResultList();
        final long began = micros(beganAt);
        final List<Sample> samples = new ArrayList<>(rows.size());
        for (final Object row : rows) {
            final Object[] columns = (Object[]) row;
            samples.add(
                    new Sample(
                            (((Number) columns[0]).longValue() - began) / 1e6,
                            columns[1] == null ? Double.NaN : ((Number) columns[1]).doubleValue()));
        }
        return samples;
    }

    /**
     * A reading typed by hand.
     *
     * @param id chosen by the screen
     * @param corrected whether it said something else before
     */
    record Typed(UUID id, long atUs, double celsius, boolean corrected) {}

    /** Under which name a typed reading is kept. */
    static String typedBy(final UUID reading) {
        return TYPED + reading;
    }

    /** Readings of a bowl typed by hand that stand, newest first. */
    @Transactional(readOnly = true)
    public List<Typed> typed(final UUID bowl, final int most) {
        final List<?> rows =
                entities.createNativeQuery(
                                "select probe, at_us, celsius, was_celsius from probe_reading where"
                                        + " bowl_id = ? and probe regexp ? and not voided"
                                        + " order by at_us desc limit "
                                        + most)
                        .setParameter(1, bowl.toString())
                        .setParameter(2, TYPED_NAME)
                        .getResultList();
        return rows.stream()
                .map(Object[].class::cast)
                .map(
                        c ->
                                new Typed(
                                        UUID.fromString(((String) c[0]).substring(TYPED.length())),
                                        ((Number) c[1]).longValue(),
                                        ((Number) c[2]).doubleValue(),
                                        c[3] != null))
                .toList();
    }

    /** Whether a typed reading is there, standing or not. */
    boolean knows(final UUID reading) {
        return !entities.createNativeQuery("select 1 from probe_reading where probe = ?")
                .setParameter(1, typedBy(reading))
                .getResultList()
                .isEmpty();
    }

    /** What a typed reading that stands says, °C; empty where there is none. */
    Optional<Double> says(final UUID bowl, final UUID reading) {
        final List<?> found =
                entities.createNativeQuery(
                                "select celsius from probe_reading where probe = ? and bowl_id = ?"
                                        + " and not voided")
                        .setParameter(1, typedBy(reading))
                        .setParameter(2, bowl.toString())
                        .getResultList();
        return found.stream().map(c -> ((Number) c).doubleValue()).findFirst();
    }

    /** Puts another value in its place; the first one is kept beside it. */
    void correct(final UUID bowl, final UUID reading, final double celsius) {
        entities.createNativeQuery(
                        "update probe_reading set was_celsius = coalesce(was_celsius,"
                                + " celsius), celsius = ? where probe = ? and bowl_id = ?")
                .setParameter(1, celsius)
                .setParameter(2, typedBy(reading))
                .setParameter(3, bowl.toString())
                .executeUpdate();
    }

    /** Takes a typed reading back; its row stays. */
    boolean takeBack(final UUID bowl, final UUID reading) {
        return entities.createNativeQuery(
                                "update probe_reading set voided = true where probe = ? and bowl_id"
                                        + " = ?")
                        .setParameter(1, typedBy(reading))
                        .setParameter(2, bowl.toString())
                        .executeUpdate()
                > 0;
    }

    /** Readings of probes that no bowl listens to, newest first: probe, count, when. */
    @Transactional(readOnly = true)
    public List<Stray> strays() {
        final List<?> rows =
                entities.createNativeQuery(
                                "select probe, count(*), max(at_us) from probe_reading where"
                                        + " bowl_id is null group by probe order by 3 desc limit"
                                        + " 50")
                        .getResultList();
        return rows.stream()
                .map(Object[].class::cast)
                .map(
                        c ->
                                new Stray(
                                        (String) c[0],
                                        ((Number) c[1]).longValue(),
                                        Instant.EPOCH.plus(
                                                Duration.ofNanos(
                                                        ((Number) c[2]).longValue() * 1000))))
                .toList();
    }

    /** A probe that speaks and that no bowl listens to. */
    public record Stray(String probe, long readings, Instant last) {}
}
