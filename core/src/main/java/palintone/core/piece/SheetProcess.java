package palintone.core.piece;

import palintone.core.coat.Sheet;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.ProcessDraft;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/** How plates are made: spread, cut while the sheet bears it, flat until it has drawn in. */
final class SheetProcess {

    private static final double HOUR_S = 3600;

    /** To spread and mark one sheet; common practice, no source. */
    private static final double ONE_SHEET_S = 60;

    private final SheetPiece piece;
    private final Materials needs;
    private final ProcessDraft draft = new ProcessDraft();
    private final BatchTasks batch;
    private final Sheet sheet;

    SheetProcess(final SheetPiece piece, final Materials needs, final Workplace place) {
        this.piece = piece;
        this.needs = needs;
        batch = new BatchTasks(needs, place, draft);
        sheet =
                Sheet.of(
                        place.bowlAt(piece.couverture()),
                        piece.thickMm(),
                        piece.lengthMm(),
                        piece.widthMm(),
                        Math.max(5, Math.min(40, place.room().temperatureC())));
    }

    Process lay() {
        final int test = batch.bowlReady();
        final int spread = spread(test);
        strew(spread);
        cut(draft.last());
        flat();
        batch.finish(kind -> !kind.whileSoft() && kind != Finish.Kind.BRUSH);
        batch.weigh();
        return draft.done();
    }

    private int spread(final int test) {
        final int sheets = needs.size().moulds();
        final double open =
                Math.min(HOUR_S, sheet.cutUntilS()) - Math.min(HOUR_S, sheet.cutFromS());
        final int spread =
                draft.task(TaskKind.SPREAD)
                        .after(batch.inTemper(test))
                        .say(
                                Sentence.of(
                                                "Spread {sheets} of {long} by {wide} on film,"
                                                        + " {thick} thick, {sheet} each; lift the"
                                                        + " corners and let it fall once. No more at a"
                                                        + " time than {lot}: so many are cut before"
                                                        + " the first breaks.")
                                        .with("sheets", sheets, Unit.SHEET)
                                        .with("long", piece.lengthMm(), Unit.MILLIMETRE)
                                        .with("wide", piece.widthMm(), Unit.MILLIMETRE)
                                        .with("thick", piece.thickMm(), Unit.MILLIMETRE)
                                        .with("sheet", piece.sheetG(), Unit.GRAM)
                                        .with(
                                                "lot",
                                                Math.max(
                                                        1,
                                                        Math.floor(
                                                                Math.max(0, open) / ONE_SHEET_S)),
                                                Unit.SHEET)
                                        .with(Task.TAKES, piece.sheetG() * sheets, Unit.GRAM))
                        .read(
                                "bowl while spreading",
                                Unit.CELSIUS,
                                batch.work().middle(),
                                batch.work())
                        .clock(Clock.about(ONE_SHEET_S * sheets))
                        .occupies(Occupies.BOWL)
                        .source(Sheet.SOURCE)
                        .done();
        // What is brushed into it is brushed before it has set.
        batch.finish(kind -> kind.whileSoft() || kind == Finish.Kind.BRUSH);
        return spread;
    }

    private void strew(final int spread) {
        for (final Materials.InclusionNeed on : needs.inclusions()) {
            draft.task(TaskKind.STREW)
                    .after(
                            After.straight(spread)
                                    .within(
                                            (int) Math.max(30, Math.min(600, sheet.cutFromS())),
                                            "The sheet has set: what is strewn now falls off."))
                    .say(
                            Sentence.of(
                                            "Strew "
                                                    + on.inclusion().ingredient().name()
                                                    + " evenly, {all} in all.")
                                    .with("all", on.toWeigh().value(), Unit.GRAM))
                    .done();
        }
    }

    private void cut(final int before) {
        final double from = Math.min(HOUR_S, sheet.cutFromS());
        final double until = Math.max(from + 30, Math.min(2 * HOUR_S, sheet.cutUntilS()));
        draft.task(TaskKind.WAIT)
                .after(After.straight(before))
                .say(
                        Sentence.of(
                                        "Leave it until it no longer runs back under a blade: from"
                                                + " {from} after spreading, until {until}. After that"
                                                + " it breaks.")
                                .with("from", from / 60, Unit.MINUTE)
                                .with("until", until / 60, Unit.MINUTE))
                .clock(new Clock((int) (from * 0.6), (int) Math.max(1, from), (int) until))
                .handsOn(0.1)
                .source(Sheet.SOURCE)
                .done();
        final int waited = draft.last();
        draft.task(TaskKind.CUT)
                .after(
                        After.straight(waited)
                                .within(
                                        (int) Math.max(30, until - from),
                                        "It has set too far: cut now it breaks. Melt it again, or"
                                                + " break it into plates as it wants."))
                .say(out())
                .clock(Clock.about(ONE_SHEET_S * needs.size().moulds()))
                .source(Sheet.SOURCE)
                .done();
    }

    private Sentence out() {
        final Sentence said;
        if (piece.cut() instanceof SheetPiece.Ring ring) {
            said =
                    Sentence.of(
                                    "Punch {each} holes of {hole} first, then rings of {across} around"
                                            + " them out of each sheet; leave them lying.")
                            .with("hole", ring.innerMm(), Unit.MILLIMETRE)
                            .with("across", ring.acrossMm(), Unit.MILLIMETRE);
        } else if (piece.cut() instanceof SheetPiece.Plate plate) {
            said =
                    Sentence.of(
                                    "Cut {each} plates of {long} by {wide} out of each sheet, with a"
                                            + " ruler, through to the film; leave them lying.")
                            .with("long", plate.lengthMm(), Unit.MILLIMETRE)
                            .with("wide", plate.widthMm(), Unit.MILLIMETRE);
        } else {
            said =
                    Sentence.of(
                                    "Punch {each} rounds of {across} out of each sheet; leave them"
                                            + " lying.")
                            .with("across", piece.cut().longMm(), Unit.MILLIMETRE);
        }
        return said.with("each", piece.perSheet(), Unit.ONE);
    }

    private void flat() {
        final double peels = Math.min(6 * HOUR_S, sheet.peelsS());
        draft.task(TaskKind.SET)
                .next()
                .say(
                        Sentence.of(
                                        "Another film on top, a board, a light weight: flat until"
                                                + " {peels} after spreading. Its open side draws in"
                                                + " more than the one on the film, and it would curl.")
                                .with("peels", peels / 60, Unit.MINUTE))
                .clock(
                        new Clock(
                                (int) (peels * 0.6),
                                (int) Math.max(1, peels),
                                (int) (peels + 86_400)))
                .handsOn(0.02)
                .source(Sheet.SOURCE)
                .done();
        draft.task(TaskKind.PEEL)
                .next()
                .say(
                        Sentence.of(
                                "Turn over and peel the film flat back on itself. Store flat, film"
                                        + " between, cool and dry. Offcuts hold what was strewn on"
                                        + " them."))
                .caution(BatchTasks.scrapings(needs.allergens()))
                .done();
    }
}
