package palintone.core.piece;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import palintone.core.casting.colour.ColourDrying;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Cautions;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;
import palintone.core.substance.Allergen;
import palintone.core.temper.colour.ColourButter;

/** What every cast piece has in common: moulds made ready, turning out. */
final class CastingTasks extends BatchTasks {

    /** Where it does not dry at all here: common practice, no source. */
    private static final int HOLDS_USUALLY_S = 20 * 60;

    private static final int DRIES_USUALLY_S = 5 * 60;

    private final CastPiece piece;

    CastingTasks(
            final CastPiece piece,
            final Materials needs,
            final Workplace place,
            final ProcessDraft draft) {
        super(needs, place, draft);
        this.piece = piece;
    }

    /** What the moulds last held and this piece does not declare. */
    static String unwashed(final CastPiece piece, final Materials needs) {
        final List<Allergen> brings = piece.mould().state().brings(needs.allergens());
        return brings.isEmpty()
                ? ""
                : "These moulds last held "
                        + brings.stream().map(Allergen::words).collect(Collectors.joining(", "))
                        + ", which this piece does not declare: wash them hot and dry them, or do"
                        + " not use them for it. For somebody allergic the local code decides what"
                        + " is clean.";
    }

    /** A smear that is in temper, as planned everywhere, s. */
    private static final double SMEAR_S = 90;

    /**
     * Polished, sprayed where there is colour, and at the right warmth.
     *
     * @return number of the last of them
     */
    int mouldsReady() {
        final double high = work().low() - 2;
        final Band band = new Band(18, 20, high, high + 2);
        return mouldsReady(band, aimC(place));
    }

    /** A little over the room where the bowl allows it: nothing to warm, nothing cold. */
    static double aimC(final Workplace place) {
        return Math.min(
                place.temper().worked().low() - 2, Math.max(place.room().temperatureC() + 3, 23));
    }

    /** As their stuff wants it, and which cavities stay empty. */
    private Sentence ready(final int moulds) {
        final Sentence ready = piece.mould().body().ready().with("moulds", moulds, Unit.MOULD);
        final int unlike = piece.mould().unlike();
        if (unlike == 0) {
            return ready;
        }
        return ready.and(
                unlike == 1
                        ? Sentence.of("The cavity unlike the rest stays empty.")
                        : Sentence.of("The " + unlike + " cavities unlike the rest stay empty."));
    }

    /**
     * @param band for their warmth
     * @param aim and what is best, °C
     */
    int mouldsReady(final Band band, final double aim) {
        draft.part("Moulds");
        final int moulds = needs.size().moulds();
        if (piece.dress().colours().isEmpty()) {
            return draft.task(TaskKind.MOULD)
                    .say(ready(moulds))
                    .read("mould surface", Unit.CELSIUS, aim, band)
                    .caution(unwashed(piece, needs))
                    .occupies(Occupies.MOULD)
                    .done();
        }
        draft.task(TaskKind.POLISH)
                .caution(unwashed(piece, needs))
                .say(ready(moulds))
                .occupies(Occupies.MOULD)
                .done();
        final int colour = colours(moulds);
        final double holds =
                IntStream.range(0, piece.dress().colours().size())
                        .mapToDouble(
                                coat ->
                                        dries(
                                                coat,
                                                film ->
                                                        film.castFromS(
                                                                place.casting().colourPractice())))
                        .max()
                        .orElse(0);
        return draft.task(TaskKind.MOULD)
                .after(
                        After.straight(colour)
                                .notBefore(holds > 0 ? minutesOf(holds, HOLDS_USUALLY_S) : 0))
                .say(
                        holds == 0
                                ? Sentence.of(
                                        "Nothing in them has to dry. Bring the moulds to the right"
                                                + " warmth.")
                                : Double.isInfinite(holds)
                                        ? Sentence.of(
                                                        "At {room} this colour does not set: chocolate"
                                                                + " washes it off. Cool the room or the"
                                                                + " moulds until it is dry to the"
                                                                + " touch.")
                                                .with(
                                                        "room",
                                                        place.room().temperatureC(),
                                                        Unit.CELSIUS)
                                        : Sentence.of(
                                                        "Let the colour dry: cast over it from {holds}"
                                                                + " on. Then bring the moulds to the"
                                                                + " right warmth.")
                                                .with("holds", Math.ceil(holds / 60), Unit.MINUTE))
                .read("mould surface", Unit.CELSIUS, aim, band)
                .handsOn(0.1)
                .occupies(Occupies.MOULD)
                .source(ColourDrying.SOURCE)
                .done();
    }

    /** Of a coat: none where nothing of it has to dry; infinite where it does not within hours. */
    private double dries(final int coat, final ToDoubleFunction<ColourDrying> of) {
        final ColourCoat on = piece.dress().colours().get(coat);
        return on.how().melted()
                ? of.applyAsDouble(
                        place.casting()
                                .colour(
                                        on.thicknessMm(),
                                        piece.mould(),
                                        Math.max(5, Math.min(35, place.room().temperatureC()))))
                : 0;
    }

    /** Full minutes, as seconds. */
    private static int minutesOf(final double seconds, final int otherwiseS) {
        return Double.isInfinite(seconds) ? otherwiseS : (int) Math.ceil(seconds / 60) * 60;
    }

    /**
     * Each coat once the one before is dry, what is seen outermost first.
     *
     * @return number of the last
     */
    private int colours(final int moulds) {
        final List<ColourCoat> coats = piece.dress().colours();
        final Set<String> melted = new HashSet<>();
        int last = draft.last();
        for (int i = 0; i < coats.size(); i++) {
            final After before =
                    i == 0
                            ? After.straight(last)
                            : After.straight(last)
                                    .notBefore(
                                            minutesOf(
                                                    dries(i - 1, ColourDrying::dryS),
                                                    DRIES_USUALLY_S));
            if (coats.get(i).how().melted() && melted.add(Materials.named(coats.get(i)))) {
                // The first is waited for; the next may be melted while the one before dries.
                final ColourCoat name = coats.get(i);
                last =
                        i == 0
                                ? colour(i, moulds, After.straight(ready(name, before)))
                                : colour(
                                        i,
                                        moulds,
                                        before,
                                        After.done(ready(name, After.done(last))));
            } else {
                last = colour(i, moulds, before);
            }
        }
        return last;
    }

    /** Melted, strained and brought into temper, as a bowl of chocolate is. */
    private int ready(final ColourCoat coat, final After after) {
        final ColourBowl bowl =
                needs.colourBowls().stream()
                        .filter(each -> each.isOf(coat))
                        .findFirst()
                        .orElseThrow();
        final ProcessDraft.TaskDraft task =
                draft.task(TaskKind.COLOUR_READY)
                        .after(after)
                        .say((bowl.couverture() ? coned(bowl) : coloured(bowl)).and(left(bowl)))
                        .handsOn(0.6)
                        .source(ColourButter.PRACTICE);
        return (bowl.couverture()
                        ? task.read(
                                        "paper test of it",
                                        Unit.SECOND,
                                        SMEAR_S,
                                        place.temper().order().targets().paperTestS())
                                .clock(Clock.minutes(10, 20, 60))
                                .caution(Cautions.STEAM)
                        : task.read(
                                        "colour, melted",
                                        Unit.CELSIUS,
                                        ColourButter.MELT_C,
                                        ColourButter.MELT)
                                .clock(Clock.minutes(5, 12, 45))
                                .caution(Cautions.PIGMENT))
                .done();
    }

    private static Sentence coloured(final ColourBowl bowl) {
        return Sentence.of(
                        bowl.meltG() == 0
                                ? "Warm "
                                        + bowl.name()
                                        + " cocoa butter again to {melt} and bring it stirring to"
                                        + " {cool}, then to {use}."
                                : "Melt {colour} of "
                                        + bowl.name()
                                        + " cocoa butter to {melt}, blend it, strain it through a fine"
                                        + " cloth; stir it down to {cool} and bring it to {use}: in"
                                        + " temper it shines and lets go.")
                .with("colour", bowl.meltG(), Unit.GRAM)
                .with("melt", ColourButter.MELT_C, Unit.CELSIUS)
                .with("cool", ColourButter.COOL_C, Unit.CELSIUS)
                .with("use", ColourDrying.BROUGHT_ON_C, Unit.CELSIUS);
    }

    /** Couverture is tempered as couverture is, in a bowl small enough to be held in a hand. */
    private static Sentence coned(final ColourBowl bowl) {
        return Sentence.of(
                        bowl.meltG() == 0
                                ? "Melt and temper the small bowl of "
                                        + bowl.name()
                                        + " again, test it on paper, and fill a fresh cone."
                                : "Melt {colour} of "
                                        + bowl.name()
                                        + " in a small bowl of its own, temper it, test it on paper,"
                                        + " and fill a paper cone.")
                .with("colour", bowl.meltG(), Unit.GRAM);
    }

    private static Sentence left(final ColourBowl bowl) {
        return bowl.leftG() < 1
                ? Sentence.of("")
                : Sentence.of(
                                bowl.couverture()
                                        ? "Less sets before it is piped; {left} is left: back to its"
                                                + " tub."
                                        : bowl.sprayed()
                                                ? "A gun wants no less; {left} is left: let it set, name it,"
                                                        + " it is used again."
                                                : "Less cannot be kept in temper; {left} is left: let it"
                                                        + " set, name it, it is used again.")
                        .with("left", bowl.leftG(), Unit.GRAM);
    }

    private int colour(final int i, final int moulds, final After... before) {
        final List<ColourCoat> coats = piece.dress().colours();
        final ColourCoat coat = coats.get(i);
        final ProcessDraft.TaskDraft task =
                draft.task(TaskKind.COLOUR)
                        .say(
                                Sentence.of(
                                                coat.how().act()
                                                        + " {colour} of "
                                                        + coat.name()
                                                        + words(coat.how().medium())
                                                        + " over {moulds}"
                                                        + end(coat))
                                        .with("colour", needs.colours().get(i).value(), Unit.GRAM)
                                        .with("moulds", moulds, Unit.MOULD))
                        .caution(coned(coat) ? "" : Cautions.PIGMENT);
        for (final After each : before) {
            task.after(each);
        }
        if (!coat.how().melted() || coned(coat)) {
            return task.occupies(Occupies.MOULD).done();
        }
        final boolean sprayed = coat.how() == ColourCoat.How.SPRAYED;
        task.read(
                sprayed ? "colour in the gun" : "colour in its bottle",
                Unit.CELSIUS,
                ColourDrying.BROUGHT_ON_C,
                new Band(27, 28.5, 30, 31.5));
        return (sprayed
                        ? task.occupies(Occupies.MOULD, Occupies.GUN)
                        : task.occupies(Occupies.MOULD))
                .done();
    }

    private static boolean coned(final ColourCoat coat) {
        return coat.how().medium() == ColourCoat.How.Medium.COUVERTURE;
    }

    private static String end(final ColourCoat coat) {
        if (coned(coat)) {
            return "; scrape it flush with the wall while it is soft, and let it set.";
        }
        return coat.how().melted() ? "; let it set." : ".";
    }

    private static String words(final ColourCoat.How.Medium medium) {
        return switch (medium) {
            case BUTTER -> " cocoa butter";
            case COUVERTURE -> " couverture";
            case DUST -> " lustre dust";
            case PRINT -> " on its sheet";
        };
    }

    void finishAndWeigh() {
        finish(kind -> !kind.whileSoft());
        weigh();
    }

    void turnOut() {
        turnOut(piece.mould().body().turnOut());
    }

    private void turnOut(final Sentence say) {
        turnOut(say, After.straight(draft.last()));
    }

    void turnOut(final Sentence say, final After... after) {
        final ProcessDraft.TaskDraft task = draft.task(TaskKind.DEMOULD);
        for (final After each : after) {
            task.after(each);
        }
        task.say(say).occupies(Occupies.MOULD).done();
    }

    /** A transfer sheet goes on while the back is wet. */
    void transfer() {
        finish(kind -> kind == Finish.FinishKind.TRANSFER);
    }
}
