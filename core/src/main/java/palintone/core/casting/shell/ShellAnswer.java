package palintone.core.casting.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.pour.MouldWall;
import palintone.core.casting.pour.Vibration;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.temper.Verdict;
import palintone.core.temper.flow.FluidityClass;

/**
 * What a casting comes to, asked either way: the shell of a wait, or the wait for a shell; with its
 * range, how much hangs on what, and what speaks against it.
 *
 * @param shell it leaves
 * @param found whether there is a wait for what was wanted; where not, the nearest is shown
 * @param waiting from full to turned
 * @param mean thickness of an even shell of the same chocolate
 * @param thinnest least of all places
 * @param mass of one shell
 * @param perTenSecondsMm more for ten seconds longer
 * @param perMouldKelvinMm more for a mould one kelvin colder
 * @param growth mean thickness by the wait
 * @param remarks what a maker should know before casting
 */
public record ShellAnswer(
        Shell shell,
        boolean found,
        Figure waiting,
        Figure mean,
        Figure thinnest,
        Figure mass,
        double perTenSecondsMm,
        double perMouldKelvinMm,
        List<Growth> growth,
        List<Sentence> remarks) {

    /** Eight castings in ten lie within so many standard deviations. */
    public static final double EIGHT_IN_TEN = 1.28;

    private static final double[] GROWTH_S = {0, 60, 120, 240, 420, 600, 900};
    private static final double TEN_S = 10;

    /** A small shell below this breaks as it is turned out; common practice, no source. */
    private static final double LEAST_MM = 1.0;

    /** And so much more for each millimetre that a cavity is wider than 40. */
    private static final double LEAST_PER_WIDE = 0.012;

    private static final double SMALL_WIDE_MM = 40;

    /**
     * Thickness after a wait.
     *
     * @param waitS seconds
     * @param meanMm thickness
     * @param thinnestMm at its thinnest
     */
    public record Growth(double waitS, double meanMm, double thinnestMm) {}

    /** What is asked for; one of the three. */
    public enum Asked {
        WAIT,
        MEAN,
        MASS
    }

    /**
     * @param asked which of the three the number is
     * @param value s, mm or g
     */
    public static ShellAnswer of(final CastOrder order, final Asked asked, final double value) {
        final ShellCast cast = new ShellCast(order);
        final OptionalDouble wanted = found(cast, asked, value);
        final Shell none = cast.after(0);
        final double waitS = wanted.orElseGet(() -> nearestS(none, asked, value));
        final Shell shell = cast.after(waitS);
        final double spreadMm = EIGHT_IN_TEN * spreadMm(cast, shell);
        final double more =
                cast.after(Math.min(ShellCast.LONGEST_WAIT_S, waitS + TEN_S)).meanMm()
                        - shell.meanMm();
        final double colder = Math.max(0, order.mouldC() - 1);
        final double perKelvin =
                order.mouldC() < 1
                        ? 0
                        : new ShellCast(order.mouldAt(colder)).after(waitS).meanMm()
                                - shell.meanMm();
        final List<Growth> growth = new ArrayList<>();
        for (final double s : GROWTH_S) {
            final Shell then = cast.after(s);
            growth.add(new Growth(s, then.meanMm(), then.thinnestMm()));
        }
        return new ShellAnswer(
                shell,
                wanted.isPresent(),
                wait(waitS, asked, spreadMm, more),
                mean(order, shell, spreadMm),
                thinnest(order, shell),
                mass(order, shell, spreadMm),
                more,
                perKelvin,
                List.copyOf(growth),
                remarks(cast, shell, wanted.isPresent(), none, value, asked));
    }

    private static OptionalDouble found(
            final ShellCast cast, final Asked asked, final double value) {
        return switch (asked) {
            case WAIT -> OptionalDouble.of(value);
            case MEAN -> cast.waitForMean(value);
            case MASS -> cast.waitForMass(value);
        };
    }

    private static double nearestS(final Shell atOnce, final Asked asked, final double value) {
        return switch (asked) {
            case WAIT -> 0;
            case MEAN -> atOnce.meanMm() > value ? 0 : ShellCast.LONGEST_WAIT_S;
            case MASS -> atOnce.massG() > value ? 0 : ShellCast.LONGEST_WAIT_S;
        };
    }

    /** The wait for what is asked, or the nearest there is, s; nothing else is computed. */
    public static double waitS(final ShellCast cast, final Asked asked, final double value) {
        return found(cast, asked, value).orElseGet(() -> nearestS(cast.after(0), asked, value));
    }

    /** By how much it may be off, one standard deviation, from what is not known of the bowl. */
    public static double spreadMm(final ShellCast cast, final Shell shell) {
        final Learned known = cast.order().learned();
        final double yield =
                cast.with(known.times(Math.exp(known.yieldSpread()), 1))
                                .after(shell.waitS())
                                .meanMm()
                        - shell.meanMm();
        final double heat =
                cast.with(known.times(1, Math.exp(known.heatSpread())))
                                .after(shell.waitS())
                                .meanMm()
                        - shell.meanMm();
        // And one casting is not the next.
        return Math.hypot(
                Math.hypot(yield, heat), CalibratedCasting.BETWEEN_SHARE * shell.meanMm());
    }

    private static Figure wait(
            final double waitS, final Asked asked, final double spreadMm, final double more) {
        final Figure figure =
                Figure.of(
                        "wait, full to turned",
                        waitS,
                        Unit.SECOND,
                        Basis.of("the wait that leaves this shell once it has drained")
                                .from(ShellCast.SOURCE));
        if (asked == Asked.WAIT) {
            return figure;
        }
        final double spreadS = spreadMm / Math.max(more / TEN_S, 1e-4);
        return figure.spread(
                Math.max(0, waitS - spreadS), Math.min(ShellCast.LONGEST_WAIT_S, waitS + spreadS));
    }

    private static Basis basis(final CastOrder order) {
        final BowlAt bowl = order.bowl();
        final Basis basis =
                Basis.of(
                                "film that drains (Casson, down the wall) over what has set (heat"
                                        + " and crystals from the mould in)")
                        .with("bowl", bowl.temperatureC(), Unit.CELSIUS)
                        .with(
                                "stable crystals, of the fat",
                                bowl.crystals().stable() * 100,
                                Unit.PERCENT)
                        .with("yield value there", bowl.flow().yieldPa(), Unit.PASCAL)
                        .with(
                                "plastic viscosity there",
                                bowl.flow().plasticPaS(),
                                Unit.PASCAL_SECOND)
                        .with("mould", order.mouldC(), Unit.CELSIUS)
                        .with("drained for", order.drainS(), Unit.SECOND)
                        .with("yield factor", order.learned().yieldFactor(), Unit.ONE)
                        .with("setting factor", order.learned().heatFactor(), Unit.ONE)
                        .from(ShellCast.SOURCE)
                        .from(FluidityClass.SOURCE)
                        .from(Vibration.SOURCE);
        return order.learned().weighings() > 0
                ? basis.from(
                        Source.workshop(order.learned().weighings() + " weighings of such shells"))
                : basis.from(Learned.PRIOR);
    }

    private static Figure mean(final CastOrder order, final Shell shell, final double spreadMm) {
        return Figure.of("mean thickness", shell.meanMm(), Unit.MILLIMETRE, basis(order))
                .spread(Math.max(0, shell.meanMm() - spreadMm), shell.meanMm() + spreadMm);
    }

    private static Figure thinnest(final CastOrder order, final Shell shell) {
        return Figure.of("thinnest place", shell.thinnestMm(), Unit.MILLIMETRE, basis(order));
    }

    private static Figure mass(final CastOrder order, final Shell shell, final double spreadMm) {
        final double perMm = shell.massG() / Math.max(0.1, shell.meanMm());
        return Figure.of("one shell", shell.massG(), Unit.GRAM, basis(order))
                .spread(
                        Math.max(0, shell.massG() - spreadMm * perMm),
                        shell.massG() + spreadMm * perMm);
    }

    /** Thinner than this a shell of that mould breaks, mm. */
    static double leastMm(final CastOrder order) {
        final double wide = 2000 * MouldWall.reachM(order.mould().cavity());
        return LEAST_MM + Math.max(0, wide - SMALL_WIDE_MM) * LEAST_PER_WIDE;
    }

    private static List<Sentence> remarks(
            final ShellCast cast,
            final Shell shell,
            final boolean found,
            final Shell atOnce,
            final double value,
            final Asked asked) {
        final CastOrder order = cast.order();
        final List<Sentence> remarks = new ArrayList<>();
        temper(order.bowl()).ifPresent(remarks::add);
        if (sets(order.bowl()) && cast.meltedAway(shell.waitS())) {
            remarks.add(
                    Sentence.of(
                                    "At {bowl} its crystals melt while it stands: the temper is lost,"
                                            + " and the shell will not set nor come out.")
                            .with("bowl", order.bowl().temperatureC(), Unit.CELSIUS));
        }
        if (!found) {
            remarks.add(notFound(cast, atOnce, value, asked));
        }
        if (cast.willNotFlowOut(shell)) {
            remarks.add(
                    Sentence.of(
                                    "After {wait} so much has set, {set} from the wall, that the rest"
                                            + " does not flow out any more: it is cast full.")
                            .with("wait", shell.waitS(), Unit.SECOND)
                            .with("set", shell.setMm(), Unit.MILLIMETRE));
        }
        final double least = leastMm(order);
        if (shell.thinnestMm() < least) {
            remarks.add(
                    Sentence.of(
                                    "Thinnest {thin}: too thin to turn out of this mould, where at"
                                            + " least {least} is wanted. Thicker couverture, a cooler"
                                            + " bowl, less shaking, a longer wait, or a second coat.")
                            .with("thin", shell.thinnestMm(), Unit.MILLIMETRE)
                            .with("least", least, Unit.MILLIMETRE));
        }
        return List.copyOf(remarks);
    }

    private static Optional<Sentence> temper(final BowlAt bowl) {
        return switch (bowl.temper()) {
            case NONE, UNDER ->
                    Optional.of(
                            Sentence.of(
                                            "This bowl is not in temper, {stable} of its fat stable:"
                                                    + " the shell will not set nor come out. Shown as if it"
                                                    + " did.")
                                    .with("stable", bowl.crystals().stable() * 100, Unit.PERCENT));
            case OVER ->
                    Optional.of(
                            Sentence.of(
                                            "This bowl is over-tempered, {solid} of its fat solid: it"
                                                    + " pours thick and sets before it has drained.")
                                    .with("solid", bowl.crystals().solid() * 100, Unit.PERCENT));
            default -> Optional.empty();
        };
    }

    private static Sentence notFound(
            final ShellCast cast, final Shell atOnce, final double value, final Asked asked) {
        final boolean mass = asked == Asked.MASS;
        final Unit unit = mass ? Unit.GRAM : Unit.MILLIMETRE;
        final double least = mass ? atOnce.massG() : atOnce.meanMm();
        if (least > value) {
            return Sentence.of(
                            "No wait leaves {wanted}: turned at once it is {least} already. Drain"
                                    + " longer, shake it, or take a thinner couverture.")
                    .with("wanted", value, unit)
                    .with("least", least, unit);
        }
        final Shell last = cast.after(ShellCast.LONGEST_WAIT_S);
        return Sentence.of(
                        "No wait leaves {wanted}: after {longest} it is {most}. A thicker couverture,"
                                + " a cooler mould or bowl, or a second coat.")
                .with("wanted", value, unit)
                .with("longest", ShellCast.LONGEST_WAIT_S / 60, Unit.MINUTE)
                .with("most", mass ? last.massG() : last.meanMm(), unit);
    }

    /** Whether the bowl sets at all. */
    public static boolean sets(final BowlAt bowl) {
        return bowl.temper() != Verdict.NONE && bowl.temper() != Verdict.UNDER;
    }
}
