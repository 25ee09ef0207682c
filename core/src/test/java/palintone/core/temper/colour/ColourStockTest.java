package palintone.core.temper.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import palintone.core.figure.OutOfRangeException;

class ColourStockTest {

    private static ColourStock colour(
            final ColourStock.Base base,
            final ColourStock.Dissolves dissolves,
            final boolean strained,
            final double useC) {
        return new ColourStock("plum", base, 10, dissolves, strained, useC, 200);
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
}
