package palintone.core.filling.read;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Sixty recipes as people write them; half of them were kept apart while the reader was built. */
class WrittenCorpusTest {

    @Test
    void whatItWasBuiltForIsReadAsAMakerWould() {
        final WrittenCorpus corpus = WrittenCorpus.of("built-for.txt");
        System.out.println(corpus.table("built for"));
        corpus.faults.forEach(f -> System.out.println("  " + f));
        assertThat(corpus.amountsRight).isGreaterThanOrEqualTo((int) (0.97 * corpus.amounts));
        assertThat(corpus.operationsRight).isGreaterThanOrEqualTo((int) (0.95 * corpus.operations));
        assertThat(corpus.heatsRight).isEqualTo(corpus.heats);
    }

    @Test
    void whatWasKeptApartIsReadAsWell() {
        final WrittenCorpus corpus = WrittenCorpus.of("kept-apart.txt");
        System.out.println(corpus.table("kept apart"));
        corpus.faults.forEach(f -> System.out.println("  " + f));
        assertThat(corpus.heatsRight).isEqualTo(corpus.heats);
    }
}
