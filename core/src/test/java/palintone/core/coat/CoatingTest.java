package palintone.core.coat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.casting.pour.BowlAt;
import palintone.core.fat.FatBlend;
import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

/** Lauric coatings: no temper, and set at once where couverture takes its time. */
class CoatingTest {

    private static final Ingredient COATING = of(Component.LAURIC_FAT);
    private static final BowlAt BOWL =
            new BowlAt(
                    Couverture.coating(COATING).orElseThrow(),
                    FluidityClass.MEDIUM,
                    41,
                    Crystals.NONE);
    private static final BowlAt CHOCOLATE =
            new BowlAt(
                    new Couverture(of(Component.COCOA_BUTTER), CouvertureKind.DARK),
                    FluidityClass.MEDIUM,
                    31.5,
                    new Crystals(0.01, 0));

    private static DipOrder truffle(final BowlAt bowl) {
        return new DipOrder(
                bowl, new Centre(new CentreShape.Ball(25), 1.2, 2.4, 0.3), 18, 2, 6, false, 20, 1);
    }

    private static Ingredient of(final Component fat) {
        return new Ingredient(
                "house-coating",
                "House coating",
                Composition.per100(
                        Map.of(
                                fat,
                                33.0,
                                Component.SUCROSE,
                                50.0,
                                Component.COCOA_SOLIDS,
                                16.0,
                                Component.WATER,
                                1.0)),
                1.2,
                Set.of(),
                Source.remembered("a made-up coating"));
    }

    /** From memory: 92 to 96 % solid at 20 °C, 40 to 55 % at 30 °C, next to nothing at 35 °C. */
    @Test
    void hardenedLauricFatMeltsAsItsDataSheetsSay() {
        final FatBlend fat = FatBlend.ofCoating(COATING.composition());
        assertThat(fat.solidAt(20)).isBetween(0.92, 0.96);
        assertThat(fat.solidAt(30)).isBetween(0.40, 0.55);
        assertThat(fat.solidAt(35)).isLessThan(0.04);
    }

    /** Coating goes from easy to cracked in moments, couverture slowly (common practice). */
    @Test
    void theWindowToCutASheetIsMomentsWhereCouvertureGivesMinutes() {
        final Sheet coating = Sheet.of(BOWL, 0.8, 400, 300, 20);
        final Sheet couverture = Sheet.of(CHOCOLATE, 0.8, 400, 300, 20);
        assertThat(coating.cutUntilS() - coating.cutFromS()).isBetween(5.0, 60.0);
        assertThat(couverture.cutUntilS() - couverture.cutFromS()).isGreaterThan(90);
        assertThat(coating.cutFromS()).isBetween(60.0, 300.0);
    }

    @Test
    void aWarmRoomLeavesMoreTime() {
        final Sheet cool = Sheet.of(BOWL, 0.8, 400, 300, 18);
        final Sheet warm = Sheet.of(BOWL, 0.8, 400, 300, 24);
        assertThat(warm.cutFromS()).isGreaterThan(cool.cutFromS());
        assertThat(warm.cutUntilS() - warm.cutFromS())
                .isGreaterThan(cool.cutUntilS() - cool.cutFromS());
    }

    @Test
    void aDipSetsWithoutTemperAndSoonerThanCouverture() {
        final Coat coating = Coat.of(truffle(BOWL));
        final Coat couverture = Coat.of(truffle(CHOCOLATE));
        assertThat(coating.skinS()).isFinite().isLessThan(couverture.skinS());
    }

    @Test
    void whatIsNoCoatingIsNone() {
        assertThat(Couverture.coating(of(Component.COCOA_BUTTER))).isEmpty();
        assertThat(Couverture.coating(of(Component.MILK_FAT))).isEmpty();
        final Ingredient coconut =
                new Ingredient(
                        "coconut-fat",
                        "Coconut fat",
                        Composition.per100(Map.of(Component.LAURIC_FAT, 100.0)),
                        0.92,
                        Set.of(),
                        Source.remembered("a made-up fat"));
        assertThat(Couverture.coating(coconut)).isEmpty();
    }
}
