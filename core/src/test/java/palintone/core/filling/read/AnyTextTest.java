package palintone.core.filling.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.core.figure.OutOfRangeException;

/** Whatever somebody pastes: it is read or refused with words, and nothing in it is lost. */
class AnyTextTest {

    private static final List<String> SCRAPS =
            List.of(
                    "200 g cream",
                    "boil",
                    "Pour over the chocolate.",
                    "\n",
                    "\t",
                    ", ",
                    " and ",
                    "½",
                    "1/0 cup sugar",
                    "80 °C",
                    "to 260 g",
                    "(",
                    ")",
                    "each",
                    "of the",
                    "a third",
                    "2-3",
                    "the rest",
                    "12:30",
                    "–",
                    "|",
                    "•",
                    "1.",
                    "%",
                    "overnight",
                    "½ tsp salt",
                    "in two parts",
                    "until golden",
                    "without",
                    "99999999999 g",
                    "\uD83C\uDF6B",
                    "żółtko",
                    "100 g each butter and honey",
                    "x",
                    "2 x 100 g nuts",
                    "-18 °C",
                    ":",
                    ";",
                    "cut");

    @Provide
    Arbitrary<List<String>> scraps() {
        return Arbitraries.of(SCRAPS).list().ofMinSize(1).ofMaxSize(30);
    }

    @Property(tries = 1500)
    void isReadOrRefusedAndEveryStretchLiesInIt(@ForAll("scraps") final List<String> scraps) {
        final String text = String.join(" ", scraps);
        try {
            final WrittenRecipe read = WrittenRecipe.read(text);
            int before = 0;
            for (final WrittenRecipe.Span span : read.spans()) {
                assertThat(span.from()).isGreaterThanOrEqualTo(before).isLessThan(span.to());
                assertThat(span.to()).isLessThanOrEqualTo(text.length());
                before = span.to();
            }
        } catch (OutOfRangeException e) {
            assertThat(e.getMessage()).contains("allowed");
        }
    }

    @Property(tries = 300)
    void evenWhatIsNoLanguageAtAll(@ForAll @Size(max = 200) final String text) {
        try {
            WrittenRecipe.read(text);
        } catch (OutOfRangeException e) {
            assertThat(e.getMessage()).contains("allowed");
        }
    }

    /** Whatever is said of a listed line, it goes in once: halves and rests add up. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Boil half the cream. Add the rest of the cream.",
                "Boil a third of the cream, then add the remaining cream.",
                "Boil the cream. Pour the cream over the cream.",
                "Boil half the cream, add half the cream, pour half the cream over.",
                "Boil 50 g of the cream, then add 50 g of the cream and the rest.",
                "Boil the 200 g cream.",
                "Do nothing at all with it.",
                "Add everything."
            })
    void aLineGoesInOnce(final String prose) {
        final WrittenRecipe read = WrittenRecipe.read("200 g cream\n300 g chocolate\n" + prose);
        final double cream =
                read.doings().stream()
                        .flatMap(d -> d.lines().stream())
                        .filter(l -> l.words().contains("cream"))
                        .mapToDouble(WrittenLine::amount)
                        .sum();
        assertThat(cream).as(read.doings().toString()).isCloseTo(200, within(1e-6));
    }

    /** What has its amount in the prose is weighed in, whatever is said around it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Take 200 g cream.",
                "Boil 100 g milk. Take 200 g cream and sieve.",
                "Have 200 g cream ready. Cool to 30 °C.",
                "Place 200 g cream in a bowl, then rest for 2 h.",
                "Keep 200 g cream cold; freeze overnight.",
                "Toast 200 g cream."
            })
    void whatIsTakenInHandIsNotLost(final String prose) {
        assertThat(
                        WrittenRecipe.read(prose).doings().stream()
                                .flatMap(d -> d.lines().stream())
                                .filter(l -> l.words().contains("cream"))
                                .mapToDouble(WrittenLine::amount)
                                .sum())
                .isEqualTo(200);
    }

    /** How an ingredient is got ready is nothing that is done to the pot. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "200 g butter, cold, cut into cubes",
                "200 g butter, softened and cut into 1 cm dice",
                "200 g butter (cubed)",
                "200 g butter, melted and cooled",
                "200 g butter, at room temperature, beaten until pale"
            })
    void theRowOfAnIngredientIsOneLine(final String row) {
        final WrittenRecipe read = WrittenRecipe.read(row);
        assertThat(read.doings()).hasSize(1);
        assertThat(read.doings().get(0).lines()).hasSize(1);
        assertThat(read.doings().get(0).lines().get(0).words()).startsWith("butter");
    }

    /** Sugar is listed for the caramel and again for the fruit: both are weighed in. */
    @ParameterizedTest
    @ValueSource(strings = {"Boil the sugar.", "Boil half the sugar, add the rest.", "Blend."})
    void twoRowsThatReadTheSameAreTwo(final String prose) {
        final WrittenRecipe read =
                WrittenRecipe.read("100 g sugar\n200 g cream\n100 g sugar\n" + prose);
        final List<Double> sugar =
                read.doings().stream()
                        .flatMap(d -> d.lines().stream())
                        .filter(l -> l.words().contains("sugar"))
                        .map(WrittenLine::amount)
                        .toList();
        assertThat(sugar.stream().mapToDouble(a -> a).sum()).isEqualTo(200);
        assertThat(sugar).allMatch(a -> a > 0);
    }
}
