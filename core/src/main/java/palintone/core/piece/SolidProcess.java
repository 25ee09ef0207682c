package palintone.core.piece;

import java.util.List;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Cautions;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/**
 * How pieces cast full are made: moulds and bowl side by side, what is stirred in, one cast, what
 * is laid on or pressed in while it is soft, and a longer stay in the cold than any shell needs.
 */
final class SolidProcess {

    /** What is stirred in colder than this under the window makes the bowl set around it, K. */
    private static final double INCLUSION_UNDER_K = 6;

    private final SolidPiece piece;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft;
    private final CastingTasks casting;

    private SolidProcess(
            final SolidPiece piece,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft) {
        this.draft = draft;
        this.piece = piece;
        this.needs = needs;
        this.place = place;
        casting = new CastingTasks(piece, needs, place, draft);
    }

    /** Turn by turn, finished and weighed together. */
    static Process lay(final SolidPiece piece, final Materials needs, final Workplace place) {
        final ProcessDraft draft = new ProcessDraft();
        Turns.lay(draft, needs, place, turn -> new SolidProcess(piece, turn, place, draft).cast());
        new CastingTasks(piece, needs, place, draft).finishAndWeigh();
        return draft.done();
    }

    private void cast() {
        final int moulds = casting.mouldsReady();
        final int test = casting.bowlReady();
        cast(moulds, test);
        back();
        casting.transfer();
        final double minutes =
                SolidCooling.minutes(
                        piece.mould().cavity(),
                        piece.couverture(),
                        casting.work().middle(),
                        place.cabinetC());
        casting.chill(
                TaskKind.CHILL,
                "Into the cabinet, level, air moving, until it has drawn away from the wall.",
                Clock.minutes(minutes * 0.7, minutes, minutes * 2));
        casting.turnOut();
    }

    private void cast(final int moulds, final int test) {
        final List<Materials.InclusionNeed> stirred = placed(Inclusion.Placing.STIRRED_IN);
        final double middle = casting.work().middle();
        After ready = casting.inTemper(test);
        if (!stirred.isEmpty()) {
            final double low = casting.work().low() - INCLUSION_UNDER_K;
            final int in =
                    draft.task(TaskKind.STIR_IN)
                            .after(ready)
                            .say(listed("Stir {0} into the bowl; every piece coated.", stirred))
                            .read(
                                    "what is stirred in",
                                    Unit.CELSIUS,
                                    Math.min(middle - 2, casting.work().low()),
                                    new Band(low - 4, low, casting.work().high(), middle + 3))
                            .clock(new Clock(15, 45, 180))
                            .occupies(Occupies.BOWL)
                            .caution(bowlNowHolds())
                            .done();
            ready = After.straight(in).within(600, "It begins to set around what is in it.");
        }
        final double eachG = piece.masses().couvertureG() + inside(stirred);
        draft.task(TaskKind.CAST)
                .after(ready)
                .after(After.done(moulds))
                .say(
                        Sentence.of(
                                        "When the paper is good and the moulds are ready: fill level,"
                                                + " {each} a cavity, {mould} a mould. Watch the"
                                                + " scale.")
                                .with("each", eachG, Unit.GRAM)
                                .with("mould", eachG * needs.size().cavitiesPerMould(), Unit.GRAM))
                .read("bowl while casting", Unit.CELSIUS, middle, casting.work())
                .clock(new Clock(20, 60, 300))
                .occupies(Occupies.BOWL, Occupies.MOULD)
                .done();
        draft.task(TaskKind.TAP)
                .next()
                .say(
                        Sentence.of(
                                "Tap or vibrate until no bubble comes and the back lies"
                                        + " level; scrape what stands over."))
                .amount(Amount.TAKES, needs.kept().get(0).value())
                .clock(new Clock(15, 40, 120))
                .caution(CastingTasks.scrapings(needs.allergens()))
                .occupies(Occupies.MOULD)
                .done();
    }

    private double inside(final List<Materials.InclusionNeed> stirred) {
        return stirred.stream().mapToDouble(n -> n.inclusion().eachG()).sum();
    }

    /** While the back is soft: strewn at once, pressed when the edge begins to set. */
    private void back() {
        final List<Materials.InclusionNeed> laid = placed(Inclusion.Placing.ON_THE_BACK);
        if (!laid.isEmpty()) {
            draft.task(TaskKind.STREW)
                    .after(
                            After.straight(draft.last())
                                    .within(
                                            180,
                                            "The back has set: what is laid on now falls off."))
                    .say(listed("Lay {0} on the backs and press lightly.", laid))
                    .clock(new Clock(10, 60, 180))
                    .occupies(Occupies.MOULD)
                    .done();
        }
        piece.relief()
                .ifPresent(
                        relief ->
                                draft.task(TaskKind.PRESS)
                                        .after(
                                                After.straight(draft.last())
                                                        .notBefore(60)
                                                        .within(
                                                                480,
                                                                "Too firm to take the pattern: a"
                                                                        + " press now cracks it."))
                                        .say(
                                                Sentence.of(
                                                                "When the edge begins to set, press"
                                                                        + " the cold pattern"
                                                                        + " {depth} into the back"
                                                                        + " and leave it there.")
                                                        .with(
                                                                "depth",
                                                                relief.depthMm(),
                                                                Unit.MILLIMETRE))
                                        .clock(new Clock(20, 90, 300))
                                        .occupies(Occupies.MOULD)
                                        .done());
    }

    private List<Materials.InclusionNeed> placed(final Inclusion.Placing placing) {
        return needs.inclusions().stream().filter(n -> n.inclusion().placing() == placing).toList();
    }

    /** Words with what is weighed and its masses where {0} stands. */
    private static Sentence listed(
            final String template, final List<Materials.InclusionNeed> what) {
        Sentence sentence = Sentence.of("");
        final StringBuilder words = new StringBuilder();
        for (int i = 0; i < what.size(); i++) {
            final Materials.InclusionNeed need = what.get(i);
            words.append(i == 0 ? "" : ", ")
                    .append("{m")
                    .append(i)
                    .append("} of ")
                    .append(need.inclusion().ingredient().name());
            sentence = sentence.with("m" + i, need.toWeigh().value(), Unit.GRAM);
        }
        return new Sentence(template.replace("{0}", words), sentence.values());
    }

    private String bowlNowHolds() {
        final String holds = CastingTasks.scrapings(needs.allergens());
        return needs.keepCold() ? (holds + " " + Cautions.COLD_PIECES).strip() : holds;
    }
}
