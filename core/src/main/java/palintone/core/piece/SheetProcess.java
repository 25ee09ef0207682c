package palintone.core.piece;

import static palintone.core.piece.SheetPiece.Pattern.MARBLED;

import java.util.Optional;
import java.util.OptionalInt;
import palintone.core.coat.Sheet;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.life.Life;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/** How plates are made: spread, cut while the sheet bears it, flat until it has drawn in. */
final class SheetProcess {

    private static final double HOUR_S = 3600;

    /** To spread and mark one sheet; common practice, no source. */
    private static final double ONE_SHEET_S = 60;

    private final SheetPiece piece;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft = new ProcessDraft();
    private final BatchTasks batch;
    private final Sheet sheet;

    SheetProcess(final SheetPiece piece, final Materials needs, final Workplace place) {
        this.piece = piece;
        this.needs = needs;
        this.place = place;
        batch = new BatchTasks(needs, place, draft);
        sheet = sheet(place.room().temperatureC());
    }

    private Sheet sheet(final double aroundC) {
        return Sheet.of(
                place.bowlAt(piece.couverture()),
                piece.thickMm(),
                piece.lengthMm(),
                piece.widthMm(),
                Math.max(5, Math.min(40, aroundC)));
    }

    Process lay() {
        final int test = batch.bowlReady();
        final OptionalInt second = secondBowl(test);
        final boolean over = piece.second().filter(s -> s.pattern() == MARBLED).isPresent();
        final int spread;
        if (second.isEmpty() || over) {
            spread = spread(test, Optional.empty());
        } else {
            final int below = pattern(SecondBowl.whileItStands(second.getAsInt()));
            if (piece.second().orElseThrow().pattern().under()) {
                // Its own bowl waits as long as the film takes.
                final int again = batch.temperAgain(below);
                spread = spread(again, Optional.of(onFilm(below)));
            } else {
                spread = spread(test, Optional.of(onPattern()));
            }
        }
        if (over) {
            pattern(
                    After.straight(spread)
                            .within(
                                    (int) Math.max(20, Math.min(300, sheet.cutFromS() / 2)),
                                    "The sheet has drawn on: what is drizzled now lies on top and"
                                            + " does not run into it."),
                    After.straight(second.orElseThrow()));
        }
        // What is brushed into it is brushed before it has set.
        batch.finish(kind -> kind.whileSoft() || kind == Finish.FinishKind.BRUSH);
        strew(spread);
        cut(draft.last());
        flat();
        batch.finish(kind -> !kind.whileSoft() && kind != Finish.FinishKind.BRUSH);
        batch.weigh();
        return draft.done();
    }

    private OptionalInt secondBowl(final int test) {
        return needs.second().stream()
                .mapToInt(
                        bowl ->
                                bowl.lay(
                                        draft,
                                        TaskKind.SECOND_BOWL,
                                        "the second colour",
                                        place,
                                        After.done(test)))
                .findFirst();
    }

    private int pattern(final After... after) {
        final SheetPiece.Second second = piece.second().orElseThrow();
        final String name = second.couverture().ingredient().name();
        final Sentence say =
                switch (second.pattern()) {
                    case LINES ->
                            Sentence.of(
                                    "Pipe lines of "
                                            + name
                                            + " on the films, {each} a sheet, and leave them until"
                                            + " they just lose their shine: wetter they smear, set"
                                            + " they come off.");
                    case MARBLED ->
                            Sentence.of(
                                    "Drizzle "
                                            + name
                                            + " over it, {each} a sheet, and draw it through once or"
                                            + " twice: more, and it is one colour.");
                    case BESIDE ->
                            Sentence.of(
                                    "Spread "
                                            + name
                                            + " on its part of the films, {each} a sheet; the first"
                                            + " colour goes beside it while its edge is wet.");
                    case FILM ->
                            Sentence.of(
                                    "Spread "
                                            + name
                                            + " on the films, {film} thick, {each} a sheet: this side"
                                            + " is seen when the sheet is turned.");
                    case COMBED ->
                            Sentence.of(
                                    "Spread "
                                            + name
                                            + " on the films, {film} thick, {each} a sheet, and draw a"
                                            + " comb through it once, at once: half stays, half goes"
                                            + " back to its bowl.");
                };
        final ProcessDraft.TaskDraft task = draft.task(TaskKind.PATTERN);
        for (final After one : after) {
            task.after(one);
        }
        task.say(
                        say.with("each", piece.secondSpreadG(), Unit.GRAM)
                                .with("film", second.filmMm(piece.thickMm()), Unit.MILLIMETRE))
                .clock(Clock.about(ONE_SHEET_S * needs.size().moulds()))
                .occupies(Occupies.BOWL)
                .done();
        return draft.last();
    }

    /** The film by itself, in its own bowl's couverture. */
    private Sheet film(final double aroundC) {
        final SheetPiece.Second second = piece.second().orElseThrow();
        return Sheet.of(
                place.bowlAt(second.couverture()),
                second.filmMm(piece.thickMm()),
                piece.lengthMm(),
                piece.widthMm(),
                Math.max(5, Math.min(40, aroundC)));
    }

    /** Set so far that the next does not run into it, not so far that the two part. */
    private After onFilm(final int pattern) {
        final Sheet inRoom = film(place.room().temperatureC());
        // Where it never sets in this room, the cabinet sets it.
        final boolean here = inRoom.cutFromS() < HOUR_S;
        final Sheet film = here ? inRoom : film(place.cabinetC());
        final double from = Math.min(HOUR_S, film.cutFromS());
        final double until = Math.max(from + 60, Math.min(2 * HOUR_S, film.peelsS()));
        final int waited =
                stands(
                        pattern,
                        Sentence.of(
                                        here
                                                ? "Leave it until it is dull and takes no print of a"
                                                        + " glove: from {from}, until {until}. Wetter"
                                                        + " the two run into each other, later they"
                                                        + " come apart."
                                                : "In this room it does not set: into the cabinet at"
                                                        + " {cold} until it is dull and takes no print"
                                                        + " of a glove: from {from}, until {until}.")
                                .with("cold", place.cabinetC(), Unit.CELSIUS),
                        from,
                        until);
        return After.straight(waited)
                .within(
                        (int) Math.max(60, until - from),
                        "The film has drawn in: what is spread on it now comes off it. Scrape it"
                                + " off and spread it anew.");
    }

    /**
     * A wait with an end, by heat and crystals of a sheet.
     *
     * @return number of its task
     */
    private int stands(
            final int after, final Sentence say, final double fromS, final double untilS) {
        return draft.task(TaskKind.WAIT)
                .after(After.straight(after))
                .say(
                        say.with("from", fromS / 60, Unit.MINUTE)
                                .with("until", untilS / 60, Unit.MINUTE))
                .clock(new Clock((int) (fromS * 0.6), (int) Math.max(1, fromS), (int) untilS))
                .handsOn(0.1)
                .source(Sheet.SOURCE)
                .done();
    }

    private After onPattern() {
        return After.straight(draft.last())
                .within(
                        (int) Math.max(60, Math.min(600, sheet.cutUntilS())),
                        "The pattern has set hard and comes off in flakes: pipe it anew.");
    }

    private int spread(final int test, final Optional<After> below) {
        final int sheets = needs.size().moulds();
        final double open =
                Math.min(HOUR_S, sheet.cutUntilS()) - Math.min(HOUR_S, sheet.cutFromS());
        final ProcessDraft.TaskDraft task = draft.task(TaskKind.SPREAD);
        below.ifPresent(task::after);
        return task.after(batch.inTemper(test))
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
                                        Math.max(1, Math.floor(Math.max(0, open) / ONE_SHEET_S)),
                                        Unit.SHEET))
                .amount(Amount.TAKES, piece.sheetG() * sheets)
                .read("bowl while spreading", Unit.CELSIUS, batch.work().middle(), batch.work())
                .clock(Clock.about(ONE_SHEET_S * sheets))
                .occupies(Occupies.BOWL)
                .source(Sheet.SOURCE)
                .done();
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
        final int waited =
                stands(
                        before,
                        Sentence.of(
                                "Leave it until it no longer runs back under a blade: from {from}"
                                        + " after spreading, until {until}. After that it breaks."),
                        from,
                        until);
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
        if (piece.ring().isPresent()) {
            final SheetPiece.Ring ring = piece.ring().get();
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
        final Sentence each = said.with("each", piece.perSheet(), Unit.ONE);
        if (!(piece.cut() instanceof SheetPiece.Beside beside)) {
            return each;
        }
        final int strips = beside.laid(piece.lengthMm(), piece.widthMm()).strips().size();
        return strips == 0
                ? each
                : Sentence.of(
                                "The long straight cuts first: {strips} strips of {long} by {wide} out"
                                        + " of each sheet.")
                        .with("strips", strips, Unit.ONE)
                        .with("long", beside.stripMm(), Unit.MILLIMETRE)
                        .with("wide", beside.acrossMm(), Unit.MILLIMETRE)
                        .and(each);
    }

    private void flat() {
        final boolean here = Double.isFinite(sheet.peelsS());
        // Where it never comes off its film in this room, the cabinet sets it.
        final double peels =
                Math.min(6 * HOUR_S, here ? sheet.peelsS() : sheet(place.cabinetC()).peelsS());
        draft.task(TaskKind.SET)
                .next()
                .say(
                        Sentence.of(
                                        here
                                                ? "Another film on top, a board, a light weight: flat until"
                                                        + " {peels} after spreading. Its open side draws in"
                                                        + " more than the one on the film, and it would curl."
                                                : "Another film on top, a board, a light weight, and into"
                                                        + " the cabinet at {cold}, flat, for {peels}: in"
                                                        + " this room it does not come off its film.")
                                .with("cold", place.cabinetC(), Unit.CELSIUS)
                                .with("peels", peels / 60, Unit.MINUTE))
                .occupies(here ? new Occupies[0] : new Occupies[] {Occupies.CABINET})
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
                                        "Turn over and peel the film flat back on itself. Offcuts hold"
                                                + " what was strewn on them.")
                                .and(kept()))
                .caution(BatchTasks.scrapings(needs.allergens()))
                .done();
    }

    /** So long plates keep their shine; common practice, no source. */
    private static final double SHINE_DAYS = 90;

    /** How they are kept, and no longer than what lies on them keeps. */
    private Sentence kept() {
        if (needs.keepCold()) {
            return Sentence.of(
                            "What is on them must be kept cold: flat, film between, covered, at {cold} or"
                                    + " colder, and used within a day or two.")
                    .with("cold", Life.COLD_C, Unit.CELSIUS);
        }
        return Sentence.of(
                        "Store flat, film between, in a closed box, dark and dry at {from} to {to}, away"
                                + " from smells: up to {days}.")
                .with("from", 14, Unit.CELSIUS)
                .with("to", 18, Unit.CELSIUS)
                .with(
                        "days",
                        needs.inclusions().stream()
                                .mapToDouble(need -> need.figures().life().days().value())
                                .reduce(SHINE_DAYS, Math::min),
                        Unit.DAY);
    }
}
