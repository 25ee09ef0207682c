package palintone.core.filling.read;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Style;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;

/**
 * A recipe read from text: rows that hold an amount are ingredients ({@link Rows}), sentences are
 * what is done, clause by clause ({@link Clause}, {@link ClauseOperations}). An ingredient goes in
 * by the operation it stands in ("boil: 200 g cream, 30 g honey"), or else by the first one that
 * names it, or else at the beginning.
 *
 * @param doings operations in order, with what goes in
 * @param unused every amount, degree, minute and name that ended in neither
 * @param spans where each part of the text went
 * @param pots what its pots are called, in the order of their numbers
 */
public record WrittenRecipe(
        List<Doing> doings, List<Unused> unused, List<Span> spans, List<String> pots) {

    /** Stands among the parts of a line that no sentence names. */
    public static final String PUT_FIRST = "no sentence says when it goes in: put first";

    /** Stands among the parts of a clause that says only how it looks when it is done. */
    public static final String BY_LOOK =
            "only a look is said: so much boils away by custom, weigh it if you can";

    /** Said of sugar that is cooked until it looks so. */
    public static final String BY_COLOUR =
            "only a look is said: so hot by custom, read it with a probe if you can";

    private static final int LONGEST = 20_000;
    private static final int MOST_LINES = 200;

    /** A caramel cooked hotter than this is cut, not piped; common practice, no source. */
    private static final double CHEWS_C = 117;

    /**
     * One operation as it was read.
     *
     * @param asks settings the text ought to say and does not: somebody must be asked
     * @param pot which pot it is done to, counted from 0: the one the filling comes out of
     * @param from what it takes out of another
     */
    public record Doing(
            OperationKind kind,
            List<WrittenLine> lines,
            Map<OperationSetting, Double> settings,
            List<OperationSetting> asks,
            int pot,
            Optional<FromPot> from) {}

    /**
     * A piece of the text with what of it ended nowhere.
     *
     * @param text as it was written
     * @param parts numbers and words of it that set nothing; empty where nothing of it was used
     */
    public record Unused(String text, List<String> parts) {}

    /**
     * A stretch of the text that went one way.
     *
     * @param from where it begins
     * @param to where it ends, exclusive
     * @param went where to
     */
    public record Span(int from, int to, PartUse went) {}

    /**
     * @throws OutOfRangeException when the text is empty, an essay, or has no line with an amount
     */
    public static WrittenRecipe read(final String text) {
        Require.text("recipe text", text, LONGEST);
        final int rows = text.split("\\R").length;
        if (rows > MOST_LINES) {
            throw new OutOfRangeException(
                    "recipe text", rows + " lines", "up to " + MOST_LINES + " lines");
        }
        return new WrittenText(new RecipeReading(Wrapped.joined(text))).read();
    }

    /** What it is most likely meant to be, by what is done and what goes in. */
    public Style likely() {
        boolean cut = false;
        boolean cooked = false;
        boolean hard = false;
        boolean chocolate = false;
        for (final Doing doing : doings) {
            cut |= doing.kind() == OperationKind.CUT;
            cooked |=
                    doing.kind() == OperationKind.COOK_SUGAR
                            || doing.kind() == OperationKind.CARAMELISE;
            hard |=
                    doing.kind() == OperationKind.COOK_SUGAR
                            && doing.settings().getOrDefault(OperationSetting.TEMPERATURE_C, 0.0)
                                    >= CHEWS_C;
            chocolate |=
                    doing.lines().stream()
                            .anyMatch(l -> l.plain().matches(".*(chocolate|couverture|house ).*"));
        }
        if (cooked && !chocolate) {
            return cut || hard ? Style.CHEWY_CARAMEL : Style.FLOWING_CARAMEL;
        }
        return cut ? Style.CUT_SLAB : Style.SOFT_SHELL;
    }
}
