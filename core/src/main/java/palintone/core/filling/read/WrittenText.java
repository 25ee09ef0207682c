package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.pot.OperationKind;
import palintone.core.substance.KitchenUnit;

/** A whole text: which rows are ingredients, which sentences are prose, and what comes of both. */
final class WrittenText {

    /** A time alone that is as long as this is a rest. */
    private static final double LEAST_REST_MIN = 60;

    private final RecipeReading reading;
    private final Rows rows;
    private final OutOfPots outOfPots;
    private final List<WrittenLine> loose = new ArrayList<>();

    /** Stretches of prose, each from a part to before another. */
    private final List<int[]> prose = new ArrayList<>();

    private final List<WrittenRecipe.Unused> unused = new ArrayList<>();

    /** Units by column where cells of a sheet were pasted. */
    private final Map<Integer, KitchenUnit> columns = new HashMap<>();

    WrittenText(final RecipeReading reading) {
        this.reading = reading;
        rows = new Rows(reading);
        outOfPots = new OutOfPots(reading);
    }

    WrittenRecipe read() {
        int from = 0;
        for (int i = 0; i <= reading.size(); i++) {
            if (i == reading.size() || reading.at(i).is(Part.PartKind.BREAK)) {
                if (i > from) {
                    row(from, i);
                }
                from = i + 1;
            }
        }
        final Map<Clause, List<WrittenLine>> own = new HashMap<>();
        final List<Clause> clauses = new ArrayList<>();
        final List<WrittenLine> inProse = new ArrayList<>();
        for (final int[] stretch : prose) {
            sentences(stretch[0], stretch[1], clauses, own, inProse);
        }
        if (loose.isEmpty() && inProse.isEmpty()) {
            throw new OutOfRangeException(
                    "recipe text",
                    "no line with an amount",
                    "lines such as \"200 g cream\" or \"boil: 200 g cream\"");
        }
        return settle(clauses, own, inProse);
    }

    private void row(final int from, final int to) {
        if (header(from, to)) {
            return;
        }
        final List<WrittenLine> sheet = sheetRow(from, to);
        if (!sheet.isEmpty()) {
            loose.addAll(sheet);
            return;
        }
        final List<WrittenLine> lines = rows.lines(from, to);
        if (!lines.isEmpty()) {
            loose.addAll(lines);
            return;
        }
        final int begin = rows.begin(from, to);
        if (begin >= to) {
            return;
        }
        final int last = prose.size() - 1;
        final boolean goesOn =
                last >= 0
                        && prose.get(last)[1] == from - 1
                        && !reading.at(from - 2).isMark(".;:!")
                        && reading.at(begin).is(Part.PartKind.WORD)
                        && Character.isLowerCase(reading.at(begin).text().charAt(0))
                        && begin == from
                        && Lexicon.verb(reading.word(begin))
                                .filter(v -> v.form() == Lexicon.Form.BASE)
                                .isEmpty();
        if (goesOn) {
            prose.get(last)[1] = to;
        } else {
            prose.add(new int[] {begin, to});
        }
    }

    /** "ingredient, g": which column holds what. */
    private boolean header(final int from, final int to) {
        int column = 0;
        boolean cells = false;
        final Map<Integer, KitchenUnit> found = new HashMap<>();
        for (int i = from; i < to; i++) {
            final Part part = reading.at(i);
            if (part.is(Part.PartKind.TAB)) {
                column++;
                cells = true;
            } else if (part.kind().isNumber()) {
                return false;
            } else if (part.is(Part.PartKind.WORD)) {
                final int here = column;
                KitchenUnit.written(part.text()).ifPresent(unit -> found.put(here, unit));
            }
        }
        if (!cells || found.isEmpty()) {
            return false;
        }
        columns.putAll(found);
        reading.went(from, to, PartUse.NOTHING);
        return true;
    }

    /** A row of cells whose amount stands alone in one: its unit is its column's. */
    private List<WrittenLine> sheetRow(final int from, final int to) {
        int column = 0;
        int begin = from;
        int nameFrom = -1;
        int nameTo = -1;
        double amount = Double.NaN;
        KitchenUnit unit = null;
        for (int i = from; i <= to; i++) {
            if (i == to || reading.at(i).is(Part.PartKind.TAB)) {
                if (i == begin + 1
                        && reading.at(begin).is(Part.PartKind.COUNT)
                        && Double.isNaN(amount)) {
                    amount = reading.at(begin).middle();
                    unit = columns.get(column);
                } else if (i == begin + 1
                        && unit == null
                        && !Double.isNaN(amount)
                        && KitchenUnit.written(reading.at(begin).text()).isPresent()) {
                    unit = KitchenUnit.written(reading.at(begin).text()).get();
                } else if (nameFrom < 0 && i > begin && reading.at(begin).is(Part.PartKind.WORD)) {
                    nameFrom = begin;
                    nameTo = i;
                }
                column++;
                begin = i + 1;
            }
        }
        if (Double.isNaN(amount) || unit == null || nameFrom < 0) {
            return List.of();
        }
        reading.went(from, to, PartUse.LINE);
        return List.of(
                new WrittenLine(
                        reading.source(from, to),
                        amount,
                        unit,
                        reading.source(nameFrom, nameTo),
                        List.of()));
    }

    private void sentences(
            final int from,
            final int to,
            final List<Clause> clauses,
            final Map<Clause, List<WrittenLine>> own,
            final List<WrittenLine> inProse) {
        int begin = from;
        for (int i = from; i <= to; i++) {
            if (i == to || endsSentence(i, to)) {
                if (i > begin) {
                    sentence(begin, i, clauses, own, inProse);
                }
                begin = i + 1;
            }
        }
    }

    /** A point behind a unit and before a small letter is none. */
    private boolean endsSentence(final int i, final int to) {
        if (reading.at(i).isMark(";!?")) {
            return true;
        }
        if (!reading.at(i).isMark(".") || i + 1 >= to) {
            return reading.at(i).isMark(".");
        }
        final Part next = reading.at(i + 1);
        final boolean small =
                next.is(Part.PartKind.WORD) && Character.isLowerCase(next.text().charAt(0));
        final boolean shortened =
                reading.at(i - 1).is(Part.PartKind.AMOUNT)
                        || reading.word(i - 1).matches("approx|ca|incl|temp");
        return !(small && shortened || shortened && reading.word(i - 1).length() > 0);
    }

    private void sentence(
            final int from,
            final int to,
            final List<Clause> clauses,
            final Map<Clause, List<WrittenLine>> own,
            final List<WrittenLine> inProse) {
        final List<WrittenLine> found = new ArrayList<>();
        final List<Integer> places = new ArrayList<>();
        outOfPots.goOnIn(from, to);
        for (int i = from; i < to; i++) {
            final int taken = outOfPots.without(i, from, to, loose);
            if (taken > i) {
                i = taken - 1;
                continue;
            }
            if (reading.at(i).measures() && reading.isFree(i) && !isTarget(i, from)) {
                final Optional<Rows.Read> read = rows.at(i, to, false);
                if (read.isPresent()
                        && !read.get().lines().isEmpty()
                        && outOfPots.grams(
                                i, read.get().next(), read.get().lines().get(0), loose)) {
                    i = read.get().next() - 1;
                } else if (read.isPresent() && !read.get().lines().isEmpty()) {
                    for (final WrittenLine line : read.get().lines()) {
                        found.add(line);
                        places.add(i);
                    }
                    i = read.get().next() - 1;
                }
            }
        }
        final List<Clause> of = Clause.of(reading, from, to);
        if (of.isEmpty()) {
            if (!found.isEmpty() && reading.free(from, to, Part.PartKind.DEGREES) >= 0) {
                // "At 34 °C: 30 g butter".
                final Clause clause = new Clause(from, to, from, Lexicon.Verb.LIGHT, false);
                clauses.add(clause);
                own.put(clause, found);
                inProse.addAll(found);
            } else if (!found.isEmpty()) {
                // A list in prose: what has an amount is weighed in.
                loose.addAll(found);
                final List<String> left = reading.unused(from, to);
                if (hasNumber(from, to)) {
                    unused.add(new WrittenRecipe.Unused(reading.source(from, to), left));
                }
            } else if (isRest(from, to)) {
                final Clause clause = new Clause(from, to, from, Lexicon.Verb.REST, false);
                clauses.add(clause);
                own.put(clause, List.of());
            } else {
                nothingDone(from, to);
            }
            return;
        }
        for (final Clause clause : of) {
            final List<WrittenLine> mine = new ArrayList<>();
            for (int k = 0; k < found.size(); k++) {
                if (places.get(k) >= clause.from() && places.get(k) < clause.to()) {
                    mine.add(found.get(k));
                }
            }
            clauses.add(clause);
            own.put(clause, mine);
            inProse.addAll(mine);
        }
    }

    private boolean hasNumber(final int from, final int to) {
        for (int i = from; i < to; i++) {
            if (reading.isFree(i) && reading.at(i).kind().isNumber()) {
                return true;
            }
        }
        return false;
    }

    /** "24 h at 17 °C", and nothing else. */
    private boolean isRest(final int from, final int to) {
        final int minutes = reading.free(from, to, Part.PartKind.MINUTES);
        if (minutes < 0 || reading.at(minutes).low() < LEAST_REST_MIN) {
            return false;
        }
        for (int i = from; i < to; i++) {
            if (reading.at(i).is(Part.PartKind.WORD) && !Lexicon.saysNothing(reading.word(i))) {
                return false;
            }
        }
        return true;
    }

    /** "Down to 130 g", "back up to 260 g", "makes 400 g". */
    private boolean isTarget(final int i, final int from) {
        for (int k = i - 1; k >= Math.max(from, i - 2); k--) {
            if (reading.word(k).matches("to|until|makes|yields|gives|than|leaves")) {
                return true;
            }
        }
        return false;
    }

    private void nothingDone(final int from, final int to) {
        boolean says = false;
        for (int i = from; i < to; i++) {
            says |=
                    reading.at(i).kind().isNumber()
                            || reading.at(i).is(Part.PartKind.WORD)
                                    && !Lexicon.saysNothing(reading.word(i));
        }
        if (says) {
            unused.add(new WrittenRecipe.Unused(reading.source(from, to), List.of()));
        } else {
            reading.went(from, to, PartUse.NOTHING);
        }
    }

    private WrittenRecipe settle(
            final List<Clause> clauses,
            final Map<Clause, List<WrittenLine>> own,
            final List<WrittenLine> inProse) {
        final ClauseOperations doings = new ClauseOperations(reading, loose, inProse);
        for (final Clause clause : clauses) {
            outOfPots.begin(clause, doings.pots());
            if (isHeading(clause, clauses, own.get(clause))) {
                reading.went(clause.from(), clause.to(), PartUse.NOTHING);
                continue;
            }
            final List<WrittenLine> mine = new ArrayList<>();
            for (final WrittenLine line : own.get(clause)) {
                if (doings.listed(line, line.raw().contains(" of the "))
                        != ClauseOperations.Listed.GONE) {
                    mine.add(line);
                }
            }
            outOfPots.take(clause, doings.pots());
            doings.take(clause, mine);
        }
        final List<WrittenRecipe.Doing> done = new ArrayList<>();
        final List<WrittenLine> first = doings.left();
        if (!clauses.isEmpty()) {
            first.forEach(
                    line ->
                            unused.add(
                                    new WrittenRecipe.Unused(
                                            line.raw(), List.of(WrittenRecipe.PUT_FIRST))));
        }
        final List<Draft> drafts = doings.drafts();
        final List<String> pots = doings.pots().settled();
        if (!first.isEmpty()) {
            final int begun = drafts.isEmpty() ? 0 : drafts.get(0).pot;
            done.add(
                    new WrittenRecipe.Doing(
                            OperationKind.ADD,
                            first,
                            Map.of(),
                            List.of(),
                            begun,
                            Optional.empty()));
        }
        for (final Draft draft : drafts) {
            done.add(draft.doing());
            if (draft.byLook) {
                final Clause clause = draft.clause;
                unused.add(
                        new WrittenRecipe.Unused(
                                reading.source(clause.from(), clause.to()),
                                List.of(
                                        draft.kind == OperationKind.BOIL_DOWN
                                                ? WrittenRecipe.BY_LOOK
                                                : WrittenRecipe.BY_COLOUR)));
            }
        }
        final List<WrittenLine> all = new ArrayList<>(loose);
        all.addAll(inProse);
        for (final Clause clause : clauses) {
            hush(clause, all);
            final List<String> left = reading.unused(clause.from(), clause.to());
            if (!left.isEmpty()) {
                unused.add(
                        new WrittenRecipe.Unused(
                                reading.source(clause.from(), clause.to()),
                                reading.isFree(clause.head()) ? List.of() : left));
            }
        }
        all.forEach(line -> line.unused().ifPresent(unused::add));
        return new WrittenRecipe(done, unused, reading.spans(), pots);
    }

    /** "Cook fruit: bring it to the boil" is a heading and what is done. */
    private boolean isHeading(
            final Clause clause, final List<Clause> clauses, final List<WrittenLine> own) {
        final int next = clauses.indexOf(clause) + 1;
        if (!own.isEmpty()
                || next >= clauses.size()
                || clauses.get(next).from() != clause.to()
                || !reading.at(clause.to() - 1).isMark(":")) {
            return false;
        }
        for (int i = clause.from(); i < clause.to(); i++) {
            if (reading.at(i).kind().isNumber()) {
                return false;
            }
        }
        return true;
    }

    /** Words that say nothing, or name what is weighed in, are not left over. */
    private void hush(final Clause clause, final List<WrittenLine> all) {
        for (int i = clause.from(); i < clause.to(); i++) {
            final String word = reading.word(i);
            if (ClauseOperations.isRest(word)) {
                reading.went(i, PartUse.SET);
            } else if (!word.isEmpty()
                    && i != clause.head()
                    && reading.isFree(i)
                    && (Lexicon.saysNothing(word)
                            || Mentions.names(word, all)
                            || Lexicon.verb(word).isPresent())) {
                reading.went(i, PartUse.NOTHING);
            }
        }
    }
}
