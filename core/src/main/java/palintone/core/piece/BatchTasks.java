package palintone.core.piece;

import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import palintone.core.figure.Band;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Cautions;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;
import palintone.core.substance.Alcohol;
import palintone.core.substance.Allergen;
import palintone.core.temper.method.TemperTasks;

/** What batches of every kind have in common: the bowl, the cold, finishing, weighing. */
class BatchTasks {

    /** Share by which a weight may differ before it is tight, and before it is off. */
    private static final double WEIGHT_GOOD = 0.08;

    private static final double WEIGHT_LIMIT = 0.2;

    private static final int TEN = 10;

    protected final Materials needs;
    protected final Workplace place;
    protected final ProcessDraft draft;

    BatchTasks(final Materials needs, final Workplace place, final ProcessDraft draft) {
        this.needs = needs;
        this.place = place;
        this.draft = draft;
    }

    final Band work() {
        return place.temper().worked();
    }

    /**
     * The bowl brought into temper, or only tested where it is.
     *
     * @return number of the paper test
     */
    final int bowlReady() {
        draft.part("Bowl");
        final int test;
        if (draft.laterTurn()) {
            // Hours lie between, whatever bowl it was before.
            test = TemperTasks.again(draft, place.temper());
        } else if (place.bowl() == Workplace.BowlIs.IN_TEMPER) {
            test = TemperTasks.testOnly(draft, place.temper());
        } else {
            test = TemperTasks.lay(draft, place.temper());
        }
        draft.part("");
        return test;
    }

    /** The same bowl once more, for what comes next out of it. */
    final int temperAgain(final int before) {
        return draft.task(TaskKind.TEMPER_AGAIN)
                .after(After.done(before))
                .say(
                        Sentence.of(
                                "Bring the bowl back into the window, test again if in"
                                        + " doubt."))
                .read("temperature in the middle", Unit.CELSIUS, work().middle(), work())
                .occupies(Occupies.BOWL)
                .done();
    }

    /** Not longer after a good paper test than the window stays open. */
    final After inTemper(final int test) {
        final int seconds = (int) Math.max(60, Math.round(place.temper().window().value() * 60));
        return After.straight(test)
                .within(
                        seconds,
                        "The window has closed: read the bowl, bring it back and test again before"
                                + " you go on.");
    }

    /** Into the cabinet, straight after what was written last. */
    final int chill(final TaskKind kind, final String say, final Clock clock) {
        return draft.task(kind)
                .after(
                        After.straight(draft.last())
                                .within(
                                        Math.max(600, clock.longestS()),
                                        "It has stood too long to set evenly: look for grey before"
                                                + " you go on."))
                .say(Sentence.of(say))
                .read("cabinet", Unit.CELSIUS, place.cabinetC(), Band.around(8, 16, 2))
                .clock(clock)
                .handsOn(0.05)
                .occupies(Occupies.MOULD, Occupies.CABINET)
                .caution(condensation())
                .done();
    }

    /** The last of it: whether the pieces weigh what was planned. */
    final void weigh() {
        final Figure whole = needs.piece().masses().whole();
        final double pieceG = whole.value();
        draft.task(TaskKind.WEIGH)
                .next()
                .say(
                        Sentence.of(
                                        needs.size().pieces() < TEN
                                                ? "Weigh each: {piece}."
                                                : "Weigh ten and divide: {piece} each.")
                                .with("piece", pieceG, Unit.GRAM))
                .read(
                        needs.size().pieces() < TEN
                                ? "one piece, mean of all"
                                : "one piece, mean of ten",
                        Unit.GRAM,
                        pieceG,
                        weightBand(pieceG))
                .caution(needs.keepCold() ? Cautions.COLD_PIECES : "")
                .source(whole.basis().sources().get(0))
                .done();
    }

    final void finish(final Predicate<Finish.FinishKind> which) {
        needs.piece().dress().finishes().stream()
                .filter(finish -> which.test(finish.kind()))
                .forEach(this::finish);
    }

    private void finish(final Finish finish) {
        final boolean sticker = finish.kind() == Finish.FinishKind.STICKER;
        final String contains =
                needs.allergens().stream().map(Allergen::words).collect(Collectors.joining(", "));
        draft.task(TaskKind.FINISH)
                .next()
                .say(
                        Sentence.of(
                                finish.kind().act()
                                        + (finish.words().isBlank() ? "" : ": " + finish.words())
                                        + (sticker && !contains.isEmpty()
                                                ? ". It names " + contains
                                                : "")
                                        + "."
                                        + (sticker ? onTheLabel() : "")))
                .caution(
                        switch (finish.kind()) {
                            case DUST -> Cautions.PIGMENT;
                            case STICKER -> Cautions.LABEL;
                            default -> "";
                        })
                .done();
    }

    private String onTheLabel() {
        return (Alcohol.declared(needs.alcoholPercent()) ? " It names alcohol." : "")
                + (needs.keepCold() ? " Keep at 4 °C or colder." : "")
                + needs.allergensUnread().map(s -> " " + s.template()).orElse("");
    }

    static Band weightBand(final double massG) {
        return new Band(
                massG * (1 - WEIGHT_LIMIT),
                massG * (1 - WEIGHT_GOOD),
                massG * (1 + WEIGHT_GOOD),
                massG * (1 + WEIGHT_LIMIT));
    }

    /** What comes off the mould and goes back holds this. */
    static String scrapings(final Set<Allergen> allergens) {
        final String words =
                allergens.stream().sorted().map(Allergen::words).collect(Collectors.joining(", "));
        return words.isEmpty() ? "" : Cautions.scrapings(words);
    }

    /** Only where the cabinet is colder than the dew point of the room. */
    private String condensation() {
        return place.cabinetC() < place.room().dewPoint().value() + 1 ? Cautions.CONDENSATION : "";
    }
}
