package palintone.server.coat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.coat.BowlEmptied;
import palintone.core.coat.Coat;
import palintone.core.coat.ColdCentre;
import palintone.core.coat.DipLevers;
import palintone.core.coat.DipOrder;
import palintone.core.coat.Foot;
import palintone.core.coat.Powder;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.piece.DippedPiece;
import palintone.core.substance.Allergen;

/** What a maker should know of a dip before it is made: bowl, centre, coat, tray. */
final class DipRemarks {

    private static final double SHOWS_MM = 0.35;

    /** A foot of so much of the coat is seen; ours. */
    private static final double FOOT_SHARE = 0.1;

    /** Warm couverture that brings a bowl back; common practice, no source. */
    private static final double ADDED_C = 36;

    private static final double HOUR_S = 3600;

    private DipRemarks() {}

    static List<Sentence> of(
            final DipOrder order,
            final boolean found,
            final Coat coat,
            final BowlEmptied emptied,
            final Centres.Made made,
            final Band work,
            final ColdCentre cold) {
        final List<Sentence> remarks = new ArrayList<>();
        CoatBowls.remark(order.bowl()).ifPresent(remarks::add);
        final boolean inTemper = ShellAnswer.sets(order.bowl());
        if (inTemper && !CoatBowls.sets(order.bowl(), work)) {
            remarks.add(
                    Sentence.of(
                                    "A bowl of {is} melts the crystals it has: a coat from it stays"
                                            + " soft and turns grey. No warmer than {most}.")
                            .with("is", order.bowl().temperatureC(), Unit.CELSIUS)
                            .with("most", work.high(), Unit.CELSIUS));
        }
        if (!inTemper) {
            remarks.add(
                    Sentence.of(
                            "This bowl is not in temper: a coat from it stays soft and turns grey."
                                    + " No times of setting are given."));
        }
        if (!found) {
            remarks.add(
                    order.tappedS() > 0
                            ? DipLevers.of(order, work.high()).said()
                            : Sentence.of(
                                            "Not tapped at all it keeps {mass}: a cooler or thicker"
                                                    + " bowl, or two coats.")
                                    .with("mass", coat.massG(), Unit.GRAM));
        }
        if (inTemper && !(coat.liftsS() <= HOUR_S)) {
            remarks.add(
                    Sentence.of(
                                    "In a room of {room} the coat does not set to be lifted within the"
                                            + " hour: on its foil into a cool, dry cabinet.")
                            .with("room", order.roomC(), Unit.CELSIUS));
        }
        if (coat.tears()) {
            remarks.add(
                    Sentence.of(
                                    "A centre of {is} swells as it warms inside its set coat, and"
                                            + " tears it: dip it no colder than {coldest}, or in a"
                                            + " thin first coat and a second.")
                            .with("is", order.centreC(), Unit.CELSIUS)
                            .with("coldest", cold.coldestC(), Unit.CELSIUS));
        }
        made.firmBelowC()
                .ifPresent(
                        firm -> {
                            if (order.centreC() > firm) {
                                remarks.add(
                                        Sentence.of(
                                                        "At {is} this centre is too soft for the"
                                                                + " fork: chill it below {firm}.")
                                                .with("is", order.centreC(), Unit.CELSIUS)
                                                .with("firm", firm, Unit.CELSIUS));
                            }
                        });
        if (made.neverFirm()) {
            remarks.add(Sentence.of(DippedPiece.NEVER_FIRM));
        }
        if (order.centreC() < cold.dewC()) {
            remarks.add(
                    Sentence.of(
                                    "A centre of {is} is colder than the dew point of this room,"
                                            + " {dew}: water settles on it and seizes the bowl. Leave"
                                            + " it covered in the room for {minutes} first, no more"
                                            + " at a time than you dip before they are warm.")
                            .with("is", order.centreC(), Unit.CELSIUS)
                            .with("dew", cold.dewC(), Unit.CELSIUS)
                            .with(
                                    "minutes",
                                    cold.minutesOut(order.centre(), order.centreC(), order.roomC()),
                                    Unit.MINUTE));
        }
        if (coat.filmMm() < SHOWS_MM) {
            remarks.add(
                    Sentence.of("{film} shows the centre and leaks: a second coat.")
                            .with("film", coat.filmMm(), Unit.MILLIMETRE));
        }
        final Foot foot = Foot.of(order, coat);
        if (foot.massG() > FOOT_SHARE * coat.massG()) {
            remarks.add(
                    Sentence.of(
                                    "{runs} runs down into a foot: tap longer, draw it over the rim,"
                                            + " move it once on its foil, or dip from a cooler bowl."
                                            + " What is trimmed off goes back with what it holds.")
                            .with("runs", foot.massG(), Unit.GRAM));
        }
        emptied.warmAt().ifPresent(dip -> remarks.add(warm(order, emptied, dip)));
        emptied.thickAt()
                .ifPresent(
                        dip ->
                                remarks.add(
                                        Sentence.of(
                                                        "From piece {dip} on coats are a quarter heavier.")
                                                .with("dip", dip + 1, Unit.ONE)));
        emptied.shallowAt()
                .ifPresent(
                        dip ->
                                remarks.add(
                                        Sentence.of(
                                                        "After {dip} pieces the fork no longer dives:"
                                                                + " {left} are left. Begin with"
                                                                + " {start}.")
                                                .with("dip", dip, Unit.PIECE)
                                                .with("left", emptied.end().massG(), Unit.GRAM)
                                                .with("start", emptied.startG(), Unit.GRAM)));
        emptied.setAt()
                .ifPresent(
                        dip ->
                                remarks.add(
                                        Sentence.of(
                                                        "After {dip} pieces the bowl itself has set:"
                                                                + " warm it on the way, or work"
                                                                + " faster.")
                                                .with("dip", dip, Unit.PIECE)));
        return remarks;
    }

    private static Sentence warm(final DipOrder order, final BowlEmptied emptied, final int dip) {
        final BowlEmptied.BowlMoment then =
                emptied.line().stream().filter(p -> p.dips() >= dip).findFirst().orElseThrow();
        if (order.bowl().couverture().compound()) {
            return Sentence.of(
                            "Before piece {dip} the bowl has cooled to {is}, where it soon sets at"
                                    + " once: warm it.")
                    .with("dip", dip + 1, Unit.ONE)
                    .with("is", then.bowlC(), Unit.CELSIUS);
        }
        final double lacksC = order.bowl().temperatureC() - then.bowlC();
        return Sentence.of(
                        "Before piece {dip} the bowl has left its window, at {is}: warm it, or stir"
                                + " in {add} of couverture at {warm}, and test on paper.")
                .with("dip", dip + 1, Unit.ONE)
                .with("is", then.bowlC(), Unit.CELSIUS)
                .with(
                        "add",
                        then.bowlG() * lacksC / (ADDED_C - order.bowl().temperatureC()),
                        Unit.GRAM)
                .with("warm", ADDED_C, Unit.CELSIUS);
    }

    static List<Sentence> powder(final Powder powder) {
        return powder.brings().isEmpty()
                ? List.of()
                : List.of(
                        Sentence.of(
                                "What is rolled in "
                                        + powder.words()
                                        + " usually carries "
                                        + powder.brings().stream()
                                                .map(Allergen::words)
                                                .sorted()
                                                .collect(Collectors.joining(", "))
                                        + ": its bag says what, the label must name it, and what is"
                                        + " sieved back goes into nothing else."));
    }
}
