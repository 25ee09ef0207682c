package palintone.core.filling.record;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationSetting;

/**
 * What was changed between two versions of a recipe.
 *
 * @param amounts ingredients of which another amount goes in, grams before and after
 * @param doings operations that were added, taken out or set otherwise, in words
 */
public record Difference(List<Amount> amounts, List<String> doings) {

    /** 0 where it was not in, or is no more. */
    public record Amount(String ingredient, double fromG, double toG) {}

    private static final double SAME_G = 0.01;

    /** What differs between two versions of a recipe, grams by ingredient. */
    public static Difference between(final List<Operation> from, final List<Operation> to) {
        final Map<String, Double> before = sums(from);
        final Map<String, Double> after = sums(to);
        final List<Amount> amounts = new ArrayList<>();
        final Map<String, Double> all = new LinkedHashMap<>(before);
        after.forEach(all::putIfAbsent);
        for (final String name : all.keySet()) {
            final double was = before.getOrDefault(name, 0.0);
            final double is = after.getOrDefault(name, 0.0);
            if (Math.abs(was - is) > SAME_G) {
                amounts.add(new Amount(name, was, is));
            }
        }
        final List<String> doings = new ArrayList<>();
        final List<String> had = doings(from);
        final List<String> has = doings(to);
        has.stream().filter(d -> !had.contains(d)).forEach(d -> doings.add("now: " + d));
        had.stream().filter(d -> !has.contains(d)).forEach(d -> doings.add("no more: " + d));
        return new Difference(amounts, doings);
    }

    private static Map<String, Double> sums(final List<Operation> operations) {
        final Map<String, Double> sums = new LinkedHashMap<>();
        operations.stream()
                .flatMap(op -> op.lines().stream())
                .forEach(l -> sums.merge(l.ingredient().name(), l.massG(), Double::sum));
        return sums;
    }

    private static List<String> doings(final List<Operation> operations) {
        final List<String> words = new ArrayList<>();
        for (final Operation op : operations) {
            final StringBuilder text = new StringBuilder(op.kind().words());
            for (final OperationSetting setting : op.kind().defaults().keySet()) {
                if (op.kind().isByContent(setting) && !op.settings().containsKey(setting)) {
                    continue;
                }
                text.append(", ")
                        .append(setting.words())
                        .append(' ')
                        .append(Math.round(op.value(setting) * 100) / 100.0)
                        .append(' ')
                        .append(setting.unit().symbol());
            }
            if (op.pot() != 0) {
                text.append(", in pot ").append(op.pot() + 1);
            }
            op.from()
                    .ifPresent(
                            from -> {
                                text.append(", with ").append(from.words());
                                text.append(" of pot ").append(from.pot() + 1);
                            });
            words.add(text.toString().strip());
        }
        return words;
    }
}
