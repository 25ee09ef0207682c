package palintone.core.piece;

import java.util.List;
import java.util.stream.Collectors;
import palintone.core.coat.DipPlan;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

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
            said = said.and(put(need));
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

    private static boolean goesOn(final Inclusion inclusion) {
        return inclusion.placing() == Inclusion.Placing.ROLLED_IN
                || inclusion.placing() == Inclusion.Placing.ON_THE_BACK;
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
