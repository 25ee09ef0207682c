package palintone.server.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.JsonNode;

/**
 * The same question asked at every place that answers it, over the wire: tool, sheet, piece, what a
 * batch needs, and its tasks. One answer each.
 */
class OneAnswerTest {

    private final Workshop workshop = Workshop.shared();

    private JsonNode get(final String path) {
        final Answer answer = workshop.get(path);
        assertThat(answer.status()).as(path + " " + answer.text()).isEqualTo(200);
        return answer.json();
    }

    private JsonNode post(final String path, final String body) {
        final Answer answer = workshop.post(path, body);
        assertThat(answer.status()).as(path + " " + answer.text()).isBetween(200, 201);
        return answer.json();
    }

    private JsonNode batch(final String piece, final String size) {
        return post(
                "/api/batches",
                "{\"id\":\"" + UUID.randomUUID() + "\",\"piece\":\"" + piece + "\"," + size + "}");
    }

    private static List<JsonNode> tasks(final JsonNode batch, final String kind) {
        final List<JsonNode> found = new ArrayList<>();
        for (final JsonNode step : batch.get("steps")) {
            if (step.get("kind").asString().equals(kind)) {
                found.add(step);
            }
        }
        return found;
    }

    private static JsonNode named(final JsonNode figures, final String name) {
        for (final JsonNode each : figures) {
            if (each.get("name").asString().equals(name)) {
                return each;
            }
        }
        throw new AssertionError("no " + name + " in " + figures);
    }

    private static double value(final JsonNode step, final String name) {
        return named(step.at("/say/values"), name).get("value").asDouble();
    }

    /** How warm a filling may go into this shell: Shells, the piece, Cool & rest, the task. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "plum-bay",
                "buckwheat-honey",
                "gooseberry-ivory",
                "sesame-crackle",
                "sesame-dusk"
            })
    void howWarmIntoTheShell(final String piece) {
        final JsonNode view = get("/api/pieces/" + piece);
        final double atThePiece =
                named(view.at("/qualities/figures"), "fill no warmer than").get("value").asDouble();
        assertThat(atThePiece).isBetween(26.0, 30.0);
        final double inTheTool =
                post(
                                "/api/shells/fill",
                                "{\"couverture\":\""
                                        + view.get("couvertureId").asString()
                                        + "\",\"mould\":\""
                                        + mouldOf(view)
                                        + "\",\"shellMm\":"
                                        + view.get("shellMm").asDouble()
                                        + "}")
                        .at("/advised/value")
                        .asDouble();
        assertThat(inTheTool).isCloseTo(atThePiece, within(0.3));
        for (final JsonNode fill : tasks(batch(piece, "\"moulds\":2"), "FILL")) {
            assertThat(fill.at("/reading/band/high").asDouble()).isCloseTo(atThePiece, within(0.3));
        }
    }

    private static String mouldOf(final JsonNode view) {
        return view.get("mouldId").asString();
    }

    /** Whether it must be kept cold: sheet, needs, jar and piece. */
    @ParameterizedTest
    @CsvSource({
        "plum-ganache, plum-bay",
        "buckwheat-honey-ganache, buckwheat-honey",
        "gooseberry-ganache, gooseberry-ivory",
        "sesame-ganache, sesame-dusk",
        "caraway-truffle, caraway-truffle",
        "fig-leaf-slab, fig-leaf-square"
    })
    void whetherItIsKeptCold(final String filling, final String piece) {
        final JsonNode recipe = get("/api/fillings/" + filling).get("recipe");
        final JsonNode sheet =
                post(
                        "/api/fillings/sheet",
                        "{\"filling\":\"" + filling + "\",\"recipe\":" + recipe + "}");
        final boolean cold = sheet.at("/life/keepCold").asBoolean();
        final String size = piece.matches("caraway.*|fig.*") ? "pieces=40" : "moulds=2";
        final JsonNode needs = get("/api/pieces/" + piece + "/needs?" + size);
        for (final JsonNode each : needs.get("fillings")) {
            assertThat(each.at("/life/keepCold").asBoolean()).as(each.toString()).isEqualTo(cold);
        }
        assertThat(needs.get("keepCold").asBoolean()).isEqualTo(cold);
        assertThat(get("/api/pieces/" + piece).at("/qualities/keepCold").asBoolean())
                .isEqualTo(cold);
        final JsonNode batch = batch(piece, size.replace("=", "\":").replaceFirst("^", "\""));
        assertThat(batch.at("/declared/keepCold").asBoolean()).isEqualTo(cold);
        for (final JsonNode weigh : tasks(batch, "WEIGH")) {
            assertThat(weigh.path("caution").asString("").contains("4 °C")).isEqualTo(cold);
        }
    }

    /** A figure is in band or not for the style of the filling, wherever it is shown. */
    @ParameterizedTest
    @CsvSource({
        "sesame-crisp, sesame-crackle",
        "barley-caramel, ''",
        "fig-leaf-slab, fig-leaf-square"
    })
    void whatAFillingIsMeantToBe(final String filling, final String piece) {
        final JsonNode recipe = get("/api/fillings/" + filling).get("recipe");
        final JsonNode sheet =
                post(
                        "/api/fillings/sheet",
                        "{\"filling\":\"" + filling + "\",\"recipe\":" + recipe + "}");
        JsonNode aw = null;
        for (final JsonNode each : sheet.get("figures")) {
            if (each.get("quality").asString().equals("WATER_ACTIVITY")) {
                aw = each.get("figure");
            }
        }
        assertThat(aw).isNotNull();
        if (piece.isEmpty()) {
            assertThat(aw.at("/band/high").asDouble()).isLessThan(0.8);
            return;
        }
        final String size = piece.startsWith("fig") ? "pieces=40" : "moulds=2";
        for (final JsonNode each : get("/api/pieces/" + piece + "/needs?" + size).get("fillings")) {
            if (each.get("name").asString().equals(recipe.get("name").asString())) {
                assertThat(each.at("/waterActivity/band")).isEqualTo(aw.get("band"));
            }
        }
    }

    /** What is fetched is what the task wants: a tray of powder, not what sticks. */
    @Test
    void whatIsFetchedIsWhatTheTaskWants() {
        final JsonNode needs = get("/api/pieces/caraway-truffle/needs?pieces=40");
        final JsonNode dip = tasks(batch("caraway-truffle", "\"pieces\":40"), "DIP").get(0);
        final double tray = value(dip, "tray");
        double cocoa = 0;
        for (final JsonNode each : needs.get("fetch")) {
            if (each.get("ingredient").asString().startsWith("Cocoa powder")) {
                cocoa = each.get("grams").asDouble();
            }
        }
        assertThat(cocoa).isCloseTo(tray, within(0.5));
    }

    /** When colour is cast over: Shells and the task, by the school of the house. */
    @ParameterizedTest
    @ValueSource(strings = {"AS_IT_HOLDS", "OVERNIGHT"})
    void whenColourIsCastOver(final String practice) {
        final JsonNode was = get("/api/house").get("rules");
        try {
            put(was, practice);
            final JsonNode view = get("/api/pieces/plum-bay");
            final double tool =
                    post(
                                    "/api/shells/colour",
                                    "{\"mould\":\""
                                            + mouldOf(view)
                                            + "\",\"coats\":[{\"name\":\"plum\",\"filmMm\":0.05}]}")
                            .at("/castFrom/value")
                            .asDouble();
            final JsonNode mould = tasks(batch("plum-bay", "\"moulds\":2"), "MOULD").get(0);
            assertThat(value(mould, "holds")).isCloseTo(tool, within(1.0));
            assertThat(tool).isEqualTo(practice.equals("OVERNIGHT") ? 480 : 5);
        } finally {
            put(was, "AS_IT_HOLDS");
        }
    }

    private void put(final JsonNode rules, final String practice) {
        final JsonNode now = get("/api/house").get("rules");
        final tools.jackson.databind.node.ObjectNode draft =
                (tools.jackson.databind.node.ObjectNode) rules.deepCopy();
        draft.put("colourPractice", practice);
        draft.set("version", now.get("version"));
        final Answer answer = workshop.put("/api/house", draft.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    /** When it may be capped: Shells and the task. */
    @ParameterizedTest
    @CsvSource({"plum-bay, plum-ganache", "buckwheat-honey, buckwheat-honey-ganache"})
    void whenItMayBeCapped(final String piece, final String filling) {
        final JsonNode view = get("/api/pieces/" + piece);
        final JsonNode level = tasks(batch(piece, "\"moulds\":2"), "LEVEL").get(0);
        final double atTheBench = level.at("/clock/targetS").asDouble() / 60;
        final JsonNode fill = tasks(batch(piece, "\"moulds\":2"), "FILL").get(0);
        final double tool =
                post(
                                "/api/shells/fill",
                                "{\"couverture\":\""
                                        + view.get("couvertureId").asString()
                                        + "\",\"mould\":\""
                                        + mouldOf(view)
                                        + "\",\"filling\":\""
                                        + filling
                                        + "\",\"fillC\":"
                                        + fill.at("/reading/target").asDouble()
                                        + ",\"shellMm\":"
                                        + view.get("shellMm").asDouble()
                                        + "}")
                        .at("/level/carriesFrom/value")
                        .asDouble();
        assertThat(atTheBench).isCloseTo(tool, within(Math.max(1.5, 0.15 * tool)));
        assertThat(tool).isBetween(4.0, 40.0);
    }

    /** The bowl it is cast from: what the batch casts with is what Shells opens with. */
    @ParameterizedTest
    @ValueSource(strings = {"plum-bay", "buckwheat-honey", "gooseberry-ivory"})
    void theBowlItIsCastFrom(final String piece) {
        final JsonNode view = get("/api/pieces/" + piece);
        final JsonNode cast =
                post(
                        "/api/shells/cast",
                        "{\"couverture\":\""
                                + view.get("couvertureId").asString()
                                + "\",\"mould\":\""
                                + mouldOf(view)
                                + "\",\"asked\":\"WAIT\",\"value\":0}");
        final double stable =
                named(cast.at("/mean/basis/inputs"), "stable crystals, of the fat")
                        .get("value")
                        .asDouble();
        assertThat(stable).isBetween(2.0, 4.0);
    }
}
