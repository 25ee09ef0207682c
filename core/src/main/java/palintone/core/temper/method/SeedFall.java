package palintone.core.temper.method;

import java.util.List;
import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.Couverture;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlSimulation;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.Stop;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;

/**
 * What becomes of seed while the bowl falls to its window: the balance at the moment it goes in
 * says what could stay, the crystals along the fall what does.
 *
 * @param path from the seed to the window, or as far as it falls in two hours
 * @param say what comes of it, and where nothing does, how makers who seed so warm still succeed
 */
public record SeedFall(List<BowlState> path, List<Sentence> say) {

    private static final double LONGEST_S = 2 * 3600;

    /**
     * Allowed: seed above 0 to 1000000 g.
     *
     * @param meltG in the bowl, fully melted, g
     * @param bowlC when the seed goes in, 15 to 60 °C
     * @param seedG stirred in, above 0 g
     * @param roomC of the room, and of the seed, 10 to 27 °C
     * @throws OutOfRangeException when one of them is impossible
     */
    public static SeedFall of(
            final Couverture couverture,
            final BowlVessel vessel,
            final Band work,
            final double meltG,
            final double bowlC,
            final double seedG,
            final double roomC) {
        Require.between("bowl temperature", bowlC, 15, 60, "°C");
        Require.positive("seed", seedG, 1_000_000, "g");
        final BowlSimulation bowl =
                new BowlSimulation(
                        couverture,
                        couverture.crystals(),
                        vessel,
                        new BowlState(0, meltG, bowlC, Crystals.NONE));
        bowl.add(seedG, roomC, couverture.tempered(roomC));
        final Stop inWindow = Stop.atTemperature(work.high());
        if (inWindow.notYet(bowl.now())) {
            bowl.runUntil(BowlTreatment.room(roomC, Shear.STIRRED), inWindow, LONGEST_S);
        } else {
            bowl.run(BowlTreatment.room(roomC, Shear.STIRRED), 60);
        }
        final double left = bowl.now().crystals().stable();
        final Sentence fall =
                Sentence.of("{fall} later it stands at {end}, with {left} of the fat as seed.")
                        .with("fall", bowl.now().timeS() / 60, Unit.MINUTE)
                        .with("end", bowl.now().temperatureC(), Unit.CELSIUS)
                        .with("left", left * 100, Unit.PERCENT);
        return new SeedFall(
                bowl.path(),
                left >= Verdict.LEAST_STABLE
                        ? List.of(fall)
                        : List.of(fall, later(couverture, work, meltG, seedG, roomC)));
    }

    /** All of it has gone: when the same seed would stay. */
    private static Sentence later(
            final Couverture couverture,
            final Band work,
            final double meltG,
            final double seedG,
            final double roomC) {
        final SeedPlan plan =
                SeedPlan.forShare(
                        couverture,
                        work,
                        meltG + seedG,
                        Math.max(0.005, Math.min(0.6, seedG / (meltG + seedG))),
                        Math.max(5, Math.min(27, roomC)));
        return Sentence.of(
                        "It goes on melting out while the bowl falls. Makers who seed so warm add as"
                                + " much again when it reads {at}: then {stays} of the fat stays as"
                                + " seed. Or keep the seed until then.")
                .with("at", plan.bowlTemperatureC().value(), Unit.CELSIUS)
                .with("stays", plan.seedLeft().value(), Unit.PERCENT);
    }
}
