package palintone.core.piece;

import palintone.core.casting.CastPlan;
import palintone.core.casting.shell.Coats;
import palintone.core.casting.shell.OuterCoat;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/** A thin coat out of the second bowl, seen outside: brushed in, or poured and turned over. */
final class OuterCoatTasks {

    private final ShelledPiece piece;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft;
    private final CastPlan plan;
    private final OuterCoat outer;
    private final boolean closed;

    OuterCoatTasks(
            final ShelledPiece piece,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft,
            final CastPlan plan) {
        this.piece = piece;
        this.needs = needs;
        this.place = place;
        this.draft = draft;
        this.plan = plan;
        outer = plan.outer().orElseThrow();
        closed = piece instanceof HollowFigure figure && figure.closed();
    }

    /**
     * @param moulds number of the task that makes them ready
     * @param test number of the paper test of the wall's bowl
     */
    void lay(final int moulds, final int test) {
        if (outer.brushed()) {
            brushed(moulds, test);
        } else {
            poured(moulds, test);
        }
    }

    private ProcessDraft.TaskDraft fromTheSecond(final int moulds, final int test) {
        final int bowl =
                needs.second()
                        .orElseThrow()
                        .lay(
                                draft,
                                TaskKind.SECOND_BOWL,
                                "the outer coat",
                                place,
                                After.done(moulds));
        final double workC = outer.bowl().temperatureC();
        return draft.task(TaskKind.OUTER_COAT)
                .after(SecondBowl.whileItStands(bowl))
                .after(After.done(test))
                .read(
                        "second bowl while casting",
                        Unit.CELSIUS,
                        workC,
                        Band.around(workC - 0.6, workC + 0.6, 1));
    }

    /** A pass over one mould; common practice, no source. */
    private static final double BRUSHED_S = 90;

    private void brushed(final int moulds, final int test) {
        final String name = piece.outer().orElseThrow().couverture().ingredient().name();
        fromTheSecond(moulds, test)
                .say(
                        Sentence.of(
                                        "Both bowls in temper: brush "
                                                + name
                                                + " into the moulds in one even coat, {mm} thick,"
                                                + " {each} in a mould: weigh one. It is seen"
                                                + " outside; no hair, no bare place. The wall goes"
                                                + " on when its shine has gone, from {from} to"
                                                + " {until}.")
                                .with("mm", outer.meanMm(), Unit.MILLIMETRE)
                                .with(
                                        "each",
                                        piece.outerG() * needs.size().cavitiesPerMould(),
                                        Unit.GRAM)
                                .with("from", outer.earliestS() / 60, Unit.MINUTE)
                                .with(
                                        "until",
                                        Math.max(outer.earliestS() + 60, outer.latestS()) / 60,
                                        Unit.MINUTE))
                .clock(Clock.about(BRUSHED_S * needs.size().moulds()))
                .occupies(Occupies.MOULD)
                .source(Coats.SOURCE)
                .done();
    }

    private void poured(final int moulds, final int test) {
        final String name = piece.outer().orElseThrow().couverture().ingredient().name();
        final double shaken = Math.max(20, Math.min(plan.bubbles().shakenS(), outer.waitS()));
        Sentence say =
                Sentence.of(
                                "Both bowls in temper: fill with "
                                        + name
                                        + (closed
                                                ? " {share} full, {brim} a mould, close it and clip"
                                                        + " it, tap until the bubbles stop, about"
                                                        + " {shaken}. It is seen outside."
                                                : " to the brim, {brim} a mould, shake until the"
                                                        + " bubbles stop, about {shaken}. It is seen"
                                                        + " outside."))
                        .with(
                                "brim",
                                piece.outerBrimG() * needs.size().cavitiesPerMould(),
                                Unit.GRAM)
                        .with(
                                "share",
                                piece.outerBrimG()
                                        / (piece.mould().cavity().volumeMl()
                                                * piece.cavitiesEach()
                                                * outer.bowl().couverture().castingDensityGPerMl())
                                        * 100,
                                Unit.PERCENT)
                        .with("shaken", shaken, Unit.SECOND);
        if (outer.remark().isPresent()) {
            say = say.and(outer.remark().get());
        }
        fromTheSecond(moulds, test)
                .say(say)
                .clock(
                        ShellTasks.clock(
                                shaken * 0.7,
                                ShellTasks.FILLING_S + shaken,
                                ShellTasks.FILLING_S + shaken * 2 + 30))
                .occupies(Occupies.MOULD)
                .source(Coats.SOURCE)
                .done();
        final double wait = Math.max(1, outer.waitS() - shaken);
        draft.task(TaskKind.WAIT)
                .next()
                .say(
                        Sentence.of(
                                        outer.waitS() <= shaken
                                                ? "Turn it at once: thin is enough, {mm}."
                                                : "Let it stand {wait} more, then turn it: {mm}.")
                                .with("wait", wait, Unit.SECOND)
                                .with("mm", outer.meanMm(), Unit.MILLIMETRE))
                .clock(ShellTasks.clock(wait * 0.6, wait, wait * 2 + 15))
                .occupies(Occupies.MOULD)
                .source(Coats.SOURCE)
                .done();
        draft.task(TaskKind.DRAIN)
                .next()
                .say(
                        Sentence.of(
                                        "Pour back into the second bowl and let it run off for"
                                                + " {drain}; scrape the rim at once. The wall goes"
                                                + " on when the shine has gone, from {from} to"
                                                + " {until}.")
                                .with("drain", plan.order().drainS(), Unit.SECOND)
                                .with("from", outer.earliestS() / 60, Unit.MINUTE)
                                .with(
                                        "until",
                                        Math.max(outer.earliestS() + 60, outer.latestS()) / 60,
                                        Unit.MINUTE))
                .clock(
                        ShellTasks.clock(
                                ShellTasks.DRAIN_S / 2, ShellTasks.DRAIN_S, ShellTasks.DRAIN_S * 3))
                .occupies(Occupies.MOULD)
                .done();
    }
}
