package palintone.server.filling;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import palintone.core.filling.Filling;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationSetting;

/** A recipe as schema.org describes one, for other programs. */
final class LinkedRecipe {

    private LinkedRecipe() {}

    static Map<String, Object> of(final Filling filling) {
        final List<String> ingredients = new ArrayList<>();
        final List<Map<String, String>> steps = new ArrayList<>();
        for (final Operation op : filling.operations()) {
            op.lines()
                    .forEach(
                            l ->
                                    ingredients.add(
                                            number(l.amount())
                                                    + " "
                                                    + l.unit().symbol()
                                                    + " "
                                                    + l.ingredient().name()));
            steps.add(Map.of("@type", "HowToStep", "text", words(filling, op)));
        }
        final Map<String, Object> recipe = new LinkedHashMap<>();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", filling.name());
        recipe.put("recipeIngredient", ingredients);
        recipe.put("recipeInstructions", steps);
        return recipe;
    }

    private static String words(final Filling filling, final Operation op) {
        final StringBuilder text = new StringBuilder();
        if (filling.severalPots()) {
            text.append("In ").append(filling.potName(op.pot())).append(": ");
        }
        text.append(op.kind().words());
        op.settings()
                .forEach(
                        (setting, value) ->
                                text.append(setting == OperationSetting.MASS_G ? " to " : " ")
                                        .append(number(value))
                                        .append(' ')
                                        .append(setting.unit().symbol()));
        if (!op.lines().isEmpty()) {
            text.append(" with ")
                    .append(
                            op.lines().stream()
                                    .map(l -> l.ingredient().name())
                                    .collect(Collectors.joining(", ")));
        }
        op.from()
                .ifPresent(
                        from ->
                                text.append(" with ")
                                        .append(from.words())
                                        .append(" of what is in ")
                                        .append(filling.potName(from.pot())));
        return text.append('.').toString();
    }

    private static String number(final double value) {
        return BigDecimal.valueOf(Math.round(value * 1000) / 1000.0)
                .stripTrailingZeros()
                .toPlainString();
    }
}
