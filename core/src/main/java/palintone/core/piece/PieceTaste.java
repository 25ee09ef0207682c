package palintone.core.piece;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Range;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.taste.Taste;
import palintone.core.substance.Composition;
import palintone.core.substance.Portion;
import palintone.core.taste.HouseTaste;
import palintone.core.taste.TasteGroup;
import palintone.core.taste.TasteOf;
import palintone.core.taste.TasteTarget;
import palintone.core.temper.Couverture;

/**
 * What a bite of the whole tastes of: chocolate, filling and what is in and on it together.
 *
 * @param parts of it
 * @param targets what is liked of such pieces
 */
public record PieceTaste(List<TastedPart> parts, Map<TasteOf, TasteTarget> targets) {

    /** The lists are copied. */
    public PieceTaste {
        parts = List.copyOf(parts);
        targets = Map.copyOf(targets);
    }

    /**
     * One part of a bite.
     *
     * @param filling where it is one: what may be balanced to meet a target
     * @param massG of it in one piece
     * @param tastes of it, g in 100 g
     */
    public record TastedPart(
            Optional<Filling> filling,
            boolean chocolate,
            double massG,
            Map<TasteOf, Double> tastes) {

        double of(final TasteOf what) {
            return massG * tastes.get(what);
        }
    }

    /**
     * What a filling must taste of so that the whole is liked.
     *
     * @param now what it tastes of, g in 100 g
     * @param wanted of it, empty where no filling could reach it
     */
    public record FillingWanted(Filling filling, double now, Optional<Range> wanted) {}

    /**
     * @param liked in this workshop
     */
    public static PieceTaste of(
            final Piece piece,
            final Function<Filling, Conditions> conditions,
            final HouseTaste liked) {
        // As many as are made at once: a recipe of a gram rounds badly.
        final int pieces = piece.atOnce();
        return of(
                piece,
                piece.materials(
                        BatchSize.ofPieces(pieces, pieces), new BatchHabits(1, 0, 0), conditions),
                pieces,
                liked);
    }

    /**
     * @param needs of a batch of it
     * @param pieces that batch makes
     */
    static PieceTaste of(
            final Piece piece, final Materials needs, final int pieces, final HouseTaste liked) {
        final List<TastedPart> parts = new ArrayList<>();
        for (final Portion portion : piece.chocolate()) {
            parts.add(
                    new TastedPart(
                            Optional.empty(),
                            true,
                            portion.massG(),
                            tastes(portion.ingredient().composition())));
        }
        for (final Materials.FillingNeed need : needs.fillings()) {
            final Map<TasteOf, Double> tastes = tastes(need.filling().cooked().composition());
            // Caramelised sugar is bitter too.
            tastes.put(TasteOf.BITTERNESS, Taste.bitterness(need.filling().cooked()));
            parts.add(
                    new TastedPart(
                            Optional.of(need.filling()),
                            false,
                            need.inPieces().value() / pieces,
                            tastes));
        }
        for (final Materials.InclusionNeed need : needs.inclusions()) {
            parts.add(
                    new TastedPart(
                            Optional.empty(),
                            false,
                            need.inclusion().eachG(),
                            tastes(need.inclusion().ingredient().composition())));
        }
        final Map<TasteOf, TasteTarget> targets = new EnumMap<>(TasteOf.class);
        for (final TasteOf what : TasteOf.values()) {
            targets.put(what, liked.target(what, group(piece)));
        }
        return new PieceTaste(parts, targets);
    }

    /** By which measure it is judged. */
    public static TasteGroup group(final Piece piece) {
        return new TasteGroup(piece.tempered().map(Couverture::kind), !piece.fillings().isEmpty());
    }

    private static Map<TasteOf, Double> tastes(final Composition composition) {
        final Map<TasteOf, Double> tastes = new EnumMap<>(TasteOf.class);
        tastes.put(TasteOf.SWEETNESS, Taste.sweetness(composition));
        tastes.put(TasteOf.BITTERNESS, Taste.bitterness(composition));
        return tastes;
    }

    /** What one weighs, g. */
    public double massG() {
        return parts.stream().mapToDouble(TastedPart::massG).sum();
    }

    /** The whole, g in 100 g; 0 where it weighs nothing. */
    public double wholeG(final TasteOf what) {
        final double all = massG();
        return all > 0 ? parts.stream().mapToDouble(p -> p.of(what)).sum() / all : 0;
    }

    /** Sweetness and bitterness against what is liked; nothing where it weighs nothing. */
    public List<Figure> figures() {
        final List<Figure> figures = new ArrayList<>();
        if (massG() > 0) {
            for (final TasteOf what : TasteOf.values()) {
                figures.add(figure(what));
            }
        }
        return figures;
    }

    /** Sweetness or bitterness of a piece that weighs something, against what is liked. */
    public Figure figure(final TasteOf what) {
        final TasteTarget target = targets.get(what);
        Basis basis =
                Basis.of(
                                what == TasteOf.SWEETNESS
                                        ? "sucrose that tastes as sweet, by mass of its parts"
                                        : "fat-free cocoa that tastes as bitter, by mass of its"
                                                + " parts")
                        .with("chocolate", share(what, true), Unit.PERCENT)
                        .with("what is in and on it", share(what, false), Unit.PERCENT)
                        .from(what == TasteOf.SWEETNESS ? Taste.SWEETNESS : Taste.BITTERNESS);
        if (target.answers() > 0) {
            basis =
                    basis.with("tastings that say something of it", target.answers(), Unit.ONE)
                            .from(TasteTarget.SOURCE)
                            .from(CALIBRATED);
        }
        if (target.liked().isPresent()) {
            basis =
                    basis.with("liked", target.liked().getAsDouble(), Unit.PERCENT)
                            .with("margin of that", target.margin(), Unit.PERCENT);
        }
        final Figure figure = Figure.of(what.words(), wholeG(what), what.unit(), basis);
        return target.band().map(figure::within).orElse(figure);
    }

    private static final Source CALIBRATED =
            Source.calibrated("noticed at 3 g of sucrose or 2 g of cocoa in 100 g of the piece");

    /** How it stands against what is liked, in words. */
    public Sentence says(final TasteOf what) {
        final TasteTarget target = targets.get(what);
        final Optional<Band> band = target.band();
        if (target.answers() > 0 && !target.speaks()) {
            return Sentence.of(
                            "{answers} of {least} tastings of such pieces so far: too few to say what"
                                    + " is liked.")
                    .with("answers", target.answers(), Unit.ONE)
                    .with("least", TasteTarget.LEAST_ANSWERS, Unit.ONE);
        }
        if (band.isEmpty()) {
            return Sentence.of(
                    "Nothing is said of it yet. Taste a piece and say so: every answer counts for"
                            + " all such pieces.");
        }
        final boolean open = target.liked().isEmpty();
        final double off = band.get().outBy(wholeG(what));
        final Sentence said;
        if (off == 0) {
            said =
                    open
                            ? Sentence.of(
                                    "Not tasted on both sides yet: nothing here speaks against it.")
                            : Sentence.of("As it is liked here: {low} to {high}.");
        } else if (off > 0) {
            said = tooMuch(what, open);
        } else {
            said = tooLittle(what, open);
        }
        return said.with("low", band.get().low(), what.unit())
                .with("high", band.get().high(), what.unit());
    }

    private static Sentence tooMuch(final TasteOf what, final boolean open) {
        if (what == TasteOf.SWEETNESS) {
            return Sentence.of(
                    open
                            ? "Sweeter than it is liked here, which is below {high}."
                            : "Sweeter than it is liked here: {low} to {high}.");
        }
        return Sentence.of(
                open
                        ? "More bitter than it is liked here, which is below {high}."
                        : "More bitter than it is liked here: {low} to {high}.");
    }

    private static Sentence tooLittle(final TasteOf what, final boolean open) {
        if (what == TasteOf.SWEETNESS) {
            return Sentence.of(
                    open
                            ? "Less sweet than it is liked here, which is above {low}."
                            : "Less sweet than it is liked here: {low} to {high}.");
        }
        return Sentence.of(
                open
                        ? "Less bitter than it is liked here, which is above {low}."
                        : "Less bitter than it is liked here: {low} to {high}.");
    }

    private double share(final TasteOf what, final boolean chocolate) {
        final List<TastedPart> some =
                parts.stream().filter(p -> p.chocolate() == chocolate).toList();
        final double grams = some.stream().mapToDouble(TastedPart::massG).sum();
        return grams > 0 ? some.stream().mapToDouble(p -> p.of(what)).sum() / grams : 0;
    }

    /**
     * What each filling must taste of, the rest of the piece staying as it is, so that the whole is
     * liked. Nothing where no target is known.
     */
    public List<FillingWanted> fillings(final TasteOf what) {
        final Optional<Band> band = targets.get(what).band();
        if (band.isEmpty()) {
            return List.of();
        }
        final double all = massG();
        final double sum = parts.stream().mapToDouble(p -> p.of(what)).sum();
        final List<FillingWanted> wanted = new ArrayList<>();
        for (final TastedPart part : parts) {
            if (part.filling().isEmpty() || part.massG() <= 0) {
                continue;
            }
            final double rest = sum - part.of(what);
            final double low = Math.max(0, (band.get().low() * all - rest) / part.massG());
            final double high = Math.min(100, (band.get().high() * all - rest) / part.massG());
            wanted.add(
                    new FillingWanted(
                            part.filling().get(),
                            part.tastes().get(what),
                            low <= high ? Optional.of(new Range(low, high)) : Optional.empty()));
        }
        return wanted;
    }
}
