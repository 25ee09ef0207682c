package palintone.core.filling.size;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.OperationKind;
import palintone.core.substance.ChoiOkos1986;

/**
 * What a recipe is made in, and how full it may and must be for what is done in it: sugar boils up,
 * a blade wants to be covered. Shares are common practice, no source.
 */
public enum RecipeVessel {
    PAN(
            Map.of(
                    OperationKind.BOIL, 0.6,
                    OperationKind.HEAT, 0.8,
                    OperationKind.COOK_FRUIT, 0.5,
                    OperationKind.BOIL_DOWN, 0.5,
                    OperationKind.COOK_SUGAR, 0.33,
                    OperationKind.CARAMELISE, 0.33,
                    OperationKind.TEMPER_YOLKS, 0.7),
            0.06),
    BLENDER(Map.of(OperationKind.BLEND, 0.6), 0.15),
    BOWL(
            Map.of(
                    OperationKind.POUR, 0.8,
                    OperationKind.EMULSIFY, 0.8,
                    OperationKind.BUTTER, 0.8,
                    OperationKind.FOLD, 0.8),
            0.12);

    private static final double WARM_C = 30;

    private final Map<OperationKind, Double> most;
    private final double least;

    RecipeVessel(final Map<OperationKind, Double> most, final double least) {
        this.most = new EnumMap<>(most);
        this.least = least;
    }

    /**
     * How full a vessel gets over a whole recipe.
     *
     * @param fullest of what it may hold, the volume that comes nearest to too much, 1 where it is
     *     just as full as it may be
     * @param mayBe how full it may be there, a share of what it holds
     * @param lowest of what it must hold at the least, 1 where it is just enough
     */
    record Fill(double fullest, double mayBe, double lowest) {}

    /** Empty where nothing is done in it. */
    Optional<Fill> fill(final Cooked cooked, final double holdsMl) {
        final double density = ChoiOkos1986.densityGPerMl(cooked.composition(), WARM_C);
        double fullest = 0;
        double mayBe = 1;
        double lowest = Double.POSITIVE_INFINITY;
        for (final Cooked.Stage stage : cooked.stages()) {
            final Double share = most.get(stage.kind());
            if (share == null) {
                continue;
            }
            // Before anything boiled away it was fullest.
            final double ml = (stage.massG() + stage.losses().steamG()) / density;
            if (ml / (share * holdsMl) > fullest) {
                fullest = ml / (share * holdsMl);
                mayBe = share;
            }
            lowest = Math.min(lowest, stage.massG() / density / (least * holdsMl));
        }
        return fullest > 0 ? Optional.of(new Fill(fullest, mayBe, lowest)) : Optional.empty();
    }

    /** What is said where it is too full. */
    Sentence tooMuch(final double mayBe, final int rounds, final double eachG) {
        return Sentence.of(
                        switch (this) {
                            case PAN ->
                                    "Too much for the pan at once: it may be {full} full. Make it in"
                                            + " {rounds} rounds of {each}.";
                            case BLENDER ->
                                    "Too much for the blender at once: it may be {full} full. Make it"
                                            + " in {rounds} rounds of {each}.";
                            case BOWL ->
                                    "Too much for the bowl at once: it may be {full} full. Make it in"
                                            + " {rounds} rounds of {each}.";
                        })
                .with("full", 100 * mayBe, Unit.PERCENT)
                .with("rounds", rounds, Unit.ONE)
                .with("each", eachG, Unit.GRAM);
    }

    /**
     * What is said where there is too little in it.
     *
     * @param yieldG that would be just enough
     */
    Sentence tooLittle(final double holdsMl, final double yieldG) {
        return Sentence.of(
                        switch (this) {
                            case PAN ->
                                    "Too little for this pan: it wants at least {least}, or the"
                                            + " thermometer stands dry and it scorches. A smaller pan,"
                                            + " or make {yield} at the least.";
                            case BLENDER ->
                                    "Too little for this blender: it wants at least {least}, or the"
                                            + " blade beats air into it. A narrow beaker is better, or"
                                            + " make {yield} at the least.";
                            case BOWL ->
                                    "Too little for this bowl: it wants at least {least}, or it lies"
                                            + " thin, cools before it binds and may split. A smaller"
                                            + " bowl, or make {yield} at the least.";
                        })
                .with("least", least * holdsMl, Unit.MILLILITRE)
                .with("yield", yieldG, Unit.GRAM);
    }
}
