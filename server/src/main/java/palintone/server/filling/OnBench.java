package palintone.server.filling;

import java.util.List;
import palintone.core.filling.Conditions;
import palintone.core.filling.FillingProperties;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;

/** A recipe that has been read, and what is known around it. */
public record OnBench(List<Operation> operations, List<String> pots, Conditions conditions) {

    /** Grams of every line, in the order of the recipe. */
    double[] grams() {
        return Cooking.grams(operations);
    }

    /** Cooked and appraised as it stands. */
    public FillingProperties properties() {
        return FillingProperties.of(
                Cooking.cook(operations, grams(), conditions.pressureHPa()), conditions);
    }
}
