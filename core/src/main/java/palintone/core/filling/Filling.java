package palintone.core.filling;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.KitchenUnit;
import palintone.core.substance.Mixture;
import palintone.core.substance.Portion;

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
 * @param flavour what makes it a flavour of a base; nothing where it is a recipe of its own
 */
public record Filling(
        String id,
        String name,
        List<Operation> operations,
        double pressureHPa,
        List<String> pots,
        Style style,
        Optional<Flavour> flavour) {

    /**
     * Part of a base, with something stirred into it while that is warm.
     *
     * @param base made once for all its flavours, as its recipe says, before it rests
     * @param added to all that comes of the base's recipe
     */
    public record Flavour(Filling base, List<RecipeLine> added) {

        /** The list is copied. */
        public Flavour {
            added = List.copyOf(added);
        }

        /** What is stirred into 100 g of the base. */
        public List<Portion> per100() {
            final double baseG = base.before().cooked().yieldG();
            return added.stream()
                    .map(line -> new Portion(line.ingredient(), line.massG() * 100 / baseG))
                    .toList();
        }

        /** Share of the flavoured filling that is base, by mass, 0 to 1. */
        public double baseShare() {
            final double baseG = base.before().cooked().yieldG();
            return baseG / (baseG + added.stream().mapToDouble(RecipeLine::massG).sum());
        }
    }

    /** Where fillings are piped, °C. */
    public static final double PIPING_C = 28;

    private static final int LONGEST_POT_NAME = 40;

    /** The most lines a recipe may have: more is a pasted file, not a recipe. */
    public static final int MOST_LINES = 200;

    /**
     * Allowed: air pressure 500 to 1100 hPa.
     *
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

    /** A recipe of its own. */
    public Filling(
            final String id,
            final String name,
            final List<Operation> operations,
            final double pressureHPa,
            final List<String> pots,
            final Style style) {
        this(id, name, operations, pressureHPa, pots, style, Optional.empty());
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
        return new Filling(
                id,
                name,
                operations,
                newPressureHPa,
                pots,
                style,
                flavour.map(f -> new Flavour(f.base().at(newPressureHPa), f.added())));
    }

    /** The same, meant to be something else. */
    public Filling as(final Style other) {
        return new Filling(id, name, operations, pressureHPa, pots, other, flavour);
    }

    /** Most that is stirred into 100 g of a base; more is another recipe. */
    public static final double MOST_FLAVOUR_G = 60;

    /**
     * A flavour of this base.
     *
     * @param per100 grams of each ingredient to 100 g of the base, above 0, 60 all together;
     *     nothing for the part that stays as it is
     * @throws OutOfRangeException when that is too much, or it is a flavour already
     */
    public Filling flavoured(final List<Portion> per100) {
        if (flavour.isPresent()) {
            throw new OutOfRangeException("base", name, "a recipe that is no flavour itself");
        }
        per100.forEach(
                p ->
                        Require.positive(
                                p.ingredient().name() + " to 100 g of " + name,
                                p.massG(),
                                MOST_FLAVOUR_G,
                                "g"));
        Require.between(
                "stirred into 100 g of " + name,
                per100.stream().mapToDouble(Portion::massG).sum(),
                0,
                MOST_FLAVOUR_G,
                "g");
        final double baseG = before().cooked().yieldG();
        final List<RecipeLine> added =
                per100.stream()
                        .map(
                                p ->
                                        new RecipeLine(
                                                p.ingredient(),
                                                p.massG() / 100 * baseG,
                                                KitchenUnit.GRAM))
                        .toList();
        final List<Operation> all = new ArrayList<>(before().operations());
        if (!added.isEmpty()) {
            all.add(Operation.of(OperationKind.ADD, added));
        }
        all.addAll(operations.subList(standsFrom(), operations.size()));
        final String with =
                per100.stream()
                        .map(p -> p.ingredient().name())
                        .collect(Collectors.joining(", ", " with ", ""));
        return new Filling(
                cut(
                        id
                                + "+"
                                + per100.stream()
                                        .map(p -> p.ingredient().id() + p.massG())
                                        .collect(Collectors.joining("+")),
                        64),
                cut(per100.isEmpty() ? name : name + with, 120),
                all,
                pressureHPa,
                pots,
                style,
                Optional.of(new Flavour(this, added)));
    }

    /** Long enough to tell flavours apart; what is cut off is told by its mark. */
    private static String cut(final String text, final int most) {
        return text.length() <= most
                ? text
                : text.substring(0, most - 9)
                        + "~"
                        + String.format(java.util.Locale.ROOT, "%08x", text.hashCode());
    }

    /** Place of the rest or freezing it ends with; behind the last where there is none. */
    public int standsFrom() {
        int from = operations.size();
        while (from > 1 && STANDS.contains(operations.get(from - 1).kind())) {
            from--;
        }
        return from;
    }

    private static final Set<OperationKind> STANDS =
            EnumSet.of(OperationKind.REST, OperationKind.FREEZE, OperationKind.CUT);

    /** The same as it is while it is warm, before it rests. */
    public Filling before() {
        return standsFrom() == operations.size()
                ? this
                : new Filling(
                        id, name, operations.subList(0, standsFrom()), pressureHPa, pots, style);
    }

    /** Under which it stands in the books: a flavour has those of its base. */
    public String recipeId() {
        return flavour.map(f -> f.base().id()).orElse(id);
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

    /** What goes in by taste, in the order of the recipe. */
    public List<RecipeLine> toTaste() {
        return operations.stream().flatMap(op -> op.toTaste().stream()).toList();
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
