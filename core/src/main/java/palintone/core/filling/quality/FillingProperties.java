package palintone.core.filling.quality;

import java.util.Map;
import palintone.core.figure.Range;
import palintone.core.filling.life.FoodCode;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.record.Correction;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.WaterActivityModel;
import palintone.core.substance.Ingredient;

/**
 * What came out of the pot, under some conditions: every {@link Quality} is asked of it, as a bare
 * number, quick enough for a balance to ask hundreds of times. What the workshop has measured of
 * the recipe ({@link Conditions#own}) is in every number.
 */
public final class FillingProperties {

    /** Calibrated here: {@link palintone.core.filling.water.Buffers}. */
    private static final double COMPUTED_PH_MARGIN = 0.4;

    /**
     * Twice the models' own error against readings: models that are handed one composition agree
     * with each other better than with a meter. Calibrated here.
     */
    public static final double COMPUTED_AW_MARGIN = 0.04;

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
        return quality.value(this);
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
            for (final WaterActivityModel model : WaterActivityQuality.MODELS) {
                final double aw = WaterActivityQuality.by(model, this);
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

    /**
     * Price of everything weighed in, in the unit of money of the house, as far as prices are
     * known.
     */
    public double cost() {
        double sum = 0;
        for (final Map.Entry<Ingredient, Double> part : cooked.weighedInAll().entrySet()) {
            sum += part.getKey().traits().pricePerKg().orElse(0) * part.getValue() / 1000;
        }
        return sum;
    }
}
