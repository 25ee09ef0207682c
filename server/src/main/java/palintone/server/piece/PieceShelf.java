package palintone.server.piece;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.coat.CoatLearned;
import palintone.core.figure.Require;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.record.Corrections;
import palintone.core.piece.CastPiece;
import palintone.core.piece.DippedPiece;
import palintone.core.piece.Piece;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.coat.CoatWeighings;
import palintone.server.filling.FillingNotes;
import palintone.server.house.HouseService;
import palintone.server.problem.NotHereException;
import palintone.server.shell.ShellTimes;

/**
 * Pieces put together from the books, kept while nothing they rest on has changed. One question
 * brings the versions of everything a piece is made of; only where one differs is it put together
 * anew. So what another server has written is never missed.
 */
@Component
class PieceShelf {

    private static final int MOST = 200;

    /** A row takes a kilobyte. */
    private static final int MOST_ROWS = 2000;

    /** A row of the list, and the versions it rests on. */
    private record Row(String stamp, PieceRowView view) {}

    private final EntityManager entities;
    private final PieceRepository pieces;
    private final FillingNotes notes;
    private final ShellTimes shells;
    private final CoatWeighings weighings;
    private final TransactionTemplate reading;
    private final Cache<String, Row> rows = Caffeine.newBuilder().maximumSize(MOST_ROWS).build();
    private final Cache<String, Shelved> shelf = Caffeine.newBuilder().maximumSize(MOST).build();

    PieceShelf(
            final EntityManager entities,
            final PieceRepository pieces,
            final FillingNotes notes,
            final ShellTimes shells,
            final CoatWeighings weighings,
            final PlatformTransactionManager transactions) {
        reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        this.weighings = weighings;
        this.shells = shells;
        this.entities = entities;
        this.pieces = pieces;
        this.notes = notes;
    }

    /**
     * A piece and what was measured of its fillings.
     *
     * @param stamp the versions it rests on
     * @param fluidity of its couverture, as the bag says
     * @param cast what was weighed and turned out of such shells
     * @param coats what was weighed of such coats
     */
    record Shelved(
            String stamp,
            Piece piece,
            FluidityClass fluidity,
            ShellTimes.Known cast,
            CoatLearned coats,
            Map<String, Corrections> measured) {

        /** As usual, moved by what was measured of the filling: the verdict of its own sheet. */
        Conditions conditions(final Filling filling) {
            return Conditions.USUAL.measured(measured.getOrDefault(filling.id(), Corrections.NONE));
        }
    }

    /**
     * @param pressureHPa of the air where its fillings are cooked
     * @throws NotHereException where there is no such piece
     */
    public Shelved of(final String id, final double pressureHPa) {
        Require.text("piece", id, 64);
        return reading.execute(none -> read(id, pressureHPa)).get();
    }

    /** What the books say, at one moment; what is to be learned of it is worked out after them. */
    private Supplier<Shelved> read(final String id, final double pressureHPa) {
        final String stamp = stamps(List.of(id), pressureHPa).getOrDefault(id, "");
        final Shelved known = shelf.getIfPresent(id);
        if (known != null && known.stamp().equals(stamp)) {
            return () -> known;
        }
        final PieceEntity entity =
                pieces.whole(id).orElseThrow(() -> new NotHereException("piece", id));
        final Piece piece = entity.piece(pressureHPa);
        final FluidityClass fluidity = entity.fluidity();
        final Map<String, Corrections> measured = new HashMap<>();
        for (final Filling filling : piece.fillings()) {
            if (!measured.containsKey(filling.id())) {
                measured.put(filling.id(), notes.corrections(filling.id()));
            }
        }
        return () -> {
            final Shelved fresh =
                    new Shelved(
                            stamp,
                            piece,
                            fluidity,
                            known(piece),
                            coats(piece),
                            Map.copyOf(measured));
            shelf.put(id, fresh);
            return fresh;
        };
    }

    /** A whole house that came in may count its versions as the one before did. */
    @EventListener
    void changed(final HouseService.AllIsNew change) {
        shelf.invalidateAll();
        rows.invalidateAll();
    }

    /**
     * Rows of a list, each as it was drawn while nothing it rests on has changed.
     *
     * @param page of the books, within their transaction
     */
    List<PieceRowView> rows(final List<PieceEntity> page, final double pressureHPa) {
        final Map<String, String> stamps =
                stamps(page.stream().map(PieceEntity::id).toList(), pressureHPa);
        return page.stream().map(entity -> row(entity, stamps, pressureHPa)).toList();
    }

    private PieceRowView row(
            final PieceEntity entity, final Map<String, String> stamps, final double pressureHPa) {
        final String stamp = stamps.get(entity.id());
        final Row known = rows.getIfPresent(entity.id());
        if (known != null && known.stamp().equals(stamp)) {
            return known.view();
        }
        final PieceRowView view = PieceRowView.of(entity, entity.piece(pressureHPa));
        rows.put(entity.id(), new Row(stamp, view));
        return view;
    }

    /** Versions of all that pieces rest on, by their ids, in one question. */
    @SuppressWarnings("unchecked")
    private Map<String, String> stamps(final List<String> ids, final double pressureHPa) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        final List<Tuple> rows =
                entities.createNativeQuery(RestsOn.VERSIONS, Tuple.class)
                        .setParameter("ids", ids)
                        .getResultList();
        final Map<String, String> stamps =
                rows.stream()
                        .collect(
                                Collectors.groupingBy(
                                        row -> (String) row.get(0),
                                        Collectors.mapping(
                                                row -> row.get(1) + "=" + row.get(2),
                                                Collectors.collectingAndThen(
                                                        Collectors.toCollection(TreeSet::new),
                                                        what ->
                                                                String.join(",", what)
                                                                        + " at "
                                                                        + pressureHPa))));
        return stamps;
    }

    private ShellTimes.Known known(final Piece piece) {
        return piece instanceof CastPiece cast
                ? shells.known(cast.mould().id(), cast.couverture().ingredient().id())
                : ShellTimes.Known.NOTHING;
    }

    private CoatLearned coats(final Piece piece) {
        return piece instanceof DippedPiece dipped
                ? weighings.learned(dipped.couverture().ingredient().id())
                : CoatLearned.NOTHING;
    }
}
