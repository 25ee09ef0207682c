package palintone.core.substance;

import java.util.OptionalDouble;
import java.util.Set;
import palintone.core.figure.Require;

/**
 * What is known of an ingredient besides its composition; each of it may be missing.
 *
 * @param ph 0 to 14
 * @param pieceG mass of one piece, where it is counted (an egg yolk, a vanilla pod), grams
 * @param pricePerKg in the workshop's own money, 0 or more
 * @param gelStrength of what gels, as its packet says: Bloom of gelatine, 50 to 400; grade of
 *     pectin, 50 to 400; g/cm² of agar, 100 to 2000
 * @param ediblePart of a fruit as it is bought, what is left peeled, stoned and trimmed, 0.05 to 1
 * @param natures what makes it special
 * @param estimated true where parts of the composition were estimated from a label
 */
public record Traits(
        OptionalDouble ph,
        OptionalDouble pieceG,
        OptionalDouble pricePerKg,
        OptionalDouble gelStrength,
        OptionalDouble ediblePart,
        Set<FunctionalClass> natures,
        boolean estimated) {

    /** Nothing known. */
    public static final Traits NONE =
            new Traits(
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    Set.of(),
                    false);

    /**
     * Allowed: mass of a piece above 0 to 10000 g; price 0 to 1000000 per kg; edible part 5 to 100
     * %.
     *
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Traits {
        ph.ifPresent(v -> Require.between("pH", v, 0, 14, ""));
        pieceG.ifPresent(v -> Require.positive("mass of a piece", v, 10_000, "g"));
        pricePerKg.ifPresent(v -> Require.between("price", v, 0, 1_000_000, "per kg"));
        gelStrength.ifPresent(v -> Require.between("gel strength", v, 50, 2000, ""));
        ediblePart.ifPresent(v -> Require.between("edible part", 100 * v, 5, 100, "%"));
        natures = Set.copyOf(natures);
    }

    /** Without a gel strength and an edible part: as for most. */
    public Traits(
            final OptionalDouble ph,
            final OptionalDouble pieceG,
            final OptionalDouble pricePerKg,
            final Set<FunctionalClass> natures,
            final boolean estimated) {
        this(
                ph,
                pieceG,
                pricePerKg,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                natures,
                estimated);
    }
}
