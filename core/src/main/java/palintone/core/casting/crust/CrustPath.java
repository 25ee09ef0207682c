package palintone.core.casting.crust;

import java.util.ArrayList;
import java.util.List;

/** How a body went through the minutes: every step that was taken, straight lines between. */
public final class CrustPath {

    private final double[] depthM;
    private final double[] volumeM;
    private final int[] stratum;
    private final List<double[]> states = new ArrayList<>();
    private final List<Double> times = new ArrayList<>();
    private double outsideJPerM2;
    private double insideJPerM2;
    private double gainedJPerM2;

    CrustPath(final double[] depthM, final double[] volumeM, final int[] stratum) {
        this.depthM = depthM;
        this.volumeM = volumeM;
        this.stratum = stratum;
    }

    void keep(final double seconds, final double[] state) {
        times.add(seconds);
        states.add(state.clone());
    }

    void ledger(final double outsideJ, final double insideJ, final double gainedJ) {
        outsideJPerM2 = outsideJ;
        insideJPerM2 = insideJ;
        gainedJPerM2 = gainedJ;
    }

    public int cells() {
        return depthM.length;
    }

    /** Middle of a cell, m below the outside. */
    public double depthM(final int cell) {
        return depthM[cell];
    }

    /** How deep it goes, m. */
    double reachesM() {
        final int last = depthM.length - 1;
        return depthM[last] + (last > 0 ? (depthM[last] - depthM[last - 1]) / 2 : depthM[0]);
    }

    /** Volume of a cell over a square metre of the outside, m. */
    public double volumeM(final int cell) {
        return volumeM[cell];
    }

    /** Which layer a cell belongs to. */
    public int stratum(final int cell) {
        return stratum[cell];
    }

    /** How long it was followed, s. */
    public double endS() {
        return times.get(times.size() - 1);
    }

    /** Steps taken. */
    public int steps() {
        return times.size() - 1;
    }

    public double temperatureC(final int cell, final double seconds) {
        return value(3 * cell, seconds);
    }

    /** Share of the fat that is form V. */
    public double stable(final int cell, final double seconds) {
        return value(3 * cell + 1, seconds);
    }

    /** Share of the fat that is in unstable forms. */
    public double unstable(final int cell, final double seconds) {
        return value(3 * cell + 2, seconds);
    }

    private double value(final int at, final double seconds) {
        int low = 0;
        int high = times.size() - 1;
        if (seconds >= times.get(high)) {
            return states.get(high)[at];
        }
        while (high - low > 1) {
            final int middle = (low + high) / 2;
            if (times.get(middle) <= seconds) {
                low = middle;
            } else {
                high = middle;
            }
        }
        final double from = times.get(low);
        final double part = Math.max(0, (seconds - from) / (times.get(high) - from));
        final double a = states.get(low)[at];
        return a + part * (states.get(high)[at] - a);
    }

    /** Temperature, stable and unstable share at any depth, straight lines between the cells. */
    double[] at(final double depth, final double seconds) {
        if (depthM.length == 1) {
            return new double[] {value(0, seconds), value(1, seconds), value(2, seconds)};
        }
        int cell = 0;
        while (cell < depthM.length - 2 && depthM[cell + 1] < depth) {
            cell++;
        }
        final double wide = depthM[cell + 1] - depthM[cell];
        final double part = Math.max(0, Math.min(1, (depth - depthM[cell]) / wide));
        final double[] there = new double[3];
        for (int k = 0; k < 3; k++) {
            // Crystals of a layer that sets are not mixed with a wall that has none.
            final boolean one = stratum[cell] == stratum[cell + 1] || k == 0;
            final double a = value(3 * cell + k, seconds);
            final double b = value(3 * cell + 3 + k, seconds);
            there[k] = one ? a + part * (b - a) : b;
        }
        return there;
    }

    /** Solid share of the fat of one layer in the mean, 0 to 1. */
    public double meanSolid(final int layer, final double seconds) {
        return mean(layer, seconds, cell -> stable(cell, seconds) + unstable(cell, seconds));
    }

    /** Its mean temperature, °C. */
    public double meanC(final int layer, final double seconds) {
        return mean(layer, seconds, cell -> temperatureC(cell, seconds));
    }

    private double mean(
            final int layer,
            final double seconds,
            final java.util.function.IntToDoubleFunction of) {
        double sum = 0;
        double all = 0;
        for (int i = 0; i < depthM.length; i++) {
            if (stratum[i] == layer) {
                sum += volumeM[i] * of.applyAsDouble(i);
                all += volumeM[i];
            }
        }
        return all > 0 ? sum / all : Double.NaN;
    }

    /** The warmest it ever was in a layer from a moment on, °C. */
    public double warmestC(final int layer, final double fromS) {
        double most = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < times.size(); k++) {
            if (times.get(k) < fromS) {
                continue;
            }
            for (int i = 0; i < depthM.length; i++) {
                if (stratum[i] == layer) {
                    most = Math.max(most, states.get(k)[3 * i]);
                }
            }
        }
        return most;
    }

    /**
     * First moment at which something holds, s; positive infinity where it never does on this path.
     */
    public double firstS(final java.util.function.DoublePredicate holds) {
        for (int k = 0; k < times.size(); k++) {
            if (holds.test(times.get(k))) {
                if (k == 0) {
                    return times.get(0);
                }
                double low = times.get(k - 1);
                double high = times.get(k);
                while (high - low > 0.05) {
                    final double middle = (low + high) / 2;
                    if (holds.test(middle)) {
                        high = middle;
                    } else {
                        low = middle;
                    }
                }
                return high;
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    /** Heat that left through the outside, J over its square metre. */
    public double outsideJPerM2() {
        return outsideJPerM2;
    }

    /** Heat that left through the inside. */
    public double insideJPerM2() {
        return insideJPerM2;
    }

    /** What the body holds more than at the beginning; negative where it cooled. */
    public double gainedJPerM2() {
        return gainedJPerM2;
    }
}
