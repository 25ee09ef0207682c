package palintone.core.temper;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Mixture;
import palintone.core.substance.Portion;
import palintone.core.temper.flow.FluidityClass;

/**
 * Couverture that came back from the work, with what got into it, and what it may still become. By
 * mass balance of all that is in it; how much of what it met is in it is for the maker to say.
 *
 * @param couverture as it was
 * @param whole what it is now
 * @param waterPercent what the met brought of water above what couverture holds anyhow, of the
 *     whole
 * @param firmness solid fat at 20 °C against that of the couverture alone, 1 where it is as firm
 * @param meltings how often it has been melted
 * @param brought allergens it did not have before
 */
public record CameBack(
        Ingredient couverture,
        Mixture whole,
        double waterPercent,
        double firmness,
        int meltings,
        Set<Allergen> brought) {

    public static final Source SOURCE =
            Source.practice(
                    "some tenths of a per cent of water thicken couverture, a hundredth seizes it;"
                            + " clean couverture may be melted as often as one likes");

    private static final double REST_C = 20;
    private static final int MOST_THINGS = 12;
    private static final int MOST_MELTINGS = 100;

    /** From here on water thickens, and from there it seizes, per cent of the whole. */
    private static final Band WATER_PERCENT = new Band(0, 0, 0.2, 1);

    /** Softer than this no longer snaps; softer than the limit it does not come out of a mould. */
    private static final Band FIRMNESS = new Band(0.8, 0.93, 1.2, 1.5);

    /**
     * Allowed: mass that came back above 0 to 1000000 g.
     *
     * @param couverture what it was
     * @param massG of the whole as it was weighed, what it met included, more than 0
     * @param meltings how often it was melted, 1 to 100
     * @param met what is in it, each with its grams; less than the whole together
     * @throws OutOfRangeException when the masses cannot be
     */
    public static CameBack of(
            final Ingredient couverture,
            final double massG,
            final int meltings,
            final List<Portion> met) {
        Require.positive("mass that came back", massG, 1_000_000, "g");
        Require.between("times it was melted", meltings, 1, MOST_MELTINGS, "");
        if (met.size() > MOST_THINGS) {
            throw new OutOfRangeException(
                    "what got into it", String.valueOf(met.size()), "up to " + MOST_THINGS);
        }
        final double metG = met.stream().mapToDouble(Portion::massG).sum();
        Require.between("what got into it", metG, 0, massG * 0.9, "g");
        final List<Portion> all = new ArrayList<>();
        all.add(new Portion(couverture, massG - metG));
        all.addAll(met);
        final Mixture whole = Mixture.of(all);
        final Set<Allergen> brought = EnumSet.noneOf(Allergen.class);
        met.forEach(each -> brought.addAll(each.ingredient().allergens()));
        brought.removeAll(couverture.allergens());
        return new CameBack(
                couverture,
                whole,
                met.stream().mapToDouble(each -> wetterG(each, couverture)).sum() / massG * 100,
                SolidFatCurve.of(whole.composition()).solidAt(REST_C)
                        / SolidFatCurve.of(couverture.composition()).solidAt(REST_C),
                meltings,
                brought);
    }

    /** What a couverture holds of water anyhow thickens nothing. */
    private static double wetterG(final Portion met, final Ingredient couverture) {
        return met.massG()
                * Math.max(
                        0,
                        met.ingredient().composition().fraction(Component.WATER)
                                - couverture.composition().fraction(Component.WATER));
    }

    /** Water as a figure. */
    public Figure water() {
        return Figure.of(
                        "water that got in",
                        waterPercent,
                        Unit.PERCENT,
                        Basis.of("water of what it met / all of it").from(SOURCE))
                .within(WATER_PERCENT);
    }

    /** Firmness as a figure. */
    public Figure firm() {
        return Figure.of(
                        "as firm as before, when set",
                        firmness * 100,
                        Unit.PERCENT,
                        Basis.of("solid fat of the mixture / of the couverture, at 20 °C")
                                .from(SolidFatCurve.SOURCE))
                .within(
                        new Band(
                                FIRMNESS.lowLimit() * 100,
                                FIRMNESS.low() * 100,
                                FIRMNESS.high() * 100,
                                FIRMNESS.highLimit() * 100));
    }

    /** Whether water has made it a paste. */
    private boolean seized() {
        return waterPercent > WATER_PERCENT.highLimit();
    }

    /** Whether it was only melted, and nothing got into it. */
    public boolean clean() {
        return whole.portions().size() == 1;
    }

    /** What it is fit for now. */
    public FitFor as(final ChocolateJob job, final Optional<FluidityClass> sold) {
        final FitFor plain =
                FitFor.of(job, whole.composition(), clean() ? sold : Optional.empty(), false);
        if (!job.tempered()) {
            return plain;
        }
        if (seized()) {
            return no(plain, Sentence.of("Water has made a paste of it."));
        }
        final List<Sentence> foreign = foreignFats();
        if (!foreign.isEmpty()) {
            return no(plain, foreign.get(0));
        }
        if (firmness < FIRMNESS.lowLimit()) {
            return no(plain, Sentence.of("So much soft fat is in it that it does not set firm."));
        }
        if (waterPercent > WATER_PERCENT.high()) {
            return worse(plain, Sentence.of("The water in it thickens it: it will not flow thin."));
        }
        return firmness < FIRMNESS.low()
                ? worse(plain, Sentence.of("It sets softer, with less snap."))
                : plain;
    }

    /** Fats that do not bear each other: the rule of couvertures melted together. */
    private List<Sentence> foreignFats() {
        return CouvertureMixture.foreignFats(whole.composition().fractions());
    }

    private static FitFor no(final FitFor plain, final Sentence why) {
        return new FitFor(plain.job(), FitFor.Answer.NOT, plain.tempered(), why);
    }

    private static FitFor worse(final FitFor plain, final Sentence why) {
        return plain.answer() == FitFor.Answer.NOT
                ? plain
                : new FitFor(plain.job(), FitFor.Answer.NEAR, plain.tempered(), why);
    }

    /** What to do with it and what to keep in mind, in order. */
    public List<Sentence> says() {
        final List<Sentence> says = new ArrayList<>();
        if (clean()) {
            says.add(
                    Sentence.of(
                                    meltings == 1
                                            ? "Clean: let it set, chop it, temper it like new."
                                            : "Melted {times} times and clean: it loses nothing by"
                                                    + " that, as long as it never scorched. Temper it"
                                                    + " like new.")
                            .with("times", meltings, Unit.ONE));
            return says;
        }
        says.add(
                Sentence.of(
                        "Melt it and strain it while it is thin: what is solid in it stays in the"
                                + " sieve, what is dissolved and the allergens do not."));
        if (waterPercent > WATER_PERCENT.high()) {
            says.add(
                    Sentence.of(
                            seized()
                                    ? "It will not flow again: into a ganache, a sauce or a dough,"
                                            + " with its water counted."
                                    : "Its water does not leave it by melting: into a ganache or a"
                                            + " filling."));
        }
        // However little: what is moist in it spoils, thin as it flows.
        if (waterPercent > 0) {
            says.add(
                    Sentence.of(
                            "What holds crumbs of a filling goes off as that filling does: cold, and"
                                    + " within its days, or throw it away."));
        }
        return says;
    }
}
