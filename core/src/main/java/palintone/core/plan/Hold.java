package palintone.core.plan;

import java.util.Optional;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * So many of a thing, kept from one moment of the work to another: moulds from polishing to
 * demoulding, a bowl from melting to the last scraping.
 *
 * @param id within its workload
 * @param thing that is kept
 * @param amount how many of it
 * @param from id of the stretch at which it begins
 * @param fromEnd whether it begins with the end of that one, not its start
 * @param to id of the stretch at which it ends
 * @param toEnd whether it ends with the end of that one, not its start
 * @param load what is in it meanwhile, for a thing that is washed
 */
public record Hold(
        String id,
        String thing,
        int amount,
        String from,
        boolean fromEnd,
        String to,
        boolean toEnd,
        Optional<Load> load) {

    /**
     * Allowed: amount held 1 to 10000.
     *
     * @throws OutOfRangeException when less than one is held
     */
    public Hold {
        Require.text("id of a hold", id, 200);
        Require.between("amount held", amount, 1, 10_000, "");
        if (load.isPresent() && amount != 1) {
            throw new OutOfRangeException(
                    "amount held of what is washed", String.valueOf(amount), "1: each by itself");
        }
    }

    /**
     * What a bowl holds.
     *
     * @param what it is, as the id of a couverture
     * @param depth of colour: white before milk before dark costs no wash
     * @param allergens in it; none of them may get into what does not have it
     */
    public record Load(String what, int depth, Set<String> allergens) {

        /** The set is copied. */
        public Load {
            allergens = Set.copyOf(allergens);
        }

        /** Whether the thing has to be washed before it takes the other after this. */
        public boolean washBefore(final Load next) {
            return depth > next.depth || unsafeBefore(next);
        }

        /** Whether it would bring an allergen into the other. */
        public boolean unsafeBefore(final Load next) {
            return !next.allergens.containsAll(allergens);
        }
    }
}
