package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;

/**
 * The pots of a written recipe. One is begun by taking a part of what was made: "take 300 g of the
 * purée" leaves the rest where it is, and what was done until then was done in that pot. Or the
 * text says in which pot it goes on, as our own do.
 */
final class WrittenPots {

    private static final String CRUSHED =
            "(?i)pralin.|praliné|brittle|caramels?|shards?|nougatine|croquant|crumbs?|crunch|pieces";
    private static final String FRUIT =
            "(?i)pur[eé]e|pulp|coulis|juice|compote|fruit|jam|reduction|syrup";

    private final List<Draft> drafts;
    private final List<String> names = new ArrayList<>(List.of(""));
    private FromPot pending;
    private int current;

    WrittenPots(final List<Draft> drafts) {
        this.drafts = drafts;
    }

    /** Number of the pot in which it goes on. */
    int current() {
        return current;
    }

    /** "In Quince:" */
    void goOnIn(final String name) {
        current = number(name);
    }

    /**
     * So much of what was made, called so, is taken; the next operation gets it.
     *
     * @return false where nothing was made that could be taken
     */
    boolean take(final IntFunction<FromPot> much, final String noun) {
        final int known = names.indexOf(noun);
        if (known > 0) {
            pending = much.apply(known);
            return true;
        }
        final List<Draft> here = drafts.stream().filter(draft -> draft.pot == current).toList();
        if (names.size() >= Operation.MOST_POTS || here.isEmpty()) {
            return false;
        }
        final int pot = names.size();
        names.add(noun);
        here.subList(0, made(here, noun)).forEach(draft -> draft.pot = pot);
        pending = much.apply(pot);
        return true;
    }

    /**
     * "Fold in the praline": all of it, where something else was begun since it was made; else it
     * is what is in the pot anyhow.
     *
     * @return false where nothing was made so, or nothing else begun
     */
    boolean whole(final String noun) {
        if (names.indexOf(noun) > 0) {
            return take(FromPot::all, noun);
        }
        final List<Draft> here = drafts.stream().filter(draft -> draft.pot == current).toList();
        final int made = made(here, noun);
        return made > 0
                && made < here.size()
                && by(noun).contains(here.get(made - 1).kind)
                && take(FromPot::all, noun);
    }

    /**
     * "The rest of the purée": all that is left of it.
     *
     * @return false where nothing was taken of it before
     */
    boolean rest(final String noun) {
        return names.indexOf(noun) > 0 && take(FromPot::all, noun);
    }

    /** Whether such a thing is made in a pot of its own, and no matter of pouring by thirds. */
    static boolean isMade(final String noun) {
        return noun.matches(CRUSHED) || noun.matches(FRUIT);
    }

    /**
     * By which operation what is called so was made; what was begun after it is another thing. A
     * praline is made when it is crushed, a purée when it is blended or sieved; a ganache, a base
     * or whatever else is all that was done so far.
     *
     * @return how many of the operations
     */
    private static int made(final List<Draft> here, final String noun) {
        final Set<OperationKind> by = by(noun);
        int last = -1;
        for (int i = 0; i < here.size(); i++) {
            final boolean anotherBegins =
                    last >= 0
                            && !here.get(i).lines.isEmpty()
                            && !here.get(i).lines.stream().allMatch(WrittenPots::isCoat);
            if (anotherBegins) {
                break;
            }
            final boolean coats = last >= 0 && !here.get(i).lines.isEmpty();
            if (coats || by.contains(here.get(i).kind)) {
                last = i;
            }
        }
        return last < 0 ? here.size() : last + 1;
    }

    /** Cocoa butter on crushed pieces belongs to them. */
    private static boolean isCoat(final WrittenLine line) {
        return line.names().contains("cocoa") && line.names().contains("butter");
    }

    /** What makes such a thing. */
    private static Set<OperationKind> by(final String noun) {
        if (noun.matches(CRUSHED)) {
            return Set.of(OperationKind.CRUSH);
        }
        return noun.matches(FRUIT)
                ? Set.of(
                        OperationKind.SIEVE,
                        OperationKind.DRAIN,
                        OperationKind.BLEND,
                        OperationKind.COOK_FRUIT,
                        OperationKind.BOIL_DOWN)
                : Set.of();
    }

    /** Out of a pot that has a name. */
    void takeOut(final IntFunction<FromPot> much, final String name) {
        pending = much.apply(number(name));
    }

    private int number(final String name) {
        final int known = names.indexOf(name);
        if (known >= 0) {
            return known;
        }
        names.add(name);
        return names.size() - 1;
    }

    /** An operation is done in the pot it goes on in, and takes what is on its way. */
    void in(final Draft draft) {
        draft.pot = current;
        if (pending != null && draft.kind.takesFromPot() && pending.pot() != current) {
            draft.from = pending;
            if (draft.kind == OperationKind.ADD && isCrushed(pending.pot())) {
                draft.kind = OperationKind.FOLD;
            }
            pending = null;
        }
    }

    /** Whether nothing but a coat was put to it since it was crushed. */
    private boolean isCrushed(final int pot) {
        return drafts.stream()
                .filter(draft -> draft.pot == pot)
                .filter(
                        draft ->
                                draft.lines.isEmpty()
                                        || !draft.lines.stream().allMatch(WrittenPots::isCoat))
                .reduce((a, b) -> b)
                .filter(draft -> draft.kind == OperationKind.CRUSH)
                .isPresent();
    }

    /** What was taken last and is used by nothing goes in at the end. */
    Optional<Draft> last(final Clause clause) {
        if (pending == null) {
            return Optional.empty();
        }
        final Draft add = new Draft(OperationKind.ADD, clause);
        in(add);
        return Optional.of(add);
    }

    /** Their names by number; the pot of the last operation is the one the filling comes out of. */
    List<String> settled() {
        if (drafts.isEmpty()) {
            return List.of();
        }
        final int main = drafts.get(drafts.size() - 1).pot;
        if (main != 0) {
            for (final Draft draft : drafts) {
                draft.pot = swapped(draft.pot, main);
                if (draft.from != null) {
                    draft.from = draft.from.outOf(swapped(draft.from.pot(), main));
                }
            }
            final String first = names.get(0);
            names.set(0, names.get(main));
            names.set(main, first);
        }
        final int most = drafts.stream().mapToInt(draft -> draft.pot).max().orElse(0);
        return most == 0 ? List.of() : List.copyOf(names.subList(0, most + 1));
    }

    private static int swapped(final int pot, final int main) {
        return pot == main ? 0 : pot == 0 ? main : pot;
    }
}
