package palintone.core.piece;

import palintone.core.coat.HandWarmth;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Clock;
import palintone.core.process.Process;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/** How pieces without a coat are made: centres, then what they are rolled in while they stick. */
final class RolledProcess {

    /** To roll one; common practice, no source. */
    private static final double ONE_S = 12;

    private final RolledPiece piece;
    private final Materials needs;
    private final ProcessDraft draft = new ProcessDraft();
    private final BatchTasks batch;
    private final CentreTasks centres;

    RolledProcess(final RolledPiece piece, final Materials needs, final Workplace place) {
        this.piece = piece;
        this.needs = needs;
        batch = new BatchTasks(needs, place, draft);
        centres = new CentreTasks(piece.centre(), needs, place, draft);
    }

    Process lay() {
        final int formed = centres.lay();
        final Forming forming = piece.centre().forming();
        final int cold =
                forming == Forming.ROLLED || forming == Forming.SHAPED
                        ? formed
                        : centres.chill(formed);
        draft.part("");
        final int pieces = needs.size().pieces();
        for (final Materials.InclusionNeed on : needs.inclusions()) {
            if (on.inclusion().setIn()) {
                continue;
            }
            final String what = on.inclusion().ingredient().name();
            draft.task(TaskKind.ROLL_IN)
                    .after(After.straight(Math.max(cold, draft.last())))
                    .say(
                            Sentence.of(
                                            "Warm each between the palms until it just shines, about"
                                                    + " {hand}, and at once into "
                                                    + what
                                                    + ": {stuck} sticks to each, have {tray} lying"
                                                    + " ready. Longer warmed it takes more.")
                                    .with(
                                            "hand",
                                            Math.max(2, centres.hand().seconds() / 2),
                                            Unit.SECOND)
                                    .with("stuck", on.inclusion().eachG(), Unit.GRAM)
                                    .with("tray", on.toHaveG(), Unit.GRAM))
                    .clock(Clock.about(ONE_S * pieces))
                    .caution(FillingTasks.caution(needs.fillings().get(0)))
                    .source(HandWarmth.SOURCE)
                    .done();
        }
        draft.task(TaskKind.SET)
                .next()
                .say(
                        Sentence.of(
                                "Back into the cold until they are firm, then sieve off what is"
                                        + " loose. What is sieved back holds crumbs of the centre: for"
                                        + " this piece only."))
                .clock(Clock.minutes(10, 20, 12 * 60))
                .handsOn(0.05)
                .caution(BatchTasks.scrapings(needs.allergens()))
                .done();
        batch.finish(kind -> !kind.whileSoft());
        batch.weigh();
        return draft.done();
    }
}
