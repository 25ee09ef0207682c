package palintone.server.filling;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.filling.Style;
import palintone.core.temper.CouvertureKind;

/**
 * Recipes to start from, one of each kind, written as a maker would. Ratios are common practice.
 */
final class StartingTypes {

    /** A kind of filling to start from. */
    public record TypeView(String name, Style style, String text) {}

    private static final List<TypeView> ALL =
            List.of(
                    new TypeView(
                            "Cream ganache, dark",
                            Style.SOFT_SHELL,
                            """
                            boil: 180 g cream 35 %, 40 g glucose syrup DE 42, 65 g invert sugar syrup, 25 g sorbitol solution 70 %
                            pour over: 320 g {dark}
                            emulsify in 160 mm
                            add butter at 35 °C: 40 g butter
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Cream ganache, milk",
                            Style.SOFT_SHELL,
                            """
                            boil: 210 g cream 35 %, 35 g invert sugar syrup, 20 g glucose syrup DE 42, 20 g sorbitol solution 70 %
                            pour over: 410 g {milk}
                            blend
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Cream ganache, white",
                            Style.SOFT_SHELL,
                            """
                            boil: 200 g cream 35 %, 30 g invert sugar syrup, 20 g glucose syrup DE 42, 15 g sorbitol solution 70 %
                            pour over: 400 g {white}
                            blend
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Butter ganache",
                            Style.PIPED_TRUFFLE,
                            """
                            boil: 70 g glucose syrup DE 42, 50 g cream 35 %
                            pour over: 310 g {dark}
                            add butter at 32 °C: 95 g butter
                            rest 3 h at 18 °C
                            """),
                    new TypeView(
                            "Fruit ganache",
                            Style.SOFT_SHELL,
                            """
                            cook fruit 4 min: 240 g plum purée
                            sieve 92 %
                            boil down to 130 g
                            boil: 50 g cream 35 %, 70 g invert sugar syrup, 40 g glucose syrup DE 42, 15 g sorbitol solution 70 %
                            pour over: 300 g {dark}
                            blend
                            add butter at 35 °C: 40 g butter
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Yolk ganache",
                            Style.SOFT_SHELL,
                            """
                            boil: 140 g cream 35 %, 65 g invert sugar syrup, 30 g glucose syrup DE 42
                            temper yolks 2 min at 82 °C: 40 g egg yolk, 20 g sugar
                            pour over: 270 g {dark}
                            blend
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Spirit truffle",
                            Style.PIPED_TRUFFLE,
                            """
                            boil: 130 g cream 35 %, 40 g glucose syrup DE 42, 20 g invert sugar syrup
                            pour over: 370 g {dark}
                            add butter at 35 °C: 30 g butter
                            add: 35 g caraway spirit 40 %
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Caramel, soft",
                            Style.FLOWING_CARAMEL,
                            """
                            caramelise to 172 °C: 160 g sugar, 100 g glucose syrup DE 42
                            add: 260 g cream 35 %, 2 g sea salt
                            cook sugar to 110 °C
                            add butter at 60 °C: 50 g butter
                            cool to 28 °C
                            """),
                    new TypeView(
                            "Caramel, firm",
                            Style.CHEWY_CARAMEL,
                            """
                            add: 200 g sugar, 180 g glucose syrup DE 42, 250 g cream 35 %
                            cook sugar to 120 °C: 40 g butter, 2 g sea salt
                            rest 12 h at 18 °C
                            cut 20 mm
                            """),
                    new TypeView(
                            "Milk caramel",
                            Style.FLOWING_CARAMEL,
                            """
                            add: 800 g whole milk, 180 g sugar, 140 g glucose syrup DE 42, 1 g bicarbonate
                            boil down to 480 g
                            cool to 28 °C
                            """),
                    new TypeView(
                            "Praline paste",
                            Style.NUT_LAYER,
                            """
                            caramelise to 172 °C: 150 g sugar, 40 g water
                            add: 200 g hazelnuts, roasted
                            crush
                            blend 2 %
                            add: 90 g {milk}
                            """),
                    new TypeView(
                            "Crisp layer",
                            Style.CRISP_LAYER,
                            """
                            add: 120 g hazelnut paste, 90 g {milk}
                            add: 105 g crisp wafer, crumbled
                            """),
                    new TypeView(
                            "Marzipan-like paste",
                            Style.SUGAR_PASTE,
                            """
                            blend: 200 g almonds, blanched, 170 g icing sugar, 40 g glucose syrup DE 42, 24 g water
                            """),
                    new TypeView(
                            "Sugar paste",
                            Style.SUGAR_PASTE,
                            """
                            add: 400 g icing sugar, 18 g water, 70 g glucose syrup DE 42, 25 g invert sugar syrup
                            """),
                    new TypeView(
                            "Jelly-like fruit layer",
                            Style.FRUIT_LAYER,
                            """
                            cook fruit 3 min: 400 g gooseberry purée, 200 g sugar, 120 g glucose syrup DE 42, 8 g apple pectin
                            boil down to 480 g
                            cool to 60 °C
                            rest 12 h at 18 °C
                            """));

    private StartingTypes() {}

    /**
     * All of them, made with the couvertures this house has.
     *
     * @param name of the couverture of a kind; where there is none the kind itself is asked about
     */
    static List<TypeView> of(final Function<CouvertureKind, Optional<String>> name) {
        return ALL.stream()
                .map(type -> new TypeView(type.name(), type.style(), written(type.text(), name)))
                .toList();
    }

    private static String written(
            final String text, final Function<CouvertureKind, Optional<String>> name) {
        String written = text;
        for (final CouvertureKind kind : CouvertureKind.values()) {
            final String place = "{" + kind.words() + "}";
            if (written.contains(place)) {
                // A comma would end the line of the recipe.
                written =
                        written.replace(
                                place,
                                name.apply(kind)
                                        .orElse(kind.words() + " couverture")
                                        .replace(',', ' '));
            }
        }
        return written;
    }
}
