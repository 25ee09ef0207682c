package palintone.core.taste;

import java.util.List;
import java.util.Objects;

/**
 * What this workshop has tasted and lets count.
 *
 * @param tastings all of them, in any order
 */
public record HouseTaste(List<Tasting> tastings) {

    /** Nothing was tasted yet. */
    public static final HouseTaste NONE = new HouseTaste(List.of());

    public HouseTaste {
        tastings = List.copyOf(tastings);
    }

    /** What is liked of such pieces, by what was said of those. */
    public TasteTarget target(final TasteOf what, final TasteGroup group) {
        return TasteTarget.of(
                what,
                tastings.stream()
                        .filter(t -> t.group().equals(group))
                        .map(
                                t ->
                                        t.liking(what)
                                                .map(
                                                        said ->
                                                                new TasteTarget.Bite(
                                                                        t.was()
                                                                                .getOrDefault(
                                                                                        what, 0.0),
                                                                        said))
                                                .orElse(null))
                        .filter(Objects::nonNull)
                        .toList());
    }
}
