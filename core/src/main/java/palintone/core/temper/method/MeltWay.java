package palintone.core.temper.method;

import java.util.Optional;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.temper.Couverture;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.HeatSink;
import palintone.core.temper.crystal.Shear;

/**
 * What a bowl is melted with.
 *
 * @param kind what gives the heat
 * @param setting °C of the water or the oven, 50 to 100 and 50 to 120; watts of the heat gun, 300
 *     to 3000; nothing with bursts, which are of the heat in the House rules
 */
public record MeltWay(WayKind kind, double setting) {

    /** What gives the heat. */
    public enum WayKind {
        BURSTS("in bursts"),
        HEAT_GUN("with a heat gun"),
        WATER_BATH("over hot water"),
        OVEN("in a warm oven");

        private final String words;

        WayKind(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether it gives watts, and not a temperature it goes towards. */
        public boolean electric() {
            return this == BURSTS || this == HEAT_GUN;
        }
    }

    /** In bursts of the heat of the house. */
    public static final MeltWay BURSTS = new MeltWay(WayKind.BURSTS, 0);

    public static final Source SOURCE =
            Source.calibrated(
                    "hot water and oven pass their heat through the vessel as set by hand; of a heat"
                            + " gun some 15 % end in the bowl");

    /** Of what a heat gun draws, what ends in the chocolate. */
    private static final double GUN_EFFICIENCY = 0.15;

    /** Water on a stove and air of an oven do not cool by what a bowl takes, J/K. */
    private static final double KEPT_HOT_J_PER_K = 1e8;

    /** Of the time over bursts, how much is heat and not stirring and reading. */
    private static final double DUTY = 0.5;

    /** It must be so much warmer than what it is to reach, or the last degree takes for ever, K. */
    private static final double LEAST_OVER_K = 2;

    /** Cooler it melts out none of the kinds. */
    private static final double COOLEST_C = 50;

    /**
     * @throws palintone.core.figure.OutOfRangeException when the setting is impossible
     */
    public MeltWay {
        switch (kind) {
            case BURSTS -> setting = 0;
            case HEAT_GUN -> Require.between("power of the heat gun", setting, 300, 3000, "W");
            case WATER_BATH -> Require.between("hot water", setting, COOLEST_C, 100, "°C");
            case OVEN -> Require.between("oven", setting, COOLEST_C, 120, "°C");
        }
    }

    /**
     * What is done to the bowl while it heats.
     *
     * @param house what bursts are of
     * @param resting with the stirring between bursts; without, the heat alone
     */
    public BowlTreatment on(
            final BowlVessel vessel,
            final double roomC,
            final HeatSource house,
            final boolean resting) {
        final BowlTreatment room = BowlTreatment.room(roomC, Shear.STIRRED);
        return switch (kind) {
            case BURSTS, HEAT_GUN -> room.heated(wattsIn(house) * (resting ? DUTY : 1));
            case WATER_BATH ->
                    room.with(HeatSink.stirred(setting, KEPT_HOT_J_PER_K, vessel.waterWPerK()));
            case OVEN -> BowlTreatment.inAir(setting, Shear.STILL);
        };
    }

    /** Watts that end in the chocolate, of what gives watts. */
    public double wattsIn(final HeatSource house) {
        return kind == WayKind.HEAT_GUN ? setting * GUN_EFFICIENCY : house.wattsIn();
    }

    /** Of the time it heats, the share that is heat and not stirring and reading, 0 to 1. */
    public double duty() {
        return kind.electric() ? DUTY : 1;
    }

    /** Whether it can get there at all. */
    public boolean canReach(final double toC) {
        return kind.electric() || setting >= leastC(toC);
    }

    private static double leastC(final double toC) {
        return Math.max(COOLEST_C, Math.ceil(toC + LEAST_OVER_K));
    }

    /**
     * Refuses what it cannot reach.
     *
     * @throws palintone.core.figure.OutOfRangeException when water or oven is not warm enough
     */
    void reaches(final double toC) {
        if (kind == WayKind.WATER_BATH) {
            Require.between("hot water", setting, leastC(toC), 100, "°C");
        } else if (kind == WayKind.OVEN) {
            Require.between("oven", setting, leastC(toC), 120, "°C");
        }
    }

    /** What to do with the bowl so that it melts; its end stands as {to}. */
    Sentence say(final CurveOrder order, final double toC) {
        return switch (kind) {
            case BURSTS, HEAT_GUN ->
                    Sentence.of(
                                    kind == WayKind.BURSTS
                                            ? "Melt to {to} in bursts of at most {burst}, stirring"
                                                    + " between: every crystal must go."
                                            : "Melt to {to} with the heat gun, {burst} at a time and"
                                                    + " always moving, stirring between: every"
                                                    + " crystal must go.")
                            .with("to", toC, Unit.CELSIUS)
                            .with(
                                    "burst",
                                    burstS(
                                            order.couverture(),
                                            order.massG(),
                                            order.equipment().heat()),
                                    Unit.SECOND);
            case WATER_BATH ->
                    Sentence.of(
                                    "Melt to {to} over water of {around}, stirring, and lift it off"
                                            + " as soon as it reads so: every crystal must go.")
                            .with("to", toC, Unit.CELSIUS)
                            .with("around", setting, Unit.CELSIUS);
            case OVEN ->
                    Sentence.of(
                                    "Melt to {to} in the oven at {around}, stirring every ten"
                                            + " minutes: every crystal must go.")
                            .with("to", toC, Unit.CELSIUS)
                            .with("around", setting, Unit.CELSIUS);
        };
    }

    /** The longest burst, s. */
    public double burstS(final Couverture couverture, final double massG, final HeatSource house) {
        return HeatBursts.longestS(
                couverture.kind(), wattsIn(house) / (massG * couverture.cpJPerGK()));
    }

    /** What is dangerous about it, for the couverture or for who does it. */
    public Optional<Sentence> caution(final TemperTargets targets) {
        final double scorches = targets.melt().highLimit();
        return switch (kind) {
            case BURSTS -> Optional.empty();
            case HEAT_GUN ->
                    Optional.of(
                            Sentence.of(
                                    "A heat gun burns and sets paper alight; keep it away from water"
                                            + " and from spirit."));
            case WATER_BATH ->
                    Optional.of(
                            setting > scorches
                                    ? Sentence.of(
                                                    "Steam burns. The wall is at {around}: stir all"
                                                            + " the time, or what stands at it"
                                                            + " scorches.")
                                            .with("around", setting, Unit.CELSIUS)
                                    : Sentence.of("Steam burns."));
            case OVEN ->
                    Optional.of(
                            Sentence.of(
                                            "The rim takes the heat of the oven, {around}: read in the"
                                                    + " middle and at the rim.")
                                    .with("around", setting, Unit.CELSIUS));
        };
    }
}
