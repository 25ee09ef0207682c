package palintone.core.piece;

import palintone.core.casting.pour.BowlAt;
import palintone.core.coat.BowlEmptied;
import palintone.core.coat.Coat;
import palintone.core.coat.ColdCentre;
import palintone.core.coat.DipLevers;
import palintone.core.coat.DipOrder;
import palintone.core.coat.DipPlan;
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
 * How dipped pieces are made: the filling, its centres cut, piped or rolled and brought to the
 * warmth they are dipped at, the bowl beside, then coat, powder and finish. What is not computed is
 * common practice, no source.
 */
final class DippedProcess {

    private static final double UNDER_S = 2;
    private static final double AIM_C = 18;
    private static final double FREEZER_C = -18;
    private static final int HOUR_S = 3600;

    /** An aim does not lie on the edge of its window. */
    private static final double UNDER_THE_EDGE_K = 0.3;

    /** Under the bowl at the least, or it is a bowl with lumps. */
    private static final double UNDER_BOWL_K = 4;

    private final DippedPiece piece;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft = new ProcessDraft();
    private final BatchTasks batch;
    private final CentreTasks centres;
    private final DipPlan plan;
    private final ColdCentre cold;
    private final int pieces;

    DippedProcess(final DippedPiece piece, final Materials needs, final Workplace place) {
        this.piece = piece;
        this.needs = needs;
        this.place = place;
        batch = new BatchTasks(needs, place, draft);
        centres = new CentreTasks(piece.centre(), needs, place, draft);
        pieces = needs.size().pieces();
        plan = plan(piece, place);
        cold = new ColdCentre(plan.coldestC(), place.room().dewPoint().value());
    }

    static DipPlan plan(final DippedPiece piece, final Workplace place) {
        final BowlAt bowl = place.bowlAt(piece.couverture());
        final double firm = piece.centre().firmBelowC().orElse(AIM_C + 1);
        final DipOrder order =
                new DipOrder(
                        bowl,
                        piece.centre().centre(),
                        Math.max(0, Math.min(AIM_C, firm - 1)),
                        UNDER_S,
                        0,
                        false,
                        roomC(place),
                        DipOrder.UNWEIGHED);
        final DipPlan asItIs = place.dipping().plan(order, piece.lastCoatG());
        if (asItIs.found() || asItIs.coat().massG() < piece.lastCoatG()) {
            return asItIs;
        }
        // What a hand cannot tap off, a bowl at the warm end of its window may let run off.
        final DipPlan warm =
                place.dipping()
                        .plan(
                                DipLevers.warmer(
                                        order, place.temper().worked().high() - UNDER_THE_EDGE_K),
                                piece.lastCoatG());
        return warm.found() ? warm : asItIs;
    }

    private static double roomC(final Workplace place) {
        return Math.max(5, Math.min(40, place.room().temperatureC()));
    }

    Process lay() {
        final int ready = ready(centres.lay());
        final int test = batch.bowlReady();
        if (piece.coat().twice()) {
            first(test, ready);
            final int firstSet = draft.last();
            dip(batch.temperAgain(firstSet), firstSet);
        } else {
            dip(test, ready);
        }
        set(plan);
        piece.coat()
                .then()
                .ifPresent(
                        then ->
                                set(
                                        new SecondDipTasks(piece, then, needs, place, draft)
                                                .lay(draft.last())));
        batch.finish(kind -> !kind.whileSoft());
        batch.weigh();
        return draft.done();
    }

    /** As warm as they are dipped: firm enough for the fork, not so cold that the coat tears. */
    private int ready(final int formed) {
        final Forming forming = piece.centre().forming();
        if (forming == Forming.PIPED || forming == Forming.SCOOPED) {
            centres.chill(formed);
        }
        final Band band = centreBand();
        final boolean never = piece.centre().neverFirm();
        final int ready =
                draft.task(TaskKind.CENTRES)
                        .after(After.straight(draft.last()))
                        .say(
                                Sentence.of(
                                                cold.byDew()
                                                        ? "Bring the centres to {aim}: colder than"
                                                                + " {from} water settles on them,"
                                                                + " warmer than {to} they slip on"
                                                                + " the fork."
                                                        : "Bring the centres to {aim}: colder than"
                                                                + " {from} they tear the coat as"
                                                                + " they warm, warmer than {to} they"
                                                                + " slip on the fork. Dry, no drop"
                                                                + " of water on them.")
                                        .with("aim", aimC(band), Unit.CELSIUS)
                                        .with("from", band.low(), Unit.CELSIUS)
                                        .with("to", band.high(), Unit.CELSIUS)
                                        .and(
                                                never
                                                        ? Sentence.of(DippedPiece.NEVER_FIRM)
                                                        : out(band)))
                        .read("a centre, in its middle", Unit.CELSIUS, aimC(band), band)
                        .caution(warmingCaution(forming))
                        .handsOn(0.05)
                        .source(Coat.SOURCE)
                        .done();
        final double eachG =
                needs.fillings().get(0).each().value()
                        + piece.inclusions().stream()
                                .filter(Inclusion::setIn)
                                .mapToDouble(Inclusion::eachG)
                                .sum();
        draft.task(TaskKind.WEIGH_CENTRES)
                .next()
                .say(
                        Sentence.of(
                                        "Weigh ten and divide: {each} each. With the weight of the"
                                                + " finished pieces this says what your coats weigh.")
                                .with("each", eachG, Unit.GRAM))
                .read("one centre, mean of ten", Unit.GRAM, eachG, BatchTasks.weightBand(eachG))
                .source(needs.fillings().get(0).each().basis().sources().get(0))
                .done();
        WhileWet.layReady(draft, needs);
        return ready;
    }

    /** Water on what comes out of the cold, and no longer warm than it must be. */
    private String warmingCaution(final Forming forming) {
        final boolean wet =
                place.cabinetC() < place.room().dewPoint().value() + 1 || forming == Forming.FROZEN;
        return ((wet ? Cautions.CONDENSATION : "")
                        + (needs.keepCold() ? " " + Cautions.COLD_FILLING : ""))
                .strip();
    }

    /** How long out of the cold, and how many at once before the first is too warm. */
    private Sentence out(final Band band) {
        final double fromC =
                piece.centre().forming() == Forming.FROZEN ? FREEZER_C : place.cabinetC();
        final double minutes =
                ColdCentre.minutes(
                        piece.centre().centre(),
                        fromC,
                        roomC(place),
                        Math.min(aimC(band), roomC(place) - 1));
        final int most =
                cold.atOnce(piece.centre().centre(), band.high(), roomC(place), plan.everyS());
        if (minutes < 1) {
            return Sentence.of("");
        }
        return most >= pieces
                ? Sentence.of("Out of {cold} that takes {minutes}, covered.")
                        .with("cold", fromC, Unit.CELSIUS)
                        .with("minutes", minutes, Unit.MINUTE)
                : Sentence.of(
                                "Out of {cold} that takes {minutes}, covered; no more than {most} at"
                                        + " a time, or the last are too warm.")
                        .with("cold", fromC, Unit.CELSIUS)
                        .with("minutes", minutes, Unit.MINUTE)
                        .with("most", most, Unit.PIECE);
    }

    private Band centreBand() {
        final double low = Math.min(cold.coldestC(), roomC(place) - 2);
        final double most =
                Math.min(roomC(place) + 2, plan.order().bowl().temperatureC() - UNDER_BOWL_K);
        final double high =
                Math.max(low + 1, Math.min(piece.centre().firmBelowC().orElse(most), most));
        return new Band(low - 3, low, high, high + 2);
    }

    private double aimC(final Band band) {
        return piece.centre().forming() == Forming.FROZEN
                ? Math.min(band.low() + 1, (band.low() + band.high()) / 2)
                : Math.max((band.low() + band.high()) / 2, Math.min(AIM_C, band.high() - 2));
    }

    /** Smeared on by hand, so thin that it sets by itself. */
    private void first(final int test, final int ready) {
        final double firstG =
                (piece.fullCoatG() - piece.lastCoatG()) * piece.coat().share() * pieces;
        draft.task(TaskKind.FIRST_COAT)
                .after(batch.inTemper(test))
                .after(After.done(ready))
                .say(
                        Sentence.of(
                                        "A thin first coat on each, {mm}, with a gloved hand or a"
                                                + " brush: it takes the strain of the centre, and"
                                                + " closes it.")
                                .with("mm", DipCoat.FIRST_MM, Unit.MILLIMETRE))
                .amount(Amount.TAKES, firstG)
                .read("bowl while coating", Unit.CELSIUS, batch.work().middle(), batch.work())
                .clock(Clock.about(6.0 * pieces))
                .occupies(Occupies.BOWL)
                .done();
        draft.task(TaskKind.SET)
                .next()
                .say(Sentence.of("Leave the first coat until it is dull and dry to the touch."))
                .clock(Clock.minutes(2, 5, 60))
                .handsOn(0.05)
                .done();
    }

    private void dip(final int test, final int ready) {
        final double takes = piece.lastCoatG() * piece.coat().share() * pieces;
        final ProcessDraft.TaskDraft dip =
                draft.task(TaskKind.DIP)
                        .after(batch.inTemper(test))
                        .after(After.done(ready).within(HOUR_S, STOOD));
        dip.say(
                        under().and(
                                        piece.coat().then().filter(SecondDip::coversTop).isPresent()
                                                ? Sentence.of("")
                                                : WhileWet.say(needs, plan))
                                .and(warm())
                                .with("pieces", pieces, Unit.PIECE)
                                .with("each", piece.lastCoatG() * piece.coat().share(), Unit.GRAM))
                .amount(Amount.TAKES, takes)
                .read("bowl while dipping", Unit.CELSIUS, bowlC(), batch.work())
                .clock(Clock.about(plan.everyS() * pieces))
                .occupies(Occupies.BOWL)
                .caution(bowlNowHolds())
                .source(Coat.SOURCE);
        // A weight that two couvertures share says of neither how its film runs.
        if (piece.coat().then().isEmpty()) {
            dip.amount(Amount.FILM_FACTOR, plan.order().filmFactor())
                    .amount(Amount.COAT, piece.masses().couvertureG());
        }
        dip.done();
    }

    private static final String STOOD =
            "The centres have stood for an hour: read one again before you dip it.";

    private Sentence under() {
        final boolean part = piece.coat().share() < 1;
        final boolean taps = Math.round(plan.order().tappedS()) > 0;
        final String how =
                (part
                                ? "Dip {pieces} as deep as they are to be coated, {under} under;"
                                : "Dip {pieces}, {under} under;")
                        + (taps
                                ? " tap for {tapped}, draw over the rim: {each} of coat on each."
                                : " do not tap, draw over the rim: {each} of coat on each.");
        final Sentence said =
                Sentence.of(how)
                        .with("under", UNDER_S, Unit.SECOND)
                        .with("tapped", Math.round(plan.order().tappedS()), Unit.SECOND);
        return plan.found()
                ? said
                : said.and(
                        Sentence.of(
                                        "From this bowl tapping comes no nearer than {comes}: a"
                                                + " thicker or thinner bowl, or two coats.")
                                .with("comes", plan.coat().massG(), Unit.GRAM));
    }

    /** As it is worked, or warmer where that is what thins the coat. */
    private double bowlC() {
        final double usual = place.bowlAt(piece.couverture()).temperatureC();
        final double planned = plan.order().bowl().temperatureC();
        return planned > usual ? planned : batch.work().middle();
    }

    /** Where cold centres and the room draw the bowl out of its window on the way. */
    private Sentence warm() {
        final BowlEmptied emptied =
                BowlEmptied.of(
                        new BowlEmptied.Tray(
                                plan.order(),
                                pieces,
                                plan.everyS(),
                                Math.max(20, needs.toMelt().value()),
                                batch.work().low()));
        return emptied.warmAt().isPresent()
                ? Sentence.of(
                                "Read the bowl every {dips}: by its numbers so many draw it out of"
                                        + " its window. Warm it a little each time.")
                        .with("dips", Math.max(1, emptied.warmAt().getAsInt()), Unit.PIECE)
                : Sentence.of("");
    }

    /** What has been in a bowl with bare centres is in the bowl. */
    private String bowlNowHolds() {
        final String holds = BatchTasks.scrapings(needs.allergens());
        return needs.keepCold() ? (holds + " " + Cautions.COLD_SCRAPINGS).strip() : holds;
    }

    private void set(final DipPlan of) {
        final double lifts =
                Double.isFinite(of.coat().liftsS())
                        ? Math.min(2.0 * HOUR_S, of.coat().liftsS())
                        : HOUR_S;
        draft.task(TaskKind.SET)
                .next()
                .say(
                        Sentence.of(
                                piece.inclusions().stream()
                                                .anyMatch(
                                                        i ->
                                                                i.placing()
                                                                        == Inclusion.Placing
                                                                                .ROLLED_IN)
                                        ? "Leave them in what they were rolled in until they are"
                                                + " firm, then sieve it off. What is sieved back holds"
                                                + " coat and crumbs: for this piece only."
                                        : "Leave them until they come off the foil by themselves, in"
                                                + " still air, not in the cold at once."))
                .clock(
                        new Clock(
                                (int) (lifts * 0.6),
                                (int) Math.max(1, lifts),
                                (int) (lifts * 2 + HOUR_S)))
                .handsOn(0.05)
                .caution(BatchTasks.scrapings(needs.allergens()))
                .source(Coat.SOURCE)
                .done();
    }
}
