package palintone.core.filling.cool;

import java.util.List;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.FillingProperties;

/**
 * How long a filling stands between its pot and the next act: until it is cool enough for a shell,
 * stays where it is piped, bears a knife. What its recipe says of a rest counts.
 *
 * @param minutes to wait; 0 where its rest is long enough or nothing helps
 * @param celsius of it then
 * @param where it waits
 */
public record UntilReady(double minutes, double celsius, Where where) {

    /** What it cools in unless it is said otherwise, and how deep it lies in it, mm. */
    public static final CoolingVessel VESSEL = CoolingVessel.BOWL;

    public static final double DEPTH_MM = 60;

    /** Where it waits. */
    public enum Where {
        /** It need not. */
        NOWHERE,
        ROOM,
        CABINET,
        /** Neither room nor cabinet gets it there within a day. */
        NEVER
    }

    /** Longer than a day is no wait, it is another recipe. */
    private static final double A_DAY_MIN = 24 * 60;

    private static final double HOUR_MIN = 60;

    /**
     * A pot that stands until it is as cool as a recipe wants it.
     *
     * @param massG in it
     * @param roomC the room, °C
     * @param fromC as warm as it is, °C
     * @param toC and as it should be, °C
     * @param stirred now and then, as what waits for its butter is
     */
    public static UntilReady falling(
            final FillingProperties properties,
            final double massG,
            final double roomC,
            final double fromC,
            final double toC,
            final boolean stirred) {
        final Bench bench = new Bench(VESSEL, DEPTH_MM, stirred, roomC);
        return first(
                bench.path(properties, massG, new Cooling.At(0, fromC, 0, 0)),
                at -> at.celsius() <= toC,
                Where.ROOM);
    }

    /** The first moment of a day that will do; never where there is none. */
    private static UntilReady first(
            final List<Cooling.At> path, final Ready ready, final Where where) {
        for (final Cooling.At at : path) {
            if (at.minutes() <= A_DAY_MIN && ready.is(at)) {
                return new UntilReady(Math.max(1, at.minutes()), at.celsius(), where);
            }
        }
        return new UntilReady(0, path.get(path.size() - 1).celsius(), Where.NEVER);
    }

    /** Where it stands, whatever is asked of it. */
    private record Bench(CoolingVessel vessel, double depthMm, boolean stirred, double aroundC) {

        List<Cooling.At> path(
                final FillingProperties properties, final double massG, final Cooling.At from) {
            final double around = Math.max(-25, Math.min(40, aroundC));
            return Cooling.of(
                            properties,
                            massG,
                            from.solidPercent(),
                            new Cooling.Where(
                                    vessel,
                                    Math.max(2, Math.min(300, depthMm)),
                                    CoolingStand.TABLE,
                                    stirred,
                                    around,
                                    Math.max(around, Math.min(130, from.celsius())),
                                    Math.max(-20, around)))
                    .path();
        }
    }

    /**
     * A filling on its way from the pot.
     *
     * @param properties of it
     * @param operations of its recipe
     * @param massG of it
     * @param roomC the room, °C
     * @param cabinetC the cabinet, °C
     */
    public record Potful(
            FillingProperties properties,
            List<Operation> operations,
            double massG,
            double roomC,
            double cabinetC) {

        /**
         * Until it is so cool, in a bowl.
         *
         * @param warmestC it may be, °C
         */
        public UntilReady cool(final double warmestC) {
            return until(VESSEL, DEPTH_MM, at -> at.celsius() <= warmestC);
        }

        /**
         * Until it is so stiff.
         *
         * @param vessel it stands in
         * @param depthMm how deep
         * @param fromPa stiffness, Pa
         */
        public UntilReady stiff(
                final CoolingVessel vessel, final double depthMm, final double fromPa) {
            return until(vessel, depthMm, at -> at.pascal() >= fromPa);
        }

        private UntilReady until(
                final CoolingVessel vessel, final double depthMm, final Ready ready) {
            final Cooling.At rested = rested(vessel, depthMm);
            if (ready.is(rested)) {
                return new UntilReady(0, rested.celsius(), Where.NOWHERE);
            }
            final UntilReady inRoom =
                    first(path(vessel, depthMm, roomC, rested), ready, Where.ROOM);
            return inRoom.where == Where.ROOM || cabinetC >= roomC
                    ? inRoom
                    : first(path(vessel, depthMm, cabinetC, rested), ready, Where.CABINET);
        }

        /** As it stands when its recipe is done with it. */
        private Cooling.At rested(final CoolingVessel vessel, final double depthMm) {
            final Cooling.At hot =
                    new Cooling.At(0, Cooling.fromPotC(properties.cooked(), operations), 0, 0);
            Cooling.At last = path(vessel, depthMm, roomC, hot).get(0);
            for (int i = operations.size() - 1; i >= 0; i--) {
                final Operation op = operations.get(i);
                if (op.kind() == OperationKind.REST || op.kind() == OperationKind.FREEZE) {
                    final double minutes = op.value(OperationSetting.HOURS) * HOUR_MIN;
                    for (final Cooling.At at :
                            path(vessel, depthMm, op.value(OperationSetting.TEMPERATURE_C), hot)) {
                        if (at.minutes() <= minutes) {
                            last = at;
                        }
                    }
                    return last;
                }
                if (op.kind() != OperationKind.CUT) {
                    break;
                }
            }
            return last;
        }

        private List<Cooling.At> path(
                final CoolingVessel vessel,
                final double depthMm,
                final double aroundC,
                final Cooling.At from) {
            return new Bench(vessel, depthMm, false, aroundC).path(properties, massG, from);
        }
    }

    /** What a moment of it is looked at for. */
    private interface Ready {
        boolean is(Cooling.At at);
    }

    /** Whether somebody has to wait, and it comes. */
    public boolean waits() {
        return where == Where.ROOM || where == Where.CABINET;
    }
}
