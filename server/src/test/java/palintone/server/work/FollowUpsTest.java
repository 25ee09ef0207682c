package palintone.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import palintone.core.casting.CastPlan;
import palintone.core.casting.Vibration;
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
