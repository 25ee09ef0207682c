package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.read.Lexicon.Verb;

/**
 * Clause after clause made into operations: which, with what goes in, and with the numbers that set
 * them. What is left of a clause stays unmarked, and is said to be unused.
 */
final class ClauseOperations {

    /** Butter goes in below this, °C. */
    private static final double BUTTER_BELOW_C = 62;

    /** A wait this short after pouring belongs to it, minutes. */
    private static final double STANDS_MIN = 60;

    private static final Set<String> LIQUIDS =
            Set.of(
                    "cream",
                    "milk",
                    "water",
                    "juice",
                    "puree",
                    "syrup",
                    "honey",
                    "sugar",
                    "butter",
                    "chocolate",
                    "drink",
                    "wine");
    private static final Set<String> RESTS = Set.of("rest", "remaining", "remainder");

    private final RecipeReading reading;
    private final List<WrittenLine> loose;
    private final List<WrittenLine> all;

    /** Two rows that read the same are two: told apart by which they are. */
    private final Map<WrittenLine, Double> taken = new IdentityHashMap<>();

    private final List<Draft> drafts = new ArrayList<>();
    private final ClauseWords said;
    private final Numbers numbers;
    private final ByHeat byHeat;

    /** Pots that something is taken out of, and what is done in which. */
    private final WrittenPots pots = new WrittenPots(drafts);

    /** Taken in hand, and put in by the next thing that is done. */
    private final List<WrittenLine> held = new ArrayList<>();

    private Clause holding;

    private final boolean eggs;

    /** Lines of which this clause has said how much of them it takes. */
    private final Set<WrittenLine> spoken = Collections.newSetFromMap(new IdentityHashMap<>());

    /** Warmed or got ready apart, and named there: "warm the cream and pour it in". */
    private Clause apart;

    private final Trimming trimming;

    /** How warm a subordinate clause has said the pot is; NaN where none has. */
    private double carriedC = Double.NaN;

    ClauseOperations(
            final RecipeReading reading,
            final List<WrittenLine> loose,
            final List<WrittenLine> inProse) {
        this.reading = reading;
        this.loose = loose;
        all = new ArrayList<>(loose);
        all.addAll(inProse);
        said = new ClauseWords(reading);
        numbers = new Numbers(reading, said, drafts, all);
        eggs =
                all.stream()
                        .flatMap(line -> line.names().stream())
                        .anyMatch(name -> name.matches("yolk|egg"));
        byHeat = new ByHeat(reading, said, eggs);
        trimming = new Trimming(reading, loose);
    }

    /** Everything that is done; what was taken in hand last and put nowhere goes in at the end. */
    List<Draft> drafts() {
        if (!held.isEmpty()) {
            final Draft add = new Draft(OperationKind.ADD, holding);
            add.lines.addAll(held);
            held.clear();
            put(add);
        }
        pots.last(holding).ifPresent(drafts::add);
        return drafts;
    }

    WrittenPots pots() {
        return pots;
    }

    private void trim(final Draft draft) {
        loose.stream().filter(Trimming::isFruit).forEach(line -> taken.put(line, 1.0));
        put(draft);
    }

    private void put(final Draft draft) {
        pots.in(draft);
        drafts.add(draft);
    }

    /** What nobody has named yet. */
    List<WrittenLine> left() {
        final List<WrittenLine> left = new ArrayList<>();
        for (final WrittenLine line : loose) {
            final double gone = taken.getOrDefault(line, 0.0);
            if (gone < 1 - 1e-9) {
                left.add(gone > 0 ? line.part(1 - gone) : line);
            }
        }
        return left;
    }

    /**
     * @param own lines with amounts that stand in this clause
     */
    void take(final Clause clause, final List<WrittenLine> own) {
        takeIn(clause, own);
        spoken.clear();
    }

    private void takeIn(final Clause clause, final List<WrittenLine> own) {
        final OperationKind kind = kind(clause, own);
        if (reading.at(clause.head()).is(Part.PartKind.WORD)) {
            reading.went(clause.head(), kind == null ? PartUse.NOTHING : PartUse.DONE);
        }
        if (kind == null) {
            if (clause.verb() == Verb.TRIM) {
                trimming.begun(clause);
            }
            if (clause.verb() == Verb.OTHER
                    || clause.verb() == Verb.TRIM
                    || clause.verb() == Verb.TEMPER
                    || said.says(clause, "oven")) {
                reading.went(clause.head(), PartUse.NOWHERE);
            }
            apart = clause;
            leave(clause, own);
            return;
        }
        if (kind == OperationKind.TRIM) {
            trimming.done();
        } else if (trimming.isOpen()) {
            trimming.ofAll(left()).ifPresent(this::trim);
        }
        final Draft draft = new Draft(kind, clause);
        draft.lines.addAll(own);
        if (kind.lines() != OperationKind.Lines.NONE) {
            draft.lines.addAll(0, held);
            held.clear();
            draft.lines.addAll(named(clause));
            if (draft.lines.isEmpty()
                    && kind.lines() == OperationKind.Lines.WANTED
                    && apart != null) {
                draft.lines.addAll(named(apart));
            }
        }
        apart = null;
        pots.in(draft);
        if (draft.from == null && joins(draft)) {
            return;
        }
        numbers.set(carriedC, draft);
        final boolean stirs =
                draft.kind == OperationKind.ADD
                        || draft.kind == OperationKind.BLEND
                        || draft.kind == OperationKind.EMULSIFY;
        if (stirs && isButterAt(draft)) {
            draft.kind = OperationKind.BUTTER;
            numbers.set(carriedC, draft);
            if (!Double.isNaN(carriedC)
                    && !draft.settings.containsKey(OperationSetting.TEMPERATURE_C)) {
                draft.set(OperationSetting.TEMPERATURE_C, carriedC, said.text(clause));
            }
        }
        if (draft.kind == OperationKind.ADD
                && !draft.lines.isEmpty()
                && draft.lines.stream().allMatch(ClauseOperations::isPiece)) {
            draft.kind = OperationKind.FOLD;
        }
        if (draft.kind != OperationKind.REST) {
            carriedC = Double.NaN;
        }
        if (draft.kind.lines() == OperationKind.Lines.WANTED
                && draft.lines.isEmpty()
                && draft.from == null) {
            without(draft);
            return;
        }
        draft.ask();
        drafts.add(draft);
    }

    /** What has its amount and no verb that takes it still goes in. */
    private void leave(final Clause clause, final List<WrittenLine> own) {
        if (clause.verb() == Verb.LIGHT && Double.isNaN(said.degrees(clause))) {
            held.addAll(own);
            holding = clause;
        } else if (!own.isEmpty()) {
            final Draft add = new Draft(OperationKind.ADD, clause);
            add.lines.addAll(own);
            if (isButterAt(add)) {
                add.kind = OperationKind.BUTTER;
            }
            numbers.set(carriedC, add);
            drafts.add(add);
        }
    }

    /** Nothing goes in: it may still be heated, or it is only a word for what is in already. */
    private void without(final Draft draft) {
        if (draft.kind == OperationKind.TEMPER_YOLKS) {
            // Yolks whisked in before are heated all the same: a heat step is never dropped.
            draft.kind = OperationKind.HEAT;
            draft.ask();
            drafts.add(draft);
        } else if (draft.kind == OperationKind.BUTTER
                && draft.settings.containsKey(OperationSetting.TEMPERATURE_C)) {
            draft.kind = OperationKind.COOL;
            drafts.add(draft);
        } else if (draft.kind == OperationKind.INFUSE) {
            draft.settings.clear();
            reading.went(draft.clause.head(), PartUse.NOWHERE);
            free(draft.clause);
        } else if (Mentions.in(reading, draft.clause.from(), draft.clause.to(), all).isEmpty()) {
            reading.went(draft.clause.head(), PartUse.NOWHERE);
            free(draft.clause);
        }
    }

    private void free(final Clause clause) {
        for (int i = clause.from(); i < clause.to(); i++) {
            if (reading.went(i) == PartUse.SET) {
                reading.went(i, PartUse.NOWHERE);
            }
        }
    }

    private static boolean heats(final Clause clause) {
        return switch (clause.verb()) {
            case BOIL, HEAT, BRING, COOK -> true;
            default -> false;
        };
    }

    // What is meant.

    private OperationKind kind(final Clause clause, final List<WrittenLine> own) {
        final double celsius = said.degrees(clause);
        final boolean hot = !Double.isNaN(celsius);
        if (hot && said.says(clause, "oven")) {
            // That warms no pot.
            return null;
        }
        if (!hot && heats(clause) && SugarLook.isDrop(reading, clause.from(), clause.to())) {
            return OperationKind.COOK_SUGAR;
        }
        return switch (clause.verb()) {
            case BOIL ->
                    said.says(clause, "down")
                            ? OperationKind.BOIL_DOWN
                            : said.browns(clause)
                                    ? OperationKind.CARAMELISE
                                    : hot ? ByHeat.heated(celsius) : OperationKind.BOIL;
            case HEAT -> byHeat.heat(clause, celsius);
            case WARM -> hot ? ByHeat.heated(celsius) : null;
            case BRING ->
                    said.says(clause, "boil|simmer|boiling")
                            ? OperationKind.BOIL
                            : hot ? ByHeat.heated(celsius) : null;
            case COOK -> byHeat.cooked(clause, celsius);
            case REDUCE -> OperationKind.BOIL_DOWN;
            case POUR -> poured(clause, own);
            case WAIT, COVER -> waited(clause);
            case REST -> rested(clause);
            case INFUSE ->
                    reading.word(clause.head()).startsWith("soak")
                                    && (said.says(clause, "gelatine?|sheets?")
                                            || reading.free(
                                                            clause.from(),
                                                            clause.to(),
                                                            Part.PartKind.MINUTES)
                                                    < 0)
                            ? null
                            : OperationKind.INFUSE;
            case STRAIN -> strained(clause);
            case BLEND ->
                    said.isInto(clause) || !own.isEmpty() ? OperationKind.ADD : OperationKind.BLEND;
            case STIR ->
                    said.browns(clause)
                            ? OperationKind.CARAMELISE
                            : said.isInto(clause) ? OperationKind.ADD : OperationKind.EMULSIFY;
            case ADD -> said.says(clause, "ball|balls") ? null : OperationKind.ADD;
            case MELT -> melted(clause, hot);
            case COOL -> cooled(clause, celsius);
            case CHILL -> OperationKind.REST;
            case FREEZE -> OperationKind.FREEZE;
            case CUT -> {
                if (trimming.isOpen() && trimming.namesFruit(clause, own)) {
                    yield OperationKind.TRIM;
                }
                yield reading.free(clause.from(), clause.to(), Part.PartKind.MILLIMETRES) >= 0
                                || said.says(clause, "squares?|cubes?|strips?|slab|pieces?|bars?")
                        ? OperationKind.CUT
                        : null;
            }
            case CRUSH -> OperationKind.CRUSH;
            case TEMPER ->
                    said.says(clause, "yolks?|eggs?")
                                    || eggs && !said.says(clause, "chocolate|couverture")
                            ? OperationKind.TEMPER_YOLKS
                            : null;
            case CARAMELISE -> OperationKind.CARAMELISE;
            case TRIM -> trimming.namesFruit(clause, own) ? OperationKind.TRIM : null;
            case LIGHT ->
                    said.says(clause, "caramel")
                                    && reading.word(clause.head()).matches("make|prepare")
                            ? ByHeat.caramel(celsius)
                            : said.isInto(clause)
                                            || said.in(clause, ClauseWords.POTS)
                                                    && said.says(clause, "everything|all")
                                    ? OperationKind.ADD
                                    : null;
            case OTHER ->
                    trimming.isOpen() && trimming.namesFruit(clause, own)
                            ? OperationKind.TRIM
                            : null;
        };
    }

    private OperationKind poured(final Clause clause, final List<WrittenLine> own) {
        if (said.in(clause, ClauseWords.VESSELS)
                && !said.says(clause, "over|onto")
                && own.isEmpty()) {
            return null;
        }
        return OperationKind.POUR;
    }

    /** A wait after pouring is part of the pouring; covered and then strained it is an infusion. */
    private OperationKind waited(final Clause clause) {
        final int minutes = reading.free(clause.from(), clause.to(), Part.PartKind.MINUTES);
        if (minutes < 0) {
            return null;
        }
        final Draft last = last();
        if (last != null
                && last.kind == OperationKind.POUR
                && !last.settings.containsKey(OperationSetting.MINUTES)
                && reading.at(minutes).middle() <= STANDS_MIN) {
            last.set(OperationSetting.MINUTES, reading.at(minutes).middle(), said.text(clause));
            reading.went(minutes, PartUse.SET);
            return null;
        }
        return OperationKind.REST;
    }

    private OperationKind rested(final Clause clause) {
        if (reading.free(clause.from(), clause.to(), Part.PartKind.MINUTES) < 0) {
            final double celsius = said.degrees(clause);
            return Double.isNaN(celsius) || !said.says(clause, "till|until|to")
                    ? null
                    : OperationKind.COOL;
        }
        return waited(clause);
    }

    /** Straining what was infused is part of infusing; onto the chocolate it is a pouring. */
    private OperationKind strained(final Clause clause) {
        if (clause.verb() == Verb.STRAIN
                && reading.word(clause.head()).matches("press|presses|pressed|pass|passed|rub.*")
                && !said.says(clause, "sieve|strainer|through")) {
            return null;
        }
        final Draft last = last();
        final boolean hangs = reading.word(clause.head()).matches("drain.*|drip.*");
        if (hangs || said.says(clause, "cloth|muslin|unpressed|drip")) {
            // Raisins are drained too, of what they lay in: that is not the juice of the pot.
            final boolean stewed = last != null && last.kind == OperationKind.COOK_FRUIT;
            if (hangs || stewed) {
                return stewed ? OperationKind.DRAIN : null;
            }
        }
        final boolean over = said.says(clause, "over|onto") && !named(clause, false).isEmpty();
        if (last != null && last.kind == OperationKind.INFUSE) {
            return over ? OperationKind.POUR : null;
        }
        if (last != null && last.kind == OperationKind.REST && infused(last)) {
            return over ? OperationKind.POUR : null;
        }
        return over ? OperationKind.POUR : OperationKind.SIEVE;
    }

    /** A wait with tea in the pot was an infusion, now that it is strained. */
    private boolean infused(final Draft wait) {
        final int at = drafts.size() - 2;
        if (at < 0 || !wait.settings.containsKey(OperationSetting.HOURS)) {
            return false;
        }
        final Draft before = drafts.get(at);
        if (before.pot != pots.current()) {
            return false;
        }
        final List<WrittenLine> solids =
                before.lines.stream()
                        .filter(l -> l.names().stream().anyMatch(Lexicon::isInfused))
                        .toList();
        if (solids.isEmpty()) {
            return false;
        }
        before.lines.removeAll(solids);
        wait.kind = OperationKind.INFUSE;
        wait.lines.addAll(solids);
        if (before.lines.isEmpty() && before.kind == OperationKind.ADD) {
            drafts.remove(at);
        }
        return true;
    }

    /** Melted apart and poured over later, it is not in this pot yet. */
    private OperationKind melted(final Clause clause, final boolean hot) {
        if (said.says(clause, "chocolate|couverture") && !drafts.isEmpty() && pours(clause)) {
            return null;
        }
        return hot ? ByHeat.heated(said.degrees(clause)) : OperationKind.ADD;
    }

    private boolean pours(final Clause clause) {
        for (int i = clause.to(); i < reading.size(); i++) {
            if (reading.word(i).startsWith("pour")) {
                return true;
            }
        }
        return false;
    }

    private OperationKind cooled(final Clause clause, final double celsius) {
        if (clause.when()) {
            carry(clause, celsius);
            return null;
        }
        if (!Double.isNaN(celsius)) {
            return OperationKind.COOL;
        }
        return reading.free(clause.from(), clause.to(), Part.PartKind.MINUTES) >= 0
                ? OperationKind.REST
                : null;
    }

    private void carry(final Clause clause, final double celsius) {
        final int at = reading.free(clause.from(), clause.to(), Part.PartKind.DEGREES);
        if (at >= 0) {
            reading.went(at, PartUse.SET);
            carriedC = celsius;
        }
    }

    // What goes in.

    /** Tea added and then infused is infused. */
    private boolean joins(final Draft draft) {
        final Draft last = last();
        if (draft.kind == OperationKind.INFUSE
                && draft.lines.isEmpty()
                && last != null
                && last.kind == OperationKind.ADD) {
            last.kind = OperationKind.INFUSE;
            numbers.set(carriedC, last, draft.clause);
            return true;
        }
        if (draft.kind == OperationKind.INFUSE) {
            // "Infuse the saffron in the hot cream": the cream is no solid.
            final List<WrittenLine> liquids =
                    draft.lines.stream().filter(ClauseOperations::isLiquid).toList();
            if (!liquids.isEmpty() && liquids.size() < draft.lines.size()) {
                draft.lines.removeAll(liquids);
                final Draft before = new Draft(OperationKind.ADD, draft.clause);
                before.lines.addAll(liquids);
                drafts.add(before);
            }
        }
        return false;
    }

    /** Nuts, crumbs and flakes; not their paste, flour or butter. */
    private static boolean isPiece(final WrittenLine line) {
        return !line.names().isEmpty()
                && Lexicon.isPiece(line.names().get(line.names().size() - 1))
                && !line.plain().matches(".*\\bground\\b.*");
    }

    private static boolean isLiquid(final WrittenLine line) {
        return !line.names().isEmpty()
                && LIQUIDS.contains(line.names().get(line.names().size() - 1));
    }

    private List<WrittenLine> named(final Clause clause) {
        return named(clause, true);
    }

    /** "The 80 g sugar" is that line, and not the other sugar as well. */
    private boolean isSpokenOf(final WrittenLine line) {
        return spoken.stream()
                .anyMatch(
                        each ->
                                each == line
                                        || !line.names().isEmpty()
                                                && each.names().equals(line.names()));
    }

    private List<WrittenLine> named(final Clause clause, final boolean taking) {
        final List<WrittenLine> left =
                loose.stream()
                        .filter(l -> taken.getOrDefault(l, 0.0) < 1 - 1e-9)
                        .filter(l -> !isSpokenOf(l) || said.says(clause, "rest|remaining"))
                        .toList();
        final int except = said.word(clause, "except|but|without");
        final boolean everything =
                said.says(clause, "everything")
                        || said.says(clause, "all|remaining|other")
                                && said.says(clause, "ingredients?");
        final List<WrittenLine> named;
        if (everything) {
            final List<WrittenLine> not =
                    except < 0 ? List.of() : Mentions.in(reading, except, clause.to(), left);
            named = left.stream().filter(l -> !not.contains(l)).toList();
        } else {
            named =
                    Mentions.in(reading, clause.from(), clause.to(), all).stream()
                            .filter(line -> left.stream().anyMatch(l -> l == line))
                            .toList();
        }
        if (!taking) {
            return named;
        }
        final List<WrittenLine> in = new ArrayList<>();
        for (final WrittenLine line : named) {
            final double gone = taken.getOrDefault(line, 0.0);
            final double share = Math.min(1 - gone, share(clause, line, 1 - gone));
            in.add(share >= 1 - 1e-9 ? line : line.part(share));
            taken.put(line, gone + share);
        }
        return in;
    }

    /** "Half the sugar"; all that is left where nothing is said. */
    private double share(final Clause clause, final WrittenLine line, final double rest) {
        for (int i = clause.from(); i < clause.to(); i++) {
            if (!reading.isFree(i) || !reading.at(i).is(Part.PartKind.SHARE)) {
                continue;
            }
            int next = i + 1;
            while (next < clause.to() && reading.word(next).matches("of|the")) {
                next++;
            }
            if (next < clause.to()
                    && !Mentions.in(reading, next, Math.min(next + 3, clause.to()), List.of(line))
                            .isEmpty()) {
                reading.went(i, PartUse.SET);
                return reading.at(i).middle();
            }
        }
        return rest;
    }

    /** What an amount in prose is of: something of its own, or a part of what is listed. */
    enum Listed {
        OWN,
        PART,
        /** All of it is in already: it is only spoken of. */
        GONE
    }

    /**
     * An amount in prose of what is listed already is the same, or a part of it; the part is taken.
     *
     * @param ofIt whether it says so: "50 g of the sugar"
     */
    Listed listed(final WrittenLine own, final boolean ofIt) {
        for (final WrittenLine line : loose) {
            final boolean same =
                    line.unit() == own.unit()
                            && !line.names().isEmpty()
                            && own.names().contains(line.names().get(line.names().size() - 1));
            if (same
                    && own.amount() <= line.amount() * (1 + 1e-9)
                    && (ofIt || Math.abs(own.amount() - line.amount()) < 1e-9)) {
                final double share = own.amount() / line.amount();
                final double gone = taken.getOrDefault(line, 0.0);
                spoken.add(line);
                if (gone + share > 1 + 1e-9) {
                    return Listed.GONE;
                }
                taken.put(line, gone + share);
                return Listed.PART;
            }
        }
        return Listed.OWN;
    }

    private boolean isButterAt(final Draft draft) {
        final boolean butter =
                draft.lines.stream()
                        .anyMatch(
                                l ->
                                        !l.names().isEmpty()
                                                && l.names()
                                                        .get(l.names().size() - 1)
                                                        .matches("butter|beurre")
                                                && !l.names().contains("cocoa")
                                                && !l.names().contains("peanut"));
        if (!butter || draft.lines.size() > 2) {
            return false;
        }
        final double celsius = said.degrees(draft.clause);
        if (!Double.isNaN(celsius)) {
            return celsius < BUTTER_BELOW_C;
        }
        if (!Double.isNaN(carriedC)) {
            return true;
        }
        final Draft last = last();
        return last != null
                && last.kind == OperationKind.COOL
                && last.settings.getOrDefault(OperationSetting.TEMPERATURE_C, 99.0) < 75;
    }

    private Draft last() {
        if (drafts.isEmpty()) {
            return null;
        }
        // What stands in another pot is done with.
        final Draft last = drafts.get(drafts.size() - 1);
        return last.pot == pots.current() ? last : null;
    }

    /** Whether a stretch speaks of what is left of something. */
    static boolean isRest(final String word) {
        return RESTS.contains(word);
    }
}
