package palintone.core.filling.pot;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.substance.FunctionalClass;

/**
 * One thing done to a pot, with what goes in by it.
 *
 * @param kind what is done
 * @param lines what goes in, empty for most
 * @param settings what its maker has set; the rest is by custom
 * @param pot what it is done to, counted from 0: the pot the filling comes out of
 * @param from what is taken out of another pot and goes in after the lines
 */
public record Operation(
        OperationKind kind,
        List<RecipeLine> lines,
        Map<OperationSetting, Double> settings,
        int pot,
        Optional<FromPot> from) {

    /** More pans than anybody has on one stove. */
    public static final int MOST_POTS = 6;

    /**
     * Allowed: pot 1 to 6.
     *
     * @throws OutOfRangeException when ingredients are missing where they are wanted, go in where
     *     nothing does, a setting is impossible or not one of this operation's, or it takes from
     *     its own pot
     */
    public Operation {
        lines = List.copyOf(lines);
        final Map<OperationSetting, Double> checked = new EnumMap<>(OperationSetting.class);
        for (final Map.Entry<OperationSetting, Double> set : settings.entrySet()) {
            final OperationSetting setting = set.getKey();
            if (!kind.defaults().containsKey(setting)) {
                throw new OutOfRangeException(
                        kind.words() + ": " + setting.words(),
                        String.valueOf(set.getValue()),
                        "nothing; this operation has no such setting");
            }
            Require.between(
                    kind.words() + ": " + setting.words(),
                    set.getValue(),
                    setting.low(),
                    setting.high(),
                    setting.unit().symbol());
            checked.put(setting, set.getValue());
        }
        asked(kind, checked);
        if (kind.lines() == OperationKind.Lines.NONE && !lines.isEmpty()) {
            throw new OutOfRangeException(
                    kind.words(),
                    lines.get(0).ingredient().name(),
                    "no ingredients; add them in an operation of their own");
        }
        if (kind.lines() == OperationKind.Lines.WANTED && lines.isEmpty() && from.isEmpty()) {
            throw new OutOfRangeException(kind.words(), "empty", "at least one ingredient");
        }
        Require.between("pot", pot + 1, 1, MOST_POTS, "");
        from.ifPresent(taken -> mayTake(kind, pot, taken));
        settings = Collections.unmodifiableMap(checked);
    }

    /** In the pot the filling comes out of, taking nothing from another. */
    public Operation(
            final OperationKind kind,
            final List<RecipeLine> lines,
            final Map<OperationSetting, Double> settings) {
        this(kind, lines, settings, 0, Optional.empty());
    }

    private static void mayTake(final OperationKind kind, final int pot, final FromPot taken) {
        if (taken.pot() == pot) {
            throw new OutOfRangeException(
                    kind.words() + ": from pot",
                    String.valueOf(pot + 1),
                    "another pot than its own");
        }
        if (!kind.takesFromPot()) {
            throw new OutOfRangeException(
                    kind.words() + ": from pot",
                    String.valueOf(taken.pot() + 1),
                    "nothing from another pot; add it in an operation of its own");
        }
    }

    /** What has no custom must be said; of two such, one. */
    private static void asked(final OperationKind kind, final Map<OperationSetting, Double> set) {
        final List<OperationSetting> open =
                kind.defaults().entrySet().stream()
                        .filter(e -> e.getValue().isNaN())
                        .map(Map.Entry::getKey)
                        .toList();
        final List<OperationSetting> said = open.stream().filter(set::containsKey).toList();
        if (!open.isEmpty() && said.size() != 1) {
            throw new OutOfRangeException(
                    kind.words() + ": " + open.get(0).words(),
                    said.isEmpty() ? "missing" : "given twice",
                    "a number in "
                            + open.get(0).unit().symbol()
                            + (open.size() > 1 ? ", or a share of everything in %" : ""));
        }
    }

    public static Operation of(final OperationKind kind, final List<RecipeLine> lines) {
        return new Operation(kind, lines, Map.of());
    }

    /** The same, done to another pot. */
    public Operation in(final int otherPot) {
        return new Operation(kind, lines, settings, otherPot, from);
    }

    /** The same, with something out of another pot. */
    public Operation taking(final FromPot taken) {
        return new Operation(kind, lines, settings, pot, Optional.of(taken));
    }

    /** The same, with other lines and as much more of all that is said in grams. */
    public Operation times(final double factor) {
        final Map<OperationSetting, Double> more = new EnumMap<>(OperationSetting.class);
        more.putAll(settings);
        more.computeIfPresent(OperationSetting.MASS_G, (setting, grams) -> grams * factor);
        return new Operation(
                kind,
                lines.stream().map(line -> line.weighing(line.massG() * factor)).toList(),
                more,
                pot,
                from.map(
                        taken ->
                                taken.massG().isEmpty()
                                        ? taken
                                        : FromPot.some(
                                                taken.pot(),
                                                taken.massG().getAsDouble() * factor)));
    }

    /** The same operation with one setting changed. */
    public Operation with(final OperationSetting setting, final double value) {
        final Map<OperationSetting, Double> more = new EnumMap<>(OperationSetting.class);
        more.putAll(settings);
        if (kind.defaults().getOrDefault(setting, 0.0).isNaN()) {
            // Of two that have no custom one is said.
            more.keySet().removeIf(other -> kind.defaults().get(other).isNaN());
        }
        more.put(setting, value);
        return new Operation(kind, lines, more, pot, from);
    }

    /** What is set, or the custom, in the unit of the setting; not a number where neither is. */
    public double value(final OperationSetting setting) {
        final Double set = settings.get(setting);
        return set == null ? kind.defaults().getOrDefault(setting, Double.NaN) : set;
    }

    /**
     * What goes in by taste, after what is done: extracts. Where nothing else goes in and something
     * must, as in an infusion, they are what is done, and go in as written.
     */
    public List<RecipeLine> toTaste() {
        if (kind == OperationKind.INFUSE) {
            return List.of();
        }
        final List<RecipeLine> extracts =
                lines.stream().filter(l -> l.ingredient().is(FunctionalClass.EXTRACT)).toList();
        final boolean alone = extracts.size() == lines.size() && from.isEmpty();
        return alone && kind != OperationKind.ADD && kind.lines() == OperationKind.Lines.WANTED
                ? List.of()
                : extracts;
    }

    /** What goes in as it is written. */
    public List<RecipeLine> asWritten() {
        final List<RecipeLine> toTaste = toTaste();
        return lines.stream().filter(line -> !toTaste.contains(line)).toList();
    }

    /** Whether nothing is done but what goes in by taste. */
    public boolean onlyToTaste() {
        return kind == OperationKind.ADD && asWritten().isEmpty() && from.isEmpty();
    }
}
