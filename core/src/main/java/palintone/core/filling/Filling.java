package palintone.core.filling;

import java.util.List;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Mixture;

/**
 * What goes into a shell: a recipe as its maker writes it.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param operations what is done, in order, and what goes in by it
 * @param pressureHPa of the air where it is cooked, 500 to 1100; syrups boil by it
 * @param pots what its pots are called, in the order of their numbers; a name may be empty or
 *     missing
 * @param style what it is meant to be: its figures are held against that wherever they are shown
 */
public record Filling(
        String id,
        String name,
        List<Operation> operations,
        double pressureHPa,
        List<String> pots,
        Style style) {

    /** Where fillings are piped, °C. */
    public static final double PIPING_C = 28;

    private static final int LONGEST_POT_NAME = 40;

    /** The most lines a recipe may have: more is a pasted file, not a recipe. */
    public static final int MOST_LINES = 200;

    /**
     * @throws OutOfRangeException when a name is missing or there are no lines
     */
    public Filling {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        Require.between("air pressure", pressureHPa, 500, 1100, "hPa");
        operations = List.copyOf(operations);
        pots = List.copyOf(pots);
        if (pots.size() > Operation.MOST_POTS) {
            throw new OutOfRangeException(
                    "pots", String.valueOf(pots.size()), "up to " + Operation.MOST_POTS);
        }
        for (int i = 0; i < pots.size(); i++) {
            if (!pots.get(i).isBlank()) {
                Require.text("name of pot " + (i + 1), pots.get(i), LONGEST_POT_NAME);
            }
        }
        final long lines = operations.stream().mapToLong(op -> op.lines().size()).sum();
        if (lines == 0) {
            throw new OutOfRangeException("recipe of " + name, "no lines", "at least one line");
        }
        if (lines > MOST_LINES || operations.size() > MOST_LINES) {
            throw new OutOfRangeException(
                    "recipe of " + name,
                    lines + " lines",
                    "up to " + MOST_LINES + " lines and as many operations");
        }
    }

    /** Cooked at sea level. */
    public Filling(final String id, final String name, final List<Operation> operations) {
        this(id, name, operations, Cooking.SEA_LEVEL_HPA, List.of(), Style.SOFT_SHELL);
    }

    /** Cooked at sea level, its pots by name. */
    public Filling(
            final String id,
            final String name,
            final List<Operation> operations,
            final List<String> pots) {
        this(id, name, operations, Cooking.SEA_LEVEL_HPA, pots, Style.SOFT_SHELL);
    }

    /** The same, cooked somewhere else. */
    public Filling at(final double newPressureHPa) {
        return new Filling(id, name, operations, newPressureHPa, pots, style);
    }

    /** The same, meant to be something else. */
    public Filling as(final Style other) {
        return new Filling(id, name, operations, pressureHPa, pots, other);
    }

    /** A filling that is only stirred together. */
    public static Filling stirred(
            final String id, final String name, final List<RecipeLine> lines) {
        if (lines.isEmpty()) {
            throw new OutOfRangeException("recipe of " + name, "no lines", "at least one line");
        }
        return new Filling(id, name, List.of(Operation.of(OperationKind.ADD, lines)));
    }

    /**
     * What a pot is called.
     *
     * @param pot its number, counted from 0
     */
    public String potName(final int pot) {
        // Braces stand for numbers in what is said of it.
        return pot < pots.size() && !pots.get(pot).isBlank()
                ? pots.get(pot).replace('{', '(').replace('}', ')')
                : "pot " + (pot + 1);
    }

    /** Whether more than one pot stands on the stove. */
    public boolean severalPots() {
        return operations.stream().anyMatch(op -> op.pot() != 0);
    }

    /** All lines in the order of the recipe. */
    public List<RecipeLine> lines() {
        return operations.stream().flatMap(op -> op.lines().stream()).toList();
    }

    /** Everything weighed in, at the recipe's own size. */
    public Mixture mixture() {
        return Mixture.of(lines().stream().map(RecipeLine::portion).toList());
    }

    /** What comes of it where it is cooked. */
    public Cooked cooked() {
        return Cooking.cook(operations, Cooking.grams(operations), pressureHPa);
    }

    /**
     * What to weigh in so that this much comes out.
     *
     * @param yieldG wanted, grams
     */
    public Mixture weighedFor(final double yieldG) {
        final Mixture in = mixture();
        return in.scaledTo(in.massG() * yieldG / cooked().yieldG());
    }

    /** Density where it is piped, free of air, g/ml. */
    public double densityGPerMl() {
        return ChoiOkos1986.densityGPerMl(cooked().composition(), PIPING_C);
    }
}
