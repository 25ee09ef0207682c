package palintone.core.temper.crystal;

import java.util.ArrayList;
import java.util.List;
import palintone.core.fat.SolidFatCurve;

/**
 * What the trade knows of cocoa butter crystals, each put as a number the law can be asked for.
 * Common practice, no source; where practice gives a range, the middle is aimed at.
 */
public final class CalibrationTargets {

    private static final double ROOM_C = 20;
    private static final double WORK_C = 31.5;

    private CalibrationTargets() {}

    /**
     * One fact; its numbers share a unit, which its name says.
     *
     * @param name what is asked
     * @param wanted the middle of what practice says
     * @param low end of what practice allows
     * @param high the other end
     * @param found what the law answers
     */
    public record Fact(String name, double wanted, double low, double high, double found) {

        /**
         * Natural logarithm of found over wanted, scaled by half the width of the range; nothing
         * where practice only sets a ceiling and that is kept.
         */
        public double residual() {
            if (low == 0) {
                return holds() ? 0 : Math.log(found / high);
            }
            final double half = Math.log(high / low) / 2;
            return Math.log(Math.max(found, 1e-9) / wanted) / half;
        }

        public boolean holds() {
            return found >= low && found <= high;
        }
    }

    /** Asks the law about all of them, for cocoa butter. */
    public static List<Fact> of(final CrystalConstants constants) {
        final CrystalLaw law = new CrystalLaw(SolidFatCurve.cocoaButter(), constants);
        final List<Fact> facts = new ArrayList<>();
        facts.add(new Fact("smear with 0.5 % seeds sets, s", 105, 85, 120, smear(law, 0.005)));
        facts.add(new Fact("smear with 1 % seeds sets, s", 85, 60, 115, smear(law, 0.01)));
        facts.add(new Fact("smear with 3 % seeds sets, s", 55, 30, 90, smear(law, 0.03)));
        facts.add(new Fact("smear without seeds sets, s", 1500, 600, 3000, smear(law, 0)));
        facts.add(
                new Fact(
                        "3 min at 34.5 °C leave of 2 % seeds",
                        0.0003, 0, 0.001, held(law, 34.5, 180, 0.02).stable()));
        facts.add(
                new Fact(
                        "3 min at 33 °C leave of 2 % seeds",
                        0.011, 0.006, 0.017, held(law, 33, 180, 0.02).stable()));
        facts.add(new Fact("tabled 4 min and remixed", 0.006, 0.003, 0.03, tabled(law, 240)));
        facts.add(new Fact("tabled 6 min and remixed", 0.014, 0.003, 0.03, tabled(law, 360)));
        facts.add(new Fact("cold bath 3 min, rewarmed", 0.005, 0.003, 0.05, bathed(law, 180)));
        facts.add(new Fact("cold bath 8 min, rewarmed", 0.03, 0.003, 0.05, bathed(law, 480)));
        facts.add(
                new Fact(
                        "1 % doubles at 31.5 °C, min", 20, 15, 25, doubling(law, WORK_C, 60) / 60));
        facts.add(new Fact("1 % doubles at 27 °C, min", 3, 1.5, 5, doubling(law, 27, 60) / 60));
        facts.add(new Fact("unseeded, still, 20 °C: unstable after, min", 15, 10, 20, first(law)));
        return facts;
    }

    private static double smear(final CrystalLaw law, final double seeds) {
        return new PaperTest(ROOM_C).smear(law, WORK_C, new Crystals(seeds, 0)).seconds();
    }

    private static Crystals held(
            final CrystalLaw law, final double atC, final double seconds, final double seeds) {
        final CrystalPath path = new CrystalPath(law, new Crystals(seeds, 0));
        path.advance(atC, atC, seconds, Shear.STIRRED.strength());
        return path.now();
    }

    /** Two thirds on the stone at 26.5 °C, then a minute at 32 °C with the warm third. */
    private static double tabled(final CrystalLaw law, final double seconds) {
        final CrystalPath stone = new CrystalPath(law, Crystals.NONE);
        stone.advance(
                CrystalLaw.NUCLEATION_C, CrystalLaw.NUCLEATION_C, seconds, Shear.TABLED.strength());
        final CrystalPath bowl = new CrystalPath(law, stone.now().mixedWith(2, Crystals.NONE, 1));
        bowl.advance(32, 32, 60, Shear.STIRRED.strength());
        return bowl.stable();
    }

    private static double bathed(final CrystalLaw law, final double seconds) {
        final CrystalPath path = new CrystalPath(law, Crystals.NONE);
        final double stirred = Shear.STIRRED.strength();
        path.advance(CrystalLaw.NUCLEATION_C, CrystalLaw.NUCLEATION_C, seconds, stirred);
        path.advance(CrystalLaw.NUCLEATION_C, 31, 60, stirred);
        path.advance(31, 31, 60, stirred);
        return path.stable();
    }

    private static double doubling(
            final CrystalLaw law, final double atC, final double longestMin) {
        final CrystalPath path = new CrystalPath(law, new Crystals(0.01, 0));
        for (int s = 0; s < longestMin * 60; s += 5) {
            final double before = path.stable();
            path.advance(atC, atC, 5, Shear.STIRRED.strength());
            if (path.stable() >= 0.02) {
                return s + 5 * (0.02 - before) / (path.stable() - before);
            }
        }
        return longestMin * 60;
    }

    /** Minutes until one per cent of the fat is in unstable form. */
    private static double first(final CrystalLaw law) {
        final CrystalPath path = new CrystalPath(law, Crystals.NONE);
        for (int s = 0; s < 7200; s += 5) {
            final double before = path.unstable();
            path.advance(ROOM_C, ROOM_C, 5, 0);
            if (path.unstable() >= 0.01) {
                return (s + 5 * (0.01 - before) / (path.unstable() - before)) / 60;
            }
        }
        return 120;
    }
}
