package palintone.core.temper.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.figure.OutOfRangeException;
import palintone.core.substance.Allergen;

class ColourStockTest {

    private static ColourStock colour(
            final ColourStock.Base base,
            final ColourStock.Dissolves dissolves,
            final boolean strained,
            final double useC) {
        return new ColourStock(
                "plum", base, 10, dissolves, strained, useC, 200, Optional.of(Set.of()));
    }

    @Test
    void waterBasedColourIsRefusedWithTheReason() {
        assertThatThrownBy(
                        () ->
                                colour(
                                        ColourStock.Base.COCOA_BUTTER,
                                        ColourStock.Dissolves.WATER,
                                        true,
                                        29))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("beads up")
                .hasMessageContaining("seizes the bowl");
    }

    @Test
    void specksHeatAndWhitePigmentsAreSaid() {
        assertThat(
                        colour(ColourStock.Base.COCOA_BUTTER, ColourStock.Dissolves.FAT, true, 29)
                                .remarks())
                .isEmpty();
        assertThat(
                        colour(
                                        ColourStock.Base.WHITE_COCOA_BUTTER,
                                        ColourStock.Dissolves.FAT,
                                        false,
                                        36)
                                .remarks())
                .extracting(s -> s.template().split(" ")[0])
                .containsExactly("Not", "At", "White");
    }

    private static ColourStock read(
            final ColourStock.Base base, final Optional<Set<Allergen>> packet) {
        return new ColourStock("plum", base, 10, ColourStock.Dissolves.FAT, true, 29, 200, packet);
    }

    /** White couverture holds milk and nearly always soya, whatever was written down. */
    @Test
    void aBaseOfCouvertureHoldsMilkAndSoya() {
        assertThat(read(ColourStock.Base.COUVERTURE, Optional.empty()).holds().orElseThrow())
                .containsExactlyInAnyOrder(Allergen.MILK, Allergen.SOYA);
        assertThat(
                        read(ColourStock.Base.COUVERTURE, Optional.of(Set.of(Allergen.NUTS)))
                                .holds()
                                .orElseThrow())
                .containsExactlyInAnyOrder(Allergen.MILK, Allergen.SOYA, Allergen.NUTS);
    }

    /** Nothing written down is not the same as nothing in it. */
    @Test
    void whatNobodyHasReadIsNotKnownToBeFree() {
        final ColourStock unread = read(ColourStock.Base.COCOA_BUTTER, Optional.empty());
        assertThat(unread.holds()).isEmpty();
        assertThat(unread.remarks()).anyMatch(r -> r.template().contains("Nobody has read"));
        assertThat(read(ColourStock.Base.COCOA_BUTTER, Optional.of(Set.of())).holds())
                .contains(Set.of());
    }
}
