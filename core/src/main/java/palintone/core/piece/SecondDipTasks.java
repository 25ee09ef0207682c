package palintone.core.piece;

import palintone.core.casting.pour.BowlAt;
import palintone.core.coat.Coat;
import palintone.core.coat.DipOrder;
import palintone.core.coat.DipPlan;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Clock;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/**
 * Dipped once more, in part, in another couverture: its bowl, the dip, and what that wants to set.
 * What is not computed is common practice, no source.
 */
final class SecondDipTasks {

    private static final double UNDER_S = 2;

    private final DippedPiece piece;
    private final SecondDip then;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft;
    private final DipPlan plan;

    SecondDipTasks(
            final DippedPiece piece,
            final SecondDip then,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft) {
        this.piece = piece;
        this.then = then;
        this.needs = needs;
        this.place = place;
        this.draft = draft;
        plan = plan(piece, then, place);
    }

    /** How it is tapped, as warm as the room: its first coat has set. */
    static DipPlan plan(final DippedPiece piece, final SecondDip then, final Workplace place) {
        final BowlAt bowl = place.bowlAt(then.couverture());
        final double roomC = Math.max(5, Math.min(40, place.room().temperatureC()));
        return place.dipping()
                .plan(
                        new DipOrder(
                                bowl,
                                piece.centre().centre(),
                                Math.min(roomC, bowl.temperatureC()),
                                UNDER_S,
                                0,
                                false,
                                roomC,
                                DipOrder.UNWEIGHED),
                        piece.filmG(then));
    }

    /**
     * @param set number of the task at which the first coat has set
     * @return what the coat that goes on is dipped by
     */
    DipPlan lay(final int set) {
        final int bowl =
                needs.second()
                        .orElseThrow()
                        .lay(
                                draft,
                                TaskKind.SECOND_BOWL,
                                "the second coat",
                                place,
                                After.done(set));
        final int pieces = needs.size().pieces();
        final double workC = plan.order().bowl().temperatureC();
        draft.task(TaskKind.DIP_AGAIN)
                .after(SecondBowl.whileItStands(bowl))
                .say(said().and(then.coversTop() ? WhileWet.say(needs, plan) : Sentence.of("")))
                .read(
                        "second bowl while dipping",
                        Unit.CELSIUS,
                        workC,
                        Band.around(workC - 0.6, workC + 0.6, 1))
                // Not the bowl of the batch: what is read here is none of that.
                .clock(Clock.about(plan.everyS() * pieces))
                .caution(BatchTasks.scrapings(needs.allergens()))
                .source(Coat.SOURCE)
                .done();
        return plan;
    }

    private Sentence said() {
        final String name = then.couverture().ingredient().name();
        final boolean taps = Math.round(plan.order().tappedS()) > 0;
        final boolean whole = then.share() >= 1;
        final String into =
                whole
                        ? "Dip {pieces} in " + name + ", {under} under;"
                        : then.end() == SecondDip.End.BELOW
                                ? "Hold {pieces} by the top and dip each {deep} deep in "
                                        + name
                                        + ", {under} under;"
                                : "Turn {pieces} over, one by one, and dip the top of each {deep}"
                                        + " deep in "
                                        + name
                                        + ", {under} under;";
        final Sentence said =
                Sentence.of(
                                into
                                        + (taps
                                                ? " tap for {tapped}, draw over the rim: {each} on"
                                                        + " each. A glove, or its warmth marks the"
                                                        + " first coat."
                                                : " do not tap, draw over the rim: {each} on each."
                                                        + " A glove, or its warmth marks the first"
                                                        + " coat."))
                        .with("pieces", needs.size().pieces(), Unit.PIECE)
                        .with("deep", deepMm(), Unit.MILLIMETRE)
                        .with("under", UNDER_S, Unit.SECOND)
                        .with("tapped", Math.round(plan.order().tappedS()), Unit.SECOND)
                        .with("each", piece.secondCoatG(), Unit.GRAM);
        return plan.found()
                ? said
                : said.and(
                        Sentence.of(
                                "From this bowl tapping comes no nearer: a thicker or thinner"
                                        + " bowl."));
    }

    private double deepMm() {
        return then.share() * (piece.centre().shape().heightMm() + 2 * piece.coat().mm());
    }
}
