package palintone.core.piece;

import java.util.List;
import java.util.Optional;
import palintone.core.casting.CastPlan;
import palintone.core.casting.fill.CapSetting;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Coats;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.OuterCoat;
import palintone.core.figure.Band;
import palintone.core.figure.Range;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;

/**
 * The shell of a filled piece as tasks, timed by what is computed of its casting: how long it
 * waits, when it may be scraped, when it moves, when it lets go.
 */
final class ShellTasks {

    /** Turned over; common practice, no source. */
    static final double DRAIN_S = 20;

    /** Time to fill one mould to the brim; common practice, no source. */
    static final double FILLING_S = 15;

    /** Fillings go in no warmer; common practice, no source. */
    private static final double FILLED_AT_C = 27;

    private static final int HOUR_S = 3600;

    private final ShelledPiece piece;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft;
    private final CastingTasks casting;
    private final CastPlan plan;

    ShellTasks(
            final ShelledPiece piece,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft,
            final CastingTasks casting) {
        this.piece = piece;
        this.needs = needs;
        this.place = place;
        this.draft = draft;
        this.casting = casting;
        plan = plan(piece, needs, place);
    }

    static CastPlan plan(final ShelledPiece piece, final Materials needs, final Workplace place) {
        final double roomC = Math.max(5, Math.min(40, place.room().temperatureC()));
        final BowlAt bowl = place.bowlAt(piece.couverture());
        return place.casting()
                .plan(
                        new CastOrder(
                                bowl,
                                piece.mould(),
                                Math.min(bowl.temperatureC(), CastingTasks.aimC(place)),
                                roomC,
                                Vibration.TAPPED,
                                DRAIN_S,
                                0,
                                Learned.NOTHING),
                        piece.shellMm(),
                        piece.outer()
                                .map(
                                        outer ->
                                                new OuterCoat.CoatWish(
                                                        place.bowlAt(outer.couverture()),
                                                        outer.outerMm(),
                                                        outer.brushed())),
                        piece instanceof MouldedPiece filled && !filled.uncapped()
                                ? Optional.of(capped(filled, bowl, place, roomC))
                                : Optional.empty(),
                        place.room(),
                        needs.size().moulds());
    }

    private static CastPlan.Capped capped(
            final MouldedPiece piece,
            final BowlAt bowl,
            final Workplace place,
            final double roomC) {
        final BowlAt capBowl = piece.cappedFromAnother() ? place.bowlAt(piece.cap()) : bowl;
        return new CastPlan.Capped(capBowl, cappedMm(piece), below(piece, roomC));
    }

    private static double cappedMm(final MouldedPiece piece) {
        return Math.max(0.3, Math.min(20, piece.capMm()));
    }

    static CapSetting.Below below(final MouldedPiece piece, final double roomC) {
        final double depth =
                Math.max(0.5, piece.mould().cavity().depthMm() - piece.capMm() - piece.shellMm());
        final Composition filling = piece.layers().get(0).filling().cooked().composition();
        final double heat =
                ChoiOkos1986.densityGPerMl(filling, 25) * ChoiOkos1986.cpJPerGK(filling, 25);
        return new CapSetting.Below(
                Math.min(200, depth),
                Math.max(0, Math.min(FILLED_AT_C, roomC + 2)),
                Math.max(1, Math.min(5, heat)),
                Math.min(35, roomC));
    }

    /** The warmth of the mould that suits this bowl. */
    Band mouldBand() {
        final double from = plan.warmth().fromC();
        final double to = Math.max(from + 0.5, plan.warmth().toC());
        return new Band(from - 2, from, to, to + 1);
    }

    double mouldC() {
        return plan.order().mouldC();
    }

    /**
     * Coat by coat, then scraped, set and chilled.
     *
     * @param moulds number of the task that makes them ready
     * @param test number of the paper test
     * @return numbers of the tasks others hang on
     */
    Laid lay(final int moulds, final int test) {
        final List<Coats.Coat> coats = plan.coats().coats();
        if (plan.outer().isPresent()) {
            new OuterCoatTasks(piece, needs, place, draft, plan).lay(moulds, test);
        }
        for (int i = 0; i < coats.size(); i++) {
            cast(i, moulds, test);
        }
        final int scraped = scrape();
        final double set = Math.max(60, plan.draining().beginsS() - scrapeS());
        draft.task(TaskKind.SET)
                .next()
                .say(
                        Sentence.of(
                                closed()
                                        ? "Turn it over slowly now and then, so that nothing gathers"
                                                + " below, until nothing runs in it any more."
                                        : "Leave until the shine goes and the edge begins to set."))
                .clock(clock(set * 0.6, set, set + HOUR_S / 12.0))
                .handsOn(0.1)
                .occupies(Occupies.MOULD)
                .done();
        return new Laid(scraped, chill(scraped));
    }

    /** Numbers of two tasks of a shell. */
    record Laid(int scraped, int chilled) {}

    /** Straight after the coat before: when its shine has gone, while it still bonds. */
    private After onto(final double earliestS, final double latestS) {
        return After.straight(draft.last())
                .notBefore(seconds(earliestS))
                .within(
                        seconds(Math.max(earliestS + 60, latestS)),
                        "The coat before has set too far to grow into this one: warm"
                                + " its face with warm air first, and look for layers"
                                + " that part.");
    }

    private void cast(final int coat, final int moulds, final int test) {
        final Coats.Coat now = plan.coats().coats().get(coat);
        final int many = plan.coats().coats().size();
        final double shaken = plan.bubbles().shakenS();
        final ProcessDraft.TaskDraft cast = draft.task(TaskKind.CAST);
        if (coat == 0 && plan.outer().isPresent()) {
            final OuterCoat outer = plan.outer().get();
            cast.after(casting.inTemper(test)).after(onto(outer.earliestS(), outer.latestS()));
        } else if (coat == 0) {
            cast.after(casting.inTemper(test)).after(After.done(moulds));
        } else {
            final Coats.Coat before = plan.coats().coats().get(coat - 1);
            cast.after(onto(before.earliestS(), before.latestS()));
        }
        final double brimG = piece.masses().brim().value();
        Sentence say =
                Sentence.of(
                                (coat > 0
                                                ? "Coat {coat} of {coats}. Fill"
                                                : plan.outer().isPresent()
                                                        ? "The shine of the outer coat has gone:"
                                                                + " fill"
                                                        : "When the paper is good and the moulds"
                                                                + " are ready: fill")
                                        + (closed()
                                                ? " {share} full, {brim} a mould, close it and clip"
                                                        + " it. Tap until the bubbles stop, about"
                                                        + " {shaken}: what is wider than {bubble}"
                                                        + " comes up."
                                                : " to the brim, {brim} a mould. Shake until the"
                                                        + " bubbles stop, about {shaken}: what is"
                                                        + " wider than {bubble} comes up."))
                        .with("coat", coat + 1, Unit.ONE)
                        .with("coats", many, Unit.ONE)
                        .with("brim", brimG * needs.size().cavitiesPerMould(), Unit.GRAM)
                        .with("share", brimG / fullG() * 100, Unit.PERCENT)
                        .with("shaken", shaken, Unit.SECOND)
                        .with("bubble", plan.bubbles().leftMm(), Unit.MILLIMETRE);
        final Optional<Sentence> impossible =
                plan.remarks().stream()
                        .filter(
                                r ->
                                        !plan.outer()
                                                .flatMap(OuterCoat::remark)
                                                .equals(Optional.of(r)))
                        .findFirst();
        if (coat == 0 && impossible.isPresent()) {
            // What is impossible is said where it is done.
            say = say.and(impossible.get());
        }
        cast.say(say)
                .amount(Amount.SHAKEN, shaken)
                .read("bowl while casting", Unit.CELSIUS, casting.work().middle(), casting.work())
                .clock(clock(shaken * 0.7, FILLING_S + shaken, FILLING_S + shaken * 2 + 30))
                .occupies(Occupies.BOWL, Occupies.MOULD)
                .source(Coats.SOURCE)
                .done();
        // What it was shaken it stood full.
        final double wait = Math.max(1, now.waitS() - shaken);
        final Range range = plan.waitS();
        draft.task(TaskKind.WAIT)
                .next()
                .say(
                        now.waitS() <= shaken
                                ? Sentence.of(
                                                closed()
                                                        ? "Turn it once on all sides and pour back:"
                                                                + " it is thick enough, {mm}."
                                                        : "Turn at once: it is thick enough, {mm}.")
                                        .with("mm", now.meanMm(), Unit.MILLIMETRE)
                                : Sentence.of(
                                                closed()
                                                        ? "Turn it slowly on all sides for {wait}"
                                                                + " more, {full} counted from full:"
                                                                + " {mm} then. Longer is thicker."
                                                        : "Let it stand {wait} more, {full} counted"
                                                                + " from full: {mm} then. Longer is"
                                                                + " thicker.")
                                        .with("wait", wait, Unit.SECOND)
                                        .with("full", now.waitS(), Unit.SECOND)
                                        .with("mm", now.meanMm(), Unit.MILLIMETRE))
                .clock(
                        clock(
                                Math.max(0, range.low() - shaken),
                                wait,
                                // Not known better than that, but nobody waits three times as long.
                                Math.max(
                                        wait + 15,
                                        Math.min(range.high() - shaken, 2.5 * wait + 30))))
                .occupies(Occupies.MOULD)
                .source(Coats.SOURCE)
                .done();
        draft.task(TaskKind.DRAIN)
                .next()
                .say(Sentence.of(drain()).with("drain", plan.order().drainS(), Unit.SECOND))
                // Weighings count for the shaking they were made with.
                .amount(Amount.SHAKING, plan.order().vibration().ordinal())
                .clock(clock(DRAIN_S / 2, DRAIN_S, DRAIN_S * 3))
                .occupies(Occupies.BOWL, Occupies.MOULD)
                .done();
    }

    private boolean closed() {
        return piece instanceof HollowFigure figure && figure.closed();
    }

    /** All cavities of one piece, brim-full, g. */
    private double fullG() {
        return piece.mould().cavity().volumeMl()
                * piece.cavitiesEach()
                * piece.couverture().castingDensityGPerMl();
    }

    private String drain() {
        if (closed()) {
            return "Pour back out of the opening and let it run off, turned over, for {drain}.";
        }
        if (piece instanceof HollowFigure figure && figure.joinedLater()) {
            return "Turn over, tap out over the bowl for {drain}, then rim down on clean paper: the"
                    + " lip that forms is what the halves are joined by.";
        }
        return switch (plan.order().vibration()) {
            case NONE -> "Turn over and leave it still for {drain}: tapping makes it thinner.";
            case TAPPED -> "Turn over, tap out over the bowl for {drain}.";
            case TABLE -> "Turn over on the vibrating table for {drain}: this bowl runs thick.";
        };
    }

    private double scrapeS() {
        return Math.min(5 * 60.0, plan.draining().earliestS());
    }

    private int scrape() {
        final double shellsG =
                (piece.masses().shell().value() + piece.outerG()) * needs.size().cavitiesPerMould();
        final double latest = Math.max(scrapeS() + 60, Math.min(HOUR_S, plan.draining().latestS()));
        return draft.task(TaskKind.SCRAPE)
                .after(
                        After.straight(draft.last())
                                .within(
                                        seconds(latest),
                                        "The rim has set: scrape harder, or warm the blade, and look"
                                                + " for cracks."))
                .say(
                        Sentence.of(
                                        closed()
                                                ? "Wipe the opening clean, cleanest from {from}. Weigh"
                                                        + " one mould against its empty weight, clips"
                                                        + " and all: {shells} in it, {thick} thick."
                                                : "Scrape clean while soft: cleanest from {from}, when"
                                                        + " the rim no longer runs back. Weigh one"
                                                        + " mould against its empty weight: {shells} of"
                                                        + " shells, {thick} thick.")
                                .with("from", scrapeS() / 60, Unit.MINUTE)
                                .with("shells", shellsG, Unit.GRAM)
                                .with("thick", piece.shellMm(), Unit.MILLIMETRE))
                .amount(Amount.TAKES, needs.kept().get(0).value())
                .amount(Amount.SHELL, piece.shellMm())
                .read("shells of one mould", Unit.GRAM, shellsG, CastingTasks.weightBand(shellsG))
                .caution(CastingTasks.scrapings(piece.couverture().ingredient().allergens()))
                .occupies(Occupies.MOULD)
                .source(piece.masses().shell().basis().sources().get(0))
                .done();
    }

    private int chill(final int scraped) {
        final Range release = plan.releaseS();
        final boolean lets = Double.isFinite(release.low());
        final double firm = Math.min(HOUR_S, plan.cooling().firmS());
        final double least = lets ? Math.min(firm, release.low()) : firm / 2;
        final double usual = lets ? Math.max(least, release.low()) : firm;
        return casting.chill(
                TaskKind.CHILL,
                closed()
                        ? "Into the cabinet lying on its side, air moving, until it looks light"
                                + " through the mould all over: there it has let go. Hold it"
                                + " against a lamp: where light shines through it is thin, and"
                                + " wants another coat before it is turned out."
                        : lets
                                ? "Into the cabinet, opening up, air moving, until the shells have drawn in."
                                : "Into the cabinet, opening up, air moving. By its numbers it hardly lets go"
                                        + " within the hour: fewer moulds at once, or a colder cabinet.",
                clock(least * 0.8, usual, Math.max(usual * 1.3, Math.min(HOUR_S, release.high()))));
    }

    /** What the filling should read in the bag: no warmer than this shell bears. */
    Band fillBand() {
        final double most = plan.warmestFillC();
        final double cool = Math.min(24, most - 2);
        return new Band(Math.min(20, cool - 3), cool, most, most + 1);
    }

    double fillC() {
        return Math.min(FILLED_AT_C, fillBand().middle());
    }

    CapSetting cap() {
        return plan.cap().orElseThrow();
    }

    /** In the cabinet, until the cap has set and drawn in. */
    Clock capChill() {
        final Range firm = cap().firmS();
        final double low = Math.min(HOUR_S / 2.0, firm.low());
        final double high = Math.min(HOUR_S, firm.high());
        final double usual = Math.max(low, Math.min(high, cap().usualFirmS()));
        return clock(low * 0.8, usual, high * 1.2);
    }

    private static int seconds(final double s) {
        return (int) Math.round(Math.max(0, Math.min(2 * HOUR_S, s)));
    }

    static Clock clock(final double least, final double usual, final double most) {
        final int target = Math.max(1, seconds(usual));
        return new Clock(
                Math.min(target, seconds(least)), target, Math.max(target + 1, seconds(most)));
    }
}
