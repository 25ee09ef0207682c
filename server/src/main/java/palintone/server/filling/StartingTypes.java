package palintone.server.filling;

import java.util.List;
import palintone.core.filling.Style;

/**
 * Recipes to start from, one of each kind, written as a maker would. Ratios are common practice.
 */
final class StartingTypes {

    /** A kind of filling to start from. */
    public record TypeView(String name, Style style, String text) {}

    static final List<TypeView> ALL =
            List.of(
                    new TypeView(
                            "Cream ganache, dark",
                            Style.SOFT_SHELL,
                            """
                            boil: 250 g cream 35 %, 35 g glucose syrup DE 42, 25 g invert sugar syrup
                            pour over: 300 g house dark 66
                            emulsify in 160 mm
                            add butter at 35 °C: 40 g butter
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Cream ganache, milk",
                            Style.SOFT_SHELL,
                            """
                            boil: 200 g cream 35 %, 40 g invert sugar syrup
                            pour over: 420 g house milk 41
                            blend
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Cream ganache, white",
                            Style.SOFT_SHELL,
                            """
                            boil: 160 g cream 35 %, 30 g invert sugar syrup, 15 g sorbitol solution 70 %
                            pour over: 420 g house ivory 33
                            blend
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Butter ganache",
                            Style.PIPED_TRUFFLE,
                            """
                            boil: 60 g glucose syrup DE 42, 40 g cream 35 %
                            pour over: 300 g house dark 66
                            add butter at 32 °C: 120 g butter
                            rest 3 h at 18 °C
                            """),
                    new TypeView(
                            "Fruit ganache",
                            Style.SOFT_SHELL,
                            """
                            cook fruit 4 min: 260 g plum purée
                            sieve 92 %
                            boil: 60 g cream 35 %, 60 g invert sugar syrup, 30 g glucose syrup DE 42
                            pour over: 320 g house dark 66
                            blend
                            add butter at 35 °C: 40 g butter
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Yolk ganache",
                            Style.SOFT_SHELL,
                            """
                            boil: 180 g cream 35 %, 40 g invert sugar syrup
                            temper yolks 2 min at 82 °C: 40 g egg yolk, 30 g sugar
                            pour over: 280 g house dark 66
                            blend
                            rest 24 h at 18 °C
                            """),
                    new TypeView(
                            "Spirit truffle",
                            Style.PIPED_TRUFFLE,
                            """
                            boil: 150 g cream 35 %, 40 g glucose syrup DE 42
                            pour over: 330 g house dark 66
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
                            add: 800 g whole milk, 260 g sugar, 60 g glucose syrup DE 42, 1 g bicarbonate
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
                            add: 90 g house milk 41
                            """),
                    new TypeView(
                            "Crisp layer",
                            Style.CRISP_LAYER,
                            """
                            add: 120 g hazelnut paste, 90 g house milk 41
                            add: 105 g crisp wafer, crumbled
                            """),
                    new TypeView(
                            "Marzipan-like paste",
                            Style.SUGAR_PASTE,
                            """
                            blend: 200 g almonds, blanched, 190 g icing sugar, 35 g glucose syrup DE 42, 22 g water
                            """),
                    new TypeView(
                            "Sugar paste",
                            Style.SUGAR_PASTE,
                            """
                            add: 400 g icing sugar, 45 g water, 30 g glucose syrup DE 42
                            """),
                    new TypeView(
                            "Jelly-like fruit layer",
                            Style.FRUIT_LAYER,
                            """
                            cook fruit 3 min: 400 g gooseberry purée, 220 g sugar, 80 g glucose syrup DE 42, 9 g apple pectin
                            boil down to 500 g
                            cool to 60 °C
                            rest 12 h at 18 °C
                            """));

    private StartingTypes() {}
}
