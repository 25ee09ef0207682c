package palintone.core.casting.shell;

import java.util.List;
import java.util.Optional;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/**
 * A thin coat out of another bowl, cast first and so seen outside. The wall is cast onto it when
 * its shine has gone, and while it still bonds. One coat: what is thicker is a wall.
 *
 * @param bowl it is cast from
 * @param brushed into the moulds and not poured: as thin as is wished
 * @param waitS from full to turned
 * @param meanMm it comes to
 * @param earliestS the wall, after this has drained
 * @param latestS the wall: it still bonds
 * @param remark where it does not come to what is wanted
 */
public record OuterCoat(
        BowlAt bowl,
        boolean brushed,
        double waitS,
        double meanMm,
        double earliestS,
        double latestS,
        Optional<Sentence> remark) {

    /** Nearer than this to what was asked for is as asked for; ours. */
    private static final double NEAR_SHARE = 0.25;

    /**
     * What is wanted.
     *
     * @param bowl it is cast from
     * @param mm thick
     * @param brushed into the moulds and not poured
     */
    public record CoatWish(BowlAt bowl, double mm, boolean brushed) {}

    /** With what is left to cast into. */
    public record Cast(OuterCoat coat, CastSurface ground) {}

    /**
     * @param order of the wall; the coat is cast like it, from its own bowl
     * @throws palintone.core.figure.OutOfRangeException where it leaves no room
     */
    public static Cast cast(final CastOrder order, final CoatWish wish) {
        final ShellCast cast =
                new ShellCast(
                        new CastOrder(
                                wish.bowl(),
                                order.mould(),
                                Math.min(order.mouldC(), wish.bowl().temperatureC()),
                                order.roomC(),
                                order.vibration(),
                                order.drainS(),
                                order.rockedDegrees(),
                                Learned.NOTHING));
        if (wish.brushed()) {
            return brushed(cast, wish);
        }
        final double atOnceMm = cast.after(0).meanMm();
        final double waitS =
                atOnceMm >= wish.mm()
                        ? 0
                        : Math.min(
                                Coats.PATIENCE_S,
                                cast.waitForMean(wish.mm()).orElse(Coats.PATIENCE_S));
        final Coats.Coat coat = Coats.of(cast, List.of(waitS)).coats().get(0);
        final boolean near = Math.abs(coat.meanMm() - wish.mm()) <= NEAR_SHARE * wish.mm();
        return new Cast(
                new OuterCoat(
                        wish.bowl(),
                        false,
                        waitS,
                        coat.meanMm(),
                        coat.earliestS(),
                        coat.latestS(),
                        near
                                ? Optional.empty()
                                : Optional.of(
                                        Sentence.of(
                                                        "An outer coat of {wanted} cannot be had of"
                                                                + " this bowl in one casting: {is}. A more fluid"
                                                                + " couverture, or it is brushed into the mould.")
                                                .with("wanted", wish.mm(), Unit.MILLIMETRE)
                                                .with("is", coat.meanMm(), Unit.MILLIMETRE))),
                Coats.ground(cast, waitS));
    }

    /** As thin as it is wished, and as long to set as so much of it takes. */
    private static Cast brushed(final ShellCast cast, final CoatWish wish) {
        final Shell shell = cast.after(0);
        final StandingShell standing = new StandingShell(cast, shell, wish.mm(), Opening.DOWN);
        final double earliest = standing.whenSolidS(CalibratedCasting.BEGINS_SOLID);
        return new Cast(
                new OuterCoat(
                        wish.bowl(),
                        true,
                        0,
                        wish.mm(),
                        earliest,
                        Math.max(
                                earliest,
                                standing.whenSolidS(
                                        StandingShell.bondsSolid(wish.bowl().couverture()))),
                        Optional.empty()),
                Coats.ground(cast, shell, standing, earliest, wish.mm()));
    }
}
