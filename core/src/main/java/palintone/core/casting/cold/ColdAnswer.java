package palintone.core.casting.cold;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Opening;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Range;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.heat.AirFlow;
import palintone.core.heat.RoomAir;

/**
 * One way through the cold, in words and figures.
 *
 * @param begins when it may go into the cold, after draining
 * @param latest and when it must
 * @param release in the cold, until it lets go; empty figures are left out where it never does
 * @param firm in the cold
 * @param warmest of the chocolate in there
 * @param cooling how it went
 * @param leaving the cold again
 * @param remarks what speaks against it
 */
public record ColdAnswer(
        Figure begins,
        Figure latest,
        Optional<Figure> release,
        Optional<Figure> firm,
        Figure warmest,
        ShellCooling cooling,
        LeavingCold leaving,
        List<Sentence> remarks) {

    /** Less than this of what is solid in form V, it is not tempered chocolate; ours. */
    private static final double MOSTLY_STABLE = 0.8;

    private static final double UNEVEN_MM = 0.1;

    /**
     * @param movedS after draining it goes into the cold; negative: when it begins to set
     * @param released what turned out moulds say of the time it takes
     */
    public static ColdAnswer of(
            final ShellCast cast,
            final Shell shell,
            final double movedS,
            final CabinetLoad load,
            final Opening opening,
            final RoomAir room,
            final Released released) {
        final ShellCooling c = ShellCooling.of(cast, shell, movedS, load, opening);
        final CastOrder order = cast.order();
        final double surfaceCm2 =
                (order.mould().cavity().wallAreaMm2() + order.mould().cavity().rimAreaMm2()) / 100;
        final LeavingCold leaving =
                LeavingCold.of(
                        order.bowl().couverture(),
                        Math.max(0.5, shell.massG()),
                        Math.max(0.5, surfaceCm2),
                        load.airC(),
                        room);
        final Basis basis =
                Basis.of("heat, crystals and shrinking through mould and shell")
                        .with("shell", shell.meanMm(), Unit.MILLIMETRE)
                        .with("cabinet", load.airC(), Unit.CELSIUS)
                        .with("moulds in it", load.moulds(), Unit.MOULD)
                        .with("cooling power", load.coolingW(), Unit.WATT)
                        .from(ShellCooling.SOURCE)
                        .from(AirFlow.SOURCE)
                        .from(CabinetLoad.SOURCE)
                        .with("release factor", released.factor(), Unit.ONE)
                        .from(Contraction.SOURCE)
                        .from(Released.SOURCE);
        final Range release = released.of(c.releaseS());
        // Unstable forms hardly shrink: what does not set well does not let go.
        final boolean tempered = tempered(cast, shell, c);
        return new ColdAnswer(
                minutes("begins to set, after draining", c.beginsS(), basis),
                minutes("into the cold at the latest", c.latestS(), basis),
                tempered && Double.isFinite(release.low())
                        ? Optional.of(
                                minutes("lets go, in the cold", release.low(), basis)
                                        .spread(
                                                release.low() / 60,
                                                Math.min(60, release.high() / 60)))
                        : Optional.empty(),
                tempered && Double.isFinite(c.firmS())
                        ? Optional.of(minutes("firm, in the cold", c.firmS(), basis))
                        : Optional.empty(),
                Figure.of("warmest inside, in the cold", c.warmestInsideC(), Unit.CELSIUS, basis),
                c,
                leaving,
                remarks(cast, shell, c, load, leaving));
    }

    private static boolean tempered(
            final ShellCast cast, final Shell shell, final ShellCooling cooling) {
        return ShellAnswer.sets(cast.order().bowl())
                && !cast.meltedAway(shell.waitS())
                && cooling.stableShare() >= MOSTLY_STABLE;
    }

    private static Figure minutes(final String name, final double seconds, final Basis basis) {
        return Figure.of(name, Math.min(60, seconds / 60), Unit.MINUTE, basis);
    }

    private static List<Sentence> remarks(
            final ShellCast cast,
            final Shell shell,
            final ShellCooling c,
            final CabinetLoad load,
            final LeavingCold leaving) {
        final List<Sentence> remarks = new ArrayList<>();
        final boolean tempered = tempered(cast, shell, c);
        if (!tempered) {
            remarks.add(
                    Sentence.of(
                            "Not in temper: it sets in unstable forms, soft and dull, and stays in"
                                    + " the mould."));
        }
        if (c.movedS() < c.beginsS() - 30) {
            remarks.add(
                    Sentence.of(
                                    "Into the cold {early} before it begins to set: it sticks and"
                                            + " spots.")
                            .with(
                                    "early",
                                    (Math.min(3600, c.beginsS()) - c.movedS()) / 60,
                                    Unit.MINUTE));
        }
        if (c.movedS() > c.latestS()) {
            remarks.add(
                    Sentence.of(
                                    "It stands {late} too long in the warm: much has set slowly, look for"
                                            + " grey.")
                            .with("late", (c.movedS() - c.latestS()) / 60, Unit.MINUTE));
        }
        final double slowMin =
                Math.max(
                        CalibratedCasting.GREY_LEAST_MIN,
                        CalibratedCasting.GREY_MIN_PER_MM * shell.meanMm());
        if (c.firmS() / 60 > slowMin) {
            remarks.add(
                    Sentence.of("Sets too slowly, not within {slow}: risk of grey.")
                            .with("slow", slowMin, Unit.MINUTE));
        }
        if (c.fastestKPerMin() > CalibratedCasting.FAST_K_PER_MIN) {
            remarks.add(
                    Sentence.of("Cools by {fast} a minute: risk of spots and cracks.")
                            .with("fast", c.fastestKPerMin(), Unit.KELVIN));
        }
        if (tempered && !Double.isFinite(c.releaseS().low())) {
            remarks.add(
                    Sentence.of(
                            "It does not let go within an hour. Fewer moulds at once, a colder or"
                                    + " stronger cabinet, moving air."));
        }
        if (c.airWarmestC() > load.airC() + 3) {
            remarks.add(
                    Sentence.of(
                                    "{moulds} at once warm the cabinet from {set} to {warm}, {last} at"
                                            + " the last shelf: more than it can take.")
                            .with("moulds", load.moulds(), Unit.MOULD)
                            .with("set", load.airC(), Unit.CELSIUS)
                            .with("warm", c.airWarmestC(), Unit.CELSIUS)
                            .with("last", c.lastShelfC(), Unit.CELSIUS));
        }
        if (c.unevenMm() > UNEVEN_MM) {
            remarks.add(
                    Sentence.of(
                                    "Floor and wall shrink by {uneven} apart as it lets go: give it"
                                            + " longer, or it cracks.")
                            .with("uneven", c.unevenMm(), Unit.MILLIMETRE));
        }
        if (leaving.coveredS() > 0) {
            remarks.add(
                    Sentence.of(
                                    "Colder than the dew point of {dew}: leave it covered for {cover},"
                                            + " or each gathers {water} mg of water and blooms. Longer than"
                                            + " {over} in the cold after it lets go gains nothing.")
                            .with("dew", leaving.dewPointC(), Unit.CELSIUS)
                            .with("cover", Math.ceil(leaving.coveredS() / 60), Unit.MINUTE)
                            .with("water", leaving.waterMg(), Unit.ONE)
                            .with("over", CalibratedCasting.OVERLONG_MIN, Unit.MINUTE));
        }
        return List.copyOf(remarks);
    }
}
