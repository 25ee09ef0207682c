package palintone.server.problem;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.server.problem.Problems.FieldProblem;

/** Every field of what was asked that is outside of the limits it declares. */
final class DeclaredLimits {

    /** Deeper than anything that is asked is nested. */
    private static final int DEEPEST = 10;

    private final List<FieldProblem> wrong = new ArrayList<>();

    private DeclaredLimits() {}

    /**
     * @param body a record, or anything else, in which nothing is declared
     */
    static List<FieldProblem> broken(final Object body) {
        final DeclaredLimits limits = new DeclaredLimits();
        limits.look(body, "", DEEPEST);
        return limits.wrong;
    }

    private void look(final Object at, final String pointer, final int deep) {
        if (deep == 0) {
            return;
        }
        if (at instanceof Record) {
            for (final RecordComponent part : at.getClass().getRecordComponents()) {
                look(at, part, pointer + "/" + part.getName(), deep);
            }
        } else if (at instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                look(list.get(i), pointer + "/" + i, deep - 1);
            }
        } else if (at instanceof Map<?, ?> map) {
            map.forEach((key, value) -> look(value, pointer + "/" + key, deep - 1));
        }
    }

    private void look(
            final Object of, final RecordComponent part, final String pointer, final int deep) {
        final Object value;
        try {
            part.getAccessor().setAccessible(true);
            value = part.getAccessor().invoke(of);
        } catch (final ReflectiveOperationException e) {
            throw new IllegalStateException("A record that cannot be read: " + of.getClass(), e);
        }
        final Within within = part.getAnnotation(Within.class);
        final Longest longest = part.getAnnotation(Longest.class);
        try {
            if (within != null && value instanceof Number number) {
                check(within, FieldProblem.said(pointer), number.doubleValue());
            } else if (longest != null && value instanceof String text) {
                Require.words(FieldProblem.said(pointer), text, longest.value());
            } else {
                look(value, pointer, deep - 1);
            }
        } catch (final OutOfRangeException e) {
            wrong.add(new FieldProblem(e.field(), e.value(), e.allowed(), pointer));
        }
    }

    private static void check(final Within within, final String field, final double value) {
        if (Double.isInfinite(within.high())) {
            // Other fields say the most; here only the least is known.
            if (within.above() ? !(value > within.low()) : !(value >= within.low())) {
                throw new OutOfRangeException(
                        field,
                        (value + " " + within.unit()).strip(),
                        ((within.above() ? "more than " : "from ")
                                        + within.low()
                                        + " "
                                        + within.unit())
                                .strip());
            }
        } else if (within.above()) {
            Require.positive(field, value, within.high(), within.unit());
        } else {
            Require.between(field, value, within.low(), within.high(), within.unit());
        }
    }
}
