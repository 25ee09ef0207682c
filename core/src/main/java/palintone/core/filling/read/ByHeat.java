package palintone.core.filling.read;

import palintone.core.filling.pot.OperationKind;

/** What is meant by heat: a cream warmed, sugar cooked or browned, egg made safe, fruit stewed. */
final class ByHeat {

    /** Nothing but sugar gets as hot as this in a pot, °C. */
    private static final double SUGAR_COOKS_FROM_C = 104;

    /** Below this sugar is cooked and does not brown, °C. */
    private static final double BROWNS_FROM_C = 155;

    /** Where egg is cooked, °C. */
    private static final double EGG_FROM_C = 65;

    private static final double EGG_TO_C = 97;

    private final RecipeReading reading;
    private final ClauseWords said;

    /** Whether there is egg in the recipe. */
    private final boolean eggs;

    ByHeat(final RecipeReading reading, final ClauseWords said, final boolean eggs) {
        this.reading = reading;
        this.said = said;
        this.eggs = eggs;
    }

    static OperationKind caramel(final double celsius) {
        return celsius < BROWNS_FROM_C ? OperationKind.COOK_SUGAR : OperationKind.CARAMELISE;
    }

    OperationKind heat(final Clause clause, final double celsius) {
        if (said.browns(clause)) {
            return OperationKind.CARAMELISE;
        }
        if (!Double.isNaN(celsius)) {
            return egg(celsius) && said.says(clause, "yolks?|eggs?|custard")
                    ? OperationKind.TEMPER_YOLKS
                    : heated(celsius);
        }
        return said.says(clause, "boil|boils|boiling|simmer|simmering|bubbles?")
                        && !said.says(clause, "below|before|not|without|never|under")
                ? OperationKind.BOIL
                : OperationKind.HEAT;
    }

    static OperationKind heated(final double celsius) {
        return celsius >= SUGAR_COOKS_FROM_C ? OperationKind.COOK_SUGAR : OperationKind.HEAT;
    }

    private boolean egg(final double celsius) {
        return eggs && celsius >= EGG_FROM_C && celsius <= EGG_TO_C;
    }

    /** What "cook" alone means: it may be said of sugar, of fruit, or of a custard. */
    OperationKind cooked(final Clause clause, final double celsius) {
        if (said.browns(clause)) {
            return OperationKind.CARAMELISE;
        }
        if (said.says(clause, "down")) {
            return OperationKind.BOIL_DOWN;
        }
        if (said.says(clause, "yolks?|eggs?|custard") || egg(celsius)) {
            return OperationKind.TEMPER_YOLKS;
        }
        if (!Double.isNaN(celsius)) {
            return heated(celsius);
        }
        return said.says(clause, "sugar|syrup|caramel|toffee")
                        && reading.free(clause.from(), clause.to(), Part.PartKind.MINUTES) < 0
                ? OperationKind.COOK_SUGAR
                : OperationKind.COOK_FRUIT;
    }
}
