package palintone.core.piece;

import palintone.core.casting.fill.RimMelt;
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
        final ShellTasks.Laid laid = shell.lay(moulds, test);
        pourBeforehand(laid.scraped());
        final After cold = After.straight(laid.chilled());
        if (draft.last() == laid.chilled()) {
            turnOut(cold);
        } else {
            turnOut(cold, After.done(draft.last()));
        }
        join();
        base();
    }

    /** A half that is joined with chocolate stays in its cavity: it holds still and aligns. */
    private void turnOut(final After... after) {
        if (figure.closed()) {
            casting.turnOut(MouldBody.opened(), after);
        } else if (figure.parts() == 2 && figure.joining() == HollowFigure.Joining.CHOCOLATE) {
            casting.turnOut(
                    Sentence.of(
                            "Turn out one half of each figure, gloves on. The other stays in its"
                                    + " cavity until they are joined: it holds still and aligns."),
                    after);
        } else {
            casting.turnOut(figure.mould().body().turnOut(), after);
        }
    }

    /** Poured on film, so that its underside shines; set in while soft, or glued on once set. */
    private void base() {
        figure.base()
                .filter(base -> base.standing() == HollowFigure.BaseStanding.SOFT)
                .ifPresent(
                        base -> {
                            pour(
                                    base,
                                    After.straight(bowlForTheBase(draft.last())),
                                    "Pour the bases on film, {across} across and {thick} thick;"
                                            + " stand each figure on its own while it is soft.");
                        });
        if (glued()) {
            glue();
        }
    }

    /** In the bowl that is in temper for something else. */
    private void pourBeforehand(final int scraped) {
        if (!glued()) {
            return;
        }
        final boolean own = figure.baseOf() != figure.couverture() && figure.outer().isEmpty();
        pour(
                figure.base().orElseThrow(),
                After.done(own ? secondBowl(scraped) : scraped),
                "While that bowl is in temper: pour the bases on film, {across} across and {thick}"
                        + " thick, and let them set.");
    }

    private boolean glued() {
        return figure.base()
                .filter(base -> base.standing() == HollowFigure.BaseStanding.GLUED)
                .isPresent();
    }

    private void pour(final HollowFigure.Base base, final After after, final String words) {
        final boolean second = figure.baseOf() != figure.couverture();
        final double basesG = figure.masses().base().orElseThrow().value() * needs.size().pieces();
        final ProcessDraft.TaskDraft task =
                draft.task(TaskKind.SPREAD)
                        .title("Bases")
                        .after(after)
                        .say(
                                Sentence.of(
                                                second
                                                        ? words
                                                                + " They are of "
                                                                + figure.baseOf()
                                                                        .ingredient()
                                                                        .name()
                                                                + ": {bases} of it."
                                                        : words)
                                        .with("across", base.acrossMm(), Unit.MILLIMETRE)
                                        .with("thick", base.thickMm(), Unit.MILLIMETRE)
                                        .with("bases", basesG, Unit.GRAM))
                        .clock(Clock.minutes(2, 8, 60));
        (second ? task : task.amount(Amount.TAKES, basesG).occupies(Occupies.BOWL)).done();
    }

    /** The wall's own once more; of another couverture its own, tempered for it. */
    private int bowlForTheBase(final int after) {
        return figure.baseOf() == figure.couverture()
                ? casting.temperAgain(after)
                : secondBowl(after);
    }

    private int secondBowl(final int after) {
        final SecondBowl bowl = needs.second().orElseThrow();
        return (figure.outer().isEmpty()
                        ? bowl
                        : bowl.after(figure.outerG() * needs.size().pieces()))
                .lay(draft, TaskKind.SECOND_BOWL, "the bases", place, After.done(after));
    }

    private void glue() {
        final double room = Math.max(5, Math.min(28, place.room().temperatureC()));
        draft.task(TaskKind.JOIN)
                .title("Glue on")
                .after(After.done(draft.last()))
                .say(
                        Sentence.of(
                                        "Foot of each figure flat on a plate of {plate}, {seconds},"
                                                + " onto its base at once; hold still for half a"
                                                + " minute, then leave it alone until it is hard."
                                                + " Gloves: fingers mark.")
                                .with("plate", JoinTasks.PLATE_C, Unit.CELSIUS)
                                .with(
                                        "seconds",
                                        JoinTasks.plateS(figure.couverture(), room),
                                        Unit.SECOND))
                .read("plate", Unit.CELSIUS, JoinTasks.PLATE_C, JoinTasks.PLATE)
                .clock(Clock.about(60.0 * needs.size().pieces()))
                .source(RimMelt.SOURCE)
                .done();
    }

    private void join() {
        if (figure.parts() == 2) {
            new JoinTasks(
                            figure.couverture(),
                            figure.masses().seam().map(Figure::value),
                            JoinTasks.Meeting.RIMS,
                            needs,
                            place,
                            draft,
                            casting)
                    .lay(figure.joining());
        }
    }
}
