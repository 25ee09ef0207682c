package palintone.core.temper.method;

import java.util.List;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlSimulation;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.Companion;
import palintone.core.temper.bowl.Setting;
import palintone.core.temper.bowl.Stop;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;

/**
 * The small questions at the bowl, each solved both ways: what happens if, and what must I do to.
 * The bowl and its surroundings are those of the order.
 */
public final class BothWays {

    private static final double LONGEST_S = 4 * 3600;

    private BothWays() {}

    /** Which question is asked. */
    public enum Question {
        /** From, to: seconds of heat, in bursts. */
        HEAT_FOR_TEMPERATURE,
        /** From, seconds: where it ends. */
        TEMPERATURE_AFTER_HEAT,
        /** From, to: minutes in the cold bath. */
        BATH_FOR_TEMPERATURE,
        /** From, minutes: where it ends. */
        TEMPERATURE_AFTER_BATH,
        /** To: share to pour on the stone. */
        SHARE_FOR_TEMPERATURE,
        /** Share, per cent: where it comes back. */
        TEMPERATURE_AFTER_STONE,
        /** From, seed in per cent of the fat: how long the window stays open. */
        WINDOW
    }

    /**
     * Answers a question.
     *
     * @param fromC where the bowl stands; not used for the stone
     * @param value what is wanted or done, in the unit the question names
     * @return figures, the answer first
     * @throws OutOfRangeException when it cannot be done with this equipment
     */
    public static List<Figure> answer(
            final CurveOrder order,
            final Question question,
            final double fromC,
            final double value) {
        return switch (question) {
            case HEAT_FOR_TEMPERATURE -> heatFor(order, fromC, value);
            case TEMPERATURE_AFTER_HEAT -> afterHeat(order, fromC, value);
            case BATH_FOR_TEMPERATURE -> bathFor(order, fromC, value);
            case TEMPERATURE_AFTER_BATH -> afterBath(order, fromC, value);
            case SHARE_FOR_TEMPERATURE ->
                    List.of(
                            Figure.of(
                                    "to pour on the stone",
                                    CurvePlanner.shareToTable(order, value) * 100,
                                    Unit.PERCENT,
                                    basis(order)));
            case TEMPERATURE_AFTER_STONE ->
                    List.of(
                            Figure.of(
                                            "bowl after the remix",
                                            CurvePlanner.afterRemixC(
                                                    order.by(Method.TABLING)
                                                            .withShare(value / 100)),
                                            Unit.CELSIUS,
                                            basis(order))
                                    .within(order.targets().work()));
            case WINDOW -> window(order, fromC, value);
        };
    }

    private static List<Figure> heatFor(
            final CurveOrder order, final double fromC, final double toC) {
        Require.between("temperature wanted", toC, fromC, order.targets().melt().highLimit(), "°C");
        final BowlSimulation bowl = bowl(order, fromC, Crystals.NONE);
        final double seconds =
                bowl.runUntil(heating(order), Stop.atTemperature(toC), LONGEST_S)
                        .orElseThrow(() -> cannot("heat", order));
        final List<Double> bursts =
                HeatBursts.split(
                        order.couverture().kind(),
                        seconds,
                        Math.max(1e-6, (toC - fromC) / seconds));
        final Basis basis = basis(order).from(HeatBursts.SOURCE);
        return List.of(
                Figure.of("heat in all", seconds, Unit.SECOND, basis),
                Figure.of("bursts", bursts.size(), Unit.ONE, basis),
                Figure.of(
                        "each at most", bursts.isEmpty() ? 0 : bursts.get(0), Unit.SECOND, basis));
    }

    private static List<Figure> afterHeat(
            final CurveOrder order, final double fromC, final double seconds) {
        Require.between("heat", seconds, 1, 3600, "s");
        final BowlSimulation bowl = bowl(order, fromC, Crystals.NONE);
        bowl.run(heating(order), seconds);
        return List.of(
                Figure.of(
                                "bowl after the heat",
                                bowl.now().temperatureC(),
                                Unit.CELSIUS,
                                basis(order))
                        .within(order.targets().work()));
    }

    private static List<Figure> bathFor(
            final CurveOrder order, final double fromC, final double toC) {
        Require.between("temperature wanted", toC, order.equipment().bathC() + 1, fromC, "°C");
        final BowlSimulation bowl = bowl(order, fromC, Crystals.NONE);
        final double seconds =
                bowl.runUntil(bath(order, bowl), Stop.atTemperature(toC), LONGEST_S)
                        .orElseThrow(() -> cannot("cold bath", order));
        return List.of(Figure.of("in the bath", seconds / 60, Unit.MINUTE, basis(order)));
    }

    private static List<Figure> afterBath(
            final CurveOrder order, final double fromC, final double minutes) {
        Require.between("bath", minutes, 0.1, 120, "min");
        final BowlSimulation bowl = bowl(order, fromC, Crystals.NONE);
        bowl.run(bath(order, bowl), minutes * 60);
        return List.of(
                Figure.of(
                        "bowl after the bath",
                        bowl.now().temperatureC(),
                        Unit.CELSIUS,
                        basis(order)));
    }

    private static List<Figure> window(
            final CurveOrder order, final double fromC, final double seedPercent) {
        Require.between("seed", seedPercent, 0, 9.9, "% of the fat");
        final double low = order.targets().work().low();
        Require.between("bowl temperature", fromC, low, order.targets().work().highLimit(), "°C");
        final BowlSimulation bowl = bowl(order, fromC, new Crystals(seedPercent / 100, 0));
        final double seconds =
                bowl.runUntil(room(order), Stop.outOfWindow(low, Verdict.THICK_SOLID), LONGEST_S)
                        .orElse(LONGEST_S);
        final double rewarm =
                order.equipment()
                        .heat()
                        .secondsFor(
                                order.massG(),
                                order.couverture().cpJPerGK(),
                                Math.max(
                                        0,
                                        order.targets().work().middle()
                                                - bowl.now().temperatureC()));
        return List.of(
                Figure.of("window stays open", seconds / 60, Unit.MINUTE, basis(order)),
                Figure.of("it ends at", bowl.now().temperatureC(), Unit.CELSIUS, basis(order)),
                Figure.of(
                        "seed then",
                        bowl.now().crystals().stable() * 100,
                        Unit.PERCENT,
                        basis(order)),
                Figure.of("to rewarm then", rewarm, Unit.SECOND, basis(order)));
    }

    private static BowlSimulation bowl(
            final CurveOrder order, final double fromC, final Crystals crystals) {
        Require.between("bowl temperature", fromC, 15, 60, "°C");
        return new BowlSimulation(
                order.couverture(),
                order.couverture().crystals(),
                order.vessel(),
                new BowlState(0, order.massG(), fromC, crystals));
    }

    private static Setting room(final CurveOrder order) {
        return Setting.room(order.roomC(), Shear.STIRRED);
    }

    private static Setting heating(final CurveOrder order) {
        return room(order).heated(order.equipment().heat().wattsIn());
    }

    private static Setting bath(final CurveOrder order, final BowlSimulation bowl) {
        return room(order)
                .with(
                        Companion.water(
                                bowl.vessel(),
                                order.equipment().bathC(),
                                order.equipment().bathG()));
    }

    private static OutOfRangeException cannot(final String what, final CurveOrder order) {
        return new OutOfRangeException(
                what,
                "not reached in four hours",
                "less than " + order.massG() + " g, or more of it");
    }

    private static Basis basis(final CurveOrder order) {
        return Basis.of("heat balance of bowl, room and what is done to it, crystals included")
                .with("mass", order.massG(), Unit.GRAM)
                .with("room", order.roomC(), Unit.CELSIUS)
                .with("heat that arrives", order.equipment().heat().wattsIn(), Unit.WATT)
                .with("bath", order.equipment().bathC(), Unit.CELSIUS)
                .from(VesselKind.SOURCE)
                .from(CrystalConstants.SOURCE)
                .from(Source.workshop("equipment in House rules"));
    }
}
