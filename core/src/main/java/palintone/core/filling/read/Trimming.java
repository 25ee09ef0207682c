package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.filling.pot.OperationKind;

/**
 * What is cut away from fruit. "Peel, core and dice the quinces" is three verbs and one thing to
 * do; "stone, chop and simmer" names no fruit and means all of it.
 */
final class Trimming {

    private final RecipeReading reading;
    private final List<WrittenLine> loose;

    /** What was said before what it is done to. */
    private final List<Clause> before = new ArrayList<>();

    Trimming(final RecipeReading reading, final List<WrittenLine> loose) {
        this.reading = reading;
        this.loose = loose;
    }

    /** A verb without its fruit; edges are trimmed of slabs. */
    void begun(final Clause clause) {
        if (!reading.word(clause.head()).equals("trim")) {
            before.add(clause);
        }
    }

    /** Whether it was begun and its fruit not named yet. */
    boolean isOpen() {
        return !before.isEmpty();
    }

    /** Whether a clause names fruit that is in the recipe: hazelnuts are peeled, and stay whole. */
    boolean namesFruit(final Clause clause, final List<WrittenLine> own) {
        final List<WrittenLine> spokenOf =
                new ArrayList<>(Mentions.in(reading, clause.from(), clause.to(), loose));
        spokenOf.addAll(own);
        return spokenOf.stream().anyMatch(Trimming::isFruit);
    }

    /** All that was said before is done with. */
    void done() {
        before.forEach(clause -> reading.went(clause.head(), PartUse.DONE));
        before.clear();
    }

    /**
     * Something else is done next: what was begun is done to all fruit.
     *
     * @param left lines that are in no pot yet
     * @return empty where there is none
     */
    Optional<Draft> ofAll(final List<WrittenLine> left) {
        final Draft draft = new Draft(OperationKind.TRIM, before.get(0));
        left.stream().filter(Trimming::isFruit).forEach(draft.lines::add);
        if (draft.lines.isEmpty()) {
            before.clear();
            return Optional.empty();
        }
        done();
        return Optional.of(draft);
    }

    /** Fruit itself: nobody stones a raspberry purée, a cherry brandy or an apricot jam. */
    static boolean isFruit(final WrittenLine line) {
        return line.names().stream().anyMatch(name -> Lexicon.isKindOf("fruit", name))
                && line.names().stream().noneMatch(name -> name.matches(MADE_OF_IT))
                && line.names().stream().noneMatch(name -> Lexicon.isKindOf("alcohol", name));
    }

    private static final String MADE_OF_IT =
            "pur[eé]e|pulp|juice|jam|jelly|paste|spirit|liqueur|syrup|vinegar|oil|powder|essence|"
                    + "extract|flavour|coulis|compote|cider|wine|drink";
}
