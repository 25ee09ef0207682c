package palintone.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import palintone.core.casting.CastPlan;
import palintone.core.casting.pour.Vibration;
import palintone.core.piece.Workplace;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.work.BatchPlan;
import palintone.core.work.Entry;
import palintone.server.piece.PieceService;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** What is weighed at the Bench is asked for at the station Shells, whatever happens between. */
class FollowUpsTest {

    private static final String PIECE = "sesame-crackle";
    private static final Instant NINE = Instant.parse("2026-11-20T09:00:00Z");

    private final Workshop workshop = Workshop.shared();
    private final PieceService pieces = workshop.bean(PieceService.class);
    private final FollowUpRepository owed = workshop.bean(FollowUpRepository.class);
    private final CastPlan casting = pieces.casting(PIECE).orElseThrow();
    private final double usualG =
            casting.coats().together().massG() * casting.order().mould().usable();
    private final UUID id = UUID.randomUUID();
    private int scrape;
    private int cast;
    private int before;

    /** A batch led in earnest up to the scraping. */
    @BeforeEach
    void upToTheScraping() {
        final BatchPlan plan =
                pieces.plan(
                        PIECE,
                        new PieceService.BatchWish(1, null, null, Workplace.Fillings.READY, null));
        final BatchFacts facts =
                BatchFacts.planned(id, "L-" + id.toString().substring(0, 8), NINE, plan);
        final List<Entry> entries = new ArrayList<>();
        Instant now = NINE;
        for (final Task task : facts.process().tasks()) {
            if (task.kind() == TaskKind.SCRAPE) {
                scrape = task.number();
                break;
            }
            if (task.kind() == TaskKind.CAST) {
                cast = task.number();
                entries.add(Entry.note(UUID.randomUUID(), cast, now, 31.2));
            }
            now = now.plusSeconds(task.kind() == TaskKind.DRAIN ? 25 : 70);
            entries.add(Entry.done(UUID.randomUUID(), task.number(), now));
        }
        workshop.bean(BatchService.class).restore(facts, entries);
        before = weighed().json().at("/rows").size();
    }

    private Answer weighed() {
        return workshop.post(
                "/api/shells/weighed",
                "{\"couverture\":\""
                        + casting.order().bowl().couverture().ingredient().id()
                        + "\",\"mould\":\""
                        + casting.order().mould().id()
                        + "\",\"vibration\":\""
                        + shaken()
                        + "\",\"asked\":\"WAIT\",\"value\":60}");
    }

    private Vibration shaken() {
        return casting.order().vibration();
    }

    private int rows() {
        return weighed().json().at("/rows").size();
    }

    private String scraped(final double grams) {
        final Answer noted = workshop.note(id.toString(), scrape, grams);
        assertThat(noted.status()).as(noted.text()).isEqualTo(200);
        final UUID done = UUID.randomUUID();
        final Answer answer =
                workshop.post(
                        "/api/batches/" + id + "/entries",
                        "{\"id\":\"" + done + "\",\"kind\":\"DONE\",\"step\":" + scrape + "}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return done.toString();
    }

    private String undo(final String done) {
        return "\"kind\":\"UNDO\",\"step\":" + scrape + ",\"about\":\"" + done + "\"";
    }

    @Test
    void aMouldWeighedAtTheBenchTeachesAndTakenBackTeachesNoMore() {
        final String done = scraped(usualG * 1.2);
        assertThat(rows()).isEqualTo(before + 1);
        assertThat(weighed().text()).contains("Weighed at the Bench");
        assertThat(owed.findByBatchIdOrderById(id)).isEmpty();
        workshop.entry(id.toString(), undo(done));
        assertThat(rows()).isEqualTo(before);
        assertThat(workshop.done(id.toString(), scrape).status()).isEqualTo(200);
        assertThat(rows()).isEqualTo(before + 1);
    }

    /** The house went down between the entry and what follows from it. */
    @Test
    void whatACrashLeftOwedIsPaidAtTheNextRound() {
        final String done = scraped(usualG * 1.2);
        workshop.entry(id.toString(), undo(done));
        assertThat(rows()).isEqualTo(before);
        // As after a crash: the entry stands and says what it owes, nothing has followed.
        workshop.done(id.toString(), scrape);
        workshop.delete("/api/shells/weighings/bench-" + id);
        assertThat(rows()).isEqualTo(before);
        owed.save(new FollowUpEntity(id, FollowUpEntity.Owes.SHELLS));
        owed.save(new FollowUpEntity(id, FollowUpEntity.Owes.SHELLS));
        workshop.bean(FollowUps.class).leftBehind();
        assertThat(rows()).isEqualTo(before + 1);
        assertThat(owed.findByBatchIdOrderById(id)).isEmpty();
    }

    /** What went in by taste is asked for at the recipe; taken back it is gone again. */
    @Test
    void whatWentInByTasteTeachesTheRecipe() {
        final String recipe =
                "{\"name\":\"Vanilla one\",\"operations\":["
                        + "{\"kind\":\"BOIL\",\"lines\":[{\"ingredient\":\"cream-35\",\"amount\":200,"
                        + "\"unit\":\"g\"}]},{\"kind\":\"POUR\",\"lines\":[{\"ingredient\":"
                        + "\"dark-66\",\"amount\":296,\"unit\":\"g\"}]},{\"kind\":\"ADD\",\"lines\":"
                        + "[{\"ingredient\":\"vanilla-extract\",\"amount\":4,\"unit\":\"g\"}]}]}";
        assertThat(workshop.put("/api/fillings/vanilla-one", recipe).status()).isLessThan(300);
        assertThat(
                        workshop.put(
                                        "/api/pieces/vanilla-one",
                                        "{\"kind\":\"MOULDED\",\"name\":\"Vanilla one\",\"story\":"
                                                + "\"Ours.\",\"mould\":\"tall-dome\",\"couverture\":"
                                                + "\"dark-66\",\"shellMm\":1.6,\"headRoomMm\":1.8,"
                                                + "\"layers\":[{\"filling\":\"vanilla-one\"}]}")
                                .status())
                .isLessThan(300);
        final BatchPlan plan =
                pieces.plan(
                        "vanilla-one",
                        new PieceService.BatchWish(
                                1, null, null, Workplace.Fillings.MADE_WITH_IT, null));
        final UUID batch = UUID.randomUUID();
        final BatchFacts facts =
                BatchFacts.planned(batch, "L-" + batch.toString().substring(0, 8), NINE, plan);
        final List<Entry> entries = new ArrayList<>();
        Instant now = NINE;
        Task dose = null;
        for (final Task task : facts.process().tasks()) {
            if (task.kind() == TaskKind.TO_TASTE) {
                dose = task;
                break;
            }
            now = now.plusSeconds(120);
            entries.add(Entry.done(UUID.randomUUID(), task.number(), now));
        }
        assertThat(dose).isNotNull();
        workshop.bean(BatchService.class).restore(facts, entries);
        final String asked = "{\"on\":{\"filling\":\"vanilla-one\",\"recipe\":" + recipe + "}}";
        assertThat(workshop.post("/api/fillings/doses", asked).json().size()).isZero();
        final double wholeG = dose.reading().orElseThrow().target();
        assertThat(workshop.note(batch.toString(), dose.number(), wholeG * 0.6).status())
                .isEqualTo(200);
        final UUID done = UUID.randomUUID();
        workshop.post(
                "/api/batches/" + batch + "/entries",
                "{\"id\":\"" + done + "\",\"kind\":\"DONE\",\"step\":" + dose.number() + "}");
        final Answer taught = workshop.post("/api/fillings/doses", asked);
        assertThat(taught.number("/0/inRecipe/value")).isCloseTo(2.4, within(1e-6));
        assertThat(taught.number("/0/recipe/operations/2/lines/0/amount"))
                .isCloseTo(2.4, within(1e-6));
        workshop.entry(
                batch.toString(),
                "\"kind\":\"UNDO\",\"step\":" + dose.number() + ",\"about\":\"" + done + "\"");
        assertThat(workshop.post("/api/fillings/doses", asked).json().size()).isZero();
    }

    @Test
    void whatNoSuchMouldCanHoldStaysInTheRecordAndTeachesNothing() {
        scraped(90_000);
        assertThat(rows()).isEqualTo(before);
        assertThat(owed.findByBatchIdOrderById(id)).isEmpty();
        assertThat(workshop.get("/api/batches/" + id).text()).contains("90000");
    }

    @Test
    void aCorrectionOfTheBowlIsOneOfTheWeighing() {
        scraped(usualG);
        final Answer batch = workshop.get("/api/batches/" + id);
        final String note = batch.at("/steps/" + (cast - 1) + "/notes/0/id");
        final Answer corrected =
                workshop.entry(
                        id.toString(),
                        "\"kind\":\"CORRECT\",\"step\":"
                                + cast
                                + ",\"value\":30.4,\"about\":\""
                                + note
                                + "\"");
        assertThat(corrected.status()).as(corrected.text()).isEqualTo(200);
        assertThat(rows()).isEqualTo(before + 1);
        assertThat(weighed().json().at("/rows").toString()).contains("30.4");
    }

    @Test
    void aTabletHasNoShell() {
        assertThat(pieces.casting("buckwheat-tablet")).isEmpty();
    }
}
