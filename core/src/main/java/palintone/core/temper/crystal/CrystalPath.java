package palintone.core.temper.crystal;

/**
 * Crystals along a temperature that was measured, not computed: Heun steps of at most five seconds,
 * shorter where seed melts fast. Mutable and small on purpose: an ensemble keeps hundreds of them.
 */
public final class CrystalPath {

    private static final double LONGEST_STEP_S = 5;

    /** Nothing may change by more than this part of itself in a step. */
    private static final double LARGEST_PART = 0.3;

    private static final double FLOOR = 1e-4;

    private final CrystalLaw law;
    private CrystalLaw.Warmth here = new CrystalLaw.Warmth();
    private CrystalLaw.Warmth ahead = new CrystalLaw.Warmth();
    private final double[] first = new double[2];
    private final double[] second = new double[2];
    private double stable;
    private double unstable;

    /**
     * @param start crystals at the beginning, shares of the fat
     */
    public CrystalPath(final CrystalLaw law, final Crystals start) {
        this.law = law;
        stable = start.stable();
        unstable = start.unstable();
    }

    public Crystals now() {
        return new Crystals(stable, unstable);
    }

    public double stable() {
        return stable;
    }

    public double unstable() {
        return unstable;
    }

    /** Puts other crystals in its place: seed stirred in, or an estimate revised. */
    public void reset(final Crystals crystals) {
        stable = crystals.stable();
        unstable = crystals.unstable();
    }

    /**
     * Goes on along a straight line of temperature.
     *
     * @param fromC at the start
     * @param toC at the end
     * @param seconds 0 or more
     * @param shear 0 to 1
     */
    public void advance(
            final double fromC, final double toC, final double seconds, final double shear) {
        double done = 0;
        double t = fromC;
        while (done < seconds) {
            law.rates(here, t, stable, unstable, shear, first);
            double step = Math.min(LONGEST_STEP_S, seconds - done);
            step = Math.min(step, LARGEST_PART * (stable + FLOOR) / Math.abs(first[0]));
            step = Math.min(step, LARGEST_PART * (unstable + FLOOR) / Math.abs(first[1]));
            step = Math.max(step, Math.min(0.05, seconds - done));
            done += step;
            // To the very end: there the next stretch begins, and asks at the same temperature.
            t = done < seconds ? fromC + (toC - fromC) * done / seconds : toC;
            law.rates(
                    ahead,
                    t,
                    clamp(stable + step * first[0]),
                    clamp(unstable + step * first[1]),
                    shear,
                    second);
            stable = clamp(stable + step * (first[0] + second[0]) / 2);
            unstable = Math.min(clamp(unstable + step * (first[1] + second[1]) / 2), 1 - stable);
            final CrystalLaw.Warmth left = here;
            here = ahead;
            ahead = left;
        }
    }

    private static double clamp(final double share) {
        return share < 0 ? 0 : Math.min(share, 1);
    }
}
