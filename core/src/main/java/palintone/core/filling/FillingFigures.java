package palintone.core.filling;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import palintone.core.figure.Band;
import palintone.core.figure.Figure;
import palintone.core.figure.Range;
import palintone.core.figure.Sentence;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.life.Lethality;
import palintone.core.filling.life.Life;
import palintone.core.filling.life.LifeConditions;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.texture.TextureClass;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;

/**
 * Everything that can be said of a filling before it is cooked.
 *
 * @param figures every quality with its basis and, where the style knows one, its band
 * @param splitRisk 0 to 100 %
 * @param grainRisk of cooked sugar, 0 to 100 %; empty where none was cooked
 * @param textures class and stiffness from the cold to the warm
 * @param life how long and why
 * @param eggHeat the heat step of the egg, where there is egg
 * @param density where it is piped
 * @param weighed everything weighed in
 * @param cost of the batch; priced tells how much of it has a price
 * @param unpriced ingredients without a price
 * @param allergens in the order of the regulation
 * @param cautions where somebody can be hurt
 * @param cooked what came out of the pot
 * @param conditions where it is cooked, eaten and kept
 */
public record FillingFigures(
        Map<Quality, Figure> figures,
        Figure splitRisk,
        List<Figure> grainRisk,
        List<TextureAt> textures,
        Life life,
        List<Figure> eggHeat,
        Figure density,
        Figure weighed,
        Figure cost,
        List<String> unpriced,
        Set<Allergen> allergens,
        List<Sentence> cautions,
        Cooked cooked,
        Conditions conditions) {

    private static final List<Double> TEMPERATURES_C =
            List.of(4.0, 16.0, 20.0, 24.0, 28.0, 32.0, 40.0);

    /** How it stands at a temperature. */
    public record TextureAt(double celsius, TextureClass texture, double pascal) {}

    /** At the usual conditions, without own measurements. */
    public static FillingFigures of(final Filling filling) {
        return of(filling, Conditions.USUAL);
    }

    /**
     * Against what it is meant to be.
     *
     * @param conditions where it is kept and eaten, and what was measured of it
     */
    public static FillingFigures of(final Filling filling, final Conditions conditions) {
        return of(FillingProperties.of(filling.cooked(), conditions), filling.style().bands());
    }

    /**
     * @param bands what it ought to be
     */
    public static FillingFigures of(
            final FillingProperties properties, final Map<Quality, Band> bands) {
        final BatchFigures whole = new BatchFigures(properties);
        final Map<Quality, Figure> figures = new EnumMap<>(Quality.class);
        for (final Quality quality : Quality.values()) {
            Figure figure = quality.figure(properties);
            if (bands.containsKey(quality)) {
                figure = figure.within(bands.get(quality));
            }
            figures.put(quality, figure);
        }
        final Cooked cooked = properties.cooked();
        final List<TextureAt> textures = new ArrayList<>();
        for (final double celsius : temperatures(properties.conditions())) {
            final double pascal = properties.texture().pascal(celsius);
            textures.add(new TextureAt(celsius, TextureClass.of(pascal), pascal));
        }
        final Life life = life(properties, figures);
        final List<Figure> egg =
                cooked.hasEgg()
                        ? List.of(Lethality.figure(Lethality.least(cooked.eggs())))
                        : List.of();
        return new FillingFigures(
                figures,
                FillingRisks.ofSplitting(properties),
                FillingRisks.ofGraining(properties),
                textures,
                life,
                egg,
                whole.density(),
                whole.weighed(),
                whole.cost(),
                cooked.weighedInAll().keySet().stream()
                        .filter(i -> i.traits().pricePerKg().isEmpty())
                        .map(Ingredient::name)
                        .toList(),
                cooked.allergens(),
                FillingCautions.of(cooked),
                cooked,
                properties.conditions());
    }

    /** The usual ones, with those where it is kept and eaten. */
    private static SortedSet<Double> temperatures(final Conditions conditions) {
        final SortedSet<Double> all = new TreeSet<>(TEMPERATURES_C);
        all.add(conditions.servingC());
        all.add(conditions.storageC());
        return all;
    }

    private static Life life(
            final FillingProperties properties, final Map<Quality, Figure> figures) {
        final Cooked cooked = properties.cooked();
        final Range aw = properties.waterActivityRange();
        final double water = cooked.composition().fraction(Component.WATER);
        final double ethanol = cooked.composition().fraction(Component.ETHANOL);
        return Life.of(
                new LifeConditions(
                        figures.get(Quality.WATER_ACTIVITY).value(),
                        aw.low(),
                        aw.high(),
                        figures.get(Quality.ACIDITY).value(),
                        properties.acidityRange().high(),
                        properties.acidityMeasured(),
                        water + ethanol > 0 ? 100 * ethanol / (water + ethanol) : 0,
                        cooked.unheated().isEmpty() && cooked.heated(),
                        Lethality.egg(cooked.eggs()),
                        properties.conditions().storageC(),
                        100 * cooked.composition().fraction(Component.LIQUID_OIL),
                        has(cooked, FunctionalClass.NUT),
                        cooked.inIt().stream().anyMatch(i -> i.allergens().contains(Allergen.MILK)),
                        has(cooked, FunctionalClass.CRISP)));
    }

    private static boolean has(final Cooked cooked, final FunctionalClass nature) {
        return cooked.inIt().stream().anyMatch(i -> i.is(nature));
    }

    /** One quality with its basis. */
    public Figure figure(final Quality quality) {
        return figures.get(quality);
    }

    /** Whether fat drops are packed closer than they bear. */
    public boolean tooFat() {
        return figure(Quality.OIL_SHARE).value() > Emulsion.CLOSE_PACKED;
    }
}
