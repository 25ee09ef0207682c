package palintone.core.casting.learn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleBiFunction;
import palintone.core.casting.learn.ShellLearning.Weighing;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/**
 * What weighed shells say, in words.
 *
 * @param says of film and setting
 * @param drift where the newest are unlike the ones before
 * @param next what to weigh to know more
 */
public record WeighedShells(List<Sentence> says, Optional<Sentence> drift, Sentence next) {

    /** The newest so many against all before them. */
    private static final int NEWEST = 3;

    private static final int ENOUGH = 6;
    private static final double DRIFTED = 2.5;
    private static final double LONG_S = 300;
    private static final double KNOWN = 0.12;

    /**
     * A weighing with the spread it has: castings differ by 4 %, cavities by 6 % among themselves
     * (calibrated).
     *
     * @param shellsG of all cavities together
     * @throws OutOfRangeException when such cavities cannot hold that
     */
    public static Weighing weighing(
            final CastOrder order, final double waitS, final double shellsG, final int cavities) {
        final double brimG = order.mould().cavity().volumeMl() * order.bowl().kgPerM3() / 1000;
        Require.between(
                "weight of the shells", shellsG, 0.02 * brimG * cavities, brimG * cavities, "g");
        final double eachG = shellsG / cavities;
        return new Weighing(
                order,
                waitS,
                eachG,
                eachG
                        * Math.hypot(
                                CalibratedCasting.BETWEEN_SHARE,
                                CalibratedCasting.AMONG_SHARE / Math.sqrt(cavities)));
    }

    /**
     * @param newestFirst as they were noted
     * @param foretold weight of a shell cast so by what is known, g
     */
    public static WeighedShells of(
            final Learned learned,
            final List<Weighing> newestFirst,
            final ToDoubleBiFunction<Weighing, Learned> foretold) {
        final List<Sentence> says = new ArrayList<>();
        if (newestFirst.isEmpty()) {
            says.add(
                    Sentence.of(
                            "Nothing weighed yet of this mould, couverture and vibration: what is"
                                    + " foretold rests on the model alone."));
        } else {
            says.add(
                    Sentence.of(
                                    learned.yieldFactor() >= 1
                                            ? "More stays on the wall here than the model says: its yield"
                                                    + " value counts {factor} times, {low} to {high}."
                                            : "Less stays on the wall here than the model says: its yield"
                                                    + " value counts {factor} times, {low} to {high}.")
                            .with("factor", learned.yieldFactor(), Unit.ONE)
                            .with(
                                    "low",
                                    far(learned.yieldFactor(), -learned.yieldSpread()),
                                    Unit.ONE)
                            .with(
                                    "high",
                                    far(learned.yieldFactor(), learned.yieldSpread()),
                                    Unit.ONE));
            if (learned.heatSpread() > 0.8 * Learned.NOTHING.heatSpread()) {
                says.add(
                        Sentence.of(
                                "How fast it sets while it waits is not known from these: the waits"
                                        + " were too short to tell."));
            } else {
                says.add(
                        Sentence.of(
                                        "It sets {factor} times as fast as the model says, {low} to {high}.")
                                .with("factor", learned.heatFactor(), Unit.ONE)
                                .with(
                                        "low",
                                        far(learned.heatFactor(), -learned.heatSpread()),
                                        Unit.ONE)
                                .with(
                                        "high",
                                        far(learned.heatFactor(), learned.heatSpread()),
                                        Unit.ONE));
            }
        }
        return new WeighedShells(
                List.copyOf(says),
                drift(newestFirst, learned, foretold),
                next(learned, newestFirst));
    }

    private static double far(final double factor, final double spread) {
        return factor * Math.exp(ShellAnswer.EIGHT_IN_TEN * spread);
    }

    private static Optional<Sentence> drift(
            final List<Weighing> newestFirst,
            final Learned learned,
            final ToDoubleBiFunction<Weighing, Learned> foretold) {
        if (newestFirst.size() < ENOUGH) {
            return Optional.empty();
        }
        double newest = 0;
        double before = 0;
        double sure = 0;
        for (int i = 0; i < newestFirst.size(); i++) {
            final Weighing one = newestFirst.get(i);
            final double off = one.eachG() / foretold.applyAsDouble(one, learned) - 1;
            final double spread = one.spreadG() / one.eachG();
            if (i < NEWEST) {
                newest += off / NEWEST;
                sure += spread * spread / NEWEST / NEWEST;
            } else {
                final int older = newestFirst.size() - NEWEST;
                before += off / older;
                sure += spread * spread / older / older;
            }
        }
        if (Math.abs(newest - before) < DRIFTED * Math.sqrt(sure)) {
            return Optional.empty();
        }
        return Optional.of(
                Sentence.of(
                                newest > before
                                        ? "The last three weigh {by} more than the ones before:"
                                                + " another bag, a cooler bowl, or less shaking?"
                                        : "The last three weigh {by} less than the ones before:"
                                                + " another bag, a warmer bowl, or more shaking?")
                        .with("by", Math.abs(newest - before) * 100, Unit.PERCENT));
    }

    private static Sentence next(final Learned learned, final List<Weighing> weighed) {
        if (weighed.isEmpty()) {
            return Sentence.of(
                    "Weigh one mould empty and with its shells: that alone halves the margin.");
        }
        if (learned.heatSpread() > 0.8 * Learned.NOTHING.heatSpread()) {
            return Sentence.of(
                            "To know how it sets, leave one mould for {long} and weigh it: short waits"
                                    + " say nothing of it.")
                    .with("long", LONG_S / 60, Unit.MINUTE);
        }
        if (learned.yieldSpread() > KNOWN) {
            return Sentence.of(
                    "A few more moulds turned soon after filling would narrow the film.");
        }
        return Sentence.of("Known well. Weigh one mould now and then: a new bag shows at once.");
    }
}
