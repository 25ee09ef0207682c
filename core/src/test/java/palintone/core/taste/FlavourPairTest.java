package palintone.core.taste;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.taste.FlavourPair.Named;
import palintone.core.taste.FlavourPair.Together;

/** Which flavours agree: this house's own tastings, then families by practice. */
class FlavourPairTest {

    private static final Named PLUM = new Named("plum", "Plum purée, sieved");
    private static final Named BAY = new Named("bay", "Bay leaf");
    private static final Named HAZEL = new Named("hazel", "Hazelnuts, roasted");
    private static final Named SESAME = new Named("sesame", "Toasted sesame paste");
    private static final Named SUGAR = new Named("sugar", "Sugar");
    private static final List<Named> LARDER = List.of(PLUM, BAY, HAZEL, SESAME, SUGAR);

    @Test
    void aFamilyIsReadOffTheName() {
        assertThat(Aromas.OURS.family("Plum purée, sieved")).contains("stone fruit");
        assertThat(Aromas.OURS.family("Sour cherry purée")).contains("stone fruit");
        assertThat(Aromas.OURS.family("Raspberries, freeze-dried")).contains("berry");
        assertThat(Aromas.OURS.family("Cream 35 %")).isEmpty();
        assertThat(Aromas.OURS.family("Fine sugar")).isEmpty();
        assertThat(Aromas.OURS.agree("nut", "caramel")).isTrue();
        assertThat(Aromas.OURS.agree("caramel", "nut")).isTrue();
        assertThat(Aromas.OURS.agree("nut", "nut")).isFalse();
    }

    /** Tasted and liked before practice, practice before what was not liked. */
    @Test
    void whatThisHouseLikedComesFirst() {
        final List<Together> tastings =
                List.of(
                        new Together(Set.of("plum", "bay", "sugar"), 8),
                        new Together(Set.of("plum", "bay"), 9),
                        new Together(Set.of("plum", "sesame"), 4),
                        new Together(Set.of("bay", "hazel"), 10));
        final List<FlavourPair> pairs = FlavourPair.of(PLUM, LARDER, tastings);
        assertThat(pairs).extracting(FlavourPair::id).containsExactly("bay", "hazel", "sesame");
        assertThat(pairs.get(0).score().orElseThrow()).isEqualTo(8.5);
        assertThat(pairs.get(0).tasted()).isEqualTo(2);
        assertThat(pairs.get(0).liked()).isTrue();
        assertThat(pairs.get(1).practice()).isTrue();
        assertThat(pairs.get(1).score()).isEmpty();
        assertThat(pairs.get(2).disliked()).isTrue();
        assertThat(FlavourPair.of(SUGAR, LARDER, tastings)).isEmpty();
        // Of one family they count where they were tasted, and never with themselves.
        final Named cherry = new Named("cherry", "Sour cherry purée");
        assertThat(
                        FlavourPair.of(
                                PLUM,
                                List.of(PLUM, cherry),
                                List.of(new Together(Set.of("plum", "cherry"), 9))))
                .extracting(FlavourPair::id)
                .containsExactly("cherry");
    }

    /** Every family has a partner, and a line that says nothing is named. */
    @Test
    void theFileSaysWhatItMeans() {
        for (final String family : Aromas.OURS.families()) {
            assertThat(Aromas.OURS.families().stream().anyMatch(o -> Aromas.OURS.agree(family, o)))
                    .as(family)
                    .isTrue();
        }
        assertThatThrownBy(() -> Aromas.of(List.of("family nut: hazelnut", "agree nut + moon")))
                .hasMessageContaining("agree nut + moon");
    }
}
