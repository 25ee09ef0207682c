package palintone.core.temper.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;

/** Verdicts against bowls whose truth is known; the reader sees readings and notes only. */
class VerdictTest {

    private static final TemperTargets TARGETS =
            TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW);

    @Test
    void verdictsOnLabelledTraces() {
        final List<LabelledTraces.Labelled> traces = LabelledTraces.all();
        final Verdict[] all = Verdict.values();
        final int[][] confusion = new int[all.length][all.length];
        final StringBuilder wrong = new StringBuilder();
        int right = 0;
        int usable = 0;
        for (final LabelledTraces.Labelled trace : traces) {
            final TraceReader.TraceReading reading = read(trace);
            confusion[trace.truth().ordinal()][reading.verdict().ordinal()]++;
            right += reading.verdict() == trace.truth() ? 1 : 0;
            usable += workable(reading.verdict()) == workable(trace.truth()) ? 1 : 0;
            if (reading.verdict() != trace.truth()) {
                wrong.append(
                        String.format(
                                "  %s: is %s, read as %s (%.0f %%)%n",
                                trace.name(),
                                trace.truth().words(),
                                reading.verdict().words(),
                                reading.likelihood() * 100));
            }
        }
        print(confusion, right, usable, traces.size(), wrong);
        assertThat(traces).hasSizeGreaterThanOrEqualTo(30);
        assertThat(right).isGreaterThanOrEqualTo((int) (0.8 * traces.size()));
        assertThat(usable).isGreaterThanOrEqualTo((int) (0.88 * traces.size()));
        for (final Verdict verdict :
                new Verdict[] {Verdict.NONE, Verdict.IN_TEMPER, Verdict.OVER, Verdict.LOST}) {
            assertThat(confusion[verdict.ordinal()][verdict.ordinal()])
                    .as("some %s are in the set and recognised", verdict.words())
                    .isPositive();
        }
    }

    private static boolean workable(final Verdict verdict) {
        return verdict == Verdict.IN_TEMPER || verdict == Verdict.OVER;
    }

    private static TraceReader.TraceReading read(final LabelledTraces.Labelled trace) {
        return TraceReader.read(
                Samples.dark(), TARGETS, trace.massG(), 20, trace.samples(), trace.events());
    }

    private static void print(
            final int[][] confusion,
            final int right,
            final int usable,
            final int traces,
            final StringBuilder wrong) {
        System.out.printf(
                "Verdicts, of bowls made by our own model: %d of %d right, workable or not %d of %d%n"
                        + "%-18s",
                right, traces, usable, traces, "is \\ read as");
        for (final Verdict read : Verdict.values()) {
            System.out.printf("%16s", read.words());
        }
        System.out.println();
        for (final Verdict is : Verdict.values()) {
            System.out.printf("%-18s", is.words());
            for (final Verdict read : Verdict.values()) {
                System.out.printf("%16d", confusion[is.ordinal()][read.ordinal()]);
            }
            System.out.println();
        }
        System.out.print(wrong);
    }
}
