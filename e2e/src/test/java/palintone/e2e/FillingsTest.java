package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The recipe bench, as a maker uses it. */
class FillingsTest {

    private final House house = House.shared();

    private static Locator figure(final Page page, final String name) {
        return page.locator("button.figure", new Page.LocatorOptions().setHasText(name))
                .first()
                .locator(".number");
    }

    private static Locator button(final Page page, final String name) {
        return page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    private static void paste(final Page page, final String text) {
        button(page, "Start or paste").click();
        read(page, text);
    }

    private static void read(final Page page, final String text) {
        page.getByLabel("Or paste a recipe: text or a table").fill(text);
        button(page, "Read it").click();
    }

    @Test
    void anAmountIsChangedAndTheStringsAnswerAndItIsKept() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/recipe/fig-leaf-slab");
            final Locator water = figure(page, "water activity");
            assertThat(water).containsText("0.");
            final String before = water.textContent();
            page.getByLabel("Amount 1", new Page.GetByLabelOptions().setExact(true)).fill("330");
            assertThat(water).not().hasText(before);
            page.getByLabel("Amount 1", new Page.GetByLabelOptions().setExact(true)).fill("-5");
            assertThat(page.locator(".right > .trouble")).containsText("amount is -5 g");
            page.getByLabel("Amount 1", new Page.GetByLabelOptions().setExact(true)).fill("300");
            assertThat(page.locator(".right > .trouble")).hasCount(0);
            page.reload();
            assertThat(page.getByLabel("Amount 1", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("300");
            button(page, "Save").click();
            page.getByLabel("What changed, and why").fill("more cream");
            button(page, "Save version").click();
            assertThat(page.locator("header .state")).hasText("version 2");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Versions & notes"))
                    .click();
            assertThat(page.locator(".tool")).containsText("more cream");
            assertThat(page.locator(".tool")).containsText("Cream 35 %");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aRecipeIsPastedAskedAboutAndPutOnTheBench() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings");
            paste(page, "a long day at sea, and nothing to weigh");
            assertThat(page.locator(".v-dialog .trouble")).containsText("no line with an amount");
            read(
                    page,
                    "boil: 200 g cream 35 %, 30 g moon syrup\npour over: 240 g house dark 66\nblend");
            assertThat(page.locator(".v-dialog")).containsText("Which of the larder is meant?");
            assertThat(page.locator(".v-dialog .acts")).containsText("Left out");
            button(page, "Use without 1 of them").click();
            assertThat(page.locator("article.op")).hasCount(3);
            assertThat(figure(page, "water activity")).containsText("0.");
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** A text of everyday words: where each part went, what is only likely, what was asked. */
    @Test
    void aTextShowsWhereEachPartOfItWent() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings");
            paste(
                    page,
                    "9 oz bittersweet chocolate, chopped\n3/4 cup heavy cream\n2 tbsp"
                            + " unsalted butter\n\nReduce the cream by a third, pour over the"
                            + " chocolate, wait 2 minutes and whisk. At 95 °F blend in the"
                            + " butter. Scatter with starlight.");
            final Locator text = page.locator("figure .text");
            assertThat(text.locator("mark.line").nth(1)).hasText("3/4 cup heavy cream");
            assertThat(text.locator("mark.set").first()).hasText("a third");
            assertThat(text.locator("mark.nowhere")).containsText(new String[] {"starlight"});
            final Locator read = page.locator(".read ol");
            assertThat(read).containsText("boiled away, of everything 33 %");
            assertThat(read).containsText("temperature 35.0 °C");
            assertThat(read).containsText("178 g");
            // The chocolate is only likely the house's: it is marked, and another can be said.
            assertThat(page.locator(".likely")).hasCount(1);
            page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("or another"))
                    .first()
                    .fill("Dark couverture 70");
            page.getByRole(AriaRole.OPTION).first().click();
            assertThat(page.locator(".likely")).hasCount(0);
            button(page, "Use this recipe").click();
            assertThat(page.locator("article.op").first()).containsText("Cream 35 %");
            assertThat(figure(page, "water activity")).containsText("0.");
            // No days of what nobody has looked at, and nothing to save.
            assertThat(page.locator(".unseen")).containsText("no days are given");
            assertThat(figure(page, "days in the cold")).hasCount(0);
            assertThat(figure(page, "life")).hasCount(0);
            assertThat(page.getByRole(AriaRole.BUTTON, exact("Save"))).isDisabled();
            button(page, "This is it").click();
            assertThat(figure(page, "days in the cold")).isVisible();
            assertThat(page.getByRole(AriaRole.BUTTON, exact("Save"))).isEnabled();
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** A praline made beside the ganache, a part of it folded in; what is left over is used up. */
    @Test
    void aRecipeOfTwoPotsIsReadKeptAndCutToWhatIsUsed() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings");
            paste(
                    page,
                    "Shard ganache\n150 g sugar\n200 g cream 35 %\n250 g house dark 66\n\n"
                            + "Caramelise the sugar to 170 °C, cool and crush. Bring the cream to"
                            + " the boil, pour over the house dark and blend. Fold in 60 g of the"
                            + " praline.");
            final Locator read = page.locator(".read ol");
            assertThat(read.locator(".pot").first()).containsText("in praline");
            assertThat(read).containsText("with 60 g out of praline");
            button(page, "Use this recipe").click();
            final Locator pots = page.locator(".pots > section");
            assertThat(pots).hasCount(2);
            assertThat(pots.first().locator("article.op")).hasCount(2);
            button(page, "This is it").click();
            assertThat(pots.first().locator(".left")).containsText("left over");
            assertThat(figure(page, "pieces stay crisp")).containsText("days");
            button(page, "Make only what is used").click();
            assertThat(pots.first().locator(".left")).hasCount(0);
            button(page, "Save").click();
            button(page, "Save version").click();
            assertThat(page.locator(".state")).hasText("version 1");
            page.reload();
            assertThat(pots).hasCount(2);
            assertThat(page.getByLabel("Pot 2", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("praline");
            assertThat(pots.last().locator(".from")).hasCount(1);
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** The plums stay: their water is boiled away instead. */
    @Test
    void aBalanceMovesWhatIsDone() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/balance/plum-ganache");
            assertThat(figure(page, "water activity")).containsText("out of range");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep the fruit"))
                    .click();
            button(page, "Keep longer").click();
            assertThat(page.locator("table.doings")).containsText("boil down");
            assertThat(page.locator("table.moves")).not().containsText("Plum purée");
            button(page, "Use it").click();
            screen.go(house, "/fillings/recipe/plum-ganache");
            assertThat(
                            page.locator("article.op .kind")
                                    .filter(new Locator.FilterOptions().setHasText("boil down")))
                    .hasCount(1);
            assertThat(figure(page, "water activity")).not().containsText("out of range");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aWishIsPressedAndEveryGramIsExplained() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/balance/plum-ganache");
            assertThat(figure(page, "water activity")).containsText("out of range");
            button(page, "Balance it").click();
            assertThat(page.locator(".answer h1")).containsText("The smallest change");
            assertThat(page.locator("table.moves")).containsText("lowers water activity");
            assertThat(page.locator(".sides h2").first()).hasText("Before");
            button(page, "Use it").click();
            assertThat(page.locator("header .state")).containsText("changed");
            screen.go(house, "/fillings/recipe/plum-ganache");
            assertThat(figure(page, "water activity")).containsText("in band");
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** What one recipe sets must never be read into the next. */
    @Test
    void fieldsOfOneRecipeDoNotStandInAnother() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/recipe/plum-ganache");
            final Locator third = page.getByLabel("Operation 3", exact()).first();
            assertThat(third.getByLabel("passes the sieve")).hasValue("94");
            page.locator("header .v-select").click();
            page.getByRole(
                            AriaRole.OPTION,
                            new Page.GetByRoleOptions().setName("Buckwheat honey ganache"))
                    .click();
            assertThat(third.getByLabel("water boiled off a minute")).hasValue("");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aStepIsTakenBackAndAnEmptyLineIsAskedAbout() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/recipe/caraway-truffle");
            final Locator lines = page.locator(".op .line");
            assertThat(page.locator(".stands")).isVisible();
            final int had = lines.count();
            button(page, "Ingredient into operation 1").click();
            assertThat(lines).hasCount(had + 1);
            assertThat(page.locator(".waiting")).containsText("wants an ingredient and an amount");
            page.keyboard().press("u");
            assertThat(lines).hasCount(had);
            assertThat(page.locator(".waiting")).hasCount(0);
            assertThat(page.locator("header .state")).hasText("version 1");
            button(page, "Operation 1 out").click();
            assertThat(lines).not().hasCount(had);
            final int fewer = lines.count();
            button(page, "Undo the last change (U)").click();
            assertThat(lines).hasCount(had);
            page.keyboard().press("r");
            assertThat(lines).hasCount(fewer);
            page.keyboard().press("u");
            assertThat(lines).hasCount(had);
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** One height for the whole house: what is set under House rules moves the sugar. */
    @Test
    void theHeightOfTheHouseMovesTheSugarOfARecipe() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/house");
            page.getByLabel("Altitude (syrups boil lower)").fill("1600");
            button(page, "Save").click();
            assertThat(page.locator(".kept")).isVisible();
            screen.go(house, "/fillings/sugar/barley-caramel");
            assertThat(button(page, "This recipe")).isVisible();
            assertThat(page.locator(".big")).containsText("108");
            final Locator put = page.getByText("Cook the recipe to 108");
            put.click();
            assertThat(put).hasCount(0);
            screen.go(house, "/fillings/recipe/plum-ganache");
            final Locator step = page.locator("article.op", has("cook sugar"));
            assertThat(step.getByLabel("temperature"))
                    .hasValue(java.util.regex.Pattern.compile("^108(\\.\\d)?$"));
            screen.go(house, "/house");
            page.getByLabel("Altitude (syrups boil lower)").fill("4");
            button(page, "Save").click();
            assertThat(page.locator(".kept")).isVisible();
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void layersAreTriedAndMeasurementsAreRemembered() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/layers/plum-ganache");
            button(page, "Try layers").click();
            assertThat(page.locator(".answer h1")).containsText("Sesame crisp goes soft");
            final String even = page.locator(".answer h1").textContent();
            page.getByLabel("Share", exact()).fill("90");
            assertThat(page.locator(".answer h1")).not().hasText(even);
            page.getByLabel("Share", exact()).fill("150");
            assertThat(page.locator(".answer .trouble")).containsText("share of a layer");
            screen.go(house, "/fillings/versions/buckwheat-honey-ganache");
            assertThat(page.locator(".learnt")).containsText("water activity: +0.0");
            assertThat(page.locator(".answer table").first()).containsText("0.821");
            screen.go(house, "/fillings/size/barley-caramel");
            button(page, "Moulds or pieces").click();
            assertThat(page.locator(".answer h1")).containsText("times the recipe");
            assertThat(page.locator(".list")).containsText("temperature");
            assertThat(screen.faults()).isEmpty();
        }
    }

    private static Page.GetByLabelOptions exact() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static Page.LocatorOptions has(final String text) {
        return new Page.LocatorOptions().setHasText(text);
    }

    @Test
    void toolsOfTheKitchenAnswerOnTheDemo() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/sugar/plum-ganache");
            assertThat(page.locator(".big")).containsText("114");
            page.getByLabel("Altitude of the kitchen").fill("1600");
            assertThat(page.locator(".big")).containsText("108");
            assertThat(page.locator(".caution").first()).containsText("long sleeves");
            screen.go(house, "/fillings/cool/plum-ganache");
            assertThat(page.locator(".answer h1")).containsText("Into shells after");
            assertThat(page.locator(".ask")).containsText("fill no warmer than");
            final String onATable = page.locator(".answer h1").textContent();
            page.locator(".v-select", new Page.LocatorOptions().setHasText("It stands")).click();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("on stone"))
                    .click();
            assertThat(page.locator(".answer h1")).not().hasText(onATable);
            button(page, "Fridge").click();
            assertThat(page.getByLabel("Room (House rules")).hasValue("4");
            button(page, "Room").click();
            screen.go(house, "/fillings/mend/plum-ganache");
            button(page, "Too soft").click();
            assertThat(page.locator(".remedy").first()).containsText("Melt");
            screen.go(house, "/fillings/size/plum-ganache");
            page.getByLabel("To come out").fill("1000");
            assertThat(page.locator(".answer h1")).containsText("times the recipe");
            button(page, "Moulds or pieces").click();
            assertThat(page.locator(".says").first()).containsText("House rules");
            screen.go(house, "/fillings/layers");
            assertThat(page.locator(".answer h1")).containsText("Sesame crisp goes soft");
            page.getByLabel("Days after making").fill("20");
            button(page, "Note the bite").click();
            assertThat(page.locator(".answer")).containsText("They say water moves here");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void anOwnIngredientIsEstimatedFromItsLabelAndAsksForItsAllergens() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/larder");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New ingredient"))
                    .click();
            field(page, "Name").fill("Hazelnut cream of the quay");
            button(page, "Estimate from a label").click();
            field(page, "Fat").fill("36");
            field(page, "Carbohydrate").fill("48");
            field(page, "of which sugars").fill("46");
            field(page, "Protein").fill("8");
            field(page, "Salt").fill("0.2");
            button(page, "Estimate the rest").click();
            assertThat(page.locator(".writing .caution")).containsText("No allergens are named");
            screen.settled();
            page.reload();
            assertThat(field(page, "Name")).hasValue("Hazelnut cream of the quay");
            button(page, "Save").click();
            assertThat(screen.title()).hasText("Ingredients");
            page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Find ( / )"))
                    .fill("of the quay");
            page.getByText("Hazelnut cream of the quay").first().click();
            field(page, "Lot").fill("Q-4");
            button(page, "Add the lot").click();
            assertThat(page.locator(".writing table.rows")).containsText("Q-4");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aTypeIsStartedFromAndAMeasuredValueMovesTheModel() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings");
            button(page, "Start or paste").click();
            button(page, "Jelly-like fruit layer").click();
            button(page, "Use this recipe").click();
            assertThat(page.locator(".stands")).containsText("sliceable");
            assertThat(figure(page, "firmness, served")).containsText("in band");
            button(page, "Save").click();
            button(page, "Save version").click();
            assertThat(page.locator("header .state")).hasText("version 1");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Versions & notes"))
                    .click();
            page.locator(".ask .v-select").first().click();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Water activity"))
                    .click();
            field(page, "Meter shows").fill("0.78");
            page.getByLabel("shows", new Page.GetByLabelOptions().setExact(true))
                    .first()
                    .fill("0.77");
            button(page, "Correct the meter").click();
            assertThat(page.locator(".ask .figure")).containsText("0.7");
            button(page, "Note it").click();
            assertThat(page.locator(".answer table.rows").first()).containsText("Water activity");
            page.locator(".answer button.figure").first().click();
            assertThat(page.locator(".v-dialog, .v-overlay__content").last())
                    .containsText("own measurements");
            assertThat(screen.faults()).isEmpty();
        }
    }

    private static Page.GetByRoleOptions exact(final String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    private static Locator field(final Page page, final String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /**
     * Half of what was made beside, the rest later: read, kept as shares and changed on the bench.
     */
    @Test
    void aShareOfAPotIsReadAndChanged() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings");
            paste(
                    page,
                    "Half a praline\n500 g apples\n60 g sugar\n100 g cream 35 %\n250 g house dark"
                            + " 66\n\nPeel and core the apples, simmer with the sugar for 15 minutes,"
                            + " blend and sieve. Take half of the purée, add the cream and bring to the"
                            + " boil. Pour over the house dark.");
            assertThat(page.locator(".read ol")).containsText("with 50 % out of purée");
            button(page, "Use this recipe").click();
            final Locator pots = page.locator(".pots > section");
            assertThat(pots.first().locator("article.op").first()).containsText("Apples, peeled");
            assertThat(pots.first().locator(".left")).containsText("left over");
            final Locator from = page.locator(".from");
            assertThat(from.getByLabel("taken")).hasValue("50");
            from.getByLabel("taken").fill("100");
            assertThat(pots.first().locator(".left")).hasCount(0);
            assertThat(screen.faults()).isEmpty();
        }
    }
}
