package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.Require;
import palintone.core.filling.quality.Quality;
import palintone.core.piece.Piece;
import palintone.core.piece.PieceTaste;
import palintone.core.taste.HouseTaste;
import palintone.core.taste.Liking;
import palintone.core.taste.TasteGroup;
import palintone.core.taste.TasteOf;
import palintone.core.taste.Tasting;
import palintone.core.temper.CouvertureKind;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;
import palintone.server.problem.Longest;
import palintone.server.problem.NotHereException;
import palintone.server.problem.Within;

/** Pieces tasted whole, and what that says of how sweet and how bitter they are liked. */
@Service
public class PieceTastings {

    private static final int LONGEST_WORDS = 500;
    private static final int LONGEST_ID = 64;

    private final TastingRepository tastings;
    private final PieceShelf shelf;
    private final HouseService houses;
    private final Clock clock;
    private final PieceRepository pieces;

    PieceTastings(
            final PieceRepository pieces,
            final TastingRepository tastings,
            final PieceShelf shelf,
            final HouseService houses,
            final Clock clock) {
        this.tastings = tastings;
        this.shelf = shelf;
        this.houses = houses;
        this.clock = clock;
        this.pieces = pieces;
    }

    /** A tasting as it is written down. */
    public record TastingDraft(
            @Nullable UUID id,
            @Nullable Liking sweet,
            @Nullable Liking bitter,
            @Nullable @Within(low = 1, high = 10) Integer score,
            @Nullable @Longest(500) String words) {}

    /** Whether a tasting counts. */
    public record TastingCounts(@NotNull Boolean counts) {}

    /** One that was written down. */
    public record TastingView(
            String id,
            Instant notedAt,
            @Nullable Liking sweet,
            @Nullable Liking bitter,
            @Nullable Integer score,
            String words,
            boolean counts) {}

    /**
     * What a filling must taste of so that the whole is liked.
     *
     * @param low empty, as high is, where no filling reaches it
     */
    public record FillingWantedView(
            String id, String name, double now, @Nullable Double low, @Nullable Double high) {}

    /**
     * Sweetness, or bitterness, against what is liked.
     *
     * @param quality of a filling that it is made of
     */
    public record TasteOfView(
            TasteOf what,
            FigureView figure,
            SentenceView says,
            Quality quality,
            List<FillingWantedView> fillings) {}

    /**
     * How a piece tastes.
     *
     * @param kind of its couverture: tastings of pieces in such count
     * @param filled whether it has a filling, as those have
     * @param tastings of this piece
     * @param ofOthers how many of other pieces count for it too
     */
    public record TasteView(
            @Nullable CouvertureKind kind,
            boolean filled,
            List<TasteOfView> tastes,
            List<TastingView> tastings,
            int ofOthers) {}

    @Transactional(readOnly = true)
    public TasteView view(final String id) {
        final PieceShelf.Shelved shelved = shelved(id);
        final Piece piece = shelved.piece();
        final TasteGroup group = PieceTaste.group(piece);
        final List<TastingEntity> counting = tastings.findByCountsTrue();
        final PieceTaste taste =
                PieceTaste.of(piece, shelved::conditions, TastingRepository.liked(counting));
        return new TasteView(
                group.kind().orElse(null),
                group.filled(),
                taste.massG() > 0
                        ? Arrays.stream(TasteOf.values()).map(what -> view(taste, what)).toList()
                        : List.of(),
                tastings.findByPieceIdOrderByNotedAtDesc(id).stream()
                        .map(
                                t ->
                                        new TastingView(
                                                t.id(),
                                                t.notedAt(),
                                                t.sweet(),
                                                t.bitter(),
                                                t.score(),
                                                t.words(),
                                                t.counts()))
                        .toList(),
                (int)
                        counting.stream()
                                .filter(t -> !t.pieceId().equals(id))
                                .filter(t -> t.tasting().group().equals(group))
                                .count());
    }

    private static TasteOfView view(final PieceTaste taste, final TasteOf what) {
        return new TasteOfView(
                what,
                FigureView.of(taste.figure(what)),
                SentenceView.of(taste.says(what)),
                what == TasteOf.SWEETNESS ? Quality.SWEETNESS : Quality.BITTERNESS,
                taste.fillings(what).stream()
                        .map(
                                f ->
                                        new FillingWantedView(
                                                f.filling().recipeId(),
                                                f.filling().name(),
                                                f.now(),
                                                f.wanted().map(r -> r.low()).orElse(null),
                                                f.wanted().map(r -> r.high()).orElse(null)))
                        .toList());
    }

    private PieceShelf.Shelved shelved(final String id) {
        return shelf.of(id, houses.house().pressureHPa());
    }

    /** Writes down how it tasted, with what it is computed to be today. */
    @Transactional
    public TasteView note(final String id, final TastingDraft draft) {
        pieces.held(Require.text("piece", id, LONGEST_ID));
        if (draft.id() != null && tastings.existsById(draft.id().toString())) {
            return view(id);
        }
        put(
                (draft.id() == null ? UUID.randomUUID() : draft.id()).toString(),
                new TastingRow(
                        id,
                        clock.instant(),
                        null,
                        null,
                        null,
                        null,
                        draft.sweet(),
                        draft.bitter(),
                        draft.score(),
                        draft.words(),
                        true));
        return view(id);
    }

    /** Lets a tasting count, or no longer. */
    @Transactional
    public TasteView count(final String id, final String tasting, final TastingCounts wish) {
        final TastingEntity entity =
                tastings.findById(Require.text("tasting", tasting, LONGEST_ID))
                        .filter(t -> t.pieceId().equals(id))
                        .orElseThrow(() -> new NotHereException("tasting", tasting));
        entity.count(wish.counts());
        tastings.saveAndFlush(entity);
        return view(id);
    }

    /** All of them, as they go out. */
    @Transactional(readOnly = true)
    public Map<String, TastingRow> rows() {
        return rows(tastings.findAllByOrderByNotedAt());
    }

    /** Those of the ids that are in the books. */
    @Transactional(readOnly = true)
    public Map<String, TastingRow> rows(final Collection<String> ids) {
        return rows(tastings.findAllById(ids));
    }

    private static Map<String, TastingRow> rows(final List<TastingEntity> entities) {
        final Map<String, TastingRow> rows = new LinkedHashMap<>();
        entities.forEach(t -> rows.put(t.id(), TastingRow.of(t)));
        return rows;
    }

    /** Writes a tasting, new or known; what it tasted of is computed where it is not said. */
    @Transactional
    public void put(final String id, final TastingRow row) {
        tastings.saveAndFlush(
                new TastingEntity(
                        Require.text("tasting", id, LONGEST_ID),
                        row.piece(),
                        row.notedAt(),
                        tasting(row),
                        Require.words("words", row.words(), LONGEST_WORDS),
                        row.counts()));
    }

    /**
     * Looks at a tasting before it is written.
     *
     * @throws palintone.core.figure.OutOfRangeException when it cannot be
     */
    @Transactional(readOnly = true)
    public void check(final TastingRow row) {
        Require.text("noted at", row.notedAt() == null ? "" : row.notedAt().toString(), LONGEST_ID);
        Require.words("words", row.words(), LONGEST_WORDS);
        tasting(row);
    }

    private Tasting tasting(final TastingRow row) {
        final PieceShelf.Shelved shelved = shelved(row.piece());
        final PieceTaste taste =
                PieceTaste.of(shelved.piece(), shelved::conditions, HouseTaste.NONE);
        final TasteGroup today = PieceTaste.group(shelved.piece());
        final Map<TasteOf, Double> was = new EnumMap<>(TasteOf.class);
        final Map<TasteOf, Liking> said = new EnumMap<>(TasteOf.class);
        for (final TasteOf what : TasteOf.values()) {
            final boolean sweet = what == TasteOf.SWEETNESS;
            final Double given = sweet ? row.sweetness() : row.bitterness();
            was.put(
                    what,
                    given == null
                            ? taste.wholeG(what)
                            : Require.between(what.words(), given, 0, 170, "%"));
            final Liking liking = sweet ? row.sweet() : row.bitter();
            if (liking != null) {
                said.put(what, liking);
            }
        }
        return new Tasting(
                new TasteGroup(
                        row.kind() == null ? today.kind() : Optional.of(row.kind()),
                        row.filled() == null ? today.filled() : row.filled()),
                was,
                said,
                row.score() == null ? OptionalInt.empty() : OptionalInt.of(row.score()));
    }
}
