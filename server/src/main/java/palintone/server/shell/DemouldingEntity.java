package palintone.server.shell;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import palintone.core.casting.cold.Released;

/** A mould turned out: how long it was in the cold, and which of its cavities came out whole. */
@Entity
@Table(name = "demoulding")
public class DemouldingEntity {

    @Id private String id;

    private String mouldId;
    private String couvertureId;
    private boolean capped;

    @Column(name = "foretold_s")
    private double foretoldS;

    @Column(name = "cold_s")
    private double coldS;

    private int cavities;
    private String stuck;
    private String broken;
    private String note;
    private Instant notedAt;
    private boolean voided;

    protected DemouldingEntity() {}

    DemouldingEntity(
            final String id,
            final String mouldId,
            final String couvertureId,
            final boolean capped,
            final Released.Check check,
            final int cavities,
            final List<Integer> stuck,
            final List<Integer> broken,
            final String note,
            final Instant notedAt) {
        this.id = id;
        this.mouldId = mouldId;
        this.couvertureId = couvertureId;
        this.capped = capped;
        foretoldS = check.foretoldS();
        coldS = check.coldS();
        this.cavities = cavities;
        this.stuck = joined(stuck);
        this.broken = joined(broken);
        this.note = note;
        this.notedAt = notedAt;
    }

    private static String joined(final List<Integer> numbers) {
        return numbers.stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    private static List<Integer> apart(final String numbers) {
        return numbers.isBlank()
                ? List.of()
                : Arrays.stream(numbers.split(" ")).map(Integer::valueOf).toList();
    }

    String id() {
        return id;
    }

    boolean capped() {
        return capped;
    }

    int cavities() {
        return cavities;
    }

    /** Numbers of the cavities, from 1. */
    List<Integer> stuck() {
        return apart(stuck);
    }

    List<Integer> broken() {
        return apart(broken);
    }

    double foretoldS() {
        return foretoldS;
    }

    double coldS() {
        return coldS;
    }

    String note() {
        return note;
    }

    Instant notedAt() {
        return notedAt;
    }

    /** What broke has come out, and tells of strength, not of letting go. */
    Released.Check check() {
        return new Released.Check(
                foretoldS, coldS, (cavities - stuck().size()) / (double) cavities);
    }

    void takeBack() {
        voided = true;
    }
}
