package palintone.core.coat;

import java.util.Set;
import palintone.core.figure.Source;
import palintone.core.substance.Allergen;

/**
 * What truffles are rolled in before their coat has set, and how much of it sticks; common
 * practice, no source.
 */
public enum Powder {
    COCOA("cocoa", 9, Set.of()),
    SUGAR("icing sugar", 10, Set.of()),
    CRYSTAL_SUGAR("sugar", 25, Set.of()),
    NUTS("chopped nuts", 60, Set.of(Allergen.NUTS)),
    SESAME("sesame", 40, Set.of(Allergen.SESAME)),
    COCONUT("coconut", 25, Set.of(Allergen.SULPHITES)),
    FLAKES("chocolate flakes", 50, Set.of(Allergen.MILK, Allergen.SOYA)),
    WAFER("crisp wafer", 30, Set.of(Allergen.GLUTEN, Allergen.MILK, Allergen.SOYA));

    public static final Source SOURCE =
            Source.practice("what sticks to a square centimetre of a wet coat, by weighing");

    /** Of what lies in the tray so much sticks; the rest is sieved and goes back. */
    public static final double STICKS_OF_TRAY = 0.35;

    private final String words;
    private final double mgPerCm2;
    private final Set<Allergen> brings;

    Powder(final String words, final double mgPerCm2, final Set<Allergen> brings) {
        this.words = words;
        this.mgPerCm2 = mgPerCm2;
        this.brings = brings;
    }

    /** As the maker says it. */
    public String words() {
        return words;
    }

    /** What it usually brings; its bag says what is in it. */
    public Set<Allergen> brings() {
        return brings;
    }

    /**
     * What sticks to one.
     *
     * @param areaMm2 of the coated piece
     * @return g
     */
    public double sticksG(final double areaMm2) {
        return mgPerCm2 / 1000 * areaMm2 / 100;
    }
}
