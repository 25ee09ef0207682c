package palintone.core.filling.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.OperationKind;

/** Texts in which something is made first and a part of it taken. */
class PotsInATextTest {

    private static WrittenRecipe.Doing doing(final WrittenRecipe read, final OperationKind kind) {
        return read.doings().stream().filter(d -> d.kind() == kind).findFirst().orElseThrow();
    }

    @Test
    void aPartOfThePureeIsTakenOutOfItsPot() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        500 g rhubarb
                        100 g sugar
                        150 g cream
                        300 g couverture
                        Cook the rhubarb and sugar over a low heat for 20 minutes. Blend and sieve.
                        Take 300 g of the purée, add the cream and bring to the boil. Pour over the
                        couverture.
                        """);
        assertThat(read.pots()).containsExactly("", "purée");
        final List<Integer> pots = read.doings().stream().map(WrittenRecipe.Doing::pot).toList();
        assertThat(pots.get(0)).isEqualTo(1);
        assertThat(pots.get(pots.size() - 1)).isZero();
        assertThat(doing(read, OperationKind.SIEVE).pot()).isEqualTo(1);
        assertThat(doing(read, OperationKind.POUR).pot()).isZero();
        assertThat(read.doings().stream().map(WrittenRecipe.Doing::from).flatMap(Optional::stream))
                .containsExactly(FromPot.some(1, 300));
        // Nothing is weighed in anew, and nothing of the sentence is left over.
        assertThat(read.doings().stream().flatMap(d -> d.lines().stream())).hasSize(4);
        assertThat(read.unused().toString()).doesNotContain("300");
    }

    /** What was begun after the praline was crushed is not in its pot. */
    @Test
    void crushedPralineIsFoldedIntoWhatWasMadeAfterIt() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        150 g sugar
                        80 g hazelnuts
                        200 g cream
                        250 g dark chocolate
                        Caramelise the sugar to 170 °C, stir in the hazelnuts, cool and crush. Bring
                        the cream to the boil, pour over the chocolate and blend. Fold in 60 g of
                        the praline.
                        """);
        assertThat(read.pots()).containsExactly("", "praline");
        assertThat(doing(read, OperationKind.CRUSH).pot()).isEqualTo(1);
        assertThat(doing(read, OperationKind.BOIL).pot()).isZero();
        final WrittenRecipe.Doing last = read.doings().get(read.doings().size() - 1);
        assertThat(last.kind()).isEqualTo(OperationKind.FOLD);
        assertThat(last.from()).contains(FromPot.some(1, 60));
    }

    /** What no sentence names goes into the pot that is worked on first. */
    @Test
    void whatIsPutFirstIsPutWhereTheFirstThingIsDone() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        500 g plums, 50 g sugar. Cook 15 min. Weigh 200 g of the compote into a
                        clean pan, add 100 g cream, boil, pour over 300 g dark chocolate.
                        """);
        assertThat(read.doings().get(0).lines()).hasSize(2);
        assertThat(read.doings().get(0).pot()).isEqualTo(1);
        assertThat(doing(read, OperationKind.POUR).pot()).isZero();
    }

    @Test
    void ouncesOfWhatWasMadeAreGrams() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        1 lb plums
                        8 oz couverture
                        Cook the plums 10 min and blend. Pour 4 oz of the purée over the couverture.
                        """);
        final FromPot taken = doing(read, OperationKind.POUR).from().orElseThrow();
        assertThat(taken.massG().getAsDouble()).isBetween(113.3, 113.5);
    }

    @Test
    void whatOurOwnRecipesSayOfPotsIsReadBack() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        200 g quince purée
                        120 g cream
                        380 g ivory couverture
                        In Quince: boil down to 138 g with quince purée.
                        In Custard: boil 0.2 min with cream.
                        In Custard: pour over with ivory couverture.
                        In Custard: blend with 110 g of what is in Quince.
                        """);
        assertThat(read.pots()).containsExactly("Custard", "Quince");
        assertThat(read.doings())
                .extracting(WrittenRecipe.Doing::kind)
                .containsExactly(
                        OperationKind.BOIL_DOWN,
                        OperationKind.BOIL,
                        OperationKind.POUR,
                        OperationKind.BLEND);
        assertThat(read.doings()).extracting(WrittenRecipe.Doing::pot).containsExactly(1, 0, 0, 0);
        assertThat(doing(read, OperationKind.BLEND).from()).contains(FromPot.some(1, 110));
        final WrittenRecipe all =
                WrittenRecipe.read(
                        """
                        200 g quince purée
                        120 g cream
                        In Quince: boil down to 138 g with quince purée.
                        In Custard: boil 0.2 min with cream.
                        In Custard: blend with all of what is in Quince.
                        """);
        assertThat(doing(all, OperationKind.BLEND).from()).contains(FromPot.all(1));
    }

    @Test
    void aPartOfWhatIsListedIsNoPot() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        300 g raspberry purée
                        100 g sugar
                        Mix 50 g of the sugar with the purée. Boil 2 min. Add the remaining sugar.
                        """);
        assertThat(read.pots()).isEmpty();
        assertThat(read.doings()).allMatch(d -> d.pot() == 0 && d.from().isEmpty());
    }

    @Test
    void whatIsTakenBeforeAnythingIsMadeIsSaidToBeUnused() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        100 g cream
                        Take 50 g of the marmalade. Boil the cream.
                        """);
        assertThat(read.pots()).isEmpty();
        assertThat(read.unused().toString()).contains("50");
    }

    @Test
    void aShareOfWhatWasMadeIsTakenAndTheRestLater() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        500 g rhubarb
                        100 g sugar
                        150 g cream
                        300 g couverture
                        Cook the rhubarb and sugar for 20 minutes. Blend and sieve.
                        Take half of the purée, add the cream and bring to the boil. Pour over the
                        couverture. Stir in the rest of the purée.
                        """);
        assertThat(read.pots()).containsExactly("", "purée");
        assertThat(read.doings().stream().map(WrittenRecipe.Doing::from).flatMap(Optional::stream))
                .containsExactly(FromPot.share(1, 0.5), FromPot.all(1));
        assertThat(read.unused().toString()).doesNotContain("half").doesNotContain("rest");
    }

    @Test
    void twoThirdsOfThePralineAreFoldedIn() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        150 g sugar
                        80 g hazelnuts
                        200 g cream
                        250 g dark chocolate
                        Caramelise the sugar to 170 °C, stir in the hazelnuts, cool and crush. Bring
                        the cream to the boil, pour over the chocolate and blend. Fold in two thirds
                        of the praline.
                        """);
        final WrittenRecipe.Doing last = read.doings().get(read.doings().size() - 1);
        assertThat(last.kind()).isEqualTo(OperationKind.FOLD);
        assertThat(last.from().orElseThrow().share().orElseThrow())
                .isCloseTo(2.0 / 3, org.assertj.core.api.Assertions.within(1e-3));
    }

    /** Poured by thirds it is all poured: that is how it is stirred, and no pot. */
    @Test
    void pouringByThirdsTakesNothingOutOfAPot() {
        for (final String text :
                List.of(
                        """
                        200 g sugar
                        200 g cream
                        250 g dark chocolate
                        Caramelise the sugar to 180 °C, deglaze with the hot cream. Pour a third of
                        the caramel over the chocolate, stir, then the rest.
                        """,
                        """
                        200 g raspberry purée
                        60 g sugar
                        250 g white chocolate
                        Heat half of the purée with the sugar to 80 °C. Add the remaining purée. Pour
                        over the chocolate.
                        """,
                        """
                        400 g strawberries
                        250 g white chocolate
                        Blend and sieve the strawberries. Reduce the purée by half. Pour over the
                        chocolate.
                        """)) {
            final WrittenRecipe read = WrittenRecipe.read(text);
            assertThat(read.pots()).as(text).isEmpty();
            assertThat(read.doings()).as(text).allMatch(d -> d.from().isEmpty());
        }
    }

    /** As our own recipes are printed. */
    @Test
    void aShareOfAPotIsReadAsItIsPrinted() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        In Quince: Add 300 g quince purée.
                        In the filling: Boil 100 g cream. Pour over 200 g dark chocolate.
                        Blend with 40 % of what is in Quince.
                        """);
        assertThat(read.doings().stream().map(WrittenRecipe.Doing::from).flatMap(Optional::stream))
                .containsExactly(FromPot.share(1, 0.4));
    }

    /** Named without an amount it goes in whole, out of the pot it was made in. */
    @Test
    void whatWasMadeApartGoesInWhole() {
        final WrittenRecipe praline =
                WrittenRecipe.read(
                        """
                        150 g sugar
                        80 g hazelnuts
                        200 g cream
                        250 g dark chocolate
                        Caramelise the sugar to 170 °C, stir in the hazelnuts, cool and crush. Bring
                        the cream to the boil, pour over the chocolate and blend. Cool to 28 °C and
                        fold in the crushed praline.
                        """);
        assertThat(praline.pots()).containsExactly("", "praline");
        final WrittenRecipe.Doing last = praline.doings().get(praline.doings().size() - 1);
        assertThat(last.kind()).isEqualTo(OperationKind.FOLD);
        assertThat(last.from()).contains(FromPot.all(1));
        assertThat(doing(praline, OperationKind.BOIL).pot()).isZero();

        final WrittenRecipe fruit =
                WrittenRecipe.read(
                        """
                        300 g raspberries
                        40 g sugar
                        100 g cream
                        250 g white chocolate
                        Simmer the raspberries with the sugar for 10 min and sieve. Bring the cream to
                        the boil, pour over the chocolate. Stir the purée into the ganache.
                        """);
        assertThat(fruit.pots()).containsExactly("", "purée");
        assertThat(fruit.doings().stream().map(WrittenRecipe.Doing::from).flatMap(Optional::stream))
                .containsExactly(FromPot.all(1));
    }

    /** Nothing else was begun: it is in the pot already. */
    @Test
    void whatIsInThePotIsTakenOutOfNone() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        300 g raspberries
                        100 g butter
                        Blend and sieve the raspberries. Warm the purée to 40 °C and stir the butter
                        into the purée.
                        """);
        assertThat(read.pots()).isEmpty();
        assertThat(read.doings()).allMatch(d -> d.from().isEmpty());
    }

    /** Two sugars, each where its grams are said; the coat of the praline is in its pot. */
    @Test
    void twoSugarsAndACoatGoWhereTheyAreSaid() {
        final WrittenRecipe read =
                WrittenRecipe.read(
                        """
                        600 g apples
                        80 g sugar
                        60 g hazelnuts
                        120 g sugar
                        10 g cocoa butter
                        150 g cream
                        300 g dark chocolate

                        Peel, core and chop the apples, stew with the 80 g sugar for 15 minutes. Purée and sieve.
                        Reduce until thick as jam.
                        Caramelise the 120 g sugar to 175 °C, stir in the hazelnuts, cool and crush. Toss with the cocoa butter.
                        Bring the cream to the boil, add half of the purée, pour over the chocolate and blend. Cool to 28 °C.
                        Fold in 80 g of the praline.
                        """);
        assertThat(doing(read, OperationKind.COOK_FRUIT).lines())
                .extracting(WrittenLine::amount)
                .containsExactly(80.0);
        final WrittenRecipe.Doing caramel = doing(read, OperationKind.CARAMELISE);
        assertThat(caramel.lines()).extracting(WrittenLine::amount).containsExactly(120.0);
        final int praline = read.pots().indexOf("praline");
        final int puree = read.pots().indexOf("purée");
        assertThat(praline).isPositive();
        assertThat(puree).isPositive();
        assertThat(caramel.pot()).isEqualTo(praline);
        final WrittenRecipe.Doing coat =
                read.doings().stream()
                        .filter(d -> d.lines().stream().anyMatch(l -> l.amount() == 10))
                        .findFirst()
                        .orElseThrow();
        assertThat(coat.pot()).isEqualTo(praline);
        assertThat(read.doings().get(read.doings().size() - 1).kind())
                .isEqualTo(OperationKind.FOLD);
        assertThat(doing(read, OperationKind.SIEVE).pot()).isEqualTo(puree);
        assertThat(doing(read, OperationKind.BOIL).pot()).isZero();
        assertThat(read.doings().stream().map(WrittenRecipe.Doing::from).flatMap(Optional::stream))
                .containsExactlyInAnyOrder(FromPot.share(puree, 0.5), FromPot.some(praline, 80));
    }
}
