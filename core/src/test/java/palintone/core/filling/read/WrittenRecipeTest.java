package palintone.core.filling.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.core.filling.Style;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.substance.KitchenUnit;

class WrittenRecipeTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "250 g cream 35 %|250|GRAM|cream 35 %",
                "1 1/2 cups sugar|1.5|CUP|sugar",
                "½ tsp sea salt|0.5|TEASPOON|sea salt",
                "2½ tbsp of honey|2.5|TABLESPOON|honey",
                "- 0,5 l milk|0.5|LITRE|milk",
                "3 egg yolks|3|PIECE|egg yolks",
                "8oz dark couverture|8|OUNCE|dark couverture",
                "2 fl oz caraway spirit|2|FLUID_OUNCE|caraway spirit"
            })
    void linesAreTakenApart(
            final String text, final double amount, final KitchenUnit unit, final String words) {
        final WrittenLine line = WrittenLine.read(text).orElseThrow();
        assertThat(line.amount()).isCloseTo(amount, within(1e-9));
        assertThat(line.unit()).isEqualTo(unit);
        assertThat(line.words()).isEqualTo(words);
    }

    @Test
    void ourOwnWayOfWritingIsReadWhole() {
        final WrittenRecipe recipe =
                WrittenRecipe.read(
                        """
                        boil 2 min: 200 g cream 35 %, 30 g glucose syrup
                        pour over: 250 g house dark 66
                        blend
                        add butter at 34 °C: 30 g butter
                        rest 24 h at 18 °C
                        """);
        assertThat(recipe.doings())
                .extracting(WrittenRecipe.Doing::kind)
                .containsExactly(
                        OperationKind.BOIL,
                        OperationKind.POUR,
                        OperationKind.BLEND,
                        OperationKind.BUTTER,
                        OperationKind.REST);
        assertThat(recipe.doings().get(0).lines()).hasSize(2);
        assertThat(recipe.doings().get(0).settings()).containsEntry(OperationSetting.MINUTES, 2.0);
        assertThat(recipe.doings().get(3).settings())
                .containsEntry(OperationSetting.TEMPERATURE_C, 34.0);
        assertThat(recipe.doings().get(4).settings()).containsEntry(OperationSetting.HOURS, 24.0);
    }

    @Test
    void aRecipeInProseFindsItsIngredients() {
        final WrittenRecipe recipe =
                WrittenRecipe.read(
                        """
                        Plum ganache for the harbour fair
                        200 g plum purée
                        80 g cream
                        250 g dark chocolate
                        25 g butter

                        1. Cook fruit: bring the plum purée to the boil for 3 min. Reduce to 160 g.
                        2. Add the cream. Pour over the chocolate and blend.
                        3. Cool to 35 °C, add butter.
                        """);
        assertThat(recipe.unused())
                .containsExactly(
                        new WrittenRecipe.Unused("Plum ganache for the harbour fair", List.of()));
        assertThat(recipe.doings())
                .extracting(WrittenRecipe.Doing::kind)
                .contains(OperationKind.BOIL_DOWN, OperationKind.POUR);
        final WrittenRecipe.Doing pour =
                recipe.doings().stream()
                        .filter(d -> d.kind() == OperationKind.POUR)
                        .findFirst()
                        .orElseThrow();
        assertThat(pour.lines()).extracting(WrittenLine::words).containsExactly("dark chocolate");
        assertThat(recipe.doings().stream().mapToInt(d -> d.lines().size()).sum()).isEqualTo(4);
    }

    /** Weighed in as couverture, poured over as chocolate: it is the same. */
    @Test
    void whatIsPouredOverIsFoundUnderItsOtherName() {
        final WrittenRecipe recipe =
                WrittenRecipe.read(
                        """
                        200 g cream
                        300 g dark couverture 66 %
                        Boil the cream. Pour over the chocolate. Blend.
                        """);
        assertThat(recipe.doings())
                .extracting(WrittenRecipe.Doing::kind)
                .containsExactly(OperationKind.BOIL, OperationKind.POUR, OperationKind.BLEND);
        assertThat(recipe.doings().get(1).lines()).hasSize(1);
    }

    @Test
    void aNameMayLeaveTheWordCouvertureOut() {
        final List<Likeness.Named> larder =
                List.of(
                        new Likeness.Named("dark-66", "House dark 66"),
                        new Likeness.Named("milk-41", "House milk 41"),
                        new Likeness.Named("dark-58", "Dark 58, fluid"));
        final LarderNames names = new LarderNames(new EverydayNames(""), larder);
        final LarderNames.Found sure = names.of("dark couverture 66 %");
        assertThat(sure.id()).contains("dark-66");
        assertThat(sure.sureness()).isEqualTo(LarderNames.Sureness.SURE);
        assertThat(Likeness.nearest("dark chocolate", larder))
                .extracting(Likeness.Candidate::id)
                .contains("dark-66", "dark-58");
        assertThat(names.of("dark chocolate").sureness()).isNotEqualTo(LarderNames.Sureness.SURE);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Cook the syrup to 240 °F.|COOK_SUGAR|TEMPERATURE_C|115.6",
                "Cook to 240F|COOK_SUGAR|TEMPERATURE_C|115.6",
                "cook sugar to 116 C|COOK_SUGAR|TEMPERATURE_C|116",
                "Cook the caramel to 110°|COOK_SUGAR|TEMPERATURE_C|110",
                "Cool to 95 degrees F and cover|COOL|TEMPERATURE_C|35",
                "Cool it to 32 º C|COOL|TEMPERATURE_C|32",
                "Freeze at -18 °C|FREEZE|TEMPERATURE_C|-18",
                "Cook the plums for 6 min|COOK_FRUIT|MINUTES|6",
                "Cook the yolks to 82 °C|TEMPER_YOLKS|TEMPERATURE_C|82",
                "sieve 92 %|SIEVE|PERCENT|92",
                "boil 3 min, 2 % a minute|BOIL|PERCENT|2"
            })
    void sentencesAreReadInTheirUnits(
            final String text,
            final OperationKind kind,
            final OperationSetting setting,
            final double value) {
        final WrittenRecipe.Doing doing =
                WrittenRecipe.read("100 g plums\n100 g syrup\n100 g yolks\n" + text)
                        .doings()
                        .stream()
                        .filter(d -> d.kind() == kind)
                        .findFirst()
                        .orElseThrow(() -> new AssertionError("no " + kind));
        assertThat(doing.settings().get(setting)).isCloseTo(value, within(0.001));
    }

    @Test
    void aSentenceThatGoesOnIsTwoThingsToDo() {
        final WrittenRecipe recipe =
                WrittenRecipe.read(
                        """
                        1 1/2 cups sugar
                        3/4 cup cream
                        2 tbsp butter
                        Caramelise the sugar to 340°F. Warm the cream and pour in.
                        Cook to 245F, then add the butter. Cut into 20 mm squares.
                        """);
        assertThat(recipe.doings())
                .extracting(WrittenRecipe.Doing::kind)
                .containsExactly(
                        OperationKind.CARAMELISE,
                        OperationKind.POUR,
                        OperationKind.COOK_SUGAR,
                        OperationKind.ADD,
                        OperationKind.CUT);
        assertThat(recipe.doings().get(0).settings())
                .containsEntry(OperationSetting.TEMPERATURE_C, 171.1);
        assertThat(recipe.doings().get(3).lines())
                .extracting(WrittenLine::words)
                .containsExactly("butter");
        assertThat(recipe.likely()).isEqualTo(Style.CHEWY_CARAMEL);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "boil: 200 g cream;pour over: 250 g dark chocolate|SOFT_SHELL",
                "boil: 200 g cream;pour over: 400 g dark chocolate;cut 22 mm|CUT_SLAB",
                "caramelise to 172 °C: 100 g sugar;add: 100 g cream;cook sugar to 110 °C"
                        + "|FLOWING_CARAMEL",
                "add: 200 g sugar, 200 g cream;cook sugar to 121 °C|CHEWY_CARAMEL",
                "caramelise to 172 °C: 100 g sugar;pour over: 250 g milk chocolate|SOFT_SHELL"
            })
    void whatItIsMeantToBeIsGuessedFromWhatIsDone(final String text, final Style style) {
        assertThat(WrittenRecipe.read(text.replace(";", "\n")).likely()).isEqualTo(style);
    }

    /** The fat of a cream is not what boils off in a minute. */
    @Test
    void percentOfAnIngredientIsNotASetting() {
        final WrittenRecipe recipe =
                WrittenRecipe.read("200 g cream 35 %\nBoil the cream 35 % for 2 min.");
        assertThat(recipe.doings()).hasSize(1);
        assertThat(recipe.doings().get(0).settings())
                .containsEntry(OperationSetting.MINUTES, 2.0)
                .doesNotContainKey(OperationSetting.PERCENT);
    }

    @Test
    void aTemperatureNoPotReachesIsRefusedWhereItStands() {
        assertThatThrownBy(() -> WrittenRecipe.read("100 g sugar\nCook sugar to 900 °C"))
                .hasMessageContaining("cook sugar to 900 °c")
                .hasMessageContaining("temperature is 900 °C")
                .hasMessageContaining("-40 to 200 °C");
    }

    @Test
    void anEssayIsRefusedWithWhatIsWanted() {
        assertThatThrownBy(() -> WrittenRecipe.read("The sea was calm that day, and so on."))
                .hasMessageContaining("no line with an amount");
        assertThatThrownBy(() -> WrittenRecipe.read("word ".repeat(5000)))
                .hasMessageContaining("1 to 20000 characters");
        assertThatThrownBy(() -> WrittenRecipe.read("1 g salt\n".repeat(300)))
                .hasMessageContaining("up to 200 lines");
    }

    private static final String WEIGHED =
            """
            200 g cream
            100 g sugar
            60 g yolks
            30 g butter
            250 g dark chocolate
            """;

    private static final String UNNAMED = WrittenRecipe.PUT_FIRST;

    private static WrittenRecipe weighed(final String prose) {
        return WrittenRecipe.read(WEIGHED + prose);
    }

    private static WrittenRecipe.Doing first(final WrittenRecipe recipe, final OperationKind kind) {
        return recipe.doings().stream()
                .filter(d -> d.kind() == kind)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + kind + " in " + recipe.doings()));
    }

    private static List<String> unused(final WrittenRecipe recipe) {
        return recipe.unused().stream()
                .flatMap(u -> u.parts().isEmpty() ? Stream.of(u.text()) : u.parts().stream())
                .toList();
    }

    /** Whatever the prose says, nothing that was weighed in gets lost. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Reduce the cream by a third. Pour over the chocolate.",
                "Heat to 255 °F. Add the butter.",
                "Boil until golden.",
                "Stand on one leg and hum.",
                "Add the cream. Add the cream. Add the cream.",
                "Chill 20 min, cut, freeze",
                "Temper the yolks; strain; rest",
                ""
            })
    void everyLineEndsInTheRecipe(final String prose) {
        assertThat(weighed(prose).doings().stream().mapToInt(d -> d.lines().size()).sum())
                .isEqualTo(5);
    }

    @Test
    void reducingByAShareIsSetAndKeepsTheCream() {
        final WrittenRecipe recipe =
                weighed("Reduce the cream by a third. Pour over the chocolate.");
        final WrittenRecipe.Doing reduce = first(recipe, OperationKind.BOIL_DOWN);
        assertThat(reduce.lines()).extracting(WrittenLine::words).containsExactly("cream");
        assertThat(reduce.settings().get(OperationSetting.PERCENT))
                .isCloseTo(100 / 3.0, within(1e-9));
        assertThat(reduce.asks()).isEmpty();
        assertThat(first(weighed("Reduce the cream."), OperationKind.BOIL_DOWN).asks())
                .containsExactly(OperationSetting.MASS_G);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Heat to 255 °F|COOK_SUGAR|123.9",
                "Heat the cream to 80 °C|HEAT|80",
                "Bring the cream to 85 °C|HEAT|85",
                "Cook to 82 °C|HEAT|82",
                "Boil the sugar to 121 °C|COOK_SUGAR|121",
                "Add the butter at 30 °C|BUTTER|30"
            })
    void heatIsNotDropped(final String text, final OperationKind kind, final double celsius) {
        final WrittenRecipe recipe = weighed(text);
        assertThat(first(recipe, kind).settings().get(OperationSetting.TEMPERATURE_C))
                .isCloseTo(celsius, within(0.001));
        assertThat(first(recipe, kind).asks()).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Cook the sugar|COOK_SUGAR",
                "Caramelise the sugar|CARAMELISE",
                "Temper the yolks|TEMPER_YOLKS",
                "Cook the yolks until thick|TEMPER_YOLKS"
            })
    void aHeatStepWithoutItsNumberIsAskedAbout(final String text, final OperationKind kind) {
        assertThat(first(weighed(text), kind).asks())
                .containsExactly(OperationSetting.TEMPERATURE_C);
    }

    /** By colour and by a drop in water, as Cook sugar calls it; that it is a look is said. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Boil the sugar until golden|CARAMELISE|162.5",
                "Cook the sugar to a deep golden caramel|CARAMELISE|170",
                "Cook the sugar to amber|CARAMELISE|170",
                "Cook the sugar to a dark amber|CARAMELISE|178",
                "Boil the sugar to the soft ball stage|COOK_SUGAR|115",
                "Cook the sugar to a firm ball|COOK_SUGAR|119",
                "Bring the sugar to the hard crack|COOK_SUGAR|151"
            })
    void aColourOrADropStandsForItsHeat(
            final String text, final OperationKind kind, final double celsius) {
        final WrittenRecipe recipe = weighed(text);
        assertThat(first(recipe, kind).settings().get(OperationSetting.TEMPERATURE_C))
                .isCloseTo(celsius, within(0.6));
        assertThat(first(recipe, kind).asks()).isEmpty();
        assertThat(recipe.unused().toString()).contains(WrittenRecipe.BY_COLOUR);
    }

    /** Where milk browns colour says nothing: it is asked, as before. */
    @Test
    void aGoldenToffeeIsAskedAbout() {
        final WrittenRecipe recipe =
                WrittenRecipe.read(
                        "200 g sugar\n200 g cream\nCook the sugar and the cream until golden.");
        final WrittenRecipe.Doing cooked =
                recipe.doings().stream()
                        .filter(d -> d.kind() == OperationKind.CARAMELISE)
                        .findFirst()
                        .orElseThrow();
        assertThat(cooked.settings()).doesNotContainKey(OperationSetting.TEMPERATURE_C);
        assertThat(cooked.asks()).containsExactly(OperationSetting.TEMPERATURE_C);
    }

    /** Golden syrup is a syrup, however it is boiled. */
    @Test
    void aNameIsNoColour() {
        final WrittenRecipe recipe =
                WrittenRecipe.read("100 g golden syrup\n60 g butter\nBoil the golden syrup.");
        assertThat(recipe.doings())
                .extracting(WrittenRecipe.Doing::kind)
                .doesNotContain(OperationKind.CARAMELISE);
        assertThat(recipe.unused().toString()).doesNotContain(WrittenRecipe.BY_COLOUR);
    }

    /** Degrees that are written count, whatever colour stands beside them. */
    @Test
    void degreesGoBeforeAColour() {
        final WrittenRecipe recipe = weighed("Cook the sugar to 172 °C, a light amber");
        assertThat(
                        first(recipe, OperationKind.CARAMELISE)
                                .settings()
                                .get(OperationSetting.TEMPERATURE_C))
                .isEqualTo(172);
        assertThat(recipe.unused().toString()).doesNotContain(WrittenRecipe.BY_COLOUR);
    }

    /** Juice that ran off by itself is not pulp passed through a sieve; raisins are drained too. */
    @Test
    void stewedFruitThatDrainsGivesJuice() {
        final WrittenRecipe juice =
                weighed("Stew the raspberries for 10 minutes. Drain through a cloth overnight.");
        assertThat(juice.doings())
                .extracting(WrittenRecipe.Doing::kind)
                .contains(OperationKind.COOK_FRUIT, OperationKind.DRAIN)
                .doesNotContain(OperationKind.SIEVE);
        assertThat(weighed("Cook the raspberries and strain through muslin.").doings())
                .extracting(WrittenRecipe.Doing::kind)
                .contains(OperationKind.DRAIN);
        assertThat(weighed("Cook the raspberries and sieve.").doings())
                .extracting(WrittenRecipe.Doing::kind)
                .contains(OperationKind.SIEVE);
        assertThat(weighed("Drain the raspberries. Boil the cream.").doings())
                .extracting(WrittenRecipe.Doing::kind)
                .doesNotContain(OperationKind.DRAIN, OperationKind.SIEVE);
    }

    /** Yolks whisked in before: the step that makes them safe is still there, and asked about. */
    @Test
    void theHeatOfYolksThatWentInBeforeIsNotDropped() {
        final WrittenRecipe recipe = weighed("Whisk the yolks with the sugar. Temper the yolks.");
        assertThat(first(recipe, OperationKind.HEAT).asks())
                .containsExactly(OperationSetting.TEMPERATURE_C);
    }

    /** One sentence, six things to do, each with its own numbers; yolks at 28 °C would be raw. */
    @Test
    void yolksAreNotHeatedToWhatTheSentenceCoolsTo() {
        final WrittenRecipe recipe =
                weighed(
                        "Temper the yolks, back to the boil, pour over the chocolate, wait 3"
                                + " minutes, blend, cool to 28 °C");
        assertThat(recipe.doings().stream().skip(1))
                .extracting(WrittenRecipe.Doing::kind)
                .containsExactly(
                        OperationKind.TEMPER_YOLKS,
                        OperationKind.BOIL,
                        OperationKind.POUR,
                        OperationKind.BLEND,
                        OperationKind.COOL);
        assertThat(first(recipe, OperationKind.TEMPER_YOLKS).settings()).isEmpty();
        assertThat(first(recipe, OperationKind.POUR).settings())
                .containsEntry(OperationSetting.MINUTES, 3.0);
        assertThat(first(recipe, OperationKind.COOL).settings())
                .containsEntry(OperationSetting.TEMPERATURE_C, 28.0);
        // Cream, sugar and butter are nowhere in the sentence: that they go in first is said.
        assertThat(unused(recipe)).containsOnly(UNNAMED).hasSize(3);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Blend for 40 seconds at 60 °C|40 seconds|60 °c",
                "Boil the cream with 3 wide ribbons|3|ribbons",
                "Add the butter overnight|overnight|overnight",
                "Cool to 30 °C within 45 min on marble|45 min|marble",
                "Blend in two parts until glassy|two|glassy"
            })
    void whatSetsNothingIsListed(final String text, final String one, final String other) {
        assertThat(unused(weighed(text))).contains(one, other);
    }

    /** Times of a heading, ovens and yields are no operations of the pot. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Cook time: 15 minutes",
                "Chill time 2 h",
                "Preheat the oven to 180 °C",
                "Pre-heat the oven to 180 °C.",
                "Heat the oven to 180 °C.",
                "Makes 60 pieces",
                "Yield: 650 g",
                "Temper the chocolate to 31 °C.",
                "Bake at 160 °C for 12 min."
            })
    void whatIsNotDoneToThePotIsSaidToBeUnused(final String text) {
        final WrittenRecipe recipe = weighed(text);
        assertThat(recipe.doings()).hasSize(1);
        assertThat(recipe.doings().get(0).kind()).isEqualTo(OperationKind.ADD);
        assertThat(recipe.doings().get(0).lines()).hasSize(5);
        assertThat(String.join(" ", unused(recipe)))
                .containsAnyOf("15 minutes", "2 h", "180", "60", "650", "31", "160");
    }

    @Test
    void sentencesBesideOthersAndLinesBehindAColonAreNotLost() {
        final WrittenRecipe recipe =
                WrittenRecipe.read(
                        "boil: 200 g cream, a little salt\nPour. Serve with pride. Blend.\n"
                                + "250 g dark chocolate at 30 °C");
        assertThat(unused(recipe)).contains("Serve with pride", "30 °c");
        assertThat(String.join("|", unused(recipe)) + recipe.doings()).contains("salt");
    }

    @Test
    void aSecondAmountInALineIsListed() {
        assertThat(WrittenRecipe.read("2 cups cream; 1 lb chocolate").doings().get(0).lines())
                .extracting(WrittenLine::amount, WrittenLine::words)
                .containsExactly(tuple(2.0, "cream"), tuple(1.0, "chocolate"));
        assertThat(unused(WrittenRecipe.read("200 g cream and about 30 g more"))).contains("30 g");
        assertThat(unused(WrittenRecipe.read("200 g cream 35 %\n300 g house dark 66"))).isEmpty();
    }

    @Test
    void restsInMinutesAndAmountsBehindTheName() {
        final WrittenRecipe recipe =
                WrittenRecipe.read("Cream 200 g\n10-12 oz plums\nChill 30 min\nLeave 90 minutes");
        assertThat(recipe.doings().get(0).lines())
                .extracting(WrittenLine::words, WrittenLine::amount, WrittenLine::unit)
                .containsExactly(
                        tuple("Cream", 200.0, KitchenUnit.GRAM),
                        tuple("plums", 11.0, KitchenUnit.OUNCE));
        assertThat(recipe.doings().get(1).settings())
                .containsEntry(OperationSetting.HOURS, 0.5)
                .containsEntry(OperationSetting.TEMPERATURE_C, 4.0);
        assertThat(recipe.doings().get(2).settings()).containsEntry(OperationSetting.HOURS, 1.5);
        assertThat(unused(recipe))
                .containsExactlyInAnyOrder("a range: its middle is used", UNNAMED, UNNAMED);
    }

    @Test
    void namesOfTheLarderAreFound() {
        final List<Likeness.Named> larder =
                List.of(
                        new Likeness.Named("cream-35", "Cream 35 %"),
                        new Likeness.Named("cream-24", "Cream 24 %"),
                        new Likeness.Named("plum-puree", "Plum purée, sieved"),
                        new Likeness.Named("glucose-42", "Glucose syrup DE 42"),
                        new Likeness.Named("honey-buckwheat", "Buckwheat honey"));
        assertThat(Likeness.nearest("cream 35 %", larder).get(0).id()).isEqualTo("cream-35");
        assertThat(new LarderNames(new EverydayNames(""), larder).of("cream 35 %").sureness())
                .isEqualTo(LarderNames.Sureness.SURE);
        assertThat(Likeness.nearest("plum puree", larder).get(0).id()).isEqualTo("plum-puree");
        assertThat(Likeness.nearest("glucose", larder).get(0).id()).isEqualTo("glucose-42");
        assertThat(Likeness.nearest("anchovies", larder)).isEmpty();
    }

    /** Weighed as bought, peeled and stoned before anything else. */
    @Test
    void whatIsCutAwayFromFruitIsTrimmed() {
        for (final String how :
                List.of(
                        "Peel and core the quinces, then cook with the sugar for 20 min. Sieve.",
                        "Peel, core and dice the quinces. Cook with the sugar 20 min. Sieve.",
                        "Peel, core and slice the quinces and stew with the sugar for 15 minutes.",
                        "Peel, core, chop and simmer 20 minutes with the sugar. Sieve.",
                        "Core the quinces. Add the sugar and simmer 20 minutes. Sieve.")) {
            final WrittenRecipe read =
                    WrittenRecipe.read("500 g quinces\n60 g sugar\n" + how + "\n");
            assertThat(read.doings().get(0).kind()).as(how).isEqualTo(OperationKind.TRIM);
            assertThat(read.doings().get(0).lines())
                    .as(how)
                    .extracting(WrittenLine::amount)
                    .containsExactly(500.0);
            assertThat(read.doings().stream().flatMap(d -> d.lines().stream())).as(how).hasSize(2);
            assertThat(read.unused().toString())
                    .as(how)
                    .doesNotContainIgnoringCase("peel")
                    .doesNotContainIgnoringCase("core ");
        }
    }

    @Test
    void whatIsNoFruitIsNotTrimmed() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        200 g hazelnuts
                        200 g cream
                        200 g dark chocolate
                        Peel the hazelnuts. Bring the cream to the boil, pour over the chocolate, add
                        the hazelnuts. Trim the edges.
                        """);
        assertThat(read.doings()).noneMatch(d -> d.kind() == OperationKind.TRIM);
        assertThat(read.unused().toString()).contains("Peel").contains("Trim");
    }

    /** A row without a verb may not swallow a number. */
    @Test
    void aShareInAListIsSaidToBeUnused() {
        final WrittenRecipe read =
                WrittenRecipe.read("30 % of the purée into 100 g cream. Boil. 200 g couverture.");
        assertThat(read.unused().toString()).contains("30 %");
        assertThat(read.doings().stream().flatMap(d -> d.lines().stream())).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "Reduce the juice until syrupy., 50",
        "Boil the juice down until it coats the back of a spoon, 35",
        "Reduce the juice until thick and jammy., 60",
        "Simmer the juice. Reduce to a syrupy consistency., 50",
        "Reduce the juice until almost dry., 85"
    })
    void aLookStandsForItsCustomAndIsSaidToBeOne(final String how, final double away) {
        final WrittenRecipe read =
                WrittenRecipe.read("300 g orange juice\n200 g couverture\n" + how + "\n");
        final WrittenRecipe.Doing down =
                read.doings().stream()
                        .filter(d -> d.kind() == OperationKind.BOIL_DOWN)
                        .findFirst()
                        .orElseThrow();
        assertThat(down.settings().get(OperationSetting.PERCENT)).isEqualTo(away);
        assertThat(down.asks()).isEmpty();
        assertThat(read.unused().toString()).contains(WrittenRecipe.BY_LOOK);
    }

    /** What is said in numbers is no look, and where nothing is said it is asked. */
    @Test
    void aLookGivesWayToNumbers() {
        final WrittenRecipe.Doing grams =
                WrittenRecipe.read("300 g juice\nReduce to 120 g, until thick.").doings().stream()
                        .filter(d -> d.kind() == OperationKind.BOIL_DOWN)
                        .findFirst()
                        .orElseThrow();
        assertThat(grams.settings()).containsOnlyKeys(OperationSetting.MASS_G);
        final WrittenRecipe.Doing nothing =
                WrittenRecipe.read("300 g juice\nReduce the juice.").doings().stream()
                        .filter(d -> d.kind() == OperationKind.BOIL_DOWN)
                        .findFirst()
                        .orElseThrow();
        assertThat(nothing.asks()).contains(OperationSetting.MASS_G);
    }

    /** All fruit is stoned; what was made of fruit, or burns, is not. */
    @Test
    void brandyAndPureeAreNotStoned() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        1 kg apricots, stones in
                        200 g raspberry purée
                        30 g cherry brandy
                        100 g sugar
                        Stone, chop and simmer 20 minutes with the sugar. Sieve. Add the raspberry
                        purée. Add the cherry brandy at 30 °C.
                        """);
        assertThat(read.doings().get(0).kind()).isEqualTo(OperationKind.TRIM);
        assertThat(read.doings().get(0).lines())
                .extracting(WrittenLine::amount)
                .containsExactly(1.0);
        final WrittenRecipe.Doing last = read.doings().get(read.doings().size() - 1);
        assertThat(last.lines()).extracting(WrittenLine::amount).containsExactly(30.0);
    }
}
