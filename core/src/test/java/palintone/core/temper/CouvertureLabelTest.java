package palintone.core.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

class CouvertureLabelTest {

    private static CouvertureLabel label(
            final CouvertureKind kind, final double cocoa, final double fat, final double sugars) {
        return new CouvertureLabel(kind, cocoa, fat, sugars, OptionalDouble.empty());
    }

    /**
     * Bags of chocolate made from a stated recipe of liquor, butter, sugar and whole milk powder:
     * what the bag would print gives the recipe back. Liquor 54 % fat, powder 26 % fat, 38 %
     * lactose, 3 % water; from memory.
     */
    @ParameterizedTest
    @CsvSource({
        // kind, liquor, butter, sugar, powder
        "DARK, 55, 12, 32, 0",
        "DARK, 70, 6, 23, 0",
        "MILK, 14, 22, 40, 23",
        "MILK, 22, 20, 34, 23"
    })
    void theRecipeComesBackFromItsBag(
            final CouvertureKind kind,
            final double liquor,
            final double butter,
            final double sugar,
            final double powder) {
        final double cocoaButter = butter + 0.54 * liquor;
        final double milkFat = 0.26 * powder;
        final Map<Component, Double> found =
                label(kind, liquor + butter, cocoaButter + milkFat + 0.5, sugar + 0.38 * powder)
                        .gramsPer100();
        assertThat(found.get(Component.COCOA_BUTTER)).isCloseTo(cocoaButter, within(1.3));
        assertThat(found.get(Component.SUCROSE)).isCloseTo(sugar, within(1.3));
        assertThat(found.getOrDefault(Component.MILK_FAT, 0.0)).isCloseTo(milkFat, within(1.0));
        assertThat(found.getOrDefault(Component.COCOA_SOLIDS, 0.0))
                .isCloseTo(0.46 * liquor, within(1.6));
        assertThat(Composition.per100(found).fatFraction() * 100)
                .isCloseTo(cocoaButter + milkFat + 0.5, within(1.0));
    }

    /** As bags of white say it; what was typed is what is kept, to the tenth. */
    @ParameterizedTest
    @CsvSource({"29, 22, 45", "30, 23, 46", "34, 26, 39.5", "28.5, 20, 47"})
    void aWhiteBagComesOutAsItSaysIt(final double butter, final double milk, final double sugar) {
        final WhiteBag bag = new WhiteBag(butter, milk, sugar, OptionalDouble.empty());
        final BagRead read = BagRead.of(bag.composition());
        assertThat(read.cocoaButterPercent()).isCloseTo(butter, within(0.05));
        assertThat(read.milkSolidsPercent()).isCloseTo(milk, within(0.05));
        assertThat(read.sugarPercent()).isCloseTo(sugar, within(0.05));
        // The nutrition table counts the lactose of the milk again: 38 % of whole milk powder.
        assertThat(read.sugarsPercent()).isCloseTo(sugar + 0.38 / 0.97 * milk, within(0.8));
        assertThat(read.milkFatPercent()).isCloseTo(0.26 / 0.97 * milk, within(0.05));
        assertThat(read.fatPercent()).isBetween(butter + 4, butter + 8);
    }

    @Test
    void theSugarsOfTheTableAreNotTheSugarOfTheBag() {
        assertThatThrownBy(() -> new WhiteBag(29, 22, 56, OptionalDouble.empty()).gramsPer100())
                .hasMessageContaining("107.0 % together")
                .hasMessageContaining("not the sugars of the nutrition table");
        assertThatThrownBy(() -> label(CouvertureKind.WHITE, 29, 36, 57))
                .hasMessageContaining("a white bag says cocoa butter, milk solids and sugar");
        assertThat(new WhiteBag(29, 13, 52, OptionalDouble.empty()).rules())
                .extracting(note -> note.template())
                .anyMatch(words -> words.contains("milk solids"));
    }

    /** What is typed is what is read back. */
    @ParameterizedTest
    @CsvSource({"DARK, 66, 40.4, 32.8", "DARK, 70, 42, 29", "MILK, 41, 38, 43", "MILK, 36, 36, 46"})
    void aBagIsReadBackAsItWasTyped(
            final CouvertureKind kind, final double cocoa, final double fat, final double sugars) {
        final BagRead read = BagRead.of(label(kind, cocoa, fat, sugars).composition());
        assertThat(read.cocoaPercent()).isCloseTo(cocoa, within(0.05));
        assertThat(read.fatPercent()).isCloseTo(fat, within(0.05));
        assertThat(read.sugarsPercent()).isCloseTo(sugars, within(0.05));
    }

    /** A bag that prints its own curve is worked by it. */
    @Test
    void theCurveOfABagIsTheOneItIsTemperedBy() {
        final BagCurve bag =
                new BagCurve(
                        OptionalDouble.of(46), OptionalDouble.of(25.5), OptionalDouble.of(32.4));
        final Couverture own =
                new Couverture(palintone.core.Samples.DARK_66, CouvertureKind.DARK, bag);
        final TemperTargets targets = TemperTargets.of(own, DarkWindowPractice.LOW);
        assertThat(targets.work().middle()).isCloseTo(32.4, within(1e-9));
        assertThat(targets.melt().middle()).isCloseTo(46, within(1e-9));
        assertThat(targets.melt().highLimit())
                .isEqualTo(
                        TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW)
                                .melt()
                                .highLimit());
        assertThat(own.coolC()).isEqualTo(25.5);
        // A bag that cools where nothing sets, or works where it melts, has been misread.
        final BagCurve warm =
                new BagCurve(OptionalDouble.empty(), OptionalDouble.of(31), OptionalDouble.of(32));
        assertThat(
                        new Couverture(palintone.core.Samples.DARK_66, CouvertureKind.DARK, warm)
                                .coolC())
                .isLessThan(29);
        assertThat(warm.against(targets)).isNotEmpty();
        assertThatThrownBy(
                        () ->
                                new BagCurve(
                                        OptionalDouble.of(35),
                                        OptionalDouble.empty(),
                                        OptionalDouble.of(34)))
                .hasMessageContaining("bag: work at is 34.0 °C")
                .hasMessageContaining("below what it is melted to");
        final Couverture silent = palintone.core.Samples.dark();
        assertThat(TemperTargets.of(silent, DarkWindowPractice.LOW))
                .isEqualTo(TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW));
    }

    @Test
    void numbersThatCannotAllBeTrueAreRefused() {
        assertThatThrownBy(() -> label(CouvertureKind.DARK, 30, 40, 50).gramsPer100())
                .hasMessageContaining("fat is 40.0 %; allowed: up to the cocoa");
        assertThatThrownBy(() -> label(CouvertureKind.DARK, 66, 40, 10).gramsPer100())
                .hasMessageContaining("read the bag again");
        assertThatThrownBy(() -> label(CouvertureKind.MILK, 60, 40, 40).gramsPer100())
                .hasMessageContaining("leave no room for milk");
        assertThatThrownBy(() -> label(CouvertureKind.DARK, 66, 70, 30))
                .hasMessageContaining("fat is 70 %; allowed: 20 to 65 %");
    }

    /** Directive 2000/36/EC, annex I, from memory: 35 % cocoa, 31 % cocoa butter in couverture. */
    @Test
    void theRulesOfTheNameAreNotes() {
        assertThat(label(CouvertureKind.DARK, 66, 40, 32).rules()).isEmpty();
        assertThat(label(CouvertureKind.DARK, 52, 28, 46).rules())
                .singleElement()
                .satisfies(s -> assertThat(s.template()).contains("cocoa butter of a couverture"));
        assertThat(label(CouvertureKind.MILK, 36, 36, 46).rules()).isEmpty();
    }

    @Test
    void aBagThatDiffersIsToldWithItsReason() {
        final TemperTargets dark =
                TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.values()[0]);
        final BagCurve same =
                new BagCurve(
                        OptionalDouble.of(48),
                        OptionalDouble.of(27),
                        OptionalDouble.of(dark.work().middle()));
        assertThat(same.against(dark)).isEmpty();
        final BagCurve hot =
                new BagCurve(OptionalDouble.of(55), OptionalDouble.empty(), OptionalDouble.of(28));
        assertThat(hot.against(dark)).hasSize(2);
        assertThatThrownBy(
                        () ->
                                new BagCurve(
                                        OptionalDouble.of(90),
                                        OptionalDouble.empty(),
                                        OptionalDouble.empty()))
                .hasMessageContaining("bag: melt to is 90 °C");
    }
}
