package palintone.core.piece;

import java.util.Optional;
import palintone.core.casting.fill.RimMelt;
import palintone.core.casting.shell.Halves;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;
import palintone.core.temper.Couverture;

/** Two halves become one, hollow or filled: on a warm plate or with a seam, then left alone. */
final class JoinTasks {

    private static final Source PRACTICE =
            Source.practice("joining halves, and how long a seam is left");

    /** A plate that rims and feet are melted on, °C. */
    static final double PLATE_C = 45;

    static final Band PLATE = new Band(36, 40, 50, 60);
    private static final double MELTED_MM = 0.4;

    /** A hollow figure is not worked at before; common practice, no source. */
    private static final double HOUR_MIN = 60;

    private static final int DAY_S = 86_400;
    private static final String STOOD =
            "The halves have stood for a day: look whether their rims still meet.";

    /** What of two halves meets. */
    enum Meeting {
        /** Rims of hollow shells. */
        RIMS,
        /** Rims of shells that are filled and not capped. */
        FILLED_RIMS,
        /** Capped backs. */
        BACKS
    }

    private final Couverture couverture;
    private final Optional<Double> seamG;
    private final Meeting meeting;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft;
    private final CastingTasks casting;

    /**
     * @param seamG chocolate of one seam, where there is one
     * @param meeting what of the two halves meets
     */
    JoinTasks(
            final Couverture couverture,
            final Optional<Double> seamG,
            final Meeting meeting,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft,
            final CastingTasks casting) {
        this.couverture = couverture;
        this.seamG = seamG;
        this.meeting = meeting;
        this.needs = needs;
        this.place = place;
        this.draft = draft;
        this.casting = casting;
    }

    void lay(final HollowFigure.Joining how) {
        if (how == HollowFigure.Joining.CLOSED_MOULD) {
            return;
        }
        if (how == HollowFigure.Joining.WARM_PLATE) {
            onThePlate();
        } else {
            withASeam();
        }
        draft.task(TaskKind.SET)
                .next()
                .say(left(how))
                .clock(
                        meeting != Meeting.RIMS
                                ? Clock.minutes(5, 10, 24 * 60)
                                : Clock.minutes(Math.min(HOUR_MIN, holdsMin()), HOUR_MIN, 24 * 60))
                .handsOn(0.05)
                .source(PRACTICE)
                .done();
    }

    private Sentence left(final HollowFigure.Joining how) {
        if (meeting != Meeting.RIMS) {
            return Sentence.of(
                    "Let the joined figure stand untouched until its seam is hard, in the cold room"
                            + " rather than the cabinet; then trim the seam with a warm blade.");
        }
        return Sentence.of(
                        "Let the joined figure stand untouched for an hour, in the cold room rather"
                                + " than the cabinet: its seam bears being lifted from {holds} on;"
                                + " work at it waits for the hour."
                                + (how == HollowFigure.Joining.CHOCOLATE
                                        ? " Then out of its cavity, and trim the seam with a warm"
                                                + " blade."
                                        : " Then trim the seam with a warm blade."))
                .with("holds", holdsMin(), Unit.MINUTE);
    }

    /** Until the seam bears being lifted: the answer of Shells, for its rims at the room, min. */
    private double holdsMin() {
        final double room = Math.max(5, Math.min(28, place.room().temperatureC()));
        final double holdsS = Halves.of(place.bowlAt(couverture), room, room).holdsS();
        return Math.max(1, Math.min(HOUR_MIN, holdsS / 60));
    }

    /** How long a rim or a foot lies on it, s. */
    static double plateS(final Couverture couverture, final double roomC) {
        return RimMelt.seconds(couverture, MELTED_MM, PLATE_C, roomC);
    }

    private void onThePlate() {
        final double room = Math.max(5, Math.min(28, place.room().temperatureC()));
        final double seconds = plateS(couverture, room);
        draft.task(TaskKind.JOIN)
                .after(After.straight(draft.last()).within(DAY_S, STOOD))
                .say(
                        (meeting == Meeting.BACKS
                                        ? Sentence.of(
                                                "Both backs flat on a plate of {plate}, {seconds}:"
                                                        + " {deep} melts off, no more, or the filling"
                                                        + " comes through. Join at once, hold still"
                                                        + " for half a minute. Gloves: the plate does"
                                                        + " not burn, fingers mark.")
                                        : Sentence.of(
                                                "Both rims flat on a plate of {plate}, {seconds}:"
                                                        + " {deep} melts off. Join at once, hold"
                                                        + " still for half a minute. Gloves: the"
                                                        + " plate does not burn, fingers mark."))
                                .with("plate", PLATE_C, Unit.CELSIUS)
                                .with("seconds", seconds, Unit.SECOND)
                                .with("deep", MELTED_MM, Unit.MILLIMETRE))
                .read("plate", Unit.CELSIUS, PLATE_C, PLATE)
                .clock(Clock.about(60.0 * needs.size().pieces()))
                .source(RimMelt.SOURCE)
                .done();
    }

    private void withASeam() {
        casting.temperAgain(draft.last());
        draft.task(TaskKind.JOIN)
                .after(After.straight(draft.last()).within(DAY_S, STOOD))
                .say(
                        (meeting == Meeting.BACKS
                                        ? Sentence.of(
                                                "Pipe a ring on one back, just inside its rim, {seam}"
                                                        + " each, press the other on, hold still for"
                                                        + " half a minute.")
                                        : Sentence.of(
                                                "Pipe a seam inside one rim, {seam} each, press the"
                                                        + " other on, hold still for half a minute."))
                                .with("seam", seamG.orElseThrow(), Unit.GRAM))
                .amount(Amount.TAKES, seamG.orElseThrow() * needs.size().pieces())
                .clock(Clock.about(90.0 * needs.size().pieces()))
                .occupies(Occupies.BOWL)
                .source(PRACTICE)
                .done();
    }
}
