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

    private static final String VERSIONS =
            """
            select p.id of_piece, concat('p ', p.id) what, p.version v from piece p where p.id in (:ids)
            union all select p.id of_piece, concat('m ', m.id), m.version
              from mould m join piece p on p.mould_id = m.id where p.id in (:ids)
            union all select p.id of_piece, concat('c ', i.id), i.version
              from ingredient i join piece p on p.couverture_id = i.id where p.id in (:ids)
            union all select p.id of_piece, concat('k ', i.id), i.version
              from ingredient i join moulded_piece p on p.cap_couverture_id = i.id where p.id in (:ids)
            union all select p.id of_piece, concat('2 ', i.id), i.version
              from ingredient i join sheet_piece p on p.second_couverture_id = i.id
              where p.id in (:ids)
            union all select p.id of_piece, concat('3 ', i.id), i.version
              from ingredient i join dipped_piece p on p.second_couverture_id = i.id
              where p.id in (:ids)
            union all select p.id of_piece, concat('4 ', i.id), i.version
              from ingredient i join hollow_figure p on p.second_couverture_id = i.id
              where p.id in (:ids)
            union all select t.piece_id of_piece, concat('5 ', i.id), i.version
              from ingredient i join piece_flavour t on t.ingredient_id = i.id
              where t.piece_id in (:ids)
            union all select t.piece_id of_piece, concat('l ', c.id), c.version
              from colour c join piece_coat t on t.colour_id = c.id where t.piece_id in (:ids)
            union all select s.piece_id of_piece, concat('s ', i.id), i.version
              from ingredient i join solid_inclusion s on s.ingredient_id = i.id
              where s.piece_id in (:ids)
            union all select t.piece_id of_piece, concat('t ', i.id), i.version
              from ingredient i join piece_insert t on t.ingredient_id = i.id
              where t.piece_id in (:ids)
            union all select t.piece_id of_piece, concat('a ', i.id), i.version
              from ingredient i join piece_on t on t.ingredient_id = i.id
              where t.piece_id in (:ids)
            union all select l.piece_id of_piece, concat('f ', f.id), f.version
              from filling f join piece_filling l on l.filling_id = f.id where l.piece_id in (:ids)
            union all select l.piece_id of_piece, concat('i ', i.id), i.version
              from ingredient i join filling_line n on n.ingredient_id = i.id
              join piece_filling l on l.filling_id = n.filling_id where l.piece_id in (:ids)
            union all select l.piece_id of_piece, concat('o ', i.id), i.version
              from ingredient i join filling_version_line n on n.ingredient_id = i.id
              join filling_version w on w.id = n.version_id
              join piece_filling l on l.filling_id = w.filling_id where l.piece_id in (:ids)
            union all select l.piece_id of_piece, concat('n ', n.filling_id, ' ', max(n.noted_at)), count(*)
              from filling_note n join piece_filling l on l.filling_id = n.filling_id
              where l.piece_id in (:ids) group by n.filling_id, l.piece_id
            union all select p.id of_piece, concat('w ', max(w.noted_at)), count(*)
              from shell_weighing w join piece p
              on w.couverture_id = p.couverture_id
              where p.id in (:ids) and not w.voided
              group by p.id
            union all select p.id of_piece, concat('x ', max(x.noted_at)), count(*)
              from coat_weighing x join piece p on x.couverture_id = p.couverture_id
              where p.id in (:ids) and not x.voided
              group by p.id
            union all select p.id of_piece, concat('d ', max(d.noted_at)), count(*)
              from demoulding d join piece p
              on d.couverture_id = p.couverture_id
              where p.id in (:ids) and not d.voided
              group by p.id
            """;

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
                entities.createNativeQuery(VERSIONS, Tuple.class)
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
