package palintone.core.filling.pot;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import palintone.core.fat.SolidFatCurve;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;

/**
 * What came of a recipe.
 *
 * @param composition of what is left at the end
 * @param folded what of it lies in it in pieces
 * @param yieldG what is left, grams
 * @param weighed what was weighed in for it, grams of each ingredient in the order of the recipe;
 *     of another pot the share that was taken
 * @param inIt of that, what is still in it: not what was infused and strained out
 * @param stages its pot after every operation
 * @param left what still stands in other pots
 * @param eggs how hot and how long, for every raw egg in it, since it went in
 * @param heated whether anything in it was heated
 * @param ph of what is no pieces, estimated, 0 to 14
 * @param unheated moist ingredients that went in after the last heat step of 72 °C
 * @param gellingG grams of what gels that are left, each as if of its usual strength
 * @param history what else happened
 */
public record Cooked(
        Composition composition,
        Folded folded,
        double yieldG,
        Map<Ingredient, Double> weighed,
        Set<Ingredient> inIt,
        List<Stage> stages,
        List<Left> left,
        List<List<HeatStep>> eggs,
        boolean heated,
        double ph,
        List<Ingredient> unheated,
        Map<FunctionalClass, Double> gellingG,
        History history) {

    /**
     * Pieces and what they lie in.
     *
     * @param matrix everything but the pieces: what is syrup, fat and texture
     * @param pieces what they are made of
     * @param grams of pieces
     * @param volumeShare of the pieces, 0 to 1
     * @param packed how near they come to lying on each other, 0 to 1: the room they take when
     *     poured out, of the whole; thin flakes and shreds fill it with little
     * @param sugarG of sugar in the pieces, which draws water and melts away
     * @param sizeMm side of the smallest of them, 0 where there are none
     * @param coatG of cocoa butter on them, part of their grams
     */
    public record Folded(
            Composition matrix,
            Composition pieces,
            double grams,
            double volumeShare,
            double packed,
            double sugarG,
            double sizeMm,
            double coatG) {}

    /** What the pieces lie in; everything where there are none. */
    public Composition matrix() {
        return folded.matrix();
    }

    /** A temperature held for a time. */
    public record HeatStep(double celsius, double seconds) {}

    /**
     * What nobody took out of a pot.
     *
     * @param pot its number
     * @param massG what is in it
     * @param weighed what was weighed in for that, grams of each ingredient
     */
    public record Left(int pot, double massG, Map<Ingredient, Double> weighed) {}

    /**
     * A pot after one operation.
     *
     * @param kind what was done
     * @param pot to which
     * @param from which pot something was taken out of for it, −1 where none
     * @param takenG how much
     * @param massG what is in the pot
     * @param waterG of it water
     * @param temperatureC of the whole
     * @param losses what left during this operation
     * @param state what can hurt at it
     */
    public record Stage(
            OperationKind kind,
            int pot,
            int from,
            double takenG,
            double massG,
            double waterG,
            double temperatureC,
            Losses losses,
            Hazard state) {

        public double lostG() {
            return losses.allG();
        }
    }

    /**
     * What can hurt at an operation: told by what is in the pot, whatever the operation is called.
     *
     * @param hotC the hottest the pot was or was to be, °C
     * @param boilsUp whether something wet meets what is hotter than a syrup boils
     * @param egg whether there is egg in the pot that went in raw
     * @param spirit whether what burns goes in, or is warmed in it
     */
    public record Hazard(double hotC, boolean boilsUp, boolean egg, boolean spirit) {

        /** Hotter than this, what is wet boils up in it at once, °C. */
        public static final double BOILS_UP_FROM_C = 105;

        /** Whether it is hot as cooked sugar and hot fat are. */
        public boolean burns() {
            return hotC > BOILS_UP_FROM_C;
        }
    }

    /**
     * What left the pot, counted where it left.
     *
     * @param steamG water and alcohol boiled off, and the water that browning sugar sets free
     * @param strainedG what sieve and what is strained out keep
     * @param stuckG what is left on tools and cut away
     */
    public record Losses(double steamG, double strainedG, double stuckG) {

        public double allG() {
            return steamG + strainedG + stuckG;
        }
    }

    /**
     * What happened besides heat; NaN or 0 where it did not.
     *
     * @param cookedSugarC how far sugar was cooked, °C
     * @param boiledClear whether it was boiled down with nearly all its sucrose in it
     * @param caramelisedG sugar that turned to caramel
     * @param invertedG sucrose of the composition that came apart in the boil: it does not grain;
     *     water activity counts it as sucrose, to the safe side
     * @param highestC hottest moment
     * @param blended whether a blender ran
     * @param emulsifiedWidthMm width of the vessel
     * @param mixedC as it was last beaten or blended together
     * @param butterC temperature of the pot when the butter went in
     * @param pouredAtC temperature of what was poured over the chocolate
     * @param cutMm side of the cut pieces
     * @param restHours at room temperature
     * @param coldRestHours in the cold
     */
    public record History(
            double cookedSugarC,
            boolean boiledClear,
            double caramelisedG,
            double invertedG,
            double highestC,
            boolean blended,
            double emulsifiedWidthMm,
            double mixedC,
            double butterC,
            double pouredAtC,
            double cutMm,
            double restHours,
            double coldRestHours) {}

    /** Where what was poured over stands as it was poured: nothing has stirred it since. */
    public boolean pouredAndLeft() {
        boolean left = false;
        final int out = stages.isEmpty() ? 0 : stages.get(stages.size() - 1).pot();
        for (final Stage stage : stages) {
            if (stage.pot() == out) {
                left =
                        switch (stage.kind()) {
                            case POUR -> true;
                            case COOL, REST, CUT, FREEZE -> left;
                            default -> false;
                        };
            }
        }
        return left;
    }

    /**
     * Chocolate that what was poured did not melt.
     *
     * @param celsius both came to
     * @param solid of its cocoa butter, 0 to 1
     */
    public record Unmelted(double celsius, double solid) {}

    /** So much that is solid melts on in the hand that stirs. */
    private static final double MELTS_ON = 0.05;

    /** Where chocolate was poured over too cool, and nothing has warmed both since. */
    public Optional<Unmelted> unmelted() {
        if (matrix().fraction(Component.COCOA_BUTTER) <= 0) {
            return Optional.empty();
        }
        final Map<Integer, Unmelted> left = new LinkedHashMap<>();
        for (final Stage stage : stages) {
            final double solid = SolidFatCurve.cocoaButter().solidAt(stage.temperatureC());
            if (solid < MELTS_ON) {
                left.remove(stage.pot());
                left.remove(stage.from());
            } else if (stage.kind() == OperationKind.POUR) {
                left.put(stage.pot(), new Unmelted(stage.temperatureC(), solid));
            }
        }
        return left.values().stream().findFirst();
    }

    /** Whether raw egg went into it, heated since or not. */
    public boolean hasEgg() {
        return !eggs.isEmpty();
    }

    /** One kind of loss, over all operations, grams. */
    public double lost(final ToDoubleFunction<Losses> kind) {
        return stages.stream().mapToDouble(s -> kind.applyAsDouble(s.losses())).sum();
    }

    /** Everything weighed in, into every pot, grams of each ingredient. */
    public Map<Ingredient, Double> weighedInAll() {
        if (left.isEmpty()) {
            return weighed;
        }
        final Map<Ingredient, Double> all = new LinkedHashMap<>(weighed);
        left.forEach(pot -> pot.weighed().forEach((i, massG) -> all.merge(i, massG, Double::sum)));
        return all;
    }

    /** Everything weighed in, into every pot, grams. */
    public double weighedG() {
        double sum = 0;
        for (final double massG : weighedInAll().values()) {
            sum += massG;
        }
        return sum;
    }

    /** What still stands in other pots, grams. */
    public double leftG() {
        return left.stream().mapToDouble(Left::massG).sum();
    }

    /** Every allergen of what was weighed in, in the order of the regulation. */
    public Set<Allergen> allergens() {
        final Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        weighed().keySet().forEach(i -> all.addAll(i.allergens()));
        return all;
    }
}
