package palintone.core.filling.cool;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import palintone.core.fat.FusionHeat;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;

/**
 * A filling cooling and setting: heat leaving by air, radiation and what it stands on ({@link
 * CoolingVessel}), the fat crystallising towards what it may hold and giving up its heat, stiffness
 * followed along.
 *
 * <p>Fat sets with a time constant of 15 min at 20 °C and half of that for each 10 K colder; where
 * it may hold less than it holds it melts at once. The time constant is set to common practice (2–3
 * h until pipeable, 24 h until set).
 *
 * @param path minute by minute, then in longer steps
 * @param toPiping minutes until it may go into a shell; absent where the room is too warm
 * @param windowOpens minutes until it is stiff enough to stay where it is piped
 * @param windowCloses minutes until it is too stiff to pipe
 */
public record Cooling(
        List<At> path,
        List<Figure> toPiping,
        List<Figure> windowOpens,
        List<Figure> windowCloses,
        Figure final24h) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat balance, fat setting with a time constant of 15 min at 20 °C; set to"
                            + " 2–3 h until pipeable and 24 h until set (common practice)");

    /**
     * Firmness, 0 to 10, from which it stays where it is piped and beyond which it does not pipe.
     */
    public static final double PIPES_FROM = Texture.firmness(TextureClass.POURABLE.toPa());

    public static final double PIPES_TO = Texture.firmness(TextureClass.PIPEABLE.toPa());

    private static final double SET_MINUTES_AT_20 = 15;
    private static final double STEP_S = 20;

    /** Stiffer than this it does not flow by its own warmth; ours, Pa. */
    private static final double FLOWS_TO_PA = 10;

    /** Nor when it is nearly as cold as the room; ours, K. */
    private static final double FLOWS_FROM_K = 4;

    private static final double LONGEST_S = 48 * 3600.0;

    /** One moment. */
    public record At(double minutes, double celsius, double solidPercent, double pascal) {}

    /** What is done with it once it has left the pot. */
    private static final Set<OperationKind> AFTER_THE_POT =
            EnumSet.of(OperationKind.REST, OperationKind.FREEZE, OperationKind.CUT);

    /** As it leaves the pot: no warmer than it boils. */
    private static final double HOTTEST_C = 100;

    /** Of what was never warm. */
    private static final double UNHEATED_C = 25;

    /** What is stirred together cold was in the room, but for couverture that was melted for it. */
    private static final double STIRRED_IN_C = 20;

    private static final double MELTED_C = 45;

    /** With more cocoa butter than this it is stirred in melted, share. */
    private static final double MELTED_FROM = 0.15;

    /**
     * How warm a recipe leaves the pot, °C: as its last operation does before it rests, is frozen
     * or cut; stirred together without heat, by what goes in melted.
     */
    public static double fromPotC(final Cooked cooked, final List<Operation> operations) {
        final List<Cooked.Stage> stages = cooked.stages();
        if (stages.stream().noneMatch(stage -> stage.temperatureC() > UNHEATED_C)) {
            return stirredC(operations);
        }
        int last = stages.size() - 1;
        while (last > 0 && AFTER_THE_POT.contains(stages.get(last).kind())) {
            last--;
        }
        return Math.min(HOTTEST_C, stages.get(last).temperatureC());
    }

    private static double stirredC(final List<Operation> operations) {
        double grams = 0;
        double heat = 0;
        for (final Operation op : operations) {
            for (final RecipeLine line : op.lines()) {
                final boolean melted =
                        line.ingredient().composition().fraction(Component.COCOA_BUTTER)
                                > MELTED_FROM;
                grams += line.massG();
                heat += line.massG() * (melted ? MELTED_C : STIRRED_IN_C);
            }
        }
        return grams > 0 ? heat / grams : STIRRED_IN_C;
    }

    /**
     * Where and how it cools.
     *
     * @param vessel what in
     * @param depthMm how deep it lies, 2 to 300
     * @param on what it stands
     * @param stirred now and then, all the way
     * @param roomC around it
     * @param fromC hot from the pot
     * @param pipingC warmest it may be piped
     */
    public record Where(
            CoolingVessel vessel,
            double depthMm,
            CoolingStand on,
            boolean stirred,
            double roomC,
            double fromC,
            double pipingC) {

        /** Left alone on a table. Allowed: room −25 to 40 °C; piping temperature −20 to 60 °C. */
        public Where(
                final CoolingVessel vessel,
                final double depthMm,
                final double roomC,
                final double fromC,
                final double pipingC) {
            this(vessel, depthMm, CoolingStand.TABLE, false, roomC, fromC, pipingC);
        }

        /**
         * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
         */
        public Where {
            Require.between("depth", depthMm, 2, 300, "mm");
            Require.between("room", roomC, -25, 40, "°C");
            Require.between("from", fromC, roomC, 130, "°C");
            Require.between("piping temperature", pipingC, -20, 60, "°C");
        }
    }

    /**
     * Lets a filling cool and set.
     *
     * @param where it stands; °C, mm
     * @return its path in minutes and °C, and when it pipes
     */
    public static Cooling of(final FillingProperties properties, final Where where) {
        return of(properties, properties.cooked().yieldG(), 0, where);
    }

    /**
     * Lets more or less of it cool and set than its recipe makes.
     *
     * @param massG of it
     * @param solidPercent of its fat, set already as it begins
     */
    static Cooling of(
            final FillingProperties properties,
            final double massG,
            final double solidPercent,
            final Where where) {
        final Cooked cooked = properties.cooked();
        final Texture texture = properties.texture();
        final double fatG =
                cooked.matrix().fatFraction()
                        * (cooked.yieldG() - cooked.folded().grams())
                        * massG
                        / cooked.yieldG();
        final double density = ChoiOkos1986.densityGPerMl(cooked.composition(), 30);
        final double heat = massG * ChoiOkos1986.cpJPerGK(cooked.composition(), 30);
        final List<At> path = new ArrayList<>();
        double celsius = where.fromC();
        double solid = solidPercent / 100;
        boolean stands = false;
        double piping = Double.NaN;
        double opens = Double.NaN;
        double closes = Double.NaN;
        double at24h = 0;
        int next = 0;
        for (int k = 0; k * STEP_S <= LONGEST_S; k++) {
            final double minutes = k * STEP_S / 60;
            if (k % 3 == 0) {
                stands = texture.pascal(celsius, solid) > FLOWS_TO_PA;
            }
            if (k % 3 == 0 && minutes >= next || minutes == 24 * 60) {
                final double pascal = texture.pascal(celsius, solid);
                path.add(new At(minutes, celsius, solid * 100, pascal));
                next += minutes < 60 ? 2 : minutes < 360 ? 10 : 60;
                if (Double.isNaN(opens) && pascal >= TextureClass.POURABLE.toPa()) {
                    opens = minutes;
                }
                if (Double.isNaN(closes) && pascal >= TextureClass.PIPEABLE.toPa()) {
                    closes = minutes;
                }
                if (minutes <= 24 * 60) {
                    at24h = pascal;
                }
            }
            if (Double.isNaN(piping) && celsius <= where.pipingC()) {
                piping = minutes;
            }
            final double may = texture.solidFat(celsius);
            final double constantS =
                    60 * SET_MINUTES_AT_20 * Math.pow(2, (Math.min(25, celsius) - 20) / 10);
            final double after =
                    may < solid ? may : may + (solid - may) * Math.exp(-STEP_S / constantS);
            final double passes =
                    where.vessel()
                            .wattsPerK(
                                    massG,
                                    where.depthMm() / 1000,
                                    density,
                                    where.on(),
                                    celsius,
                                    where.roomC(),
                                    k * STEP_S,
                                    inside(where, celsius, stands));
            celsius +=
                    -passes * STEP_S / heat * (celsius - where.roomC())
                            + fatG * FusionHeat.UNSTABLE_J_PER_G * (after - solid) / heat;
            solid = after;
        }
        return new Cooling(
                List.copyOf(path),
                figure("cool enough to pipe after", piping, where),
                figure("stays where it is piped from", opens, where),
                figure("too stiff to pipe from", closes, where),
                Figure.of(
                                "firmness after a day",
                                Texture.firmness(at24h),
                                Unit.FIRMNESS,
                                Basis.of("stiffness with the fat that has set in 24 h")
                                        .with("stiffness", at24h, Unit.PASCAL)
                                        .from(SOURCE)
                                        .from(Texture.SOURCE))
                        .within(new Band(0, 2, 6.5, 10)));
    }

    /** Thin and warm it flows by itself; stiff it only conducts. */
    private static CoolingVessel.Inside inside(
            final Where where, final double celsius, final boolean stands) {
        if (where.stirred()) {
            return CoolingVessel.Inside.STIRRED;
        }
        return !stands && celsius - where.roomC() > FLOWS_FROM_K
                ? CoolingVessel.Inside.FLOWING
                : CoolingVessel.Inside.STILL;
    }

    private static List<Figure> figure(final String name, final double minutes, final Where where) {
        if (Double.isNaN(minutes)) {
            return List.of();
        }
        return List.of(
                Figure.of(
                                name,
                                minutes,
                                Unit.MINUTE,
                                Basis.of("m·cp·dT/dt = −U·A·(T − room) + heat of the setting fat")
                                        .with("room", where.roomC(), Unit.CELSIUS)
                                        .with("depth", where.depthMm(), Unit.MILLIMETRE)
                                        .with("from", where.fromC(), Unit.CELSIUS)
                                        .from(SOURCE)
                                        .from(CoolingVessel.SOURCE))
                        .spread(minutes * 0.7, minutes * 1.4));
    }
}
