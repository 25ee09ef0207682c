package palintone.core.process;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import palintone.core.figure.Quantity;
import palintone.core.figure.Unit;

class AmountTest {

    private static final Map<String, Quantity> SAID =
            Map.of(
                    "takes", Quantity.of(268, Unit.GRAM),
                    "thick", Quantity.of(1.6, Unit.MILLIMETRE),
                    "seed", Quantity.of(120, Unit.GRAM),
                    "shaken", Quantity.of(20, Unit.SECOND),
                    "mm", Quantity.of(1.6, Unit.MILLIMETRE));

    /** A file of before carried them in its sentences, some in sentences they did not belong to. */
    @Test
    void anOldFileGivesWhatItsSentencesCarried() {
        assertThat(Amount.ofOldFile(TaskKind.SCRAPE, SAID))
                .containsOnly(
                        Map.entry(Amount.TAKES, 268.0),
                        Map.entry(Amount.SHELL, 1.6),
                        Map.entry(Amount.SHAKEN, 20.0));
        assertThat(Amount.ofOldFile(TaskKind.SEED, SAID))
                .containsEntry(Amount.SEED, 120.0)
                .doesNotContainKey(Amount.SHELL);
        assertThat(Amount.ofOldFile(TaskKind.MELT, SAID)).doesNotContainKey(Amount.SEED);
    }

    /** A number in another unit is not that amount. */
    @Test
    void aNumberInAnotherUnitIsNotTheAmount() {
        assertThat(Amount.ofOldFile(TaskKind.SEED, Map.of("seed", Quantity.of(3, Unit.PERCENT))))
                .isEmpty();
    }
}
