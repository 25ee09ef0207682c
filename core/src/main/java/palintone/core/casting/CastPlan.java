package palintone.core.casting;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.cold.Released;
import palintone.core.casting.cold.ShellCooling;
import palintone.core.casting.fill.CapSetting;
import palintone.core.casting.fill.WarmestFill;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Bubbles;
import palintone.core.casting.pour.MouldWall;
import palintone.core.casting.pour.MouldWarmth;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.CastSurface;
import palintone.core.casting.shell.Coats;
import palintone.core.casting.shell.Draining;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.Opening;
import palintone.core.casting.shell.OuterCoat;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.Range;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.heat.RoomAir;

/**
 * Everything the clock asks of a batch of shells, from the warm mould to the cap that lets go: what
 * the tasks at the bench are timed by.
 *
 * @param order as it is cast: its shaking is what suits the thickness, its mould within the band
 * @param outer cast before it out of another bowl; empty where there is none
 * @param warmth the mould should have
 * @param bubbles while it stands full
 * @param coats one or more, with their waits
 * @param waitS of each coat, the range of what is not known of the bowl
 * @param draining until it is scraped
 * @param cooling when it moves and when it lets go
 * @param releaseS in the cold until it lets go, as this workshop has it
 * @param warmestFillC no filling is to be warmer
 * @param cap over it; empty where there is none
 * @param remarks what a maker should know before casting
 */
public record CastPlan(
        CastOrder order,
        Optional<OuterCoat> outer,
        MouldWarmth warmth,
        Bubbles bubbles,
        Coats coats,
        Range waitS,
        Draining draining,
        ShellCooling cooling,
        Range releaseS,
        double warmestFillC,
        Optional<CapSetting> cap,
        List<Sentence> remarks) {

    /** A full mould is shaken so long, if it may stand so long; common practice, no source. */
    private static final double SHAKEN_S = 50;

    private static final double LEAST_SHAKEN_S = 20;

    /** Nearer than this to what was asked for is as asked for; ours. */
    private static final double NEAR_SHARE = 0.03;

    /** The lists are copied. */
    public CastPlan {
        remarks = List.copyOf(remarks);
    }

    /**
     * What is wanted of it.
     *
     * @param shellMm mean thickness, an outer coat with it, 0.2 to 20 mm
     * @param outer a first coat of another couverture; empty for none
     * @param cap the cap and what lies below it; empty for a hollow or open piece
     * @param load the cabinet all of it goes into
     * @param room its dew point is the least a mould may have
     * @param released what turned out moulds say
     */
    public record Wish(
            double shellMm,
            Optional<OuterCoat.CoatWish> outer,
            Optional<Capped> cap,
            CabinetLoad load,
            RoomAir room,
            Released released) {

        /**
         * @throws palintone.core.figure.OutOfRangeException when the shell is impossible
         */
        public Wish {
            Require.between("shell thickness", shellMm, 0.2, 20, "mm");
        }
    }

    /** All that stays on the wall, an outer coat with it, mm. */
    public double wallMm() {
        return outer.map(OuterCoat::meanMm).orElse(0.0) + coats.together().meanMm();
    }

    /**
     * A cap.
     *
     * @param bowl it comes out of
     * @param mm thick
     * @param below it
     */
    public record Capped(BowlAt bowl, double mm, CapSetting.Below below) {}

    /**
     * @param asked with the shaking that is usual there; where no wait comes to the thickness so,
     *     more or less of it is taken
     */
    public static CastPlan of(final CastOrder asked, final Wish wish) {
        return of(asked, wish, CastOrder::learned);
    }

    /**
     * @param known what has been weighed of a casting, by its shaking
     */
    public static CastPlan of(
            final CastOrder asked, final Wish wish, final Function<CastOrder, Learned> known) {
        // What meets the bare mould decides how warm that is.
        final MouldWarmth warmth =
                MouldWarmth.of(
                        wish.outer().map(OuterCoat.CoatWish::bowl).orElse(asked.bowl()),
                        asked.mould(),
                        asked.roomC(),
                        wish.room().dewPoint().value());
        final double mouldC = Math.max(warmth.fromC(), Math.min(warmth.toC(), asked.mouldC()));
        final CastOrder warmed = asked.mouldAt(Math.min(asked.bowl().temperatureC(), mouldC));
        final Optional<OuterCoat.Cast> outer =
                wish.outer().map(coat -> OuterCoat.cast(warmed, coat));
        final Chosen chosen =
                Chosen.of(
                        warmed,
                        outer.map(OuterCoat.Cast::ground)
                                .orElse(CastSurface.bare(warmed.mould(), warmed.mouldC())),
                        Math.max(
                                0.2,
                                wish.shellMm() - outer.map(o -> o.coat().meanMm()).orElse(0.0)),
                        known);
        final ShellCast cast = chosen.cast;
        final CastOrder order = cast.order();
        final Coats coats = chosen.coats;
        final Shell first = cast.after(coats.coats().get(0).waitS());
        final double fillingJ =
                wish.cap()
                        .map(cap -> cap.below().heatJPerMlK())
                        .orElse(WarmestFill.USUAL_FILLING_J_PER_ML_K);
        final double mostMm = MouldWall.reachM(order.mould().cavity()) * 1000 * 0.9;
        // All coats as if the last had just been cast: it errs to the longer side.
        final ShellCooling cooling =
                ShellCooling.of(cast, coats.together(), -1, wish.load(), Opening.UP);
        return new CastPlan(
                order,
                outer.map(OuterCoat.Cast::coat),
                warmth,
                Bubbles.of(
                        order.bowl(),
                        // However it drains, a full mould is shaken.
                        asked.vibration() == Vibration.NONE ? Vibration.TAPPED : asked.vibration(),
                        order.mould().cavity().depthMm(),
                        Math.max(LEAST_SHAKEN_S, Math.min(SHAKEN_S, coats.coats().get(0).waitS()))),
                coats,
                waits(cast, coats.coats().get(0).waitS()),
                Draining.of(cast, first, Draining.Stands.RACK),
                cooling,
                wish.released().of(cooling.releaseS()),
                WarmestFill.of(
                                order.bowl().couverture(),
                                order.mould(),
                                Math.min(mostMm, coats.together().meanMm()),
                                Math.min(28, order.roomC()),
                                order.roomC(),
                                fillingJ)
                        .advisedC(),
                wish.cap()
                        .map(
                                cap ->
                                        CapSetting.of(
                                                cap.bowl(),
                                                cap.mm(),
                                                cap.below(),
                                                order.roomC(),
                                                wish.load())),
                Stream.concat(
                                outer.stream().flatMap(o -> o.coat().remark().stream()),
                                chosen.remarks.stream())
                        .toList());
    }

    private static Range waits(final ShellCast cast, final double waitS) {
        final Shell shell = cast.after(waitS);
        final double spreadMm = ShellAnswer.EIGHT_IN_TEN * ShellAnswer.spreadMm(cast, shell);
        final double longer = Math.min(ShellCast.LONGEST_WAIT_S, waitS + 20);
        final double perS =
                Math.max(
                        1e-4,
                        (cast.after(longer).meanMm() - shell.meanMm())
                                / Math.max(1, longer - waitS));
        final double spreadS = spreadMm / perS;
        return new Range(
                Math.max(0, waitS - spreadS),
                Math.max(waitS, Math.min(ShellCast.LONGEST_WAIT_S, waitS + spreadS)));
    }

    /** What at once is thicker by no more than this is what was wanted, before any weighing. */
    private static final double UNSURE_SHARE = 0.25;

    /** And after some. */
    private static final double WEIGHED_SHARE = 0.1;

    /** The waits that suit. */
    private record Chosen(ShellCast cast, Coats coats, List<Sentence> remarks) {

        /**
         * The simplest that gives what is wanted: turned at once, waited, in coats; shaken as it is
         * here, and no other way: a table nobody has is no plan, and a wait that only makes good
         * what the shaking took is none either.
         */
        static Chosen of(
                final CastOrder asked,
                final CastSurface ground,
                final double wantedMm,
                final Function<CastOrder, Learned> known) {
            final Learned learned = known.apply(asked);
            final ShellCast cast = new ShellCast(asked.learning(learned), ground);
            final double atOnceMm = cast.after(0).meanMm();
            if (atOnceMm >= wantedMm) {
                return atOnceMm <= wantedMm * (1 + tolerance(learned))
                        ? one(cast, 0, List.of())
                        : one(cast, 0, thicker(cast, wantedMm));
            }
            final OptionalDouble wait = wait(cast, wantedMm);
            if (wait.isPresent()) {
                return one(cast, wait.getAsDouble(), List.of());
            }
            final Coats.Nearest coats = Coats.nearest(cast, wantedMm);
            return new Chosen(
                    cast,
                    coats.coats(),
                    coats.met() ? List.of() : List.of(Coats.cannotBe(cast, coats, wantedMm)));
        }

        /** The model is no surer than that: a quarter before anything is weighed, then less. */
        private static double tolerance(final Learned learned) {
            return learned.weighings() == 0 ? UNSURE_SHARE : WEIGHED_SHARE;
        }

        private static OptionalDouble wait(final ShellCast cast, final double wantedMm) {
            if (Math.abs(cast.after(0).meanMm() - wantedMm) < NEAR_SHARE * wantedMm) {
                return OptionalDouble.of(0);
            }
            final OptionalDouble wait = cast.waitForMean(wantedMm);
            return wait.isPresent() && wait.getAsDouble() <= Coats.PATIENCE_S
                    ? wait
                    : OptionalDouble.empty();
        }

        private static Chosen one(
                final ShellCast cast, final double waitS, final List<Sentence> remarks) {
            return new Chosen(cast, Coats.of(cast, List.of(waitS)), remarks);
        }

        private static List<Sentence> thicker(final ShellCast cast, final double wantedMm) {
            return List.of(
                    Sentence.of(
                                    "This bowl leaves {least} even turned at once, not {wanted}."
                                            + " Drain longer, or take a thinner couverture.")
                            .with("least", cast.after(0).meanMm(), Unit.MILLIMETRE)
                            .with("wanted", wantedMm, Unit.MILLIMETRE));
        }
    }
}
