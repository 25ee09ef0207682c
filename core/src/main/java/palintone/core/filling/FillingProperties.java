package palintone.core.filling;

import java.util.List;
import java.util.Map;
import palintone.core.figure.Range;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.life.FoodCode;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.record.Correction;
import palintone.core.filling.taste.Taste;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.Gab;
import palintone.core.filling.water.Grover1947;
import palintone.core.filling.water.MoneyBorn1951;
import palintone.core.filling.water.Norrish1966;
import palintone.core.filling.water.Ross1975;
import palintone.core.filling.water.RossProduct;
import palintone.core.filling.water.WaterActivityModel;
import palintone.core.substance.Alcohol;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.LumpedSolids;
import palintone.core.substance.Nutrition;

/**
 * Every quality of what came out of the pot, as a bare number: quick enough for a balance to ask
 * hundreds of times. {@link FillingFigures} gives the same numbers a basis. What the workshop has
 * measured of the recipe ({@link Conditions#own}) is in every number.
 */
public final class FillingProperties {

    /** First the default, then those shown beside it. */
    static final List<WaterActivityModel> MODELS =
            List.of(new Norrish1966(), new RossProduct(), new Grover1947(), new MoneyBorn1951());

    /** Grams of water one gram of these holds too tightly to be free; common practice. */
    private static final double BOUND_BY_PROTEIN = 0.3;

    private static final double BOUND_BY_SUGAR = 0.1;

    /** Calibrated here: {@link palintone.core.filling.water.Buffers}. */
    private static final double COMPUTED_PH_MARGIN = 0.4;

    /**
     * Twice the models' own error against readings: models that are handed one composition agree
     * with each other better than with a meter. Calibrated here.
     */
    static final double COMPUTED_AW_MARGIN = 0.04;

    /** So far is a fat filling's known, where it was not measured. */
    private static final double DRY_AW_MARGIN = 0.1;

    private final Cooked cooked;
    private final Conditions conditions;
    private final Texture texture;
    private final boolean wet;
    private AqueousPhase syrup;

    private FillingProperties(final Cooked cooked, final Conditions conditions) {
        this.cooked = cooked;
        this.conditions = conditions;
        this.texture = Texture.of(cooked).firmer(conditions.own().offset(Correction.Of.FIRMNESS));
        this.wet = texture.syrupOutside();
    }

    public static FillingProperties of(final Cooked cooked, final Conditions conditions) {
        return new FillingProperties(cooked, conditions);
    }

    public Cooked cooked() {
        return cooked;
    }

    public Conditions conditions() {
        return conditions;
    }

    public Texture texture() {
        return texture;
    }

    /** Whether the filling has a syrup to speak of. */
    public boolean wet() {
        return wet;
    }

    /** The syrup at 20 °C; asked only of a {@link #wet} filling. */
    public AqueousPhase syrup() {
        if (syrup == null) {
            syrup = texture.syrup(20);
        }
        return syrup;
    }

    /** One quality, in its unit. */
    public double value(final Quality quality) {
        final Composition c = cooked.composition();
        return switch (quality) {
            case WATER_ACTIVITY -> waterActivity(MODELS.get(0));
            case WATER -> 100 * c.fraction(Component.WATER);
            case FREE_WATER -> freeWater();
            case FAT -> 100 * c.fatFraction();
            case OIL_SHARE -> Emulsion.of(cooked.matrix()).oilShare();
            case DISSOLVED_SUGAR -> dissolved();
            case CRYSTAL_SUGAR -> crystals();
            case SOLID_FAT_SERVING -> 100 * texture.solidFat(conditions.servingC());
            case SOLID_FAT_STORAGE -> 100 * texture.solidFat(conditions.storageC());
            case FIRMNESS -> Texture.firmness(texture.pascal(conditions.servingC()));
            case FIRMNESS_STORAGE -> Texture.firmness(texture.pascal(conditions.storageC()));
            case SWEETNESS -> Taste.sweetness(c);
            case BITTERNESS -> Taste.bitterness(cooked);
            case ALCOHOL -> Alcohol.percent(c);
            case ACIDITY -> cooked.ph() + conditions.own().offset(Correction.Of.PH);
            case ENERGY -> Nutrition.of(c).kilojoules();
            case COST -> cost() / cooked.yieldG() * 1000;
            case YIELD -> cooked.yieldG();
        };
    }

    /** Water activity by one model; by the sorption of its dry bodies where there is no syrup. */
    double waterActivity(final WaterActivityModel model) {
        final double computed =
                wet
                        ? model.waterActivity(syrup()) * Ross1975.saltsAndEthanol(syrup())
                        : Math.max(0.05, dryActivity());
        return Math.max(
                0.01,
                Math.min(1, computed + conditions.own().offset(Correction.Of.WATER_ACTIVITY)));
    }

    /**
     * What the water activity may really be. Unmeasured, the models may all be off by {@link
     * #COMPUTED_AW_MARGIN}, and where they differ by more, by that; a fat filling's is known to a
     * tenth. Measured on this recipe, it is two margins of the measurements, whatever the models
     * say.
     */
    public Range waterActivityRange() {
        final double value = value(Quality.WATER_ACTIVITY);
        final Correction own = conditions.own().of(Correction.Of.WATER_ACTIVITY);
        if (own.holds(Correction.Of.WATER_ACTIVITY, uncorrected(Quality.WATER_ACTIVITY))) {
            final double margin = 2 * own.margin();
            return new Range(Math.max(0.01, value - margin), Math.min(1, value + margin));
        }
        // What was measured of another recipe by this name makes this one no drier.
        final double raw = Math.max(value, uncorrected(Quality.WATER_ACTIVITY));
        final double margin = wet ? COMPUTED_AW_MARGIN : DRY_AW_MARGIN;
        double low = value - margin;
        double high = raw + margin;
        if (wet) {
            for (final WaterActivityModel model : MODELS) {
                final double aw = waterActivity(model);
                low = Math.min(low, aw);
                high = Math.max(high, aw);
            }
        }
        return new Range(Math.max(0.01, low), Math.min(1, high));
    }

    /** What the pH may really be: within 0.4 computed, within two margins measured. */
    public Range acidityRange() {
        final double value = value(Quality.ACIDITY);
        if (acidityMeasured()) {
            final double margin = 2 * conditions.own().of(Correction.Of.PH).margin();
            return new Range(value - margin, value + margin);
        }
        return new Range(
                value - COMPUTED_PH_MARGIN,
                Math.max(value, uncorrected(Quality.ACIDITY)) + COMPUTED_PH_MARGIN);
    }

    /** Whether its pH was measured on this recipe, or on one that differs by nothing much. */
    public boolean acidityMeasured() {
        return conditions
                .own()
                .of(Correction.Of.PH)
                .holds(Correction.Of.PH, uncorrected(Quality.ACIDITY));
    }

    /**
     * From which computed water activity down it may stand outside the cold, with its margin. Where
     * it would have to become another recipe for that, what was measured of this one no longer
     * counts.
     */
    public double standsFrom() {
        final double value = value(Quality.WATER_ACTIVITY);
        final double margin = waterActivityRange().high() - value;
        final double here = FoodCode.highestAw(acidityRange().high(), acidityMeasured()) - margin;
        final Correction own = conditions.own().of(Correction.Of.WATER_ACTIVITY);
        final double raw = here - own.offset();
        if (own.measurements() == 0 || own.holds(Correction.Of.WATER_ACTIVITY, raw)) {
            return here;
        }
        return FoodCode.highestAw(0, false)
                - (wet ? COMPUTED_AW_MARGIN : DRY_AW_MARGIN)
                + Math.min(0, own.offset());
    }

    /** What the model alone says, before own measurements move it. */
    private double uncorrected(final Quality quality) {
        return value(quality)
                - conditions
                        .own()
                        .offset(
                                quality == Quality.ACIDITY
                                        ? Correction.Of.PH
                                        : Correction.Of.WATER_ACTIVITY);
    }

    private double dryActivity() {
        final double dry = dryBodies(cooked.matrix());
        final double water = cooked.matrix().fraction(Component.WATER);
        return dry > 0 ? Gab.BAKED.activity(water / dry) : water > 0 ? 0.5 : 0.05;
    }

    /**
     * What takes up water in a fat filling: all but fat, water and the bulk of crystalline sugar.
     */
    static double dryBodies(final Composition c) {
        return c.fraction(Component.PROTEIN)
                + c.fraction(Component.STARCH)
                + c.fraction(Component.FIBRE)
                + c.fraction(Component.COCOA_SOLIDS)
                + c.fraction(Component.MILK_SOLIDS)
                + c.fraction(Component.HIGHER_SACCHARIDES)
                + c.fraction(Component.ASH)
                + c.fraction(Component.BOUND_ASH)
                + 0.03 * c.fraction(Component.SUCROSE);
    }

    private double freeWater() {
        final Composition c = cooked.matrix();
        final double bound =
                100
                        * BOUND_BY_PROTEIN
                        * (c.fraction(Component.PROTEIN)
                                + c.fraction(Component.STARCH)
                                + c.fraction(Component.FIBRE)
                                + c.fraction(Component.COCOA_SOLIDS)
                                + LumpedSolids.MILK_PROTEIN * c.fraction(Component.MILK_SOLIDS));
        final double bySugar = wet ? BOUND_BY_SUGAR * syrup().dissolvedSumG() : 0;
        final double matrixShare = 1 - cooked.folded().grams() / cooked.yieldG();
        return matrixShare * Math.max(0, 100 * c.fraction(Component.WATER) - bound - bySugar);
    }

    private double dissolved() {
        if (!wet) {
            return 0;
        }
        final double sugar = syrup().dissolvedSumG();
        return 100 * sugar / (sugar + syrup().waterG());
    }

    private double crystals() {
        if (wet) {
            return syrup().crystallineG();
        }
        final Composition c = cooked.matrix();
        return 100 * (c.fraction(Component.SUCROSE) + c.fraction(Component.LACTOSE));
    }

    /** Price of everything weighed in, as far as prices are known. */
    double cost() {
        double sum = 0;
        for (final Map.Entry<Ingredient, Double> part : cooked.weighedInAll().entrySet()) {
            sum += part.getKey().traits().pricePerKg().orElse(0) * part.getValue() / 1000;
        }
        return sum;
    }
}
