package palintone.core.piece;

import java.util.List;
import java.util.stream.Collectors;
import palintone.core.coat.DipPlan;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/** What goes on a dipped piece before its coat has set, in lots small enough for that. */
final class WhileWet {

    private WhileWet() {}

    /**
     * @param plan of the dip it lies on
     * @return nothing where nothing goes on
     */
    static Sentence say(final Materials needs, final DipPlan plan) {
        final List<Materials.InclusionNeed> on =
                needs.inclusions().stream().filter(need -> goesOn(need.inclusion())).toList();
        final List<Finish> soft =
                needs.piece().dress().finishes().stream()
                        .filter(finish -> finish.kind().whileSoft())
                        .toList();
        Sentence said = Sentence.of("");
        if (on.isEmpty() && soft.isEmpty()) {
            return said;
        }
        for (final Materials.InclusionNeed need : on) {
            said = said.and(on.size() == 1 ? put(need) : inOrder(need));
        }
        if (!soft.isEmpty()) {
            said =
                    said.and(
                            Sentence.of(
                                    soft.stream()
                                            .map(WhileWet::done)
                                            .collect(Collectors.joining(" "))));
        }
        return Double.isFinite(plan.coat().skinS())
                ? said.and(
                        Sentence.of("All that within {skin} of the dip: {lot} at a time, no more.")
                                .with("skin", plan.coat().skinS() / 60, Unit.MINUTE)
                                .with("lot", plan.lot(), Unit.PIECE))
                : said;
    }

    /**
     * Each powder or topping fetched and set down in the order it is used, before the bowl is
     * ready: wet hands fetch nothing.
     *
     * @return number of the last task, 0 where nothing goes on
     */
    static int layReady(final ProcessDraft draft, final Materials needs) {
        final List<Materials.InclusionNeed> on =
                needs.inclusions().stream().filter(need -> goesOn(need.inclusion())).toList();
        int last = 0;
        for (int i = 0; i < on.size(); i++) {
            final Materials.InclusionNeed need = on.get(i);
            final Inclusion what = need.inclusion();
            last =
                    draft.task(TaskKind.LAY_READY)
                            .next()
                            .say(
                                    what.plate().isPresent()
                                            ? counted(need, needs.size().pieces())
                                            : Sentence.of(
                                                            (what.placing()
                                                                                    == Inclusion
                                                                                            .Placing
                                                                                            .ROLLED_IN
                                                                            ? "{tray} of "
                                                                                    + what.ingredient()
                                                                                            .name()
                                                                                    + " into a flat tray: {each} stays on each."
                                                                            : "Weigh {tray} of "
                                                                                    + what.ingredient()
                                                                                            .name()
                                                                                    + " and set it down: {each} on each.")
                                                                    + place(i, on.size()))
                                                    .with("tray", need.toHaveG(), Unit.GRAM)
                                                    .with("each", what.eachG(), Unit.GRAM))
                            .read(
                                    "laid ready",
                                    Unit.GRAM,
                                    need.toHaveG(),
                                    BatchTasks.weightBand(need.toHaveG()))
                            .caution(BatchTasks.scrapings(what.ingredient().allergens()))
                            .done();
        }
        return last;
    }

    /** Plates are made beforehand, and are counted and not weighed. */
    private static Sentence counted(final Materials.InclusionNeed need, final int pieces) {
        return Sentence.of(
                        "Count {plates} of "
                                + need.inclusion().ingredient().name()
                                + " out of stock and lay them out, seen side up: {each} each."
                                + " Broken ones stay behind.")
                .with("plates", pieces, Unit.PIECE)
                .with("each", need.inclusion().eachG(), Unit.GRAM);
    }

    /** Where it stands among the others: as the hand goes from the bowl. */
    private static String place(final int i, final int many) {
        if (many == 1) {
            return "";
        }
        return i == 0 ? " It stands next to the bowl." : " It stands after the one before.";
    }

    private static boolean goesOn(final Inclusion inclusion) {
        return inclusion.placing() == Inclusion.Placing.ROLLED_IN
                || inclusion.placing() == Inclusion.Placing.ON_THE_BACK;
    }

    /** Of several only the order: what lies on each is said where it is laid ready. */
    private static Sentence inOrder(final Materials.InclusionNeed need) {
        final String what = need.inclusion().ingredient().name();
        return Sentence.of(
                need.inclusion().placing() == Inclusion.Placing.ROLLED_IN
                        ? "Roll in " + what + "."
                        : "Lay " + what + " on it.");
    }

    private static Sentence put(final Materials.InclusionNeed need) {
        final Inclusion on = need.inclusion();
        final String what = on.ingredient().name();
        return on.placing() == Inclusion.Placing.ROLLED_IN
                ? Sentence.of("Roll in " + what + ", {stuck} on each; have {tray} lying ready.")
                        .with("stuck", on.eachG(), Unit.GRAM)
                        .with("tray", need.toHaveG(), Unit.GRAM)
                : Sentence.of("Lay " + what + " on it, {laid} on each.")
                        .with("laid", on.eachG(), Unit.GRAM);
    }

    private static String done(final Finish finish) {
        return finish.words().isBlank()
                ? finish.kind().act() + "."
                : finish.kind().act() + ": " + finish.words() + ".";
    }
}
