package palintone.core.temper.method;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.heat.MixingBalance;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlSimulation;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.HeatSink;
import palintone.core.temper.bowl.Stop;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;

/**
 * The small questions at the bowl, each solved both ways: what happens if, and what must I do to.
 * The bowl and its surroundings are those of the order.
 */
public final class TemperCalculator {

    private static final double LONGEST_S = 4 * 3600;

    /** A bowl anybody asks about, °C. */
    private static final double COLDEST_C = 15;

    private static final double HOTTEST_C = 60;

    private final CurveOrder order;

    /** Further under its window nobody stirs it any more, K; ours. */
    private static final double SET_UNDER_K = 3;

    /**
     * @param order the bowl, its mass, vessel, room and equipment; its method is not used
     */
    public TemperCalculator(final CurveOrder order) {
        this.order = order;
    }

    /**
     * How long to heat by a way, what of it melts the fat, and in how many bursts.
     *
     * @param way bursts of the house, a heat gun, hot water, an oven
     * @param fromC where the bowl stands, 15 to 60 °C
     * @param toC wanted, from there to the couverture's upper limit when melting, °C
     * @return heat in all (s) with bursts and the longest of them (s), or time over it (min); the
     *     share of the heat that melts and does not warm (per cent)
     * @throws OutOfRangeException when this heat does not reach it
     */
    public List<Figure> heatFor(final MeltWay way, final double fromC, final double toC) {
        final double highest = order.targets().melt().highLimit();
        stands(fromC, COLDEST_C, Math.min(highest, HOTTEST_C));
        Require.between("temperature wanted", toC, fromC, highest, "°C");
        way.reaches(toC);
        final BowlSimulation bowl = bowl(fromC, standing(fromC));
        final double solid = bowl.now().crystals().solid();
        final double seconds =
                bowl.runUntil(heating(way), Stop.atTemperature(toC), LONGEST_S)
                        .orElseThrow(() -> cannot("heat"));
        final Basis basis = basis(way).from(HeatBursts.SOURCE).from(MeltWay.SOURCE);
        final List<Figure> answers = new ArrayList<>();
        if (way.kind().electric()) {
            final List<Double> bursts =
                    HeatBursts.split(
                            order.couverture().kind(),
                            seconds,
                            way.wattsIn(order.equipment().heat())
                                    / (order.massG() * order.couverture().cpJPerGK()));
            answers.add(Figure.of("heat in all", seconds, Unit.SECOND, basis));
            answers.add(Figure.of("bursts", bursts.size(), Unit.ONE, basis));
            answers.add(
                    Figure.of(
                            "each at most",
                            bursts.isEmpty() ? 0 : bursts.get(0),
                            Unit.SECOND,
                            basis));
        } else {
            answers.add(Figure.of("time for it", seconds / 60, Unit.MINUTE, basis));
        }
        answers.add(
                Figure.of(
                        "of the heat, what melts the fat",
                        melting(fromC, toC, solid - bowl.now().crystals().solid()),
                        Unit.PERCENT,
                        basis));
        return answers;
    }

    /** Where the bowl stands, °C; said before what is wanted of it, whose limits it is. */
    private static void stands(final double fromC, final double coldest, final double hottest) {
        Require.between("bowl temperature", fromC, coldest, hottest, "°C");
    }

    /**
     * @param melted share of the fat
     * @return per cent of what the chocolate took up
     */
    private double melting(final double fromC, final double toC, final double melted) {
        final MixingBalance mixing = order.couverture().mixing();
        final double all = mixing.enthalpyJ(1, toC, 0) - mixing.enthalpyJ(1, fromC, melted);
        final double warming = mixing.cpJPerGK() * (toC - fromC);
        return all <= 0 ? 0 : Math.max(0, all - warming) / all * 100;
    }

    /**
     * Where so much heat takes the bowl.
     *
     * @param fromC where the bowl stands, 15 to 60 °C
     * @param seconds of heat, 1 to 14 400
     * @return the bowl afterwards, °C
     */
    public List<Figure> afterHeat(final MeltWay way, final double fromC, final double seconds) {
        Require.between("heat", seconds, 1, LONGEST_S, "s");
        final BowlSimulation bowl = bowl(fromC, standing(fromC));
        bowl.run(heating(way), seconds);
        return List.of(
                Figure.of(
                                "bowl after the heat",
                                bowl.now().temperatureC(),
                                Unit.CELSIUS,
                                basis(way).from(MeltWay.SOURCE))
                        .within(order.targets().work()));
    }

    /**
     * Minutes in the cold bath.
     *
     * @param fromC where the bowl stands, 15 to 60 °C
     * @param toC wanted, above the bath by 1 °C to where the bowl stands
     * @return time in the bath (min)
     * @throws OutOfRangeException when this bath does not reach it
     */
    public List<Figure> bathFor(final double fromC, final double toC) {
        final double coldest = order.equipment().bathC() + 1;
        stands(fromC, Math.max(coldest, COLDEST_C), HOTTEST_C);
        Require.between("temperature wanted", toC, coldest, fromC, "°C");
        final BowlSimulation bowl = bowl(fromC, Crystals.NONE);
        final double seconds =
                bowl.runUntil(bath(bowl), Stop.atTemperature(toC), LONGEST_S)
                        .orElseThrow(() -> cannot("cold bath"));
        return List.of(Figure.of("in the bath", seconds / 60, Unit.MINUTE, basis()));
    }

    /**
     * Where so long a bath takes the bowl.
     *
     * @param fromC where the bowl stands, 15 to 60 °C
     * @param minutes in the bath, 0.1 to 120
     * @return the bowl afterwards, °C
     */
    public List<Figure> afterBath(final double fromC, final double minutes) {
        Require.between("bath", minutes, 0.1, 120, "min");
        final BowlSimulation bowl = bowl(fromC, Crystals.NONE);
        bowl.run(bath(bowl), minutes * 60);
        return List.of(
                Figure.of("bowl after the bath", bowl.now().temperatureC(), Unit.CELSIUS, basis()));
    }

    /**
     * Share to pour on the stone.
     *
     * @param toC wanted after the remix, °C
     * @return share of the bowl, per cent
     * @throws OutOfRangeException when this stone cannot do it
     */
    public List<Figure> shareFor(final double toC) {
        return List.of(
                Figure.of(
                        "to pour on the stone",
                        CurvePlanner.shareToTable(order, toC) * 100,
                        Unit.PERCENT,
                        basis()));
    }

    /**
     * Where the remix comes back.
     *
     * @param sharePercent of the bowl poured on the stone, above 0 to 100
     * @return the bowl after the remix, °C
     */
    public List<Figure> afterStone(final double sharePercent) {
        return List.of(
                Figure.of(
                                "bowl after the remix",
                                CurvePlanner.afterRemixC(
                                        order.by(TemperingMethod.TABLING)
                                                .withShare(sharePercent / 100)),
                                Unit.CELSIUS,
                                basis())
                        .within(order.targets().work()));
    }

    /**
     * How long the window stays open.
     *
     * @param fromC where the bowl stands, within or just above the window, °C
     * @param seedPercent stable crystals, 0 to 9.9 per cent of the fat
     * @return time (min), why it ends (°C, per cent), heat to rewarm then (s)
     */
    public List<Figure> window(final double fromC, final double seedPercent) {
        Require.between("seed", seedPercent, 0, 9.9, "% of the fat");
        final double low = order.targets().work().low();
        Require.between("bowl temperature", fromC, low, order.targets().work().highLimit(), "°C");
        final BowlSimulation bowl = bowl(fromC, new Crystals(seedPercent / 100, 0));
        final double seconds =
                bowl.runUntil(room(), Stop.outOfWindow(low, Verdict.THICK_SOLID), LONGEST_S)
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
                Figure.of("window stays open", seconds / 60, Unit.MINUTE, basis()),
                Figure.of("it ends at", bowl.now().temperatureC(), Unit.CELSIUS, basis()),
                Figure.of("seed then", bowl.now().crystals().stable() * 100, Unit.PERCENT, basis()),
                Figure.of("to rewarm then", rewarm, Unit.SECOND, basis()));
    }

    /**
     * What a bowl that stands there holds: under its window it has set, and its fat must melt; in
     * it, it is in temper; above it, nothing is left.
     */
    private Crystals standing(final double fromC) {
        if (fromC < order.targets().work().lowLimit() - SET_UNDER_K) {
            return order.couverture().tempered(fromC);
        }
        return fromC <= order.targets().work().highLimit()
                ? new Crystals(CurveScript.WANTED_STABLE, 0)
                : Crystals.NONE;
    }

    private BowlSimulation bowl(final double fromC, final Crystals crystals) {
        stands(fromC, COLDEST_C, HOTTEST_C);
        return new BowlSimulation(
                order.couverture(),
                order.couverture().crystals(),
                order.vessel(),
                new BowlState(0, order.massG(), fromC, crystals));
    }

    private BowlTreatment room() {
        return BowlTreatment.room(order.roomC(), Shear.STIRRED);
    }

    private BowlTreatment heating(final MeltWay way) {
        return way.on(order.vessel(), order.roomC(), order.equipment().heat(), false);
    }

    private Basis basis(final MeltWay way) {
        return switch (way.kind()) {
            case BURSTS -> basis();
            case HEAT_GUN ->
                    basis().with(
                                    "heat gun that arrives",
                                    way.wattsIn(order.equipment().heat()),
                                    Unit.WATT);
            case WATER_BATH -> basis().with("hot water", way.setting(), Unit.CELSIUS);
            case OVEN -> basis().with("oven", way.setting(), Unit.CELSIUS);
        };
    }

    private BowlTreatment bath(final BowlSimulation bowl) {
        return room().with(
                        HeatSink.water(
                                bowl.vessel(),
                                order.equipment().bathC(),
                                order.equipment().bathG()));
    }

    private OutOfRangeException cannot(final String what) {
        return new OutOfRangeException(
                what,
                "not reached in four hours",
                "less than " + order.massG() + " g, or more of it");
    }

    private Basis basis() {
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
