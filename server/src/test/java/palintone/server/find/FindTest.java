package palintone.server.find;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

class FindTest {

    private final Workshop workshop = Workshop.shared();

    @Test
    void anythingIsFoundByPartOfItsName() {
        final Answer sesame = workshop.get("/api/find?q=SESAME");
        assertThat(sesame.text())
                .contains("\"kind\":\"PIECE\",\"id\":\"sesame-crackle\"")
                .contains("\"kind\":\"FILLING\",\"id\":\"sesame-ganache\"")
                .contains("\"kind\":\"INGREDIENT\"");
        assertThat(workshop.get("/api/find?q=house%20dark").at("/0/kind")).isEqualTo("COUVERTURE");
        assertThat(workshop.get("/api/find?q=spheres").at("/0/kind")).isEqualTo("MOULD");
        // What begins with it comes before what only holds it.
        final Answer cream = workshop.get("/api/find?q=cream");
        assertThat(cream.at("/0/name")).startsWith("Cream");
    }

    @Test
    void aBatchIsFoundByItsLot() {
        final String batch = workshop.begin("plum-bay");
        final String lot = workshop.get("/api/batches/" + batch).at("/summary/lot");
        final Answer found = workshop.get("/api/find?q=" + lot);
        assertThat(found.at("/0/kind")).isEqualTo("BATCH");
        assertThat(found.at("/0/id")).isEqualTo(batch);
    }

    /** Wildcards, quotes and scripts are letters like any other. */
    @Test
    void oddLettersFindNothingAndHarmNothing() {
        for (final String odd :
                new String[] {"%25", "_", "%5C", "'%20or%201=1", "%3Cscript%3E", "%20", ""}) {
            final Answer found = workshop.get("/api/find?q=" + odd);
            assertThat(found.status()).isEqualTo(200);
            assertThat(found.json().size()).as(odd).isLessThanOrEqualTo("%25".equals(odd) ? 30 : 0);
        }
        assertThat(workshop.get("/api/find?q=" + "x".repeat(90)).status()).isEqualTo(400);
    }

    /** What is put away is not found. */
    @Test
    void whatIsArchivedIsOutOfTheWay() {
        final Answer it = workshop.get("/api/fillings/gooseberry-ganache");
        final long version = (long) it.number("/recipe/version");
        final Answer away =
                workshop.put(
                        "/api/fillings/gooseberry-ganache/archived",
                        "{\"archived\":true,\"version\":" + version + "}");
        assertThat(away.status()).as(away.text()).isEqualTo(200);
        assertThat(workshop.get("/api/find?q=gooseberry%20ganache").text())
                .doesNotContain("FILLING");
        assertThat(workshop.get("/api/fillings?archived=true").text())
                .contains("gooseberry-ganache");
        // The piece that holds it is made as before.
        assertThat(workshop.get("/api/pieces/gooseberry-ivory/needs?moulds=1").status())
                .isEqualTo(200);
        final Answer back =
                workshop.put(
                        "/api/fillings/gooseberry-ganache/archived",
                        "{\"archived\":false,\"version\":"
                                + (long) away.number("/recipe/version")
                                + "}");
        assertThat(back.status()).isEqualTo(200);
    }
}
