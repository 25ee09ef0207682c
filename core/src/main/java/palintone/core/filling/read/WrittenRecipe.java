package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Style;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.Setting;

/**
 * A recipe read from text: lines that begin with an amount are ingredients, sentences with a verb
 * of the bench are operations. An ingredient goes in by the operation it stands behind ("boil: 200
 * g cream, 30 g honey"), or else by the first sentence that names it, or else at the beginning.
 *
 * @param doings operations in order, with what goes in
 * @param unused every amount, degree, minute and name that ended in neither
 */
public record WrittenRecipe(List<Doing> doings, List<Unused> unused) {

    private static final int LONGEST = 20_000;
    private static final int MOST_LINES = 200;

    /** A recipe weighs in one and pours over the other. */
    private static final Map<String, String> SAME_THING =
            Map.of("couverture", "chocolate", "chocolate", "couverture", "purée", "puree");

    /** A caramel cooked hotter than this is cut, not piped; common practice, no source. */
    private static final double CHEWS_C = 117;

    /**
     * One operation as it was read.
     *
     * @param asks settings the text ought to say and does not: somebody must be asked
     */
    public record Doing(
            OperationKind kind,
            List<WrittenLine> lines,
            Map<Setting, Double> settings,
            List<Setting> asks) {}

    /**
     * A piece of the text with what of it ended nowhere.
     *
     * @param text as it was written
     * @param parts numbers and words of it that set nothing; empty where nothing of it was used
     */
    public record Unused(String text, List<String> parts) {}

    /**
     * @throws OutOfRangeException when the text is empty, an essay, or has no line with an amount
     */
    public static WrittenRecipe read(final String text) {
        Require.text("recipe text", text, LONGEST);
        final String[] rows = text.split("\\R");
        if (rows.length > MOST_LINES) {
            throw new OutOfRangeException(
                    "recipe text", rows.length + " lines", "up to " + MOST_LINES + " lines");
        }
        final List<Clause> clauses = new ArrayList<>();
        final List<WrittenLine> loose = new ArrayList<>();
        final List<Unused> unused = new ArrayList<>();
        for (final String row : rows) {
            final String line = row.strip().replaceFirst("^[-•*·]\\s*|^\\d+[.)]\\s+(?=\\p{L})", "");
            if (line.isEmpty()) {
                continue;
            }
            final Optional<WrittenLine> ingredient = WrittenLine.read(line);
            if (ingredient.isPresent()) {
                loose.add(ingredient.get());
            } else {
                readSentences(line, clauses, unused);
            }
        }
        if (loose.isEmpty() && clauses.stream().allMatch(c -> c.lines.isEmpty())) {
            throw new OutOfRangeException(
                    "recipe text",
                    "no line with an amount",
                    "lines such as \"200 g cream\" or \"boil: 200 g cream\"");
        }
        return settle(clauses, loose, unused);
    }

    private static void readSentences(
            final String line, final List<Clause> clauses, final List<Unused> unused) {
        for (final String sentence : line.split("(?<=[.;])\\s+")) {
            final int colon = sentence.indexOf(':');
            final String after = sentence.substring(colon + 1).strip();
            if (colon > 0
                    && !Clause.holdsLines(after)
                    && Verbs.first(after.toLowerCase(Locale.ROOT)).isPresent()) {
                // "Cook fruit: bring it to the boil" is a heading and what is done.
                readClauses(Verbs.clauses(after), clauses, unused);
            } else {
                readClauses(
                        colon > 0 ? List.of(sentence) : Verbs.clauses(sentence), clauses, unused);
            }
        }
    }

    private static void readClauses(
            final List<String> pieces, final List<Clause> clauses, final List<Unused> unused) {
        for (final String piece : pieces) {
            final Optional<Clause> clause = Clause.read(piece);
            if (clause.isEmpty()) {
                unused.add(new Unused(piece, List.of()));
            } else if (!clauses.isEmpty()
                    && clause.get().isWaitFor(clauses.get(clauses.size() - 1))) {
                clauses.get(clauses.size() - 1).waited(clause.get());
            } else {
                clauses.add(clause.get());
            }
        }
    }

    /** What it is most likely meant to be, by what is done and what goes in. */
    public Style likely() {
        boolean cut = false;
        boolean cooked = false;
        boolean hard = false;
        boolean chocolate = false;
        for (final Doing doing : doings) {
            cut |= doing.kind() == OperationKind.CUT;
            cooked |=
                    doing.kind() == OperationKind.COOK_SUGAR
                            || doing.kind() == OperationKind.CARAMELISE;
            hard |=
                    doing.kind() == OperationKind.COOK_SUGAR
                            && doing.settings().getOrDefault(Setting.TEMPERATURE_C, 0.0) >= CHEWS_C;
            chocolate |=
                    doing.lines().stream()
                            .anyMatch(l -> l.plain().matches(".*(chocolate|couverture|house ).*"));
        }
        if (cooked && !chocolate) {
            return cut || hard ? Style.CHEWY_CARAMEL : Style.FLOWING_CARAMEL;
        }
        return cut ? Style.CUT_SLAB : Style.SOFT_SHELL;
    }

    /**
     * Puts loose ingredients where they are named. What cannot be done without any is left out and
     * listed, and so is everything else that ended nowhere.
     */
    private static WrittenRecipe settle(
            final List<Clause> clauses, final List<WrittenLine> loose, final List<Unused> unused) {
        final List<WrittenLine> all = new ArrayList<>(loose);
        clauses.forEach(c -> all.addAll(c.lines));
        final List<WrittenLine> first = new ArrayList<>();
        for (final WrittenLine line : loose) {
            clauses.stream()
                    .filter(c -> c.kind.lines() != OperationKind.Lines.NONE)
                    .filter(c -> names(c.text.toLowerCase(Locale.ROOT), line))
                    .findFirst()
                    .ifPresentOrElse(c -> c.lines.add(line), () -> first.add(line));
        }
        final List<Doing> doings = new ArrayList<>();
        if (!first.isEmpty()) {
            doings.add(new Doing(OperationKind.ADD, first, Map.of(), List.of()));
        }
        for (final Clause c : clauses) {
            if (c.kind == OperationKind.TEMPER_YOLKS && c.lines.isEmpty()) {
                // Yolks whisked in before are heated all the same: a heat step is never dropped.
                doings.add(
                        new Doing(OperationKind.HEAT, List.of(), Map.copyOf(c.settings), c.asks()));
                continue;
            }
            if (c.kind.lines() == OperationKind.Lines.WANTED && c.lines.isEmpty()) {
                // "Add the cream" whose cream went in earlier does nothing, unless it says more.
                final List<String> parts = c.unused(word -> isNamed(word, all));
                if (!c.settings.isEmpty()
                        || !parts.isEmpty()
                        || all.stream()
                                .noneMatch(line -> names(c.text.toLowerCase(Locale.ROOT), line))) {
                    unused.add(new Unused(c.text, List.of()));
                }
                continue;
            }
            doings.add(new Doing(c.kind, List.copyOf(c.lines), Map.copyOf(c.settings), c.asks()));
            final List<String> parts = c.unused(word -> isNamed(word, all));
            if (!parts.isEmpty()) {
                unused.add(new Unused(c.text, parts));
            }
        }
        all.forEach(line -> line.unused().ifPresent(unused::add));
        return new WrittenRecipe(doings, unused);
    }

    private static boolean isNamed(final String word, final List<WrittenLine> lines) {
        return lines.stream().anyMatch(line -> names(word, line));
    }

    private static boolean names(final String sentence, final WrittenLine line) {
        for (final String word : line.plain().split("[^\\p{L}]+")) {
            if (word.length() > 3 && sentence.contains(SAME_THING.getOrDefault(word, word))
                    || word.length() > 3 && sentence.contains(word)) {
                return true;
            }
        }
        return false;
    }
}
