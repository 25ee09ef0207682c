package palintone.core.mould;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import palintone.core.substance.Allergen;

/**
 * How a mould stands on its shelf.
 *
 * @param scratched whether its wall is scratched, which leaves its mark on every piece
 * @param lastHeld allergens of what was last cast in it and not yet washed off
 */
public record MouldState(boolean scratched, Set<Allergen> lastHeld) {

    /** Washed, polished and whole. */
    public static final MouldState CLEAN = new MouldState(false, Set.of());

    public MouldState {
        lastHeld = Set.copyOf(lastHeld);
    }

    /** What it would bring to a piece that declares only these. */
    public List<Allergen> brings(final Set<Allergen> declared) {
        final EnumSet<Allergen> more = EnumSet.noneOf(Allergen.class);
        more.addAll(lastHeld);
        more.removeAll(declared);
        return List.copyOf(more);
    }
}
