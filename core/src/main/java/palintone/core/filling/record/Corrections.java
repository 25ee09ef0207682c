package palintone.core.filling.record;

import java.util.Map;

/**
 * Everything the workshop's own measurements say of the models for one recipe.
 *
 * @param each by what was measured; what is not in it was not measured
 */
public record Corrections(Map<Correction.Of, Correction> each) {

    /** Nothing was measured. */
    public static final Corrections NONE = new Corrections(Map.of());

    public Corrections {
        each = Map.copyOf(each);
    }

    /** That of one quantity; without a measurement one that moves nothing. */
    public Correction of(final Correction.Of what) {
        return each.getOrDefault(what, Correction.none(what));
    }

    /** To be added to what the model says, in the unit of the quantity. */
    public double offset(final Correction.Of what) {
        return of(what).offset();
    }
}
