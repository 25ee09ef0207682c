package palintone.core.filling.layer;

import java.util.EnumMap;
import java.util.Map;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.record.Correction;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.Gab;
import palintone.core.filling.water.Isotherm;
import palintone.core.filling.water.Norrish1966;
import palintone.core.filling.water.Ross1975;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * One filling among others, as far as its water goes.
 *
 * @param name as the maker says it
 * @param massG in one piece
 * @param moisture g of water per g of the rest, as it goes in
 * @param isotherm how its water activity follows its water
 */
public record MoistureLayer(String name, double massG, double moisture, Isotherm isotherm) {

    /** From an appraised filling. */
    public static MoistureLayer of(
            final String name, final double massG, final FillingProperties properties) {
        final Composition c = properties.cooked().composition();
        final double water = c.fraction(Component.WATER);
        final double moisture = water / (1 - water);
        if (!properties.wet()) {
            final double dry = dryShare(properties);
            return new MoistureLayer(
                    name, massG, moisture, m -> Gab.BAKED.activity(dry > 0 ? m / dry : m));
        }
        return new MoistureLayer(name, massG, moisture, syrup(c, properties));
    }

    /** Share of what takes up water in all that is not water. */
    private static double dryShare(final FillingProperties properties) {
        final Composition c = properties.cooked().composition();
        final double aw = properties.value(Quality.WATER_ACTIVITY);
        final double held = Gab.BAKED.moisture(aw);
        final double water = c.fraction(Component.WATER);
        return held > 0 ? water / (1 - water) / held : 0;
    }

    /** A syrup loses or takes water; its sugars stay. */
    private static Isotherm syrup(final Composition c, final FillingProperties properties) {
        final Norrish1966 model = new Norrish1966();
        final boolean cooked = properties.texture().cookedSugar();
        final double own = properties.conditions().own().offset(Correction.Of.WATER_ACTIVITY);
        final double rest = 1 - c.fraction(Component.WATER);
        return moisture -> {
            final Map<Component, Double> parts = new EnumMap<>(Component.class);
            parts.putAll(c.fractions());
            parts.put(Component.WATER, Math.max(1e-6, moisture * rest));
            final Composition now = Composition.ofMasses(parts);
            final AqueousPhase phase =
                    cooked ? AqueousPhase.supersaturated(now) : AqueousPhase.of(now, 18);
            final double computed = model.waterActivity(phase) * Ross1975.saltsAndEthanol(phase);
            return Math.max(0, Math.min(1, computed + own));
        };
    }

    double dryG() {
        return massG / (1 + moisture);
    }
}
