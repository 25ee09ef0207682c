package palintone.core.piece;

import java.util.Map;
import java.util.Optional;
import palintone.core.casting.fill.CapSetting;
import palintone.core.casting.fill.FillingLevel;
import palintone.core.casting.fill.WarmestFill;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Cautions;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;

/**
 * How filled pieces are made: fillings the day before, moulds and bowl side by side, then shell,
 * filling and cap. Times are common practice without a source.
 */
final class MouldedProcess {

    private static final int DAY_S = 86_400;

    /** A room in which a seal has not set by then sets none. */
    private static final double LONGEST_DULL_S = 3600;

    private final MouldedPiece piece;
    private final Materials needs;
    private final Workplace place;
    private final MouldedMasses each;
    private final ProcessDraft draft;
    private final CastingTasks casting;
    private final ShellTasks shell;

    /** The task after which the bowl of the shells may be brought back into temper. */
    private int bowlFree;

    private MouldedProcess(
            final MouldedPiece piece,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft) {
        this.draft = draft;
        this.piece = piece;
        this.needs = needs;
        this.place = place;
        each = piece.masses();
        casting = new CastingTasks(piece, needs, place, draft);
        shell = new ShellTasks(piece, needs, place, draft, casting);
    }

    /** Fillings once for all, then turn by turn, finished and weighed together. */
    static Process lay(final MouldedPiece piece, final Materials needs, final Workplace place) {
        final ProcessDraft draft = new ProcessDraft();
        final MouldedProcess whole = new MouldedProcess(piece, needs, place, draft);
        final double warmest = whole.shell.fillBand().high();
        final Map<String, Integer> made =
                FillingTasks.lay(
                        draft,
                        needs,
                        place,
                        Optional.empty(),
                        new FillingTasks.Waiting(
                                standing -> standing.cool(warmest),
                                "it is no warmer than {celsius}",
                                warmest));
        Turns.lay(
                draft,
                needs,
                place,
                turn -> new MouldedProcess(piece, turn, place, draft).cast(made));
        whole.casting.finishAndWeigh();
        return draft.done();
    }

    private void cast(final Map<String, Integer> made) {
        final int moulds = casting.mouldsReady(shell.mouldBand(), shell.mouldC());
        final int test = casting.bowlReady();
        final ShellTasks.Laid laid = shell.lay(moulds, test);
        bowlFree = laid.scraped();
        final int level = fill(laid.chilled(), made);
        if (piece.uncapped()) {
            joinOpen();
        } else {
            cap(level);
        }
    }

    /** Nothing closes the fillings but the other half. */
    private void joinOpen() {
        casting.chill(
                TaskKind.CHILL,
                "Into the cabinet until the fillings hold their shape when a mould is tipped: a"
                        + " half is turned over onto the other, and nothing may run.",
                Clock.minutes(10, 20, 60));
        final After cold = After.straight(draft.last());
        if (piece.joined().orElseThrow() == HollowFigure.Joining.CHOCOLATE) {
            casting.turnOut(
                    Sentence.of(
                            "Turn out one half of each piece, gloves on. The other stays in its"
                                    + " cavity until they are joined: it holds still and aligns."),
                    cold);
        } else {
            casting.turnOut(piece.mould().body().turnOut(), cold);
        }
        join(JoinTasks.Meeting.FILLED_RIMS);
    }

    private void join(final JoinTasks.Meeting meeting) {
        piece.joined()
                .ifPresent(
                        how ->
                                new JoinTasks(
                                                piece.couverture(),
                                                each.seam().map(Figure::value),
                                                meeting,
                                                needs,
                                                place,
                                                draft,
                                                casting)
                                        .lay(how));
    }

    /**
     * @return number of the last levelling
     */
    private int fill(final int chilled, final Map<String, Integer> made) {
        final int layers = piece.layers().size();
        int before = chilled;
        int inside = layers;
        for (int i = 0; i < layers; i++) {
            final Materials.FillingNeed need = needs.fillings().get(i);
            before = setIn(piece.layers().get(i), before);
            final ProcessDraft.TaskDraft fill =
                    draft.task(TaskKind.FILL).after(After.straight(before));
            Optional.ofNullable(made.get(need.filling().id()))
                    .ifPresent(number -> fill.after(FillingTasks.ahead(number)));
            fill.say(
                            Sentence.of(
                                            "Pipe "
                                                    + need.name()
                                                    + (piece.joined().isPresent()
                                                            ? ", {each} into each half, {all} in"
                                                                    + " all."
                                                            : ", {each} into each, {all} in all.")
                                                    + (i == layers - 1
                                                            ? " Stop {room} below the rim."
                                                            : " Leave room for the next layer."))
                                    .with(
                                            "each",
                                            need.each().value() / piece.cavitiesEach(),
                                            Unit.GRAM)
                                    .with("all", need.inPieces().value(), Unit.GRAM)
                                    .with("room", piece.capMm(), Unit.MILLIMETRE))
                    .read("filling in the bag", Unit.CELSIUS, shell.fillC(), shell.fillBand())
                    .caution(FillingTasks.caution(need))
                    .occupies(Occupies.MOULD)
                    .done();
            if (piece.layers().get(i).inside().isPresent()) {
                pipeInside(needs.fillings().get(inside++), need.name(), made);
            }
            final FillingLevel.CapFrom cap = capFrom(i);
            final boolean last = i == layers - 1;
            final double chillMin = last && Double.isFinite(cap.chillS()) ? cap.chillS() / 60 : 0;
            before =
                    draft.task(TaskKind.LEVEL)
                            .next()
                            .say(level(cap, last))
                            .clock(
                                    Clock.minutes(
                                            Math.max(2, cap.levelS() / 60 * 0.6),
                                            Math.max(1, (cap.levelS() / 60) + chillMin),
                                            240))
                            .handsOn(0.1)
                            .occupies(Occupies.MOULD)
                            .done();
            if (piece.layers().get(i).sealed()) {
                before = seal(i, before);
            }
        }
        return before;
    }

    /** While the one around it is soft: it parts, and closes over the tip as that is drawn out. */
    private void pipeInside(
            final Materials.FillingNeed need,
            final String around,
            final Map<String, Integer> made) {
        final ProcessDraft.TaskDraft fill =
                draft.task(TaskKind.FILL)
                        .title("Pipe inside")
                        .after(
                                After.straight(draft.last())
                                        .within(
                                                FIRMS_S,
                                                "The filling around it has firmed: what is piped"
                                                        + " in now lies on it. Push the tip in"
                                                        + " deeper, and look at one cut through."));
        Optional.ofNullable(made.get(need.filling().id()))
                .ifPresent(number -> fill.after(FillingTasks.ahead(number)));
        fill.say(
                        Sentence.of(
                                        "Tip halfway down in the middle of "
                                                + around
                                                + ": press out "
                                                + need.name()
                                                + (piece.joined().isPresent()
                                                        ? ", {each} into each half, {all} in all,"
                                                        : ", {each} into each, {all} in all,")
                                                + " and draw it out slowly. It must be no thinner"
                                                + " than what is around it, or it rises.")
                                .with("each", need.each().value() / piece.cavitiesEach(), Unit.GRAM)
                                .with("all", need.inPieces().value(), Unit.GRAM))
                .read("filling in the bag", Unit.CELSIUS, shell.fillC(), shell.fillBand())
                .caution(FillingTasks.caution(need))
                .occupies(Occupies.MOULD)
                .done();
    }

    /** A piped filling takes another into it so long; common practice, no source. */
    private static final int FIRMS_S = 900;

    /**
     * A thin layer of couverture between two fillings, out of the bowl of the shells, and until it
     * carries the next.
     *
     * @return number of the last task
     */
    private int seal(final int layer, final int level) {
        final FillingLayer below = piece.layers().get(layer);
        final double eachG =
                piece.fill().layers().get(layer).sealMl()
                        * piece.couverture().castingDensityGPerMl();
        final double allG = eachG * needs.size().pieces() * piece.cavitiesEach();
        final int again = casting.temperAgain(bowlFree);
        bowlFree =
                draft.task(TaskKind.SEAL)
                        .after(After.straight(level))
                        .after(casting.inTemper(again))
                        .say(
                                Sentence.of(
                                                "Pour {each} of "
                                                        + piece.couverture().ingredient().name()
                                                        + " over "
                                                        + below.filling().name()
                                                        + " in each, {all} in all, and tap until it closes"
                                                        + " to the wall: {thick}. It keeps the two fillings"
                                                        + " apart.")
                                        .with("each", eachG, Unit.GRAM)
                                        .with("all", allG, Unit.GRAM)
                                        .with("thick", below.sealMm(), Unit.MILLIMETRE))
                        .amount(Amount.TAKES, allG)
                        .clock(new Clock(60, 240, 900))
                        .occupies(Occupies.BOWL, Occupies.MOULD)
                        .done();
        final double roomC = Math.max(5, Math.min(40, place.room().temperatureC()));
        final double dullS =
                CapSetting.dullS(
                        place.bowlAt(piece.couverture()),
                        below.sealMm(),
                        ShellTasks.below(piece, roomC),
                        roomC);
        final double dullMin = Math.min(LONGEST_DULL_S, dullS) / 60;
        return draft.task(TaskKind.WAIT)
                .next()
                .say(
                        dullS > LONGEST_DULL_S
                                ? Sentence.of(
                                        "In this room the seals do not set: into the cabinet until"
                                                + " their shine is gone. Before that the next filling"
                                                + " sinks in.")
                                : Sentence.of(
                                                "Leave the seals until their shine is gone, about"
                                                        + " {dull}: before that the next filling sinks"
                                                        + " in.")
                                        .with("dull", dullMin, Unit.MINUTE))
                .clock(Clock.minutes(dullMin * 0.7, dullMin, 120))
                .handsOn(0.1)
                .occupies(Occupies.MOULD)
                .source(CapSetting.SOURCE)
                .done();
    }

    private static Sentence level(final FillingLevel.CapFrom cap, final boolean last) {
        final Sentence level =
                Sentence.of("Tap level, wipe the rim, leave {level} until the top is still.")
                        .with("level", cap.levelS() / 60, Unit.MINUTE);
        if (!last || cap.chillS() == 0) {
            return level;
        }
        return level.and(
                Double.isInfinite(cap.chillS())
                        ? Sentence.of(
                                "Its top never carries a cap by itself: close it with a thin sprayed"
                                        + " film of cocoa butter first.")
                        : Sentence.of(
                                        "Then into the cabinet for {chill}: in the room its top would"
                                                + " not carry a cap by then.")
                                .with("chill", cap.chillS() / 60, Unit.MINUTE));
    }

    /** When a layer carries what comes on it. */
    private FillingLevel.CapFrom capFrom(final int layer) {
        final Materials.FillingNeed need = needs.fillings().get(layer);
        final Composition filling = need.figures().cooked().composition();
        final Texture texture =
                FillingProperties.of(need.figures().cooked(), need.figures().conditions())
                        .texture();
        return FillingLevel.capFrom(
                new FillingLevel.Soft(
                        texture::pascal,
                        ChoiOkos1986.densityGPerMl(filling, 25),
                        WarmestFill.heatJPerMlK(filling),
                        TextureClass.POURABLE.toPa()),
                Math.max(0.5, piece.mould().cavity().depthMm() - piece.capMm() - piece.shellMm()),
                shell.fillC(),
                Math.max(5, Math.min(40, place.room().temperatureC())),
                place.cabinetC());
    }

    /**
     * What stands whole in a layer goes in first, and the filling around it.
     *
     * @return number of the last task
     */
    private int setIn(final FillingLayer layer, final int before) {
        int last = before;
        for (final Inclusion insert : layer.inserts()) {
            last =
                    draft.task(TaskKind.SET_IN)
                            .after(After.straight(last))
                            .say(
                                    Sentence.of(
                                                    "Set "
                                                            + insert.ingredient().name()
                                                            + (piece.joined().isPresent()
                                                                    ? " into each half, {each},"
                                                                            + " {all} in all."
                                                                    : " into each, {each}, {all} in"
                                                                            + " all.")
                                                            + " It must be dry and at room"
                                                            + " temperature.")
                                            .with("each", insert.eachG(), Unit.GRAM)
                                            .with(
                                                    "all",
                                                    insert.eachG()
                                                            * needs.size().pieces()
                                                            * piece.cavitiesEach(),
                                                    Unit.GRAM))
                            .clock(new Clock(30, 120, 600))
                            .occupies(Occupies.MOULD)
                            .caution(insertCaution(insert))
                            .done();
        }
        return last;
    }

    private String insertCaution(final Inclusion insert) {
        final boolean cold =
                needs.inclusions().stream()
                        .anyMatch(need -> need.inclusion().equals(insert) && need.keepCold());
        return cold ? Cautions.COLD_FILLING + " " + Cautions.LIFE : Cautions.LIFE;
    }

    private void cap(final int level) {
        final double capsG = each.cap().value() * needs.size().cavitiesPerMould();
        if (piece.cappedFromAnother()) {
            final int bowl = capBowl(bowlFree);
            cap(level, capsG)
                    .after(
                            After.straight(bowl)
                                    .within(
                                            SecondBowl.STANDS_S,
                                            "The bowl for the caps has stood"
                                                    + " long: read it and test it again before you cap."))
                    .occupies(Occupies.MOULD)
                    .done();
        } else {
            final int again = casting.temperAgain(bowlFree);
            cap(level, capsG)
                    .after(casting.inTemper(again))
                    .occupies(Occupies.BOWL, Occupies.MOULD)
                    .done();
        }
        casting.transfer();
        casting.chill(
                TaskKind.CHILL_CAP,
                "Back into the cabinet until the caps have drawn in.",
                shell.capChill());
        casting.turnOut();
        join(JoinTasks.Meeting.BACKS);
    }

    private ProcessDraft.TaskDraft cap(final int level, final double capsG) {
        Sentence say =
                Sentence.of(
                                "Pour over half the tray, draw across and back, tap once,"
                                        + " scrape hard. {caps} stays on a mould. A second thin pass"
                                        + " where it sinks: from {from} to {until} after.")
                        .with("from", shell.cap().secondFromS() / 60, Unit.MINUTE)
                        .with("until", Math.min(60, shell.cap().secondUntilS() / 60), Unit.MINUTE)
                        .with("caps", capsG, Unit.GRAM);
        if (shell.cap().rimMeltsMm() == 0) {
            say =
                    Sentence.of("Warm the rims to {rim}: then the cap grows into the shell.")
                            .with("rim", shell.cap().rimBondsC(), Unit.CELSIUS)
                            .and(say);
        }
        final ProcessDraft.TaskDraft cap =
                draft.task(TaskKind.CAP)
                        .after(After.straight(level).within(DAY_S, DRIED))
                        .say(say)
                        .clock(new Clock(20, 60, 180))
                        .caution(capCaution());
        return piece.cappedFromAnother()
                ? cap
                : cap.amount(Amount.TAKES, needs.kept().get(1).value());
    }

    /** Caps of another couverture come out of a bowl of their own, tempered by hand beside. */
    private int capBowl(final int free) {
        return needs.second()
                .orElseThrow()
                .lay(draft, TaskKind.CAP_BOWL, "the caps", place, After.done(free));
    }

    private static final String DRIED =
            "The filling has stood open for a day: look for skin and mould, and do not cap it in"
                    + " doubt.";

    /** What is scraped off a filled mould holds filling, and is treated as the filling is. */
    private String capCaution() {
        final String allergens = CastingTasks.scrapings(needs.allergens());
        if (!needs.keepCold()) {
            return allergens;
        }
        return allergens.isEmpty()
                ? Cautions.COLD_SCRAPINGS
                : allergens + " " + Cautions.COLD_SCRAPINGS;
    }
}
