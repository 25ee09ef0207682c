package palintone.server.filling;

import java.util.List;
import java.util.Map;
import palintone.core.filling.balance.Staying;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;

/** A recipe that has been read, and what is known around it. */
public record OnBench(
        String name, List<Operation> operations, List<String> pots, Conditions conditions) {

    /** Grams of every line, in the order of the recipe. */
    double[] grams() {
        return Cooking.grams(operations);
    }

    /** Lines a balance leaves alone although nobody locked them. */
    Map<Integer, Staying.Why> staying() {
        return Staying.of(name, operations, grams());
    }

    /** Cooked and appraised as it stands. */
    public FillingProperties properties() {
        return FillingProperties.of(
                Cooking.cook(operations, grams(), conditions.pressureHPa()), conditions);
    }
}
