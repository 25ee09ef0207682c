package palintone.core.filling.read;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.substance.Allergen;

/**
 * A name that is sure of its ingredient never loses an allergen that stands in it, whichever way
 * round it is written. Gone through with every name makers use and every name of the larder.
 */
class NamesAndAllergensTest {

    private static final Map<String, Set<Allergen>> HOLDS = new TreeMap<>();
    private static final Map<String, String> NAMES = new TreeMap<>();
    private static LarderNames larder;
    private static String everyday;

    @BeforeAll
    static void read() throws IOException {
        for (final String row : Files.readAllLines(Path.of("../demo/ingredients.csv"))) {
            final List<String> cells = cells(row);
            if (cells.get(0).equals("id")) {
                continue;
            }
            NAMES.put(cells.get(0), cells.get(1));
            HOLDS.put(
                    cells.get(0),
                    Arrays.stream(cells.get(4).split(" "))
                            .filter(a -> !a.isBlank())
                            .map(a -> Allergen.valueOf(a.toUpperCase()).group())
                            .collect(Collectors.toCollection(TreeSet::new)));
        }
        everyday =
                Files.readString(Path.of("../server/src/main/resources/larder/everyday-names.txt"));
        larder =
                new LarderNames(
                        new EverydayNames(everyday),
                        NAMES.entrySet().stream()
                                .map(e -> new Likeness.Named(e.getKey(), e.getValue()))
                                .toList());
    }

    private static List<String> cells(final String row) {
        final List<String> cells = new ArrayList<>();
        for (final String cell : row.split(",(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)", -1)) {
            cells.add(cell.replace("\"", ""));
        }
        return cells;
    }

    /** Words that, wherever they stand in a name, mean that this is in it. */
    private static final Map<String, Allergen> MEANS =
            Map.ofEntries(
                    Map.entry("soya", Allergen.SOYA),
                    Map.entry("soy", Allergen.SOYA),
                    Map.entry("almond", Allergen.NUTS),
                    Map.entry("hazelnut", Allergen.NUTS),
                    Map.entry("walnut", Allergen.NUTS),
                    Map.entry("pecan", Allergen.NUTS),
                    Map.entry("cashew", Allergen.NUTS),
                    Map.entry("pistachio", Allergen.NUTS),
                    Map.entry("macadamia", Allergen.NUTS),
                    Map.entry("peanut", Allergen.PEANUT),
                    Map.entry("oat", Allergen.GLUTEN),
                    Map.entry("wheat", Allergen.GLUTEN),
                    Map.entry("rye", Allergen.GLUTEN),
                    Map.entry("barley", Allergen.GLUTEN),
                    Map.entry("fish", Allergen.FISH),
                    Map.entry("egg", Allergen.EGG),
                    Map.entry("sesame", Allergen.SESAME));

    private static final List<String> HEADS =
            List.of(
                    "milk",
                    "cream",
                    "butter",
                    "flour",
                    "paste",
                    "chocolate",
                    "couverture",
                    "gelatine",
                    "lecithin",
                    "oil",
                    "sugar",
                    "liqueur",
                    "praline",
                    "drink",
                    "yoghurt",
                    "flakes",
                    "syrup",
                    "spread",
                    "powder",
                    "extract",
                    "crumbs");

    private static void losesNothing(final String written, final Set<Allergen> meant) {
        final LarderNames.Found found = larder.of(written);
        // A whisky of rye is distilled: the grain's gluten is exempt (annex II, 1 c).
        if (found.sureness() == LarderNames.Sureness.SURE
                && !found.id().orElseThrow().equals("whisky")) {
            assertThat(HOLDS.get(found.id().orElseThrow()))
                    .as("%s, surely read as %s", written, found.id().orElseThrow())
                    .containsAll(meant);
        }
    }

    @Test
    void noWordForAnAllergenIsLostInAnyOrder() {
        for (final String head : HEADS) {
            MEANS.forEach(
                    (word, allergen) -> {
                        for (final String written :
                                List.of(
                                        word + " " + head,
                                        head + ", " + word,
                                        head + " (" + word + ")",
                                        head + ", " + word + ", chopped",
                                        head + " of " + word,
                                        "fresh " + word + " " + head)) {
                            losesNothing(written, Set.of(allergen));
                        }
                    });
        }
    }

    /**
     * Every everyday name and every name of the larder, with every such word put to it, before it,
     * behind a comma or in brackets by turns.
     */
    @Test
    void noNameBesideSuchAWordLosesIt() {
        final List<String> names = new ArrayList<>(NAMES.values());
        for (final String row : everyday.split("\\R")) {
            if (!row.startsWith("#") && row.contains(":")) {
                names.addAll(
                        Arrays.asList(
                                row.substring(row.indexOf(':') + 1)
                                        .replace("~", "")
                                        .split("\\s*;\\s*")));
            }
        }
        assertThat(names).hasSizeGreaterThan(500);
        int turn = 0;
        for (final String name : names) {
            for (final Map.Entry<String, Allergen> meant : MEANS.entrySet()) {
                final String word = meant.getKey();
                final String written =
                        switch (turn++ % 3) {
                            case 0 -> name.strip() + ", " + word;
                            case 1 -> name.strip() + " (" + word + ")";
                            default -> word + " " + name.strip();
                        };
                losesNothing(written, Set.of(meant.getValue()));
            }
        }
    }

    /** What is in a name of the larder itself is among its allergens. */
    @Test
    void everyRowDeclaresWhatItsNameSays() {
        NAMES.forEach(
                (id, name) ->
                        Arrays.stream(name.toLowerCase().split("[^\\p{L}]+"))
                                .map(Nouns::stem)
                                .filter(MEANS::containsKey)
                                .filter(word -> !name.contains("Buckwheat"))
                                .forEach(
                                        word ->
                                                assertThat(HOLDS.get(id))
                                                        .as(name)
                                                        .contains(MEANS.get(word))));
    }

    /** The phrases of the review, one by one; a dash where somebody is to be asked. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "flour, almond|almonds|SURE",
                "flour (almond)|almonds|SURE",
                "butter, peanut|peanut-paste|SURE",
                "butter, hazelnut|hazelnut-paste|SURE",
                "pecan paste|-|GUESSED",
                "chocolate, milk|milk-41|LIKELY",
                "chocolate, white|ivory-33|LIKELY",
                "couverture, milk|milk-41|LIKELY",
                "gelatine, fish|-|GUESSED",
                "milk, soya|soya-drink|SURE",
                "milk, oat|oat-drink|SURE",
                "cream, soya|soya-cream|SURE",
                "dried cherries|-|UNKNOWN",
                "cherries, dried|-|UNKNOWN",
                "dried egg white|-|GUESSED",
                "egg white, dried|-|GUESSED",
                "sugar syrup|-|GUESSED",
                "coconut butter|-|GUESSED",
                "condensed milk, unsweetened|evaporated-milk|SURE",
                "condensed milk (unsweetened)|evaporated-milk|SURE",
                "orange peel (candied)|candied-orange|SURE",
                "white|-|GUESSED",
                "rum|rum-40|LIKELY",
                "dark rum|rum-40|SURE",
                "spiced rum|rum-40|LIKELY",
                "cherry brandy|-|UNKNOWN",
                "neutral spirit|pure-spirit|SURE",
                "glucose powder|glucose-powder|LIKELY",
                "almond paste|marzipan|LIKELY",
                "fresh ginger|ginger-fresh|SURE",
                "double cream|cream-48|SURE",
                "mascarpone|mascarpone|SURE",
                "butter, softened|butter|SURE",
                "hazelnuts, roasted and chopped|hazelnuts|SURE",
                "House dark 66|dark-66|SURE"
            })
    void theReviewsPhrases(final String written, final String id, final String sureness) {
        final LarderNames.Found found = larder.of(written);
        assertThat(found.id().orElse("-")).isEqualTo(id);
        assertThat(found.sureness().name()).isEqualTo(sureness);
    }
}
