package palintone.core.temper;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;

/**
 * Couvertures melted together, or a couverture with a coating: what the mixture is follows from its
 * parts by mass balance.
 *
 * @param parts what is melted together, two to six, 100 % together
 */
public record CouvertureMixture(List<MixturePart> parts) {

    /** Where its numbers come from. */
    public static final Source SOURCE = Source.definition("mass balance of the parts");

    private static final Source FATS =
            Source.practice(
                    "cocoa butter bears some 5 % of lauric fat, a lauric coating some 5 % of cocoa"
                            + " butter; other vegetable fat some 20 %");

    private static final int MOST = 6;

    /** Rounding that is let through, per cent. */
    private static final double SLACK_PERCENT = 0.05;

    /** Lesser share of foreign fat that is borne, per cent of all fat; see {@link #FATS}. */
    private static final double LAURIC_PERCENT = 5;

    /** The same of other vegetable fat, per cent of all fat. */
    private static final double OTHER_PERCENT = 20;

    /**
     * Fat-free cocoa that makes a chocolate more than white, per cent; Codex CXS 87-1981, from
     * memory.
     */
    private static final double MILK_COCOA_PERCENT = 2.5;

    /** Milk that makes its window that of milk, per cent of milk fat; ours. */
    private static final double MILK_FAT_PERCENT = 1.5;

    /**
     * One part.
     *
     * @param percent of the mass, more than 0, up to 100 %
     */
    public record MixturePart(Ingredient ingredient, double percent) {

        /**
         * @throws OutOfRangeException when the share is impossible
         */
        public MixturePart {
            Require.positive("share of " + ingredient.name(), percent, 100, "%");
        }
    }

    /**
     * @throws OutOfRangeException when there are too few or too many parts, one is there twice, or
     *     they are not 100 % together
     */
    public CouvertureMixture {
        parts = List.copyOf(parts);
        if (parts.size() < 2 || parts.size() > MOST) {
            throw new OutOfRangeException(
                    "parts of a mixture", String.valueOf(parts.size()), "2 to " + MOST);
        }
        if (parts.stream().map(p -> p.ingredient().id()).distinct().count() < parts.size()) {
            throw new OutOfRangeException("parts of a mixture", "one of them twice", "each once");
        }
        final double sum = parts.stream().mapToDouble(MixturePart::percent).sum();
        if (Math.abs(sum - 100) > SLACK_PERCENT) {
            throw new OutOfRangeException(
                    "parts of a mixture", Math.round(sum * 10) / 10.0 + " % together", "100 %");
        }
    }

    /** In 100 g, each component. */
    public Map<Component, Double> gramsPer100() {
        final Map<Component, Double> grams = new EnumMap<>(Component.class);
        for (final MixturePart part : parts) {
            part.ingredient()
                    .composition()
                    .fractions()
                    .forEach(
                            (component, share) ->
                                    grams.merge(component, share * part.percent(), Double::sum));
        }
        return grams;
    }

    /** As it is measured out, g/ml: volumes add up. */
    public double densityGPerMl() {
        return 100
                / parts.stream()
                        .mapToDouble(p -> p.percent() / p.ingredient().densityGPerMl())
                        .sum();
    }

    /** Every allergen of every part. */
    public Set<Allergen> allergens() {
        final Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        parts.forEach(part -> all.addAll(part.ingredient().allergens()));
        return all;
    }

    /**
     * Which window it is worked in: that of white without fat-free cocoa, of milk with milk fat.
     */
    public CouvertureKind kind() {
        final Map<Component, Double> grams = gramsPer100();
        if (grams.getOrDefault(Component.COCOA_SOLIDS, 0.0) < MILK_COCOA_PERCENT) {
            return CouvertureKind.WHITE;
        }
        return grams.getOrDefault(Component.MILK_FAT, 0.0) >= MILK_FAT_PERCENT
                ? CouvertureKind.MILK
                : CouvertureKind.DARK;
    }

    /** Price of a kilogram, where every part has one. */
    public OptionalDouble pricePerKg() {
        double sum = 0;
        for (final MixturePart part : parts) {
            final OptionalDouble price = part.ingredient().traits().pricePerKg();
            if (price.isEmpty()) {
                return OptionalDouble.empty();
            }
            sum += price.getAsDouble() * part.percent() / 100;
        }
        return OptionalDouble.of(sum);
    }

    /** What to know of it: fats that do not bear each other. */
    public List<Sentence> cautions() {
        return foreignFats(gramsPer100());
    }

    /** The same of whatever has such fats in it, in grams or shares. */
    static List<Sentence> foreignFats(final Map<Component, Double> grams) {
        final double butter = grams.getOrDefault(Component.COCOA_BUTTER, 0.0);
        final double lauric = grams.getOrDefault(Component.LAURIC_FAT, 0.0);
        final double other = grams.getOrDefault(Component.OTHER_FAT, 0.0);
        final List<Sentence> cautions = new ArrayList<>();
        foreign(cautions, "lauric fat", butter, lauric, LAURIC_PERCENT);
        foreign(cautions, "other vegetable fat", butter, other, OTHER_PERCENT);
        return cautions;
    }

    private static void foreign(
            final List<Sentence> cautions,
            final String what,
            final double butter,
            final double fat,
            final double limit) {
        if (fat <= 0 || butter <= 0) {
            return;
        }
        final double lesser = Math.min(butter, fat) / (butter + fat) * 100;
        if (lesser > limit) {
            cautions.add(
                    Sentence.of(
                                    "Cocoa butter and "
                                            + what
                                            + " do not set together: {lesser} of the two is the"
                                            + " lesser, borne is up to {limit}. It stays soft and"
                                            + " blooms; do not count on its curve.")
                            .with("lesser", lesser, Unit.PERCENT)
                            .with("limit", limit, Unit.PERCENT));
        }
    }

    /** The source of {@link #cautions}. */
    public static Source cautionsSource() {
        return FATS;
    }
}
