package palintone.core.temper.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import palintone.core.Samples;
import palintone.core.temper.HeatSource;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.estimate.ParameterUncertainty;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.rehearsal.PlayedBowl;
import palintone.core.temper.rehearsal.RehearsalAct;
import palintone.core.temper.rehearsal.SimulatedProbe;

/** Played bowls, good and spoilt, read by a faulty probe, labelled with their own truth. */
final class LabelledTraces {

    private static final Equipment WORKSHOP =
            new Equipment(new HeatSource(800, 0.6), 19, 0.54, 20, 14, 9000, 900);

    private LabelledTraces() {}

    record Labelled(
            String name,
            double massG,
            List<Sample> samples,
            List<BowlEvent> events,
            Verdict truth) {}

    /** What is done: letters of acts with amounts, such as "B27 S240 R31.3 S600". */
    private static final String[][] SCRIPTS = {
        {"bath, good", "B27 S300 R31.3 S300"},
        {"bath, good and worked", "B26.5 S360 R31.5 S600 R31.5 S400"},
        {"bath, hold too short", "B29.5 R31.3 S240"},
        {"bath, never cold enough", "B31.5 S300"},
        {"bath, rewarmed too far", "B26.5 S360 R36 S240 B31.5 S60"},
        {"bath, rewarmed far too far", "B26.5 S300 R40 S60 B31.5 S60"},
        {"bath, held for an hour", "B26.5 S500 R31 K31 K31 K31 K31"},
        {"bath, forgotten in the cold", "B23 S600 R28 S300"},
        {"stone, good", "T420 S300"},
        {"stone, good, long", "T540 S200 R31.5 S300"},
        {"stone, too short", "T100 S120 B31.5 S30"},
        {"stone, then too hot", "T420 R37 S240 B32 S60"},
        {"third of seed", "C46 X1000 S300"},
        {"third of seed, bowl too hot", "X600 S200 B31.5 S60"},
        {"few per cent, good", "B33.8 X90 S400"},
        {"few per cent, too hot", "B40 X90 S200 B31.5 S60"},
        {"few per cent, then rewarmed too far", "B33.8 X90 S200 R37 S200 B32 S60"},
        {"left to cool in the room only", "C32 S120"},
    };

    static List<Labelled> all() {
        final List<Labelled> all = new ArrayList<>();
        final Random random = new Random(41);
        for (int round = 0; round < 2; round++) {
            for (final String[] script : SCRIPTS) {
                all.add(play(script[0] + " " + (round + 1), script[1], random));
            }
        }
        return all;
    }

    private static Labelled play(final String name, final String script, final Random random) {
        final double massG = 2000 + 1500 * random.nextDouble();
        final ParameterUncertainty.Draw draw =
                ParameterUncertainty.USUAL.draw(CrystalConstants.CALIBRATED, random);
        final PlayedBowl bowl =
                new PlayedBowl(
                        Samples.dark(),
                        draw.constants(),
                        BowlVessel.holding(VesselKind.STEEL_BOWL, massG, 1.2),
                        WORKSHOP,
                        20,
                        new BowlState(0, massG, 42, Crystals.NONE));
        while (bowl.now().temperatureC() < 47) {
            bowl.act(new RehearsalAct(RehearsalAct.ActKind.HEAT, 10));
            bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, 15));
        }
        final List<BowlEvent> events = new ArrayList<>();
        for (final String word : script.split(" ")) {
            step(bowl, word.charAt(0), Double.parseDouble(word.substring(1)), massG, events);
        }
        final SimulatedProbe probe = new SimulatedProbe(0.12, draw.probeOffsetK(), 0.05, 0.04);
        final double most =
                bowl.path().stream().mapToDouble(s -> s.crystals().stable()).max().orElse(0);
        return new Labelled(
                name,
                massG,
                probe.read(bowl.path(), 5, random),
                events,
                Verdict.of(bowl.now().crystals(), most));
    }

    private static void step(
            final PlayedBowl bowl,
            final char act,
            final double amount,
            final double massG,
            final List<BowlEvent> events) {
        switch (act) {
            case 'B' -> until(bowl, RehearsalAct.ActKind.BATH, 10, amount, false);
            case 'C' -> until(bowl, RehearsalAct.ActKind.STIR, 60, amount, false);
            case 'R' -> until(bowl, RehearsalAct.ActKind.HEAT, 5, amount, true);
            case 'S' -> bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, amount));
            case 'K' -> {
                until(bowl, RehearsalAct.ActKind.HEAT, 5, amount, true);
                for (int i = 0; i < 9; i++) {
                    bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, 100));
                    until(bowl, RehearsalAct.ActKind.HEAT, 5, amount, true);
                }
            }
            case 'T' -> {
                bowl.act(new RehearsalAct(RehearsalAct.ActKind.TABLE, amount));
                // Some of the time on the stone goes into getting cold.
                events.add(
                        new BowlEvent(
                                BowlEvent.EventKind.TABLED,
                                bowl.now().timeS() - 60,
                                2.0 / 3,
                                Math.max(5, amount - 230)));
            }
            case 'X' -> {
                events.add(BowlEvent.of(BowlEvent.EventKind.SEED, bowl.now().timeS() + 1, amount));
                bowl.act(new RehearsalAct(RehearsalAct.ActKind.SEED, amount));
            }
            default -> throw new IllegalArgumentException("act " + act + " of " + massG);
        }
    }

    private static void until(
            final PlayedBowl bowl,
            final RehearsalAct.ActKind how,
            final double seconds,
            final double toC,
            final boolean rising) {
        for (int i = 0;
                i < 600
                        && rising == bowl.now().temperatureC() < toC
                        && bowl.now().temperatureC() != toC;
                i++) {
            bowl.act(new RehearsalAct(how, seconds));
            if (rising) {
                bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, 15));
            }
        }
    }
}
