package palintone.core.piece;

import palintone.core.casting.RimMelt;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.ProcessDraft;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/** How a hollow figure is made: its shells as any shell, then joined, set up and finished. */
final class HollowProcess {

    private static final double PLATE_C = 45;
    private static final double MELTED_MM = 0.4;
    private static final int DAY_S = 86_400;

    private final HollowFigure figure;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft = new ProcessDraft();
    private final CastingTasks casting;
    private final ShellTasks shell;

    HollowProcess(final HollowFigure figure, final Materials needs, final Workplace place) {
        this.figure = figure;
        this.needs = needs;
        this.place = place;
        casting = new CastingTasks(figure, needs, place, draft);
        shell = new ShellTasks(figure, needs, place, draft, casting);
    }

    Process lay() {
        final int moulds = casting.mouldsReady(shell.mouldBand(), shell.mouldC());
        final int test = casting.bowlReady();
        shell.lay(moulds, test);
        casting.turnOut();
        join();
        base();
        casting.finish(kind -> !kind.whileSoft());
        casting.weigh();
        return draft.done();
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
                                                    .with("thick", base.thickMm(), Unit.MILLIMETRE)
                                                    .with(
                                                            Task.TAKES,
                                                            figure.masses()
                                                                            .base()
                                                                            .orElseThrow()
                                                                            .value()
                                                                    * needs.size().pieces(),
                                                            Unit.GRAM))
                                    .clock(Clock.minutes(2, 8, 60))
                                    .occupies(Occupies.BOWL)
                                    .done();
                        });
    }

    private void join() {
        if (figure.parts() == 1 || figure.joining() == HollowFigure.Joining.CLOSED_MOULD) {
            return;
        }
        if (figure.joining() == HollowFigure.Joining.WARM_PLATE) {
            onThePlate();
        } else {
            withASeam();
        }
        draft.task(TaskKind.SET)
                .next()
                .say(
                        Sentence.of(
                                "Let the joined figure stand untouched until its seam is hard, in"
                                        + " the cold room rather than the cabinet; then trim the seam"
                                        + " with a warm blade."))
                .clock(Clock.minutes(5, 10, 24 * 60))
                .handsOn(0.05)
                .source(PRACTICE)
                .done();
    }

    private static final Source PRACTICE =
            Source.practice("joining halves, and how long a seam is left");

    private void onThePlate() {
        final double room = Math.max(5, Math.min(28, place.room().temperatureC()));
        final double seconds = RimMelt.seconds(figure.couverture(), MELTED_MM, PLATE_C, room);
        draft.task(TaskKind.JOIN)
                .after(After.straight(draft.last()).within(DAY_S, STOOD))
                .say(
                        Sentence.of(
                                        "Both rims flat on a plate of {plate}, {seconds}: {deep} melts"
                                                + " off. Join at once, hold still for half a minute."
                                                + " Gloves: the plate does not burn, fingers mark.")
                                .with("plate", PLATE_C, Unit.CELSIUS)
                                .with("seconds", seconds, Unit.SECOND)
                                .with("deep", MELTED_MM, Unit.MILLIMETRE))
                .read("plate", Unit.CELSIUS, PLATE_C, new Band(36, 40, 50, 60))
                .clock(Clock.about(60.0 * needs.size().pieces()))
                .source(RimMelt.SOURCE)
                .done();
    }

    private static final String STOOD =
            "The halves have stood for a day: look whether their rims still meet.";

    private void withASeam() {
        casting.temperAgain(draft.last());
        draft.task(TaskKind.JOIN)
                .after(After.straight(draft.last()).within(DAY_S, STOOD))
                .say(
                        Sentence.of(
                                        "Pipe a seam inside one rim, {seam} each, press the other on,"
                                                + " hold still for half a minute.")
                                .with(
                                        "seam",
                                        figure.masses().seam().orElseThrow().value(),
                                        Unit.GRAM)
                                .with(
                                        Task.TAKES,
                                        figure.masses().seam().orElseThrow().value()
                                                * needs.size().pieces(),
                                        Unit.GRAM))
                .clock(Clock.about(90.0 * needs.size().pieces()))
                .occupies(Occupies.BOWL)
                .source(PRACTICE)
                .done();
    }
}
