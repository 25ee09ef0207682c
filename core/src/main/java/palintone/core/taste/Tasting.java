package palintone.core.taste;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * One piece tasted whole, as it then was.
 *
 * @param group of pieces it is one of
 * @param was how sweet and how bitter it was computed to be, g in 100 g
 * @param said what the taster said of either; what is missing was not said
 * @param score 1 to 10, empty where none was given
 */
public record Tasting(
        TasteGroup group, Map<TasteOf, Double> was, Map<TasteOf, Liking> said, OptionalInt score) {

    /** From here on a score without a word means that nothing ought to change; calibrated here. */
    public static final int LIKED = 8;

    /**
     * @throws OutOfRangeException when nothing was said and no score given, or a score is not from
     *     1 to 10
     */
    public Tasting {
        was = Map.copyOf(was);
        said = Map.copyOf(said);
        score.ifPresent(s -> Require.between("score", s, 1, 10, ""));
        if (said.isEmpty() && score.isEmpty()) {
            throw new OutOfRangeException(
                    "tasting", "empty", "how sweet, how bitter, or a score from 1 to 10");
        }
    }

    /** What was said of it; a high score says that it is right. */
    public Optional<Liking> liking(final TasteOf what) {
        if (said.containsKey(what)) {
            return Optional.of(said.get(what));
        }
        return said.isEmpty() && score.isPresent() && score.getAsInt() >= LIKED
                ? Optional.of(Liking.RIGHT)
                : Optional.empty();
    }
}
