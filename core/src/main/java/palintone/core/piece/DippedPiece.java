package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.coat.DipPlan;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.process.Process;
import palintone.core.substance.Portion;
import palintone.core.temper.Couverture;

/**
 * A centre cut, piped or rolled, and dipped.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param couverture it is dipped into
 * @param centre that is dipped
 * @param coat it is to have
 * @param inclusions what it is rolled in and what is laid on it, before its coat has set; and what
 *     is set whole into its centre
 * @param dress finishings on it; a centre has no mould to be coloured
 */
public record DippedPiece(
        String id,
        String name,
        Couverture couverture,
        FormedCentre centre,
        DipCoat coat,
        List<Inclusion> inclusions,
        Decoration dress)
        implements TemperedPiece {

    private static final int MOST_INCLUSIONS = 6;
    private static final double COATED_OF_WEIGHT = 0.5;

    /** What a coat may be. */
    private static final double LEAST_COAT_MM = 0.3;

    private static final double MOST_COAT_MM = 5;

    /**
     * @throws OutOfRangeException when something on it is stirred in, what is set in does not fit,
     *     or a colour is brought into a mould it does not have
     */
    public DippedPiece {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        inclusions = List.copyOf(inclusions);
        if (inclusions.size() > MOST_INCLUSIONS) {
            throw new OutOfRangeException(
                    "what it is rolled in", String.valueOf(inclusions.size()), "up to 6");
        }
        inclusions.forEach(
                i ->
                        i.placed(
                                Inclusion.Placing.ROLLED_IN,
                                Inclusion.Placing.ON_THE_BACK,
                                Inclusion.Placing.SET_IN));
        centre.holds(inclusions);
        plates(centre, coat, inclusions);
        if (coat.then().isPresent()) {
            second(coat.then().get(), couverture, inclusions);
        }
        if (!dress.colours().isEmpty()) {
            throw new OutOfRangeException(
                    "colours", dress.colours().get(0).name(), "none: it comes out of no mould");
        }
    }

    /** A plate that hangs over breaks off, and nothing holds it. */
    private static void plates(
            final FormedCentre centre, final DipCoat coat, final List<Inclusion> inclusions) {
        final double longMm = centre.shape().lengthMm() + 2 * coat.mm();
        final double wideMm = centre.shape().widthMm() + 2 * coat.mm();
        for (final Inclusion inclusion : inclusions) {
            inclusion
                    .plate()
                    .filter(plate -> !plate.liesOn(longMm, wideMm))
                    .ifPresent(
                            plate -> {
                                throw new OutOfRangeException(
                                        "plate laid on it",
                                        size(plate.longMm(), plate.wideMm()),
                                        "up to "
                                                + size(
                                                        Math.max(longMm, wideMm),
                                                        Math.min(longMm, wideMm))
                                                + ", the size of the piece");
                            });
        }
    }

    private static String size(final double longMm, final double wideMm) {
        return tenth(longMm) + " × " + tenth(wideMm) + " mm";
    }

    private static double tenth(final double mm) {
        return Math.floor(mm * 10) / 10;
    }

    private static void second(
            final SecondDip then, final Couverture first, final List<Inclusion> inclusions) {
        if (then.couverture().ingredient().id().equals(first.ingredient().id())) {
            throw new OutOfRangeException(
                    "second couverture", first.ingredient().name(), "another couverture");
        }
        inclusions.stream()
                .filter(i -> i.placing() == Inclusion.Placing.ROLLED_IN)
                .findFirst()
                .ifPresent(
                        rolled -> {
                            throw new OutOfRangeException(
                                    "what it is rolled in",
                                    rolled.ingredient().name(),
                                    "nothing where it is dipped in a second couverture: that would"
                                            + " not hold on it");
                        });
    }

    /** One coat all round, weighed, g. */
    double fullCoatG() {
        return grownG(coat.mm());
    }

    /** What the last dip puts on, all round, g. */
    double lastCoatG() {
        return fullCoatG() - grownG(coat.firstMm());
    }

    private double grownG(final double mm) {
        return grownMl(mm) * couverture.castingDensityGPerMl();
    }

    /** Of the second couverture, g; 0 where there is none. */
    double secondCoatG() {
        return coat.then()
                .map(
                        then -> {
                            final double over = then.overFirst(coat.share());
                            final double first = coat.mm();
                            final double ml =
                                    over * (grownMl(first + then.mm()) - grownMl(first))
                                            + (then.share() - over) * grownMl(then.mm());
                            return ml * then.couverture().castingDensityGPerMl();
                        })
                .orElse(0.0);
    }

    /** What so much all round the bare centre takes, ml. */
    private double grownMl(final double mm) {
        return centre.shape().grownMl(mm) - centre.shape().volumeMl();
    }

    /** A film of it all round the bare centre, g: by that its taps are found. */
    double filmG(final SecondDip then) {
        return grownMl(then.mm()) * then.couverture().castingDensityGPerMl();
    }

    /** With another coat. */
    DippedPiece withCoat(final double mm) {
        return with(coat.withMm(mm));
    }

    private DippedPiece with(final DipCoat other) {
        return new DippedPiece(id, name, couverture, centre, other, inclusions, dress);
    }

    /** A coat that its bowl does not give is the one it does give, in every sum. */
    @Override
    public Piece asItWillBe(final Materials needs, final Workplace place) {
        final DipPlan plan = DippedProcess.plan(this, place);
        final DippedPiece first =
                plan.found()
                        ? this
                        : withCoat(
                                mmOf(
                                        plan.coat().massG() + grownG(coat.firstMm()),
                                        couverture,
                                        Math.max(LEAST_COAT_MM, 2 * coat.firstMm())));
        return coat.then()
                .map(then -> first.with(first.coat.withSecondMm(secondMm(then, place))))
                .orElse(first);
    }

    private double secondMm(final SecondDip then, final Workplace place) {
        final DipPlan plan = SecondDipTasks.plan(this, then, place);
        return plan.found()
                ? then.mm()
                : mmOf(plan.coat().massG(), then.couverture(), LEAST_COAT_MM);
    }

    /** How thick a film all round the bare centre is that weighs so much, mm. */
    private double mmOf(final double massG, final Couverture of, final double leastMm) {
        double low = leastMm;
        double high = MOST_COAT_MM;
        while (high - low > 0.001) {
            final double middle = (low + high) / 2;
            if (grownMl(middle) * of.castingDensityGPerMl() < massG) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Math.round(high * 100) / 100.0;
    }

    @Override
    public Optional<Sentence> wishedOtherwise(final Piece made) {
        if (!(made instanceof DippedPiece will)) {
            return Optional.empty();
        }
        return otherwise(coat.mm(), will.coat.mm())
                .or(
                        () ->
                                coat.then()
                                        .flatMap(
                                                then ->
                                                        otherwise(
                                                                then.mm(),
                                                                will.coat
                                                                        .then()
                                                                        .orElseThrow()
                                                                        .mm())));
    }

    private static Optional<Sentence> otherwise(final double wishMm, final double willMm) {
        return wishMm != willMm
                ? Optional.of(
                        Sentence.of(
                                        "A coat of {wish} is wished; this bowl leaves {will}, and all"
                                                + " else here is reckoned with that. A more fluid bag"
                                                + " or its top blown off leaves less, a second coat"
                                                + " more.")
                                .with("wish", wishMm, Unit.MILLIMETRE)
                                .with("will", willMm, Unit.MILLIMETRE))
                : Optional.empty();
    }

    /** Brushed under it before, g. */
    double bottomG() {
        return centre.underMm2() * centre.bottomMm() / 1000 * couverture.castingDensityGPerMl();
    }

    /** What is on it besides its coat: couverture brushed below is melted by itself. */
    List<Inclusion> on() {
        if (bottomG() == 0) {
            return inclusions;
        }
        final List<Inclusion> all = new ArrayList<>(inclusions);
        all.add(new Inclusion(couverture.ingredient(), bottomG(), Inclusion.Placing.BRUSHED_BELOW));
        return all;
    }

    @Override
    public List<Figure> qualities(final double roomC) {
        final DippedMasses each = masses();
        return List.of(
                Figure.of(
                                "coat of the weight",
                                each.couvertureG() / each.whole().value() * 100,
                                Unit.PERCENT,
                                Basis.of("coat / piece")
                                        .with("coat", each.couvertureG(), Unit.GRAM)
                                        .with("piece", each.whole().value(), Unit.GRAM)
                                        .from(PRACTICE))
                        .within(new Band(10, 18, 38, 50)),
                Figure.of(
                                "coat",
                                coat.mm(),
                                Unit.MILLIMETRE,
                                Basis.of("as wished, all coats together").from(PRACTICE))
                        .within(new Band(0.5, 0.8, 2, 3)));
    }

    private static final Source PRACTICE =
            Source.practice("coats of a fifth to a third of the piece, a millimetre or two");

    @Override
    public List<Portion> chocolate() {
        final DippedMasses each = masses();
        final List<Portion> both = new ArrayList<>();
        both.add(new Portion(couverture.ingredient(), each.coat().value()));
        coat.then()
                .ifPresent(
                        then ->
                                both.add(
                                        new Portion(
                                                then.couverture().ingredient(),
                                                each.second().orElseThrow().value())));
        return List.copyOf(both);
    }

    @Override
    public List<Filling> fillings() {
        return List.of(centre.filling());
    }

    @Override
    public DippedMasses masses() {
        return DippedMasses.of(this);
    }

    @Override
    public Section section() {
        return DippedSection.of(this);
    }

    @Override
    public Materials materials(
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        return DippedMaterials.of(this, size, habits, conditions);
    }

    @Override
    public Process process(final Materials needs, final Workplace place) {
        return new DippedProcess(this, needs, place).lay();
    }

    /** As many as come off one fork while anybody counts: recipes of a gram round badly. */
    @Override
    public int atOnce() {
        return 40;
    }

    @Override
    public BatchSize batchOf(final Optional<Integer> moulds, final Optional<Integer> pieces) {
        return BatchSize.oneByOne(moulds, pieces);
    }

    /** The same words wherever it is asked: at the piece, at the bench and at the coat. */
    public static final String NEVER_FIRM =
            "This filling is never firm enough for a fork, however cold: it belongs in a shell, or"
                    + " wants less water and more fat that sets.";

    @Override
    public List<Sentence> remarks() {
        final List<Sentence> remarks = new ArrayList<>();
        if (centre.neverFirm()) {
            remarks.add(Sentence.of(NEVER_FIRM));
        }
        if (!coat.closed()) {
            remarks.add(
                    Sentence.of(
                            "Dipped in part, its centre lies open: it dries and takes on smells"
                                    + " there, and what is said of its life counts for a whole coat."
                                    + " Sell it sooner."));
        }
        coat.then()
                .ifPresent(
                        then ->
                                remarks.add(
                                        Sentence.of(
                                                "Two couvertures want two bowls in temper: the"
                                                        + " second is brought there while the first"
                                                        + " coat sets.")));
        if (masses().couvertureG() > COATED_OF_WEIGHT * masses().whole().value()) {
            remarks.add(
                    Sentence.of(
                                    "More than half of it is coat, {coat} of {whole}: thinner, or a"
                                            + " larger centre.")
                            .with("coat", masses().couvertureG(), Unit.GRAM)
                            .with("whole", masses().whole().value(), Unit.GRAM));
        }
        return remarks;
    }
}
