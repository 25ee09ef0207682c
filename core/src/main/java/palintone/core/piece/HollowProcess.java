package palintone.core.piece;

import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.mould.MouldBody;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/** How a hollow figure is made: its shells as any shell, then joined, set up and finished. */
final class HollowProcess {

    private final HollowFigure figure;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft;
    private final CastingTasks casting;
    private final ShellTasks shell;

    private HollowProcess(
            final HollowFigure figure,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft) {
        this.draft = draft;
        this.figure = figure;
        this.needs = needs;
        this.place = place;
        casting = new CastingTasks(figure, needs, place, draft);
        shell = new ShellTasks(figure, needs, place, draft, casting);
    }

    /** Turn by turn, finished and weighed together. */
    static Process lay(final HollowFigure figure, final Materials needs, final Workplace place) {
        final ProcessDraft draft = new ProcessDraft();
        Turns.lay(
                draft, needs, place, turn -> new HollowProcess(figure, turn, place, draft).cast());
        new CastingTasks(figure, needs, place, draft).finishAndWeigh();
        return draft.done();
    }

    private void cast() {
        final int moulds = casting.mouldsReady(shell.mouldBand(), shell.mouldC());
        final int test = casting.bowlReady();
        shell.lay(moulds, test);
        turnOut();
        join();
        base();
    }

    /** A half that is joined with chocolate stays in its cavity: it holds still and aligns. */
    private void turnOut() {
        if (figure.closed()) {
            casting.turnOut(MouldBody.opened());
        } else if (figure.parts() == 2 && figure.joining() == HollowFigure.Joining.CHOCOLATE) {
            casting.turnOut(
                    Sentence.of(
                            "Turn out one half of each figure, gloves on. The other stays in its"
                                    + " cavity until they are joined: it holds still and aligns."));
        } else {
            casting.turnOut();
        }
    }

    private void base() {
        figure.base()
                .ifPresent(
                        base -> {
                            casting.temperAgain(draft.last());
                            draft.task(TaskKind.SPREAD)
                                    .after(After.straight(draft.last()))
                                    .say(
                                            Sentence.of(
                                                            "Pour the bases, {across} across and"
                                                                    + " {thick} thick; stand each"
                                                                    + " figure on its own while it is"
                                                                    + " soft, or once it has set with"
                                                                    + " a drop from the bowl.")
                                                    .with(
                                                            "across",
                                                            base.acrossMm(),
                                                            Unit.MILLIMETRE)
                                                    .with("thick", base.thickMm(), Unit.MILLIMETRE))
                                    .amount(
                                            Amount.TAKES,
                                            figure.masses().base().orElseThrow().value()
                                                    * needs.size().pieces())
                                    .clock(Clock.minutes(2, 8, 60))
                                    .occupies(Occupies.BOWL)
                                    .done();
                        });
    }

    private void join() {
        if (figure.parts() == 2) {
            new JoinTasks(
                            figure.couverture(),
                            figure.masses().seam().map(Figure::value),
                            false,
                            needs,
                            place,
                            draft,
                            casting)
                    .lay(figure.joining());
        }
    }
}
