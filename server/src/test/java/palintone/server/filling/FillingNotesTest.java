package palintone.server.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import tools.jackson.databind.JsonNode;

/** What was tasted and measured: read in with a recipe, written down, and heeded. */
class FillingNotesTest {

    private static final String SLAB =
            "[{\"id\":\"noted-slab\",\"name\":\"Noted slab\",\"style\":\"CUT_SLAB\",\"operations\":["
                    + "{\"kind\":\"BOIL\",\"lines\":[{\"ingredient\":\"cream-35\",\"amount\":200,"
                    + "\"unit\":\"g\"}]},{\"kind\":\"POUR\",\"lines\":[{\"ingredient\":\"dark-66\","
                    + "\"amount\":300,\"unit\":\"g\"}]}],\"notes\":[%s]}]";
    private static final String MEASURED =
            "{\"at\":\"2026-10-03T15:20:00Z\",\"kind\":\"WATER_ACTIVITY\",\"measured\":0.88,"
                    + "\"words\":\"meter checked\"},{\"at\":\"2026-10-04T08:00:00Z\",\"kind\":"
                    + "\"TASTING\",\"score\":7,\"words\":\"short\"}";

    private final Workshop workshop = Workshop.shared();

    private JsonNode notes() {
        return workshop.get("/api/fillings/noted-slab/notes").json().get("items");
    }

    @Test
    void notesComeInWithTheirRecipeOnceHoweverOftenItIsReadIn() {
        final String file = SLAB.formatted(MEASURED);
        assertThat(workshop.importFiles("fillings.json", file).status()).isEqualTo(200);
        final int had = notes().size();
        assertThat(workshop.importFiles("fillings.json", file).status()).isEqualTo(200);
        assertThat(notes().size()).isEqualTo(had);
        assertThat(notes().toString()).contains("meter checked").contains("2026-10-03T15:20:00Z");
    }

    @Test
    void aNoteThatCannotBeIsRefusedAndNothingIsTaken() {
        final String bad = MEASURED.replace("0.88", "1.88");
        final Workshop.Answer refused =
                workshop.importFiles(
                        "fillings.json", SLAB.formatted(bad).replace("noted-slab", "bad-slab"));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/detail")).contains("water activity is 1.88");
        assertThat(workshop.get("/api/fillings/bad-slab").status()).isEqualTo(404);
    }

    @Test
    void essaysAreRefusedInWordsAndNotByTheDatabase() {
        final String essay = "plum ".repeat(400);
        final Workshop.Answer note =
                workshop.post(
                        "/api/fillings/plum-ganache/notes",
                        "{\"kind\":\"TASTING\",\"score\":5,\"words\":\"" + essay + "\"}");
        assertThat(note.status()).isEqualTo(400);
        assertThat(note.at("/detail")).contains("words is 2000 characters").contains("up to 1000");
        final Workshop.Answer bite =
                workshop.post(
                        "/api/pieces/sesame-crackle/bites",
                        "{\"days\":3,\"crisp\":true,\"words\":\"" + essay + "\"}");
        assertThat(bite.at("/detail")).contains("up to 500 characters");
        final JsonNode recipe =
                workshop.get("/api/fillings/plum-ganache").json().get("recipe").deepCopy();
        ((tools.jackson.databind.node.ObjectNode) recipe).put("note", essay);
        final Workshop.Answer saved = workshop.put("/api/fillings/plum-ganache", recipe.toString());
        assertThat(saved.status()).isEqualTo(400);
        assertThat(saved.at("/detail")).contains("what changed");
    }

    /** A season of measurements is in the demo: they move the honey ganache, and say so. */
    @Test
    void theSeasonOfTheDemoMovesTheHoneyGanache() {
        final JsonNode recipe =
                workshop.get("/api/fillings/buckwheat-honey-ganache").json().get("recipe");
        final double alone = activity("{\"recipe\":" + recipe + "}");
        final double measured =
                activity("{\"filling\":\"buckwheat-honey-ganache\",\"recipe\":" + recipe + "}");
        // Two readings of 0.821 and 0.817 against the model, weighed by their margins.
        final double mean = (0.821 + 0.817) / 2;
        final double trust = 1 / (0.02 * 0.02);
        final double each = 1 / (0.006 * 0.006);
        assertThat(measured)
                .isCloseTo(alone + (mean - alone) * 2 * each / (trust + 2 * each), within(1e-9));
        // What is computed from it follows: it is mended from what was measured.
        final Workshop.Answer mend =
                workshop.post(
                        "/api/fillings/mend",
                        "{\"fault\":\"TOO_SOFT\",\"on\":{\"filling\":\"buckwheat-honey-ganache\","
                                + "\"recipe\":"
                                + recipe
                                + "}}");
        assertThat(mend.text()).contains("moved by own measurements");
    }

    private double activity(final String request) {
        return Sheets.figure(workshop.post("/api/fillings/sheet", request), "WATER_ACTIVITY");
    }
}
