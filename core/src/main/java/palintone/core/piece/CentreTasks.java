package palintone.core.piece;

import java.util.Map;
import java.util.Optional;
import palintone.core.coat.HandWarmth;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.cool.CoolingVessel;
import palintone.core.filling.cool.UntilReady;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.process.After;
import palintone.core.process.Cautions;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/** The filling, and its centres cut, piped, scooped or shaped out of it. */
final class CentreTasks {

    private static final double AIM_C = 18;

    /** What shapes well between the palms has been in the cold, no warmer than this. */
    private static final double CHILLED_C = 12;

    /** Nobody rolls one in less; common practice, no source. */
    private static final double LEAST_ROLLED_S = 10;

    /** Into the freezer no warmer; common practice, no source. */
    private static final double FROZEN_FROM_C = 25;

    private final FormedCentre centre;
    private final Materials needs;
    private final Workplace place;
    private final ProcessDraft draft;
    private final int pieces;

    CentreTasks(
            final FormedCentre centre,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft) {
        this.centre = centre;
        this.needs = needs;
        this.place = place;
        this.draft = draft;
        pieces = needs.size().pieces();
    }

    /**
     * @return number of the last task at the centres before they are brought to warmth
     */
    int lay() {
        final Forming forming = centre.forming();
        final Map<String, Integer> made =
                FillingTasks.lay(
                        draft,
                        needs,
                        place,
                        forming.fromASlab() ? Optional.of(this::frame) : Optional.empty(),
                        waiting(forming));
        draft.part("Centres");
        final Integer filling = made.get(centre.filling().id());
        return switch (forming) {
            case CUT -> cut(filling);
            case FROZEN -> frozen(filling);
            case ROPED -> roped(filling);
            case PIPED, SCOOPED -> {
                piped(filling, forming);
                yield setIn(
                        "Press {0} into each before it sets, {each}, {all} in all, and close the"
                                + " filling over it.");
            }
            case ROLLED, SHAPED -> shaped(filling, forming);
        };
    }

    /** Frozen it is cut as it comes out of the cold; else it stands until it bears what is done. */
    private FillingTasks.Waiting waiting(final Forming forming) {
        return switch (forming) {
            case CUT ->
                    new FillingTasks.Waiting(
                            standing ->
                                    standing.stiff(
                                            CoolingVessel.TRAY,
                                            centre.shape().heightMm(),
                                            FormedCentre.CUTS_FROM_PA),
                            "a knife goes through it and the cut stays, at about {celsius}",
                            Double.NaN);
            case FROZEN ->
                    new FillingTasks.Waiting(
                            standing -> standing.cool(FROZEN_FROM_C),
                            "it is no warmer than {celsius}: hot it thaws the freezer",
                            FROZEN_FROM_C);
            case PIPED, ROPED, SCOOPED, ROLLED, SHAPED ->
                    new FillingTasks.Waiting(
                            standing ->
                                    standing.stiff(
                                            UntilReady.VESSEL,
                                            UntilReady.DEPTH_MM,
                                            TextureClass.POURABLE.toPa()),
                            "it stays where it is piped, at about {celsius}",
                            Double.NaN);
        };
    }

    private void frame() {
        final Materials.FillingNeed need = needs.fillings().get(0);
        final double areaCm2 =
                need.toMake().value() / centre.centre().gPerMl() / (centre.shape().heightMm() / 10);
        draft.task(TaskKind.FRAME)
                .next()
                .say(
                        Sentence.of(
                                        "Pour it into a frame while it runs, {high} high, {across}"
                                                + " square, on film; level it and cover it.")
                                .with("high", centre.shape().heightMm(), Unit.MILLIMETRE)
                                .with("across", Math.sqrt(areaCm2) * 10, Unit.MILLIMETRE))
                .caution(FillingTasks.caution(need))
                .occupies(Occupies.PERSON)
                .done();
        setIn(
                "Press {0} into the slab in rows, one in the middle of each square to come, {each}"
                        + " each, {all} in all, until it is level.");
    }

    /**
     * What lies whole in the middle of each.
     *
     * @param how with a place for what it is
     * @return number of the last task
     */
    private int setIn(final String how) {
        for (final Materials.InclusionNeed need : needs.inclusions()) {
            final Inclusion on = need.inclusion();
            if (on.setIn()) {
                draft.task(TaskKind.SET_IN)
                        .next()
                        .say(
                                Sentence.of(
                                                how.replace("{0}", on.ingredient().name())
                                                        + " It must be dry and at room"
                                                        + " temperature.")
                                        .with("each", on.eachG(), Unit.GRAM)
                                        .with("all", need.toWeigh().value(), Unit.GRAM))
                        .clock(new Clock(30, 240, 1200))
                        .caution(
                                need.keepCold()
                                        ? Cautions.COLD_FILLING + " " + Cautions.LIFE
                                        : Cautions.LIFE)
                        .done();
            }
        }
        return draft.last();
    }

    /** After the filling, where it is made with the batch. */
    private ProcessDraft.TaskDraft after(final TaskKind kind, final Integer filling) {
        final ProcessDraft.TaskDraft task = draft.task(kind);
        if (filling != null) {
            task.after(FillingTasks.ahead(filling));
        }
        return task;
    }

    /** What was to be pressed into the slab, where that was made before. */
    private boolean setInReady(final Integer filling) {
        if (filling != null || needs.inclusions().stream().noneMatch(n -> n.inclusion().setIn())) {
            return false;
        }
        setIn(
                "See that the slab holds {0}, {each} in the middle of each square to come, {all}"
                        + " in all; else press it in where the slab gives.");
        return true;
    }

    private int cut(final Integer filling) {
        final boolean looked = setInReady(filling);
        below(filling);
        return cut(
                looked || draft.last() > 0 && centre.bottomMm() > 0
                        ? draft.task(TaskKind.CUT).next()
                        : after(TaskKind.CUT, filling));
    }

    private int cut(final ProcessDraft.TaskDraft cut) {
        final FormedCentre.CutWindow window = centre.cutWindow();
        final double from = window.fromC();
        final double to = Math.max(from + 1, window.toC());
        final boolean rope = centre.forming() == Forming.ROPED;
        return cut.say(
                        Sentence.of(
                                        (rope
                                                        ? "Cut {pieces} of {long} off the ropes,"
                                                                + " straight down; wipe the blade,"
                                                                + " lay them"
                                                        : "Cut {pieces} of {long} by {wide}; wipe the"
                                                                + " blade, lay them")
                                                + " apart. Colder than {from} it breaks, warmer"
                                                + " than {to} it smears.")
                                .with("pieces", pieces, Unit.PIECE)
                                .with("long", centre.shape().lengthMm(), Unit.MILLIMETRE)
                                .with("wide", centre.shape().widthMm(), Unit.MILLIMETRE)
                                .with("from", from, Unit.CELSIUS)
                                .with("to", to, Unit.CELSIUS))
                .read(
                        rope ? "a rope, in its middle" : "slab, in its middle",
                        Unit.CELSIUS,
                        Math.max(from, Math.min(to, AIM_C)),
                        new Band(from - 3, from, to, to + 3))
                .caution(FillingTasks.caution(needs.fillings().get(0)))
                .source(Texture.SOURCE)
                .done();
    }

    private void below(final Integer filling) {
        if (centre.bottomMm() <= 0) {
            return;
        }
        after(TaskKind.COAT_BELOW, filling)
                .say(
                        Sentence.of(
                                        "Brush {all} of melted couverture thinly over the slab, {mm}"
                                                + " thick; when it has set, turn it over: it lies"
                                                + " below. It need not be in temper.")
                                .with("all", belowG(), Unit.GRAM)
                                .with("mm", centre.bottomMm(), Unit.MILLIMETRE))
                .clock(Clock.minutes(2, 5, 60))
                .done();
    }

    private int frozen(final Integer filling) {
        (setInReady(filling) ? draft.task(TaskKind.FREEZE).next() : after(TaskKind.FREEZE, filling))
                .say(
                        Sentence.of(
                                "Cover the frame close with film and freeze it through, overnight:"
                                        + " ice on it becomes water under the coat."))
                .clock(Clock.minutes(4 * 60, 12 * 60, 14 * 24 * 60))
                .handsOn(0.01)
                .occupies(Occupies.CABINET)
                .done();
        below(null);
        return draft.task(TaskKind.CUT)
                .next()
                .say(
                        Sentence.of(
                                        "Cut {pieces} of {long} by {wide} while it is frozen, back"
                                                + " into the cold as they lie, apart and covered.")
                                .with("pieces", pieces, Unit.PIECE)
                                .with("long", centre.shape().lengthMm(), Unit.MILLIMETRE)
                                .with("wide", centre.shape().widthMm(), Unit.MILLIMETRE))
                .caution(Cautions.CONDENSATION)
                .done();
    }

    private int piped(final Integer filling, final Forming forming) {
        final Materials.FillingNeed need = needs.fillings().get(0);
        final boolean bag = forming == Forming.PIPED;
        return after(bag ? TaskKind.PIPE_OUT : TaskKind.SHAPE, filling)
                .say(
                        Sentence.of(
                                        bag
                                                ? "Pipe {pieces} of {each} onto film, round and apart."
                                                        + " Weigh the first three."
                                                : "Scoop {pieces} of {each} onto film. Weigh the"
                                                        + " first three.")
                                .with("pieces", pieces, Unit.PIECE)
                                .with("each", need.each().value(), Unit.GRAM))
                .caution(FillingTasks.caution(need))
                .source(need.each().basis().sources().get(0))
                .done();
    }

    /** Of a baking tray, mm: a longer rope nobody pipes straight; common practice, no source. */
    private static final double ROPE_MM = 350;

    private int roped(final Integer filling) {
        final Materials.FillingNeed need = needs.fillings().get(0);
        final double sliceMm = centre.shape().lengthMm();
        final int aRope = Math.max(1, (int) Math.floor(ROPE_MM / sliceMm));
        final int ropes = (int) Math.ceil((double) pieces / aRope);
        after(TaskKind.PIPE_OUT, filling)
                .say(
                        Sentence.of(
                                        "Pipe "
                                                + ropes
                                                + (ropes == 1 ? " rope" : " ropes, side by side,")
                                                + " of {long} onto film, {thick} thick all along:"
                                                + " {all} in all. Pull the bag at one speed; weigh"
                                                + " the first.")
                                .with(
                                        "long",
                                        Math.min(pieces, aRope) * sliceMm + ROPE_ENDS_MM,
                                        Unit.MILLIMETRE)
                                .with("thick", centre.shape().heightMm(), Unit.MILLIMETRE)
                                .with("all", need.inPieces().value(), Unit.GRAM))
                .caution(FillingTasks.caution(need))
                .source(need.each().basis().sources().get(0))
                .done();
        setIn(
                "Press {0} into the ropes before they set, one in the middle of each piece to come,"
                        + " {each} each, {all} in all.");
        chill(draft.last());
        return cut(draft.task(TaskKind.CUT).next());
    }

    /** Cut off at both ends of a rope together, where it is not yet round; practice. */
    private static final double ROPE_ENDS_MM = 10;

    private int shaped(final Integer filling, final Forming forming) {
        piped(filling, Forming.PIPED);
        setIn(
                "Press {0} into each before it sets, {each}, {all} in all, and close the filling"
                        + " over it.");
        chill(draft.last());
        final Hand hand = hand();
        return draft.task(TaskKind.SHAPE)
                .next()
                .say(
                        Sentence.of(
                                        (hand.outOfCabinet()
                                                        ? ""
                                                        : "The cabinet is not cold enough for them:"
                                                                + " by way of the freezer to {cold},"
                                                                + " a few at a time. ")
                                                + (forming == Forming.ROLLED
                                                        ? "Roll each between gloved palms"
                                                        : "Shape each by hand")
                                                + ", no longer than {hand}: then its outside is too"
                                                + " soft. Take no more out of the cold than you do"
                                                + " in five minutes.")
                                .with("cold", hand.fromC(), Unit.CELSIUS)
                                .with("hand", Math.max(2, hand.seconds()), Unit.SECOND))
                .caution(FillingTasks.caution(needs.fillings().get(0)))
                .source(HandWarmth.SOURCE)
                .done();
    }

    int chill(final int before) {
        final double minutes = CentreChill.minutes(centre.centre(), place.cabinetC());
        return draft.task(TaskKind.CHILL)
                .after(After.straight(before))
                .say(
                        Sentence.of(
                                        "Into the cabinet, uncovered, until they are firm: heat alone"
                                                + " takes {minutes}.")
                                .with("minutes", minutes, Unit.MINUTE))
                .read("cabinet", Unit.CELSIUS, place.cabinetC(), Band.around(8, 16, 2))
                .clock(Clock.minutes(minutes * 0.7, minutes, Math.max(120, minutes * 4)))
                .handsOn(0.05)
                .occupies(Occupies.CABINET)
                .source(CentreChill.SOURCE)
                .done();
    }

    private double belowG() {
        return needs.inclusions().stream()
                .filter(n -> n.inclusion().placing() == Inclusion.Placing.BRUSHED_BELOW)
                .mapToDouble(n -> n.toWeigh().value())
                .sum();
    }

    /**
     * One between the palms.
     *
     * @param fromC it must be no warmer as it comes to hand, °C
     * @param seconds it bears then
     * @param outOfCabinet or else it has to be colder than the cabinet makes it
     */
    record Hand(double fromC, double seconds, boolean outOfCabinet) {}

    Hand hand() {
        // It is rolled until its outside flows, not until it slips on a fork.
        final double soft = centre.rollsBelowC();
        final double cabinetC = Math.min(CHILLED_C, place.cabinetC());
        final double there = HandWarmth.seconds(centre.centre(), cabinetC, soft);
        if (there >= LEAST_ROLLED_S) {
            return new Hand(cabinetC, there, true);
        }
        final double colderC = HandWarmth.comesAtC(centre.centre(), LEAST_ROLLED_S, soft);
        return new Hand(colderC, HandWarmth.seconds(centre.centre(), colderC, soft), false);
    }
}
