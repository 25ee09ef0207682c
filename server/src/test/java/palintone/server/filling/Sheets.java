package palintone.server.filling;

import palintone.server.support.Workshop;
import tools.jackson.databind.JsonNode;

/** Recipes of the demo as they are sent, and what comes back of them. */
final class Sheets {

    private Sheets() {}

    /** A recipe of the books, as a draft. */
    static JsonNode recipe(final String id) {
        return Workshop.shared().get("/api/fillings/" + id).json().get("recipe");
    }

    /** The request every tool begins with. */
    static String on(final JsonNode recipe) {
        return "{\"recipe\":" + recipe + "}";
    }

    static double figure(final Workshop.Answer sheet, final String quality) {
        return figureOf(sheet.json(), quality);
    }

    static double figureOf(final JsonNode sheet, final String quality) {
        for (final JsonNode each : sheet.get("figures")) {
            if (each.get("quality").asString().equals(quality)) {
                return each.at("/figure/value").asDouble();
            }
        }
        throw new AssertionError("no " + quality);
    }
}
