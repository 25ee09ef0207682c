package palintone.core.filling.life;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * How long a filling keeps in its closed shell: a range, the reason that sets it, and what would
 * lengthen it. Never a guarantee.
 *
 * @param days the figure, with its spread
 * @param reason what ends it
 * @param longer what would lengthen it
 * @param table what the pH and water-activity table of the food code says
 */
public record Life(Figure days, Sentence reason, List<Sentence> longer, FoodCode.Says table) {

    /**
     * Growth limits: most bacteria .90–.91, S. aureus .86, yeasts .88, moulds .80, xerophiles
     * .61–.65.
     */
    public static final Source GROWTH =
            Source.remembered(
                    "growth limits: Beuchat 1983; ICMSF: bacteria .90–.91, S. aureus .86, yeasts"
                            + " .88, moulds .80, xerophiles .61–.65");

    private static final Source DAYS =
            Source.calibrated(
                    "days by water activity, set to fillings of days to three months (common"
                            + " practice, no source)");

    /** Water activity and the days it allows at 18 °C, clean work; straight in the logarithm. */
    private static final double[] AW = {
        0.60, 0.65, 0.70, 0.75, 0.80, 0.83, 0.86, 0.88, 0.91, 0.95, 1.0
    };

    private static final double[] DAYS_AT_18 = {400, 270, 180, 120, 75, 50, 35, 25, 14, 7, 3};
    private static final double Q10 = 2.2;

    /** Nobody should promise more than about a year; a longer life is said to be this. */
    private static final double MOST_DAYS = 400;

    /**
     * What it rests on.
     *
     * @param aw water activity with its range; aw of 0 for a filling without syrup
     * @param ph acidity
     * @param alcoholPercentOfSyrup ethanol in the syrup by mass
     * @param heated everything moist saw 72 °C after it went in
     * @param rawEgg raw egg without a heat step
     * @param storageC where the pieces will lie
     * @param freeOil share of liquid oil in the filling, %
     * @param nuts nuts or seeds in it
     * @param dairy milk in it
     * @param crisp crisp pieces beside moisture
     */
    public record Given(
            double aw,
            double awLow,
            double awHigh,
            double ph,
            double alcoholPercentOfSyrup,
            boolean heated,
            boolean rawEgg,
            double storageC,
            double freeOil,
            boolean nuts,
            boolean dairy,
            boolean crisp) {}

    public static Life of(final Given given) {
        final double growth = growthDays(given, given.aw());
        final double quality = qualityDays(given);
        final double crisp = given.crisp() && given.aw() > 0.45 ? 10 : Double.MAX_VALUE;
        double days = Math.min(MOST_DAYS, Math.min(Math.min(growth, quality), crisp));
        Sentence reason;
        if (given.rawEgg()) {
            days = Math.min(days, 2);
            reason =
                    Sentence.of(
                            "Raw egg that no heat has reached: use it at once or give it a heat"
                                    + " step.");
        } else if (days == crisp) {
            reason = Sentence.of("The crisp pieces take up water and go soft.");
        } else if (growth <= quality) {
            reason = grower(given.aw());
        } else if (given.nuts() || given.freeOil() > 12) {
            reason =
                    Sentence.of(
                            "Oil wanders into the shell and turns rancid; nothing grows first.");
        } else {
            reason = Sentence.of("Taste and shine fade; nothing grows first.");
        }
        final double low =
                Math.min(growthDays(given, given.awHigh()), Math.min(quality, crisp)) / 1.5;
        final double high =
                Math.min(growthDays(given, given.awLow()), Math.min(quality, crisp)) * 1.4;
        final Figure figure =
                Figure.of(
                                "life",
                                days,
                                Unit.DAY,
                                Basis.of(
                                                "the shortest of growth (by water activity, pH,"
                                                        + " alcohol, heat step, storage) and quality")
                                        .with("water activity", given.aw(), Unit.ONE)
                                        .with("pH, estimated", given.ph(), Unit.PH)
                                        .with(
                                                "alcohol in the syrup",
                                                given.alcoholPercentOfSyrup(),
                                                Unit.PERCENT)
                                        .with("stored at", given.storageC(), Unit.CELSIUS)
                                        .with("days until growth", Math.min(999, growth), Unit.DAY)
                                        .with("days of quality", quality, Unit.DAY)
                                        .from(GROWTH)
                                        .from(DAYS)
                                        .from(FoodCode.SOURCE)
                                        .validFor(
                                                "clean work, closed shell, even storage; a"
                                                        + " laboratory and the local authority decide",
                                                true))
                        .spread(
                                Math.min(days, given.rawEgg() ? 1 : low),
                                Math.min(MOST_DAYS, Math.max(days, given.rawEgg() ? 2 : high)))
                        .within(new Band(0, 21, MOST_DAYS, MOST_DAYS));
        return new Life(
                figure,
                reason,
                longer(given, growth <= quality),
                FoodCode.says(given.aw(), given.ph(), given.heated()));
    }

    private static double growthDays(final Given given, final double aw) {
        if (aw < AW[0]) {
            return 1000;
        }
        double log = Math.log(DAYS_AT_18[AW.length - 1]);
        for (int i = 1; i < AW.length; i++) {
            if (aw <= AW[i]) {
                final double along = (aw - AW[i - 1]) / (AW[i] - AW[i - 1]);
                log =
                        Math.log(DAYS_AT_18[i - 1])
                                + along * (Math.log(DAYS_AT_18[i]) - Math.log(DAYS_AT_18[i - 1]));
                break;
            }
        }
        double days = Math.exp(log) * Math.pow(Q10, (18 - given.storageC()) / 10);
        days *= given.ph() < 4.2 ? 1.6 : given.ph() < 4.6 ? 1.3 : 1;
        days *= 1 + Math.min(1.5, given.alcoholPercentOfSyrup() / 10);
        return given.heated() ? days : days * 0.6;
    }

    private static double qualityDays(final Given given) {
        double days = 365;
        if (given.nuts()) {
            days = Math.min(days, 120);
        }
        if (given.freeOil() > 12) {
            days = Math.min(days, 120 * 12 / given.freeOil());
        }
        if (given.dairy()) {
            days = Math.min(days, 180);
        }
        return days * Math.pow(1.8, (18 - given.storageC()) / 10);
    }

    private static Sentence grower(final double aw) {
        if (aw > 0.91) {
            return Sentence.of("Bacteria can grow: its water is freer than {limit}.")
                    .with("limit", 0.91, Unit.ONE);
        }
        if (aw > 0.86) {
            return Sentence.of("Staphylococci and yeasts can grow above {limit}.")
                    .with("limit", 0.86, Unit.ONE);
        }
        if (aw > 0.80) {
            return Sentence.of("Moulds and some yeasts can grow above {limit}.")
                    .with("limit", 0.80, Unit.ONE);
        }
        return Sentence.of("Only moulds and yeasts of dry and sweet places can grow, slowly.");
    }

    private static List<Sentence> longer(final Given given, final boolean growthFirst) {
        final List<Sentence> words = new ArrayList<>();
        if (given.rawEgg()) {
            words.add(Sentence.of("Temper the yolks and bring them back to the boil."));
        }
        if (growthFirst && given.aw() > 0.80) {
            words.add(
                    Sentence.of(
                                    "Bring its water activity below {limit}: invert sugar or sorbitol for"
                                            + " sugar, less cream, or boil some water off.")
                            .with("limit", given.aw() > 0.86 ? 0.86 : 0.80, Unit.ONE));
        }
        if (!given.heated() && given.aw() > 0.8) {
            words.add(Sentence.of("Heat everything moist together, butter and fruit too."));
        }
        if (given.storageC() > 14) {
            words.add(
                    Sentence.of("Store at {cold}, wrapped, and let it come to the room wrapped.")
                            .with("cold", 14, Unit.CELSIUS));
        }
        if (given.nuts()) {
            words.add(
                    Sentence.of("A thicker shell, or a thin coat of cocoa butter, slows the oil."));
        }
        if (given.crisp()) {
            words.add(Sentence.of("Fold the crisp pieces into fat before they meet the ganache."));
        }
        return words;
    }
}
