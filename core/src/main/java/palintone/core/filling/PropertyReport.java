package palintone.core.filling;

import java.util.Map;
import palintone.core.fat.FatBlend;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Range;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.record.Correction;
import palintone.core.filling.taste.Taste;
import palintone.core.filling.texture.Gel;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.Buffers;
import palintone.core.filling.water.Gab;
import palintone.core.filling.water.Ross1975;
import palintone.core.filling.water.Solute;
import palintone.core.filling.water.SyrupViscosity;
import palintone.core.filling.water.WaterActivityModel;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Nutrition;

/** Gives every property of a cooked filling its basis and spread. */
final class PropertyReport {

    private static final Basis SHARE =
            Basis.of("mass of the part / mass of what comes out of the pot").from(Cooking.PRACTICE);
    private static final double SYRUP_C = 20;

    private final FillingProperties properties;
    private final Composition c;

    PropertyReport(final FillingProperties properties) {
        this.properties = properties;
        this.c = properties.cooked().composition();
    }

    Figure figure(final Quality quality) {
        return switch (quality) {
            case WATER_ACTIVITY -> waterActivity();
            case WATER, FAT -> plain(quality, SHARE);
            case FREE_WATER ->
                    plain(
                            quality,
                            Basis.of(
                                            "water − 0.3·(protein, starch, fibre, cocoa) − 0.1·"
                                                    + "dissolved sugar")
                                    .with("water", properties.value(Quality.WATER), Unit.PERCENT)
                                    .from(
                                            Source.practice(
                                                    "what solids hold too tightly to be free")));
            case OIL_SHARE -> oilShare();
            case DISSOLVED_SUGAR -> plain(quality, syrup("dissolved / (dissolved + water)"));
            case CRYSTAL_SUGAR ->
                    plain(
                            quality,
                            syrup(
                                    properties.wet()
                                            ? "sugar − what the water holds of it beside the others"
                                            : "fat surrounds the sugar: all of it stays crystals"));
            case SOLID_FAT_SERVING -> solidFat(quality, properties.conditions().servingC());
            case SOLID_FAT_STORAGE -> solidFat(quality, properties.conditions().storageC());
            case FIRMNESS -> firmness(quality, properties.conditions().servingC());
            case FIRMNESS_STORAGE -> firmness(quality, properties.conditions().storageC());
            case SWEETNESS ->
                    plain(
                            quality,
                            Basis.of("Σ sugar · its sweetness, in sucrose")
                                    .with(
                                            "sucrose",
                                            100 * c.fraction(Component.SUCROSE),
                                            Unit.PERCENT)
                                    .with(
                                            "fructose",
                                            100 * c.fraction(Component.FRUCTOSE),
                                            Unit.PERCENT)
                                    .with(
                                            "glucose",
                                            100 * c.fraction(Component.GLUCOSE),
                                            Unit.PERCENT)
                                    .from(Taste.SWEETNESS));
            case BITTERNESS ->
                    plain(
                            quality,
                            Basis.of("fat-free cocoa + caramelised sugar / 3")
                                    .from(Taste.BITTERNESS));
            case ALCOHOL -> plain(quality, SHARE);
            case ACIDITY -> acidity();
            case ENERGY -> named(Nutrition.of(c).energy(), quality);
            case COST ->
                    plain(
                            quality,
                            Basis.of("Σ weighed · price / yield")
                                    .with("weighed in", properties.cooked().weighedG(), Unit.GRAM)
                                    .with("yield", properties.cooked().yieldG(), Unit.GRAM)
                                    .from(Source.workshop("prices in the larder")));
            case YIELD -> outcome();
        };
    }

    private Figure plain(final Quality quality, final Basis basis) {
        return Figure.of(quality.words(), properties.value(quality), quality.unit(), basis);
    }

    private static Figure named(final Figure figure, final Quality quality) {
        return new Figure(
                quality.words(),
                figure.value(),
                figure.unit(),
                figure.spread(),
                figure.band(),
                figure.basis());
    }

    private Basis syrup(final String formula) {
        Basis basis = Basis.of(formula);
        if (properties.wet()) {
            final AqueousPhase phase = properties.syrup();
            basis = basis.with("water in 100 g", phase.waterG(), Unit.GRAM);
            for (final Map.Entry<Solute, Double> each : phase.dissolvedG().entrySet()) {
                basis =
                        basis.with(
                                each.getKey().component().words() + " dissolved",
                                each.getValue(),
                                Unit.GRAM);
            }
            basis = basis.from(AqueousPhase.SOLUBILITY).validFor(SYRUP_C + " °C, at rest", true);
        } else {
            basis =
                    basis.from(
                            Source.definition("fat is outside: no syrup that could dissolve it"));
        }
        return basis;
    }

    private Figure waterActivity() {
        final Correction own = correction(Correction.Of.WATER_ACTIVITY);
        final Range range = properties.waterActivityRange();
        if (!properties.wet()) {
            final double value = properties.value(Quality.WATER_ACTIVITY);
            return Figure.of(
                            Quality.WATER_ACTIVITY.words(),
                            value,
                            Unit.ONE,
                            moved(
                                            own,
                                            Unit.ONE,
                                            Basis.of(
                                                    "GAB isotherm of the dry bodies, the fat being"
                                                            + " outside"))
                                    .with("water", 100 * c.fraction(Component.WATER), Unit.PERCENT)
                                    .with(
                                            "dry bodies",
                                            100 * FillingProperties.dryBodies(c),
                                            Unit.PERCENT)
                                    .from(Gab.SOURCE)
                                    .validFor("aw 0.05 to 0.9, little water", value < 0.9))
                    .spread(range.low(), range.high());
        }
        final AqueousPhase phase = properties.syrup();
        final WaterActivityModel first = FillingProperties.MODELS.get(0);
        Basis basis =
                syrup(first.formula() + " · factor of salts and ethanol")
                        .with("minerals", phase.saltsG(), Unit.GRAM)
                        .with("ethanol", phase.ethanolG(), Unit.GRAM);
        for (final WaterActivityModel model : FillingProperties.MODELS) {
            final double aw = properties.waterActivity(model);
            basis = basis.with(model.words(), aw, Unit.ONE).from(model.source());
        }
        final double value = properties.waterActivity(first);
        if (own.measurements() > 0) {
            basis = moved(own, Unit.ONE, basis);
        }
        return Figure.of(
                        Quality.WATER_ACTIVITY.words(),
                        value,
                        Unit.ONE,
                        basis.from(Ross1975.SOURCE)
                                .validFor(
                                        "water activity above 0.6, 20 to 30 °C, little ethanol",
                                        value > 0.6 && phase.ethanolG() < 5))
                .spread(range.low(), range.high());
    }

    /** Says by how much the workshop's own measurements move a number, where there are any. */
    private static Basis moved(final Correction own, final Unit unit, final Basis basis) {
        return own.measurements() == 0
                ? basis
                : basis.with("moved by own measurements", own.offset(), unit)
                        .with("margin left", own.margin(), unit)
                        .from(Correction.SOURCE);
    }

    private Correction correction(final Correction.Of what) {
        return properties.conditions().own().of(what);
    }

    private Figure oilShare() {
        final Emulsion emulsion = Emulsion.of(c);
        final double value = properties.value(Quality.OIL_SHARE);
        return Figure.of(
                Quality.OIL_SHARE.words(),
                value,
                Unit.ONE,
                Basis.of("volume of fat / (volume of fat + volume of syrup)")
                        .with("fat in 100 g", emulsion.fatMl(), Unit.MILLILITRE)
                        .with("syrup in 100 g", emulsion.syrupMl(), Unit.MILLILITRE)
                        .with(
                                "water that would bring it to 0.60, in 100 g",
                                emulsion.waterToReach(Emulsion.RISK_FROM),
                                Unit.GRAM)
                        .from(Emulsion.SOURCE)
                        .validFor("fat melted, drops of like size", properties.wet()));
    }

    private Figure solidFat(final Quality quality, final double celsius) {
        return plain(
                quality,
                Basis.of("ln x = −ΔH/R·(1/T − 1/Tm) for every body of every fat")
                        .with("at", celsius, Unit.CELSIUS)
                        .with(
                                "cocoa butter",
                                100 * c.fraction(Component.COCOA_BUTTER),
                                Unit.PERCENT)
                        .with("milk fat", 100 * c.fraction(Component.MILK_FAT), Unit.PERCENT)
                        .with("liquid oil", 100 * c.fraction(Component.LIQUID_OIL), Unit.PERCENT)
                        .from(FatBlend.SOURCE)
                        .validFor(
                                "at rest; little lauric fat beside cocoa butter",
                                c.fraction(Component.LAURIC_FAT) < 0.02
                                        || c.fraction(Component.COCOA_BUTTER) < 0.02));
    }

    private Figure firmness(final Quality quality, final double celsius) {
        final Texture texture = properties.texture();
        final double pascal = texture.pascal(celsius);
        final Correction own = correction(Correction.Of.FIRMNESS);
        final double value = properties.value(quality);
        Basis basis =
                Basis.of("2·(log10 stiffness − 1); stiffness of solids and syrup together")
                        .with("stiffness", pascal, Unit.PASCAL)
                        .with("at", celsius, Unit.CELSIUS)
                        .with("solid fat", 100 * texture.solidFat(celsius), Unit.PERCENT);
        if (properties.wet()) {
            basis =
                    basis.with(
                            "log10 of the syrup's viscosity",
                            SyrupViscosity.log10PaS(texture.syrup(celsius), celsius),
                            Unit.ONE);
        }
        if (properties.wet() && !texture.gel().none()) {
            final AqueousPhase syrup = texture.syrup(celsius);
            basis =
                    basis.with(
                                    "held by what gels",
                                    texture.gel().pascal(syrup, celsius),
                                    Unit.PASCAL)
                            .from(Gel.SOURCE);
        }
        basis = moved(own, Unit.FIRMNESS, basis);
        final double margin = own.measurements() > 0 ? own.margin() : 0.7;
        return Figure.of(
                        quality.words(),
                        value,
                        Unit.FIRMNESS,
                        basis.from(Texture.SOURCE)
                                .from(SyrupViscosity.SOURCE)
                                .from(FatBlend.SOURCE))
                .spread(Math.max(0, value - margin), value + margin);
    }

    private Figure acidity() {
        final Correction own = correction(Correction.Of.PH);
        final double value = properties.value(Quality.ACIDITY);
        final Range range = properties.acidityRange();
        Basis basis = Basis.of("mean pH of what is in the pot, weighed by what buffers it");
        basis = moved(own, Unit.PH, basis);
        return Figure.of(
                        Quality.ACIDITY.words(),
                        value,
                        Unit.PH,
                        basis.with(
                                        "organic acid",
                                        100 * c.fraction(Component.ORGANIC_ACID),
                                        Unit.PERCENT)
                                .from(Buffers.SOURCE))
                .spread(range.low(), range.high());
    }

    private Figure outcome() {
        final Cooked cooked = properties.cooked();
        final Basis basis =
                Basis.of("weighed in − steam − what sticks and is strained out")
                        .with("weighed in", cooked.weighedG(), Unit.GRAM)
                        .with("steam", cooked.lost(Cooked.Losses::steamG), Unit.GRAM)
                        .with("strained out", cooked.lost(Cooked.Losses::strainedG), Unit.GRAM)
                        .with("left on tools", cooked.lost(Cooked.Losses::stuckG), Unit.GRAM);
        return plain(
                Quality.YIELD,
                (cooked.leftG() > 0
                                ? basis.with("left in other pots", cooked.leftG(), Unit.GRAM)
                                : basis)
                        .from(Cooking.PRACTICE));
    }

    Figure density() {
        return Figure.of(
                "density",
                ChoiOkos1986.densityGPerMl(c, 28),
                Unit.GRAM_PER_ML,
                Basis.of("1/ρ = Σ share/ρ of the part, without air")
                        .from(ChoiOkos1986.SOURCE)
                        .validFor("−40 to 150 °C, no air beaten in", true));
    }

    Figure weighed() {
        return Figure.of(
                "weighed in",
                properties.cooked().weighedG(),
                Unit.GRAM,
                Basis.of("Σ lines").from(Source.definition("sum")));
    }

    Figure cost() {
        return Figure.of(
                "cost of the batch",
                properties.cost(),
                Unit.MONEY,
                Basis.of("Σ weighed · price").from(Source.workshop("prices in the larder")));
    }
}
