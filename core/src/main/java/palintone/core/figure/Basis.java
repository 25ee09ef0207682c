package palintone.core.figure;

import java.util.ArrayList;
import java.util.List;

/**
 * Why a number is what it is: the formula, what went into it, where it comes from and where it
 * stops being valid. Immutable; the {@code with} and {@code from} methods return a longer copy.
 *
 * @param formula the formula as a maker with some schooling can read it
 * @param inputs what was put in
 * @param sources where formula and constants come from
 * @param validity where the formula holds, empty where it always does
 * @param withinValidity false when this figure was computed outside that range
 */
public record Basis(
        String formula,
        List<Input> inputs,
        List<Source> sources,
        String validity,
        boolean withinValidity) {

    /** One number that went into a formula, in its unit. */
    public record Input(String name, double value, Unit unit) {}

    /** The lists are copied. */
    public Basis {
        inputs = List.copyOf(inputs);
        sources = List.copyOf(sources);
    }

    public static Basis of(final String formula) {
        return new Basis(formula, List.of(), List.of(), "", true);
    }

    /**
     * With one more number that went in.
     *
     * @param value in that unit
     */
    public Basis with(final String name, final double value, final Unit unit) {
        final List<Input> longer = new ArrayList<>(inputs);
        longer.add(new Input(name, value, unit));
        return new Basis(formula, longer, sources, validity, withinValidity);
    }

    /** With one more source. */
    public Basis from(final Source source) {
        final List<Source> longer = new ArrayList<>(sources);
        longer.add(source);
        return new Basis(formula, inputs, longer, validity, withinValidity);
    }

    /**
     * @param range in words, where the formula holds
     * @param within whether this figure lies inside it
     */
    public Basis validFor(final String range, final boolean within) {
        return new Basis(formula, inputs, sources, range, within);
    }
}
