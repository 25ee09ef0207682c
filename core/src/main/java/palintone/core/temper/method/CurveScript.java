package palintone.core.temper.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Band;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.temper.bowl.BowlSimulation;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.HeatSink;
import palintone.core.temper.bowl.Stop;
import palintone.core.temper.bowl.Tabling;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;
import palintone.core.temper.flow.CassonFlow;

/** The moves every method is made of, played on a simulated bowl and written down as phases. */
final class CurveScript {

    /** Seed wanted when work begins, share of the fat: well inside what sets in time. */
    static final double WANTED_STABLE = 0.01;

    /** Of the time, how much is heat and not stirring and reading. */
    private static final double REWARM_DUTY = 0.3;

    private static final double GENTLE_DUTY = 0.25;

    /** What melts towards an equilibrium is waited for until it is so near. */
    private static final double NEARLY = 1.15;

    private static final double LONGEST_S = 6 * 3600;
    private static final double LONGEST_HOLD_S = 1800;
    private static final double LONGEST_BATH_S = 3600;
    private static final double DONE_K = 0.05;

    /** What a hand gives or takes by turns of bath and air; ours. */
    private static final double HELD_W = 200;

    final CurveOrder order;
    final CrystalLaw law;
    final BowlSimulation bowl;
    final double coolC;
    private final List<BowlState> path = new ArrayList<>();
    private final List<CurvePhase> phases = new ArrayList<>();
    private final List<Figure> solved = new ArrayList<>();
    private int seen;
    private double handsOnS;

    /** Where it is worked: the usual window, unless the method keeps so much solid. */
    private Band work;

    /** Begins with solid, ready-tempered couverture at the temperature of the room. */
    CurveScript(final CurveOrder order, final double massG) {
        this.order = order;
        work = order.targets().work();
        law = order.couverture().crystals();
        coolC = order.couverture().coolC();
        final Crystals solid = order.couverture().tempered(order.roomC());
        bowl =
                new BowlSimulation(
                        order.couverture(),
                        law,
                        order.vessel(),
                        new BowlState(0, massG, order.roomC(), solid));
    }

    double now() {
        return bowl.now().timeS();
    }

    double temperatureC() {
        return bowl.now().temperatureC();
    }

    private void melt(
            final double toC,
            final BowlTreatment how,
            final Sentence say,
            final Optional<Sentence> caution,
            final double attention) {
        final double from = now();
        final double fromC = temperatureC();
        if (bowl.runUntil(how, Stop.atTemperature(toC), LONGEST_S).isEmpty()) {
            throw new OutOfRangeException(
                    "heat", "too little for so much couverture", "more of it, or a smaller bowl");
        }
        bowl.runUntil(BowlTreatment.room(order.roomC(), Shear.STIRRED), Stop.atStable(1e-5), 120);
        phase(
                CurvePhase.PhaseKind.MELT,
                from,
                fromC,
                order.targets().melt(),
                say,
                toC,
                CurveSentences.READ_MELT,
                Optional.of(
                        caution.map(CurveSentences.scorches(order)::and)
                                .orElse(CurveSentences.scorches(order))),
                attention);
    }

    /** With what the house melts with: every crystal goes. */
    void melt() {
        final MeltWay way = order.equipment().melting();
        final double toC = order.targets().melt().middle();
        way.reaches(toC);
        melt(
                toC,
                way.on(bowl.vessel(), order.roomC(), order.equipment().heat(), true),
                way.say(order, toC),
                way.caution(order.targets()),
                way.kind() == MeltWay.WayKind.OVEN ? 0.1 : 0.6);
    }

    /** In the kettle, by its own heat. */
    void meltByKettle(final double watts) {
        final double toC = order.targets().melt().middle();
        melt(
                toC,
                BowlTreatment.room(order.roomC(), Shear.STIRRED).heated(watts),
                CurveSentences.meltInKettle(toC),
                Optional.empty(),
                0.1);
    }

    void coolInRoom(final double toC, final Band band, final Sentence say) {
        cool(
                toC,
                band,
                say,
                BowlTreatment.room(order.roomC(), Shear.STIRRED),
                0.25,
                CurveSentences.READ_MIDDLE);
    }

    void coolInBath(final double toC, final Band band) {
        coolInBath(toC, band, CurveSentences.bath(order, toC));
    }

    /** The same, and out of it at once. */
    void coolQuickly(final double toC, final Band band) {
        coolInBath(toC, band, CurveSentences.quickBath(order, toC));
    }

    private void coolInBath(final double toC, final Band band, final Sentence say) {
        final HeatSink water =
                HeatSink.water(bowl.vessel(), order.equipment().bathC(), order.equipment().bathG());
        if (temperatureC() > toC + DONE_K && !reaches(toC, water)) {
            throw new OutOfRangeException(
                    "bath water",
                    Math.round(order.equipment().bathG())
                            + " g of "
                            + Math.round(order.equipment().bathC() * 10) / 10.0
                            + " °C",
                    "more of it, or colder: so little warms up before the bowl is cold");
        }
        cool(
                toC,
                band,
                say,
                BowlTreatment.room(order.roomC(), Shear.STIRRED).with(water),
                1,
                CurveSentences.READ_BATH);
    }

    /** Whether a bath brings the bowl there within an hour. */
    private boolean reaches(final double toC, final HeatSink water) {
        return new BowlSimulation(order.couverture(), law, order.vessel(), bowl.now())
                .runUntil(
                        BowlTreatment.room(order.roomC(), Shear.STIRRED).with(water),
                        Stop.atTemperature(toC),
                        LONGEST_BATH_S)
                .isPresent();
    }

    private void cool(
            final double toC,
            final Band band,
            final Sentence say,
            final BowlTreatment how,
            final double attention,
            final Sentence read) {
        if (temperatureC() <= toC + DONE_K) {
            return;
        }
        final double from = now();
        final double fromC = temperatureC();
        bowl.runUntil(how, Stop.atTemperature(toC), LONGEST_S);
        phase(
                CurvePhase.PhaseKind.COOL,
                from,
                fromC,
                band,
                say,
                toC,
                read,
                how.heatSink().isPresent()
                        ? Optional.of(CurveSentences.NO_WATER_INSIDE)
                        : Optional.empty(),
                attention);
    }

    /** Down to where crystals come, by the kettle's own cooling. */
    void coolByKettle(final double watts) {
        cool(
                coolC,
                Band.around(coolC - 0.5, coolC + 0.7, 1.5),
                CurveSentences.coolKettle(coolC),
                BowlTreatment.room(order.roomC(), Shear.STIRRED).heldAt(coolC - 2, watts),
                0.1,
                CurveSentences.READ_MIDDLE);
    }

    /**
     * Warmed from the solid, never far enough for all of it to melt. Heat comes faster than fat
     * melts, most of all in a small bowl: it is held there, stirred, until only so much is solid.
     */
    void warmGently(final double toC, final double keptSolid) {
        final double from = now();
        final double fromC = temperatureC();
        bowl.runUntil(
                BowlTreatment.room(order.roomC(), Shear.STIRRED)
                        .heldAt(toC, order.equipment().heat().wattsIn() * GENTLE_DUTY),
                Stop.atStable(keptSolid * NEARLY),
                LONGEST_S);
        if (toC > work.high()) {
            work = new Band(toC - 2, toC - 1.2, toC, law.curve().clearPointC());
        }
        phase(
                CurvePhase.PhaseKind.MELT,
                from,
                fromC,
                new Band(toC - 2, toC - 0.6, toC, law.curve().clearPointC()),
                CurveSentences.gently(order, toC),
                toC,
                CurveSentences.READ_MELT,
                Optional.of(CurveSentences.clearPoint(law.curve().clearPointC())),
                0.8);
    }

    /**
     * Stirred where it is until there are crystals enough: held by lifting the bowl in and out of
     * the bath, or by the kettle, up to {@value #HELD_W} W. The words of the phase say so.
     *
     * @return how long, s
     */
    double hold(final double wanted, final double attention) {
        return holdAt(coolC, wanted, attention);
    }

    /**
     * The same at another temperature.
     *
     * @return how long, s
     */
    double holdAt(final double atC, final double wanted, final double attention) {
        final double from = now();
        final double fromC = temperatureC();
        final BowlTreatment still =
                BowlTreatment.room(order.roomC(), Shear.STIRRED).heldAt(atC, HELD_W);
        bowl.runUntil(still, Stop.atStable(wanted), LONGEST_HOLD_S);
        final double seconds = now() - from;
        phase(
                CurvePhase.PhaseKind.HOLD,
                from,
                fromC,
                Band.around(atC - 0.5, atC + 0.7, 1.5),
                CurveSentences.hold(seconds),
                temperatureC(),
                CurveSentences.READ_MIDDLE,
                Optional.empty(),
                attention);
        return seconds;
    }

    /** In pulses up to the middle of the window. */
    void rewarm(final double watts, final double attention) {
        final double toC = order.targets().work().middle();
        if (temperatureC() >= toC - DONE_K) {
            return;
        }
        final double from = now();
        final double fromC = temperatureC();
        bowl.runUntil(
                BowlTreatment.room(order.roomC(), Shear.STIRRED).heated(watts),
                Stop.atTemperature(toC),
                LONGEST_S);
        phase(
                CurvePhase.PhaseKind.REWARM,
                from,
                fromC,
                order.targets().work(),
                CurveSentences.rewarm(order, fromC, toC),
                toC,
                CurveSentences.READ_MIDDLE,
                Optional.of(CurveSentences.topOfWindow(order)),
                attention);
    }

    void rewarmInPulses() {
        rewarm(order.equipment().heat().wattsIn() * REWARM_DUTY, 1);
    }

    /** Stirs seed in and lets it melt as far as it must. */
    void seed(final double grams, final double seconds) {
        final double from = now();
        final double fromC = temperatureC();
        final double before = bowl.now().massG();
        bowl.add(grams, order.roomC(), order.couverture().tempered(order.roomC()));
        bowl.run(BowlTreatment.room(order.roomC(), Shear.STIRRED), seconds);
        absorb();
        record(
                CurvePhase.PhaseKind.SEED,
                from,
                now(),
                fromC,
                temperatureC(),
                Band.around(order.targets().work().low() - 1, order.targets().work().high() + 1, 2),
                CurveSentences.seed(order, grams, before, fromC, temperatureC()),
                temperatureC(),
                Optional.of(new CurvePhase.Seed(grams, fromC)),
                CurveSentences.READ_SEED,
                Optional.of(CurveSentences.SEED_CAUTION),
                1);
    }

    /**
     * Part of the bowl is worked on the stone; the rest waits and cools a little meanwhile.
     *
     * @return seconds it was held at the coldest point
     */
    double table(final double share, final double wanted) {
        final double massG = bowl.now().massG() * share;
        final double fromC = temperatureC();
        final double from = now();
        absorb();
        final BowlState poured = new BowlState(from, massG, fromC, bowl.now().crystals());
        bowl.take(massG);
        absorbSilently();
        final Tabling stone = onStone(poured);
        if (!stone.spread(coolC, LONGEST_HOLD_S)) {
            throw new OutOfRangeException(
                    "chocolate on the stone",
                    Math.round(massG) + " g",
                    "up to about "
                            + Math.round(mostOnStone(poured) / 100) * 100
                            + " g at a time on this stone; table it in parts, or on a cooler, larger"
                            + " or thicker one");
        }
        final double cooledAt = stone.now().timeS();
        record(
                CurvePhase.PhaseKind.COOL,
                from,
                cooledAt,
                fromC,
                stone.now().temperatureC(),
                Band.around(coolC - 0.5, coolC + 0.7, 1.5),
                CurveSentences.table(order, massG, coolC),
                coolC,
                Optional.empty(),
                CurveSentences.READ_STONE,
                Optional.empty(),
                1);
        final double spreadC = stone.now().temperatureC();
        stone.gather(wanted / share, LONGEST_HOLD_S);
        final double heldC = stone.now().temperatureC();
        record(
                CurvePhase.PhaseKind.HOLD,
                cooledAt,
                stone.now().timeS(),
                spreadC,
                heldC,
                Band.around(coolC - 0.5, coolC + 0.7, 1.5),
                CurveSentences.gather(stone.now().timeS() - cooledAt),
                heldC,
                Optional.empty(),
                CurveSentences.READ_STONE,
                Optional.empty(),
                1);
        path.addAll(stone.path());
        bowl.run(BowlTreatment.room(order.roomC(), Shear.STILL), stone.now().timeS() - from);
        absorbSilently();
        bowl.add(massG, heldC, stone.now().crystals());
        bowl.run(BowlTreatment.room(order.roomC(), Shear.STIRRED), 60);
        phase(
                CurvePhase.PhaseKind.REWARM,
                stone.now().timeS(),
                heldC,
                order.targets().work(),
                CurveSentences.giveBack(temperatureC()),
                temperatureC(),
                CurveSentences.READ_MIDDLE,
                Optional.empty(),
                1);
        return stone.now().timeS() - cooledAt;
    }

    private Tabling onStone(final BowlState poured) {
        return new Tabling(
                order.couverture(),
                law,
                poured,
                order.equipment().stoneC(),
                order.equipment().stoneM2(),
                order.equipment().stoneMm(),
                order.roomC());
    }

    /** What the stone can cool before it has warmed itself, to a tenth. */
    private double mostOnStone(final BowlState poured) {
        double massG = poured.massG();
        while (massG > 100) {
            massG *= 0.9;
            final BowlState part =
                    new BowlState(0, massG, poured.temperatureC(), poured.crystals());
            if (onStone(part).spread(coolC, LONGEST_HOLD_S)) {
                return massG;
            }
        }
        return 0;
    }

    /** The work itself, to the edge of the window. */
    double work() {
        final double from = now();
        final double fromC = temperatureC();
        final Stop closes = Stop.outOfWindow(work.low(), thickSolid());
        if (closes.notYet(bowl.now())) {
            bowl.runUntil(BowlTreatment.room(order.roomC(), Shear.STIRRED), closes, LONGEST_S);
        }
        final double seconds = now() - from;
        phase(
                CurvePhase.PhaseKind.WORK,
                from,
                fromC,
                work,
                CurveSentences.work(work, seconds, temperatureC()),
                temperatureC(),
                CurveSentences.READ_WORK,
                Optional.of(CurveSentences.topOf(work)),
                0);
        return seconds;
    }

    /** How many crystals this couverture bears before it no longer pours. */
    private double thickSolid() {
        return CassonFlow.thickSolid(
                order.fluidity(),
                order.couverture().ingredient().composition(),
                order.targets().work().middle());
    }

    void solve(final Figure figure) {
        solved.add(figure);
    }

    double handsOnS() {
        return handsOnS;
    }

    List<CurvePhase> phases() {
        return phases;
    }

    List<Figure> solved() {
        return solved;
    }

    List<BowlState> path() {
        absorb();
        return path;
    }

    /** What the bowl has lived through since is what the maker's probe shows. */
    private void absorb() {
        final List<BowlState> all = bowl.path();
        path.addAll(all.subList(seen, all.size()));
        seen = all.size();
    }

    /** What the bowl lives through while the probe is in the chocolate on the stone. */
    private void absorbSilently() {
        seen = bowl.path().size();
    }

    private void phase(
            final CurvePhase.PhaseKind kind,
            final double from,
            final double fromC,
            final Band band,
            final Sentence say,
            final double aimC,
            final Sentence read,
            final Optional<Sentence> caution,
            final double attention) {
        absorb();
        record(
                kind,
                from,
                now(),
                fromC,
                temperatureC(),
                band,
                say,
                aimC,
                Optional.empty(),
                read,
                caution,
                attention);
    }

    private void record(
            final CurvePhase.PhaseKind kind,
            final double from,
            final double to,
            final double fromC,
            final double toC,
            final Band band,
            final Sentence say,
            final double aimC,
            final Optional<CurvePhase.Seed> seed,
            final Sentence read,
            final Optional<Sentence> caution,
            final double attention) {
        handsOnS += (to - from) * attention;
        phases.add(
                new CurvePhase(
                        kind, from, to, fromC, toC, band, say, aimC, seed, read, caution,
                        attention));
    }
}
