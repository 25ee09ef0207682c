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
 * How long a filling keeps in its closed shell: a verdict, a range of days, the reason that sets
 * it, and what would lengthen it. Never a guarantee.
 *
 * <p>Where the food code's table asks for an assessment no days are given outside the cold: the
 * figure is then the days at 4 °C, and the verdict says so.
 *
 * @param keepCold whether it must be kept cold
 * @param verdict the same in words
 * @param days the figure, with its spread: at the storage temperature, or at 4 °C where it must be
 *     kept cold
 * @param reason what ends it
 * @param longer what would lengthen it
 * @param given what it was told by
 */
public record Life(
        boolean keepCold,
        Sentence verdict,
        Figure days,
        Sentence reason,
        List<Sentence> longer,
        LifeConditions given) {

    /**
     * Growth limits: most bacteria .90–.91, S. aureus .86, yeasts .88, moulds .80, xerophiles
     * .61–.65.
     */
    public static final Source GROWTH =
            Source.remembered(
                    "growth limits: Beuchat 1983; ICMSF: bacteria .90–.91, S. aureus .86, yeasts"
                            + " .88, moulds .80, xerophiles .61–.65");

    /** Cold enough for what must be kept cold, °C; common practice, no source. */
    public static final double COLD_C = 4;

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

    /** The careful end of the days in the cold; common practice, no source. */
    private static final double CAREFUL_COLD_DAYS = 3;

    /** Egg that was not heated enough: eaten the next day at the latest. */
    private static final double EGG_DAYS = 2;

    /** A pH reading may be off by so much; twice its margin. */
    private static final double READ_WITHIN = 0.2;

    public static Life of(final LifeConditions it) {
        return it.cold() ? inTheCold(it) : onTheShelf(it);
    }

    private static Life inTheCold(final LifeConditions it) {
        final double most =
                Math.min(
                        it.eggUnsafe() ? EGG_DAYS : FoodCode.MOST_COLD_DAYS,
                        growthDays(it, it.awHigh(), COLD_C));
        final double careful =
                Math.min(it.eggUnsafe() ? 1 : CAREFUL_COLD_DAYS, Math.max(1, most / 1.5));
        final Figure days =
                Figure.of(
                                "days in the cold",
                                careful,
                                Unit.DAY,
                                basis(
                                                it,
                                                "the shorter of the code's days in the cold and of"
                                                        + " quality there",
                                                COLD_C)
                                        .from(FoodCode.COLD_DAYS))
                        .spread(careful, most);
        return new Life(
                true,
                Sentence.of(
                                "Keep at {cold} or colder; not for the shelf until a laboratory has"
                                        + " assessed it.")
                        .with("cold", COLD_C, Unit.CELSIUS),
                days,
                whyCold(it),
                outOfTheCold(it),
                it);
    }

    private static Life onTheShelf(final LifeConditions it) {
        final double storageC = it.storageC();
        // Told by the highest it may be, as the verdict is.
        final double growth = growthDays(it, it.awHigh(), storageC);
        final double quality = qualityDays(it);
        final double crisp = it.crisp() && it.awHigh() > 0.45 ? 10 : Double.MAX_VALUE;
        final double end = Math.min(quality, crisp);
        final double days = Math.min(MOST_DAYS, Math.min(growth, end));
        final double low = Math.min(growth, end) / 1.5;
        final double high = Math.min(growthDays(it, it.aw(), storageC), end);
        final Figure figure =
                Figure.of(
                                "life",
                                days,
                                Unit.DAY,
                                basis(
                                                it,
                                                "the shortest of growth (by water activity, pH,"
                                                        + " alcohol, heat step, storage) and quality",
                                                storageC)
                                        .with("days until growth", Math.min(999, growth), Unit.DAY)
                                        .with("days of quality", quality, Unit.DAY))
                        .spread(Math.min(days, low), Math.min(MOST_DAYS, Math.max(days, high)))
                        .within(new Band(0, 21, MOST_DAYS, MOST_DAYS));
        final Sentence reason;
        if (days == crisp) {
            reason = Sentence.of("The crisp pieces take up water and go soft.");
        } else if (growth <= quality) {
            reason = slowGrower(it.awHigh());
        } else if (it.nuts() || it.freeOil() > 12) {
            reason =
                    Sentence.of(
                            "Oil wanders into the shell and turns rancid; nothing grows first.");
        } else {
            reason = Sentence.of("Taste and shine fade; nothing grows first.");
        }
        return new Life(
                false,
                Sentence.of(
                        it.awHigh() < FoodCode.highestAw(14)
                                ? "This filling is dry enough to stand outside the cold; a"
                                        + " laboratory and your local authority decide."
                                : "Its measured pH lets this filling stand outside the cold; a"
                                        + " laboratory and your local authority decide."),
                figure,
                reason,
                longer(it, growth <= quality),
                it);
    }

    private static Basis basis(
            final LifeConditions it, final String formula, final double storageC) {
        return Basis.of(formula)
                .with("water activity", it.aw(), Unit.ONE)
                .with("water activity, at most", it.awHigh(), Unit.ONE)
                .with(it.phMeasured() ? "pH, measured" : "pH, estimated", it.ph(), Unit.PH)
                .with("pH, at most", it.phHigh(), Unit.PH)
                .with(
                        it.phMeasured()
                                ? "the table's limit at this pH"
                                : "the table's limit while the pH is not measured",
                        it.standsBelow(),
                        Unit.ONE)
                .with("alcohol in the syrup", it.alcoholPercentOfSyrup(), Unit.PERCENT)
                .with("stored at", storageC, Unit.CELSIUS)
                .from(GROWTH)
                .from(DAYS)
                .from(FoodCode.SOURCE)
                .validFor(
                        "clean work, closed shell, even storage; a laboratory and the local"
                                + " authority decide",
                        true);
    }

    private static double growthDays(
            final LifeConditions it, final double aw, final double storageC) {
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
        double days = Math.exp(log) * Math.pow(Q10, (18 - storageC) / 10);
        if (it.phMeasured()) {
            days *= it.phHigh() < 4.2 ? 1.6 : it.phHigh() < 4.6 ? 1.3 : 1;
        }
        days *= 1 + Math.min(1.5, it.alcoholPercentOfSyrup() / 10);
        return it.heated() ? days : days * 0.6;
    }

    private static double qualityDays(final LifeConditions it) {
        double days = 365;
        if (it.nuts()) {
            days = Math.min(days, 120);
        }
        if (it.freeOil() > 12) {
            days = Math.min(days, 120 * 12 / it.freeOil());
        }
        if (it.dairy()) {
            days = Math.min(days, 180);
        }
        return days * Math.pow(1.8, (18 - it.storageC()) / 10);
    }

    private static Sentence whyCold(final LifeConditions it) {
        if (it.egg() == LifeConditions.Egg.RAW) {
            return Sentence.of(
                    "Raw egg that no heat has reached: use it at once or give it a heat step.");
        }
        if (it.egg() == LifeConditions.Egg.SHORT) {
            return Sentence.of(
                    "Egg heated less than the code's own step: use it at once or heat it longer.");
        }
        return Sentence.of(
                        it.phMeasured()
                                ? "Bacteria may grow in it outside the cold: its water activity may"
                                        + " reach {aw} and its pH {ph}, where the table of the food"
                                        + " code asks for an assessment."
                                : "Bacteria may grow in it outside the cold: its water activity may"
                                        + " reach {aw}, and its pH is only an estimate of up to"
                                        + " {ph}, which frees nothing.")
                .with("aw", it.awHigh(), Unit.ONE)
                .with("ph", it.phHigh(), Unit.PH);
    }

    /** What grows where bacteria are held back; never worded against the verdict. */
    private static Sentence slowGrower(final double aw) {
        if (aw >= 0.88) {
            return Sentence.of("Its acid holds bacteria back; yeasts and moulds set the days.");
        }
        if (aw > 0.80) {
            return Sentence.of("Moulds and some yeasts set the days: they grow above {limit}.")
                    .with("limit", 0.80, Unit.ONE);
        }
        return Sentence.of("Only moulds and yeasts of dry and sweet places can grow, slowly.");
    }

    private static List<Sentence> outOfTheCold(final LifeConditions it) {
        final List<Sentence> words = new ArrayList<>();
        if (it.eggUnsafe()) {
            words.add(Sentence.of("Temper the yolks and bring them back to the boil."));
        }
        if (it.table() == FoodCode.Says.ASSESS) {
            words.add(
                    Sentence.of(
                                    "To stand on the shelf its water activity, at most {now} today,"
                                            + " must come below {limit}: invert sugar or sorbitol for"
                                            + " sugar, less cream, or boil some water off.")
                            .with("now", it.awHigh(), Unit.ONE)
                            .with("limit", it.standsBelow(), Unit.ONE));
            words.add(measure(it));
        }
        words.add(
                Sentence.of("At {frozen} nothing grows; thawed, the days in the cold begin.")
                        .with("frozen", -18, Unit.CELSIUS));
        return words;
    }

    /** What a reading would have to be, and how it is taken. */
    private static Sentence measure(final LifeConditions it) {
        return Sentence.of(
                        "Measure it and note it here: the reading counts, an estimate does not. pH at"
                                + " {ph} or lower lets it stand as moist as it may be. Stir one part of"
                                + " the finished filling into one part of distilled water, read at"
                                + " 20 °C with a meter set on 4 and 7, in three places, and note the"
                                + " highest.")
                .with("ph", FoodCode.highestPh(it.awHigh()) - READ_WITHIN, Unit.PH);
    }

    private static List<Sentence> longer(final LifeConditions it, final boolean growthFirst) {
        final List<Sentence> words = new ArrayList<>();
        if (growthFirst && it.awHigh() > 0.80) {
            words.add(
                    Sentence.of(
                                    "Bring its water activity below {limit}: invert sugar or sorbitol for"
                                            + " sugar, less cream, or boil some water off.")
                            .with("limit", it.awHigh() > 0.86 ? 0.86 : 0.80, Unit.ONE));
        }
        if (!it.heated() && it.awHigh() > 0.8) {
            words.add(Sentence.of("Heat everything moist together, butter and fruit too."));
        }
        if (it.storageC() > 14) {
            words.add(
                    Sentence.of("Store at {cold}, wrapped, and let it come to the room wrapped.")
                            .with("cold", 14, Unit.CELSIUS));
        }
        if (it.nuts()) {
            words.add(
                    Sentence.of("A thicker shell, or a thin coat of cocoa butter, slows the oil."));
        }
        if (it.crisp()) {
            words.add(Sentence.of("Fold the crisp pieces into fat before they meet the ganache."));
        }
        return words;
    }
}
