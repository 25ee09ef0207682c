package palintone.server.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.casting.pour.Vibration;
import palintone.core.figure.OutOfRangeException;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

class ShellApiTest {

    private final Workshop workshop = Workshop.shared();

    private static String cast(final String more) {
        return "{\"couverture\":\"dark-66\",\"mould\":\"half-28\"" + more + "}";
    }

    private Answer asked(final String how, final double value) {
        return workshop.post(
                "/api/shells/cast", cast(",\"asked\":\"" + how + "\",\"value\":" + value));
    }

    @Test
    void aWaitGivesAThicknessAndTheThicknessGivesTheWait() {
        final Answer waited = asked("WAIT", 200);
        assertThat(waited.status()).as(waited.text()).isEqualTo(200);
        final double mm = waited.number("/mean/value");
        assertThat(mm).isBetween(1.5, 4.0);
        assertThat(waited.number("/mean/low")).isLessThan(mm);
        assertThat(waited.number("/mean/high")).isGreaterThan(mm);
        assertThat(waited.json().at("/places").size()).isGreaterThan(20);
        final Answer wanted = asked("MEAN", mm);
        assertThat(wanted.json().at("/found").asBoolean()).isTrue();
        assertThat(wanted.number("/waiting/value")).isCloseTo(200, within(20.0));
        assertThat(wanted.number("/mould/fromC")).isLessThan(wanted.number("/mould/toC"));
        assertThat(wanted.json().at("/mean/basis/sources").size()).isGreaterThan(2);
    }

    @Test
    void whatCannotBeIsSaidAndStillShown() {
        final Answer thin = asked("MEAN", 0.3);
        assertThat(thin.json().at("/found").asBoolean()).isFalse();
        assertThat(thin.text()).contains("No wait leaves");
        assertThat(thin.number("/mass/value")).isPositive();
        final Answer dead =
                workshop.post(
                        "/api/shells/cast",
                        cast(",\"stablePercent\":0,\"asked\":\"WAIT\",\"value\":30"));
        assertThat(dead.status()).isEqualTo(200);
        assertThat(dead.text()).contains("not in temper");
    }

    @ParameterizedTest
    @CsvSource({
        "'\"mouldC\":40,\"asked\":\"WAIT\",\"value\":30', mould temperature",
        "'\"asked\":\"WAIT\",\"value\":-5', waiting time",
        "'\"asked\":\"WAIT\",\"value\":5000', waiting time",
        "'\"asked\":\"MEAN\",\"value\":40', shell thickness",
        "'\"bowlC\":70,\"asked\":\"WAIT\",\"value\":30', bowl temperature",
        "'\"stablePercent\":-1,\"asked\":\"WAIT\",\"value\":30', -1 % of the fat",
        "'\"drainS\":0,\"asked\":\"WAIT\",\"value\":30', drain time",
        "'\"roomC\":60,\"asked\":\"WAIT\",\"value\":30', room temperature"
    })
    void badInputIsNamed(final String more, final String field) {
        final Answer refused = workshop.post("/api/shells/cast", cast("," + more));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.text()).contains(field);
    }

    @Test
    void nothingAtAllIsRefusedNotBroken() {
        for (final String path : new String[] {"cast", "cold", "fill", "weighed", "weighings"}) {
            assertThat(workshop.post("/api/shells/" + path, "{}").status())
                    .as(path)
                    .isBetween(400, 499);
        }
        final Answer unknown =
                workshop.post(
                        "/api/shells/cast",
                        "{\"couverture\":\"dark-66\",\"mould\":\"nowhere\",\"asked\":\"WAIT\",\"value\":3}");
        assertThat(unknown.status()).as(unknown.text()).isBetween(400, 404);
    }

    @Test
    void theColdIsComparedByBothSchools() {
        final Answer cold =
                workshop.post(
                        "/api/shells/cold",
                        "{\"cast\":"
                                + cast(",\"asked\":\"WAIT\",\"value\":60")
                                + ",\"moulds\":6,\"airC\":12}");
        assertThat(cold.status()).as(cold.text()).isEqualTo(200);
        assertThat(cold.json().size()).isEqualTo(3);
        assertThat(cold.number("/1/release/high")).isLessThan(cold.number("/2/release/high"));
        assertThat(cold.number("/0/airWarmestC")).isGreaterThan(12);
        final Answer forty =
                workshop.post(
                        "/api/shells/cold",
                        "{\"cast\":"
                                + cast(",\"asked\":\"WAIT\",\"value\":60")
                                + ",\"moulds\":40,\"airC\":9,\"coolingW\":60}");
        assertThat(forty.text()).contains("at once warm the cabinet");
        final Answer none =
                workshop.post(
                        "/api/shells/cold",
                        "{\"cast\":" + cast(",\"asked\":\"WAIT\",\"value\":60") + ",\"moulds\":0}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.text()).contains("moulds in the cabinet");
        final Answer late =
                workshop.post(
                        "/api/shells/cold",
                        "{\"cast\":"
                                + cast(",\"asked\":\"WAIT\",\"value\":60")
                                + ",\"movedMin\":600}");
        assertThat(late.text()).contains("time before the cold is 600 min; allowed: 0 to 60 min");
    }

    @Test
    void tooHotAFillingIsSaid() {
        final String shell = "{\"couverture\":\"dark-66\",\"mould\":\"half-28\",\"shellMm\":1.6";
        final Answer fill = workshop.post("/api/shells/fill", shell + ",\"fillC\":44}");
        assertThat(fill.status()).as(fill.text()).isEqualTo(200);
        assertThat(fill.number("/advised/value")).isLessThanOrEqualTo(30);
        assertThat(fill.text()).contains("hotter than this shell bears");
        final Answer thick =
                workshop.post(
                        "/api/shells/fill",
                        "{\"couverture\":\"dark-66\",\"mould\":\"half-28\",\"shellMm\":14}");
        assertThat(thick.status()).isEqualTo(400);
        assertThat(thick.text()).contains("shell thickness");
    }

    /** Half sphere of 28 mm, 1.6 mm thick, capped 2 mm: 2/3·π·12.4³ less the cap is 3.1 ml. */
    @Test
    void aFillingLiesInItsShell() {
        final String shell = "{\"couverture\":\"dark-66\",\"mould\":\"half-28\",\"shellMm\":1.6";
        final Answer fill =
                workshop.post("/api/shells/fill", shell + ",\"filling\":\"plum-ganache\"}");
        assertThat(fill.status()).as(fill.text()).isEqualTo(200);
        assertThat(fill.number("/level/mass/value")).isBetween(3.1 * 1.05, 3.1 * 1.35);
        assertThat(fill.number("/heatJPerMlK")).isBetween(2.5, 3.8);
        assertThat(fill.number("/level/uneven/value")).isBetween(0.0, 10.5);
        final Answer cooler =
                workshop.post(
                        "/api/shells/fill", shell + ",\"filling\":\"plum-ganache\",\"fillC\":18}");
        assertThat(cooler.number("/level/uneven/value"))
                .isGreaterThan(fill.number("/level/uneven/value"));
        final Answer deep =
                workshop.post(
                        "/api/shells/fill", shell + ",\"filling\":\"plum-ganache\",\"capMm\":13}");
        assertThat(deep.status()).isEqualTo(400);
        assertThat(deep.text()).contains("thickness of the cap");
        final Answer ice = workshop.post("/api/shells/fill", shell + ",\"fillC\":-20}");
        assertThat(ice.status()).isEqualTo(400);
        assertThat(ice.text()).contains("filling in the bag is -20 °C; allowed: 0 to 130 °C");
        final Answer none = workshop.post("/api/shells/fill", shell + ",\"filling\":\"no-such\"}");
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.text()).contains("filling");
    }

    /** Heavier shells than foretold: the next answer is heavier; taken back, it is as before. */
    @Test
    void weighedShellsCorrectTheNextAnswer() {
        final String way = ",\"vibration\":\"TABLE\",\"asked\":\"WAIT\",\"value\":40";
        final Answer before = workshop.post("/api/shells/cast", cast(way));
        final double each = before.number("/mass/value");
        final int cavities =
                (int) Math.round(before.number("/perMould/value") / before.number("/mass/value"));
        final String weighing =
                "{\"cast\":"
                        + cast(way)
                        + ",\"emptyG\":800,\"shelledG\":"
                        + (800 + each * 1.35 * cavities)
                        + ",\"note\":\"new bag\"}";
        final Answer first = workshop.post("/api/shells/weighings", weighing);
        assertThat(first.status()).as(first.text()).isEqualTo(200);
        final Answer second = workshop.post("/api/shells/weighings", weighing);
        assertThat(second.number("/yieldFactor")).isGreaterThan(1.15);
        assertThat(second.json().at("/rows").size()).isEqualTo(2);
        final Answer after = workshop.post("/api/shells/cast", cast(way));
        assertThat(after.number("/mass/value")).isGreaterThan(each * 1.15);
        assertThat(after.json().at("/weighings").asInt()).isEqualTo(2);
        // Laid on the growth as thick as a half ball of that weight, hollow, is by hand.
        assertThat(after.json().at("/weighed").size()).isEqualTo(2);
        final double thickMm = after.number("/weighed/0/meanMm");
        final double ml = 2 * Math.PI / 3 * (Math.pow(14, 3) - Math.pow(14 - thickMm, 3)) / 1000;
        assertThat(ml * 1.24).isCloseTo(second.number("/rows/0/eachG"), within(0.12));
        for (int i = 0; i < 2; i++) {
            final String id = second.json().at("/rows/" + i + "/id").asString();
            assertThat(workshop.delete("/api/shells/weighings/" + id).status()).isEqualTo(204);
        }
        assertThat(workshop.post("/api/shells/cast", cast(way)).number("/mass/value"))
                .isCloseTo(each, within(1e-9));
    }

    /** What is weighed in one size is taken for another, less surely; not for another form. */
    @Test
    void whatIsWeighedInOneSizeHoldsForAnother() {
        final String small = mould("Small half sphere", "HALF_SPHERE", "\"lengthMm\":36");
        final String large = mould("Large half sphere", "HALF_SPHERE", "\"lengthMm\":60");
        final String dome = mould("A dome", "DOME", "\"lengthMm\":60,\"depthMm\":40");
        final String way = ",\"vibration\":\"TABLE\",\"asked\":\"WAIT\",\"value\":60";
        final double smallG = in(small, way).number("/mass/value");
        final Answer before = in(large, way);
        final double domeG = in(dome, way).number("/mass/value");
        final String weighing =
                "{\"cast\":"
                        + cast(way).replace("half-28", small)
                        + ",\"cavities\":1,\"emptyG\":100,\"shelledG\":"
                        + (100 + smallG * 1.35)
                        + "}";
        workshop.post("/api/shells/weighings", weighing);
        final Answer kept = workshop.post("/api/shells/weighings", weighing);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        final Answer here = in(small, way);
        final Answer after = in(large, way);
        assertThat(after.number("/mass/value")).isGreaterThan(before.number("/mass/value") * 1.1);
        assertThat(after.text()).contains("what was in Small half sphere");
        assertThat(here.text()).doesNotContain("what was in");
        // Less sure than in the mould itself, surer than before.
        assertThat(spread(after)).isBetween(spread(here), spread(before));
        assertThat(in(dome, way).number("/mass/value")).isCloseTo(domeG, within(1e-9));
        for (int i = 0; i < 2; i++) {
            workshop.delete(
                    "/api/shells/weighings/" + kept.json().at("/rows/" + i + "/id").asString());
        }
        assertThat(in(large, way).number("/mass/value"))
                .isCloseTo(before.number("/mass/value"), within(1e-9));
    }

    private static double spread(final Answer cast) {
        return (cast.number("/mean/high") - cast.number("/mean/low")) / cast.number("/mean/value");
    }

    private Answer in(final String mould, final String way) {
        return workshop.post("/api/shells/cast", cast(way).replace("half-28", mould));
    }

    private String mould(final String name, final String shape, final String measures) {
        final String id = name.toLowerCase(java.util.Locale.ROOT).replace(' ', '-');
        final Answer kept =
                workshop.put(
                        "/api/moulds/" + id,
                        "{\"name\":\""
                                + name
                                + "\",\"shape\":\""
                                + shape
                                + "\","
                                + measures
                                + ",\"cavities\":4,\"rows\":1,\"owned\":1,"
                                + "\"material\":\"POLYCARBONATE\",\"build\":\"OPEN\",\"wallMm\":2,"
                                + "\"scratched\":false,\"lastHeld\":[]}");
        assertThat(kept.status()).as(kept.text()).isLessThan(300);
        return id;
    }

    /** A table without a mould or a date is refused by name. */
    @Test
    void aTableThatLeavesThingsOutIsRefusedByName() {
        final ShellWeighings weighings = workshop.bean(ShellWeighings.class);
        assertThatThrownBy(() -> weighings.check(row(null, Instant.EPOCH)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("mould");
        assertThatThrownBy(() -> weighings.check(row("half-28", null)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("noted at");
        weighings.check(row("half-28", Instant.EPOCH));
    }

    private static ShellWeighingDraft row(final String mould, final Instant notedAt) {
        return new ShellWeighingDraft(
                "dark-66",
                mould,
                null,
                31.5,
                1,
                24,
                20,
                Vibration.TAPPED,
                20,
                0,
                45,
                32,
                57,
                null,
                null,
                null,
                "",
                notedAt);
    }

    /** Weighed shelled, filled and capped: the next grams of that filling go by it. */
    @Test
    void aFillingIsWeighedBackToo() {
        final String fill =
                "{\"couverture\":\"dark-66\",\"mould\":\"half-28\",\"shellMm\":1.6,"
                        + "\"filling\":\"plum-ganache\"}";
        final double before = workshop.post("/api/shells/fill", fill).number("/level/mass/value");
        final String cast =
                "{\"cast\":"
                        + cast(",\"asked\":\"WAIT\",\"value\":40")
                        + ",\"filling\":\"plum-ganache\",\"emptyG\":200,\"cavities\":32,";
        final Answer scale = workshop.post("/api/shells/scale", cast + "\"shelledG\":0}");
        assertThat(scale.status()).as(scale.text()).isEqualTo(200);
        assertThat(scale.number("/shelledG")).isGreaterThan(scale.number("/emptyG"));
        assertThat(scale.number("/filledG")).isGreaterThan(scale.number("/shelledG"));
        assertThat(scale.number("/cappedG")).isGreaterThan(scale.number("/filledG"));
        // 32 half spheres: shells of 2.1 g, 2.4 g of filling in some 2.9 ml, caps of 1.2 g.
        final Answer kept =
                workshop.post(
                        "/api/shells/weighings",
                        cast + "\"shelledG\":267,\"filledG\":344,\"cappedG\":382}");
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        final String id = kept.json().at("/rows/0/id").asString();
        try {
            assertThat(kept.number("/rows/0/fillEachG")).isCloseTo(77 / 32.0, within(1e-9));
            assertThat(kept.number("/rows/0/capMm")).isBetween(1.0, 3.5);
            assertThat(kept.json().at("/fills/0/filling").asString()).isEqualTo("Plum ganache");
            final double gPerMl = kept.number("/fills/0/gPerMl");
            assertThat(gPerMl).isLessThan(kept.number("/fills/0/recipeGPerMl"));
            final double after =
                    workshop.post("/api/shells/fill", fill).number("/level/mass/value");
            assertThat(after / before)
                    .isCloseTo(gPerMl / kept.number("/fills/0/recipeGPerMl"), within(1e-6));
        } finally {
            assertThat(workshop.delete("/api/shells/weighings/" + id).status()).isEqualTo(204);
        }
        final Answer less =
                workshop.post(
                        "/api/shells/weighings",
                        cast + "\"shelledG\":267,\"filledG\":250,\"cappedG\":382}");
        assertThat(less.status()).isEqualTo(400);
        assertThat(less.text()).contains("mould filled is 250 g; allowed: 267 to 50000 g");
        final Answer hollow =
                workshop.post("/api/shells/weighings", cast + "\"shelledG\":267,\"cappedG\":382}");
        assertThat(hollow.status()).isEqualTo(400);
        assertThat(hollow.text()).contains("mould filled");
        final Answer none =
                workshop.post(
                        "/api/shells/weighings",
                        cast.replace("plum-ganache", "no-such") + "\"shelledG\":267}");
        assertThat(none.status()).isEqualTo(404);
    }

    @Test
    void aScaleThatReadsZeroIsRefused() {
        final Answer zero =
                workshop.post(
                        "/api/shells/weighings",
                        "{\"cast\":"
                                + cast(",\"asked\":\"WAIT\",\"value\":40")
                                + ",\"emptyG\":800,\"shelledG\":800}");
        assertThat(zero.status()).as(zero.text()).isEqualTo(400);
        assertThat(zero.text()).contains("weight of the shells");
    }

    /** A detail of couverture has its own window; only cocoa butter is brought on at 29 °C. */
    @Test
    void aDetailInCouvertureIsNoCocoaButter() {
        final Answer coned =
                workshop.post(
                        "/api/shells/colour",
                        "{\"mould\":\"half-28\",\"coats\":[{\"name\":\"ivory\",\"filmMm\":1.2,"
                                + "\"how\":\"CONED\"},{\"name\":\"plum\",\"filmMm\":0.05}]}");
        assertThat(coned.status()).as(coned.text()).isEqualTo(200);
        assertThat(coned.json().at("/coats/0/at").isObject()).isFalse();
        assertThat(coned.number("/coats/1/at/value")).isEqualTo(29);
        final Answer deep =
                workshop.post(
                        "/api/shells/colour",
                        "{\"mould\":\"half-28\",\"coats\":[{\"name\":\"ivory\",\"filmMm\":3,"
                                + "\"how\":\"CONED\"}]}");
        assertThat(deep.status()).isEqualTo(400);
        assertThat(deep.at("/field")).isEqualTo("colour film");
    }
}
