package palintone.core.temper.colour;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.substance.Allergen;

/**
 * A coloured cocoa butter on the shelf.
 *
 * @param name of the colour
 * @param base what carries it
 * @param sharePercent of colour in it by mass, 0.1 to 30 %
 * @param dissolves in what the colour dissolves or is ground
 * @param strained whether it was strained after blending
 * @param useC where it is used, in temper, 24 to 40 °C
 * @param leftG what is left of it, g
 * @param allergens what its packet says of it; empty where nobody has read it yet
 */
public record ColourStock(
        String name,
        Base base,
        double sharePercent,
        Dissolves dissolves,
        boolean strained,
        double useC,
        double leftG,
        Optional<Set<Allergen>> allergens) {

    /** What carries a colour. */
    public enum Base {
        COCOA_BUTTER("cocoa butter", Set.of()),
        /** Cocoa butter that holds a white pigment already. */
        WHITE_COCOA_BUTTER("white cocoa butter", Set.of()),
        /** Milk always, and lecithin of soya in nearly all; common practice, no source. */
        COUVERTURE("white couverture and cocoa butter", Set.of(Allergen.MILK, Allergen.SOYA));

        private final String words;
        private final Set<Allergen> holds;

        Base(final String words, final Set<Allergen> holds) {
            this.words = words;
            this.holds = holds;
        }

        /** What it holds whatever a packet says. */
        public Set<Allergen> holds() {
            return holds;
        }

        public String words() {
            return words;
        }
    }

    /** In what a colour dissolves or is ground. */
    public enum Dissolves {
        FAT,
        WATER
    }

    /**
     * Allowed: what is left 0 to 100000 g.
     *
     * @throws OutOfRangeException when a number is impossible, or the colour is not for fat
     */
    public ColourStock {
        Require.text("name", name, 120);
        if (dissolves == Dissolves.WATER) {
            throw new OutOfRangeException(
                    "colour",
                    "water-soluble",
                    "fat-soluble: water-based colour beads up on cocoa butter, stays wet, and"
                            + " seizes the bowl");
        }
        Require.between("share of colour", sharePercent, 0.1, 30, "%");
        Require.between("temperature in use", useC, 24, 40, "°C");
        Require.between("what is left", leftG, 0, 100_000, "g");
        allergens = allergens.map(Set::copyOf);
    }

    /**
     * What is in it: its packet's and its base's. Empty where neither says: of cocoa butter with a
     * colour nobody has read the packet of, nothing is known.
     */
    public Optional<Set<Allergen>> holds() {
        if (allergens.isEmpty() && base.holds().isEmpty()) {
            return Optional.empty();
        }
        final Set<Allergen> all = new TreeSet<>(base.holds());
        allergens.ifPresent(all::addAll);
        return Optional.of(all);
    }

    /** What to know before it is used. */
    public List<Sentence> remarks() {
        final List<Sentence> remarks = new ArrayList<>();
        if (!strained) {
            remarks.add(
                    Sentence.of(
                            "Not strained yet: specks block the gun and show as dots. Strain it"
                                    + " warm through a fine cloth."));
        }
        if (useC > 32) {
            remarks.add(
                    Sentence.of(
                                    "At {use} cocoa butter is out of temper: it will look dull and"
                                            + " stay in the mould. Bring it to {aim}.")
                            .with("use", useC, Unit.CELSIUS)
                            .with("aim", 29, Unit.CELSIUS));
        }
        if (holds().isEmpty()) {
            remarks.add(
                    Sentence.of(
                            "Nobody has read its packet for allergens yet: a piece that wears it"
                                    + " cannot name all it holds."));
        }
        if (base == Base.WHITE_COCOA_BUTTER) {
            remarks.add(
                    Sentence.of(
                            "White pigments are not permitted everywhere: the local food authority"
                                    + " says which."));
        }
        return remarks;
    }
}
