package palintone.core.temper.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * Tells at once whether a reading can be the middle of the bowl, without knowing what comes after.
 * One that jumps is held back; when the next ones agree with it the bowl has really jumped, as when
 * the part from the stone comes back.
 */
public final class LiveFilter {

    private static final double JUMP_K = 1.5;

    /** Faster than this no bowl changes by itself, K/s. */
    private static final double FASTEST_K_PER_S = 0.12;

    private static final int AGREEING = 3;
    private static final double AGREE_K = 0.8;

    private final List<Sample> held = new ArrayList<>();
    private double lastS = Double.NaN;
    private double lastC;

    /**
     * @param sample finite, and not earlier than the one before
     * @return readings that may be trusted now, in order; empty while one is held back
     */
    public List<Sample> offer(final Sample sample) {
        if (Double.isNaN(lastS) || near(sample)) {
            held.clear();
            return trust(List.of(sample));
        }
        if (!held.isEmpty()
                && Math.abs(held.get(held.size() - 1).temperatureC() - sample.temperatureC())
                        > AGREE_K) {
            held.clear();
        }
        held.add(sample);
        if (held.size() < AGREEING) {
            return List.of();
        }
        final List<Sample> now = List.copyOf(held);
        held.clear();
        return trust(now);
    }

    /** True while the last reading is not believed. */
    public boolean doubting() {
        return !held.isEmpty();
    }

    private boolean near(final Sample sample) {
        final double allowed = JUMP_K + FASTEST_K_PER_S * Math.max(0, sample.timeS() - lastS);
        return Math.abs(sample.temperatureC() - lastC) <= allowed;
    }

    private List<Sample> trust(final List<Sample> samples) {
        final Sample last = samples.get(samples.size() - 1);
        lastS = last.timeS();
        lastC = last.temperatureC();
        return samples;
    }
}
