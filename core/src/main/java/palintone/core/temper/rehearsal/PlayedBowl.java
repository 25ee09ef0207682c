package palintone.core.temper.rehearsal;

import java.util.ArrayList;
import java.util.List;
import palintone.core.temper.Couverture;
import palintone.core.temper.bowl.BowlSimulation;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.HeatSink;
import palintone.core.temper.bowl.Tabling;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.PaperTest;
import palintone.core.temper.crystal.Shear;
import palintone.core.temper.method.Equipment;

/**
 * A bowl that is acted upon and keeps its own truth: the same heat and crystal model the plans are
 * made with, with constants that may differ from ours as a real bowl's would.
 */
public final class PlayedBowl {

    private static final double TABLED_SHARE = 2.0 / 3;
    private static final double SEED_STIR_S = 60;
    private static final double READ_S = 15;

    private final Couverture couverture;
    private final CrystalLaw law;
    private final Equipment equipment;
    private final double roomC;
    private final BowlSimulation bowl;
    private final List<BowlState> path = new ArrayList<>();
    private int seen;

    /** A bowl to be played: at first as the state says. */
    public PlayedBowl(
            final Couverture couverture,
            final CrystalConstants constants,
            final BowlVessel vessel,
            final Equipment equipment,
            final double roomC,
            final BowlState start) {
        this.couverture = couverture;
        this.equipment = equipment;
        this.roomC = roomC;
        law = new CrystalLaw(couverture.crystals().curve(), constants);
        bowl = new BowlSimulation(couverture, law, vessel, start);
    }

    public BowlState now() {
        return bowl.now();
    }

    /** The truth so far, as a probe in the chocolate would have seen it. */
    public List<BowlState> path() {
        absorb();
        return List.copyOf(path);
    }

    /** Stirred for a moment, however short. */
    public void idle(final double seconds) {
        bowl.run(room(Shear.STIRRED), seconds);
    }

    /** Temperature, °C, at a moment of the past, or now where that has not come. */
    public double temperatureAt(final double timeS) {
        absorb();
        for (int i = path.size() - 1; i > 0; i--) {
            final BowlState before = path.get(i - 1);
            final BowlState after = path.get(i);
            if (before.timeS() <= timeS && timeS <= after.timeS()) {
                final double length = after.timeS() - before.timeS();
                final double along = length > 0 ? (timeS - before.timeS()) / length : 1;
                return before.temperatureC()
                        + along * (after.temperatureC() - before.temperatureC());
            }
        }
        return bowl.now().temperatureC();
    }

    /** Seconds a smear taken now would need. */
    public PaperTest.PaperOutcome smear() {
        return new PaperTest(roomC).smear(law, bowl.now().temperatureC(), bowl.now().crystals());
    }

    /** Does it; the clock goes on by as long as it takes. */
    public void act(final RehearsalAct act) {
        switch (act.kind()) {
            case HEAT ->
                    bowl.run(room(Shear.STIRRED).heated(equipment.heat().wattsIn()), act.amount());
            case STIR -> bowl.run(room(Shear.STIRRED), act.amount());
            case WAIT -> bowl.run(room(Shear.STILL), act.amount());
            case BATH ->
                    bowl.run(
                            room(Shear.STIRRED)
                                    .with(
                                            HeatSink.water(
                                                    bowl.vessel(),
                                                    equipment.bathC(),
                                                    equipment.bathG())),
                            act.amount());
            case SEED -> {
                bowl.add(act.amount(), roomC, couverture.tempered(roomC));
                bowl.run(room(Shear.STIRRED), SEED_STIR_S);
            }
            case TAKE -> bowl.take(Math.min(act.amount(), bowl.now().massG() - 2));
            case TABLE -> table(act.amount());
            case READ -> bowl.run(room(Shear.STIRRED), READ_S);
            case PAPER ->
                    // The smear lies there; the bowl is stirred meanwhile.
                    bowl.run(room(Shear.STIRRED), Math.min(120, smear().seconds()));
            case WORK -> {
                return;
            }
        }
    }

    private BowlTreatment room(final Shear shear) {
        return BowlTreatment.room(roomC, shear);
    }

    private void table(final double seconds) {
        absorb();
        final double massG = bowl.now().massG() * TABLED_SHARE;
        final BowlState poured =
                new BowlState(
                        bowl.now().timeS(),
                        massG,
                        bowl.now().temperatureC(),
                        bowl.now().crystals());
        bowl.take(massG);
        final Tabling stone =
                new Tabling(
                        couverture,
                        law,
                        poured,
                        equipment.stoneC(),
                        equipment.stoneM2(),
                        equipment.stoneMm(),
                        roomC);
        final boolean cold =
                stone.spread(law.curve().fromCocoaButterC(CrystalLaw.NUCLEATION_C), seconds);
        final double left = seconds - (stone.now().timeS() - poured.timeS());
        if (cold && left > 0) {
            stone.gatherFor(left);
        }
        path.addAll(stone.path());
        bowl.run(room(Shear.STILL), seconds);
        seen = bowl.path().size();
        bowl.add(massG, stone.now().temperatureC(), stone.now().crystals());
        bowl.run(room(Shear.STIRRED), SEED_STIR_S);
    }

    private void absorb() {
        final List<BowlState> all = bowl.path();
        path.addAll(all.subList(seen, all.size()));
        seen = all.size();
    }
}
