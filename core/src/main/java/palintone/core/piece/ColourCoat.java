package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import palintone.core.figure.Require;
import palintone.core.substance.Allergen;
import palintone.core.temper.colour.ColourButter;

/**
 * One coat of colour in the mould before it is cast.
 *
 * @param name of the colour
 * @param thicknessMm of the film where it lies, 0.01 to 0.5 mm; of dust as if it lay close, of a
 *     detail in couverture as deep as it is, up to 2 mm
 * @param how it is brought on
 * @param allergens what it holds; empty where nobody has said
 */
public record ColourCoat(
        String name, double thicknessMm, How how, Optional<Set<Allergen>> allergens) {

    /** Deeper than this a detail is no detail any more, mm. */
    private static final double DEEPEST_MM = 2;

    /** In the mean of dark, milk and white, molten; from memory. */
    private static final double COUVERTURE_G_PER_ML = 1.23;

    /**
     * How a colour is brought on; common practice, no source.
     *
     * <p>The covered share of the wall and what of the colour ends on it, 0 to 1.
     */
    public enum How {
        SPRAYED("Spray", 1, 0.6, Medium.BUTTER),
        BRUSHED("Brush", 1, 0.95, Medium.BUTTER),
        FINGER("Dab with a gloved finger", 0.5, 0.95, Medium.BUTTER),
        SPLASHED("Splash", 0.3, 0.7, Medium.BUTTER),
        LINED("Draw lines", 0.1, 0.95, Medium.BUTTER),
        DETAIL("Fill the detail from a paper cone with", 0.05, 0.98, Medium.BUTTER),
        /** The same with couverture of another colour. */
        CONED("Fill the detail from a paper cone with", 0.05, 0.98, Medium.COUVERTURE),
        LUSTRE("Brush in, dry, with a soft brush", 0.6, 0.7, Medium.DUST),
        FILM("Lay in flat, printed side up,", 0.4, 1, Medium.PRINT);

        /** What is brought on. */
        public enum Medium {
            /** Coloured cocoa butter. */
            BUTTER,
            /** Couverture in temper, out of a small bowl of its own. */
            COUVERTURE,
            /** Needs no drying and no warmth; comes off unless a coat fixes it. */
            DUST,
            /** On a sheet, dry. */
            PRINT
        }

        private final String act;
        private final double covers;
        private final double caught;
        private final Medium medium;

        How(final String act, final double covers, final double caught, final Medium medium) {
            this.act = act;
            this.covers = covers;
            this.caught = caught;
            this.medium = medium;
        }

        /** What is done, as a sentence begins. */
        public String act() {
            return act;
        }

        /** Share of the wall it covers, 0 to 1. */
        public double covers() {
            return covers;
        }

        /** Share of the colour that ends on the wall, 0 to 1. */
        public double caught() {
            return caught;
        }

        /** What is brought on. */
        public Medium medium() {
            return medium;
        }

        /** Whether it is melted, and has to dry or to set. */
        public boolean melted() {
            return medium == Medium.BUTTER || medium == Medium.COUVERTURE;
        }
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or the film
     *     impossible
     */
    public ColourCoat {
        Require.text("colour", name, 120);
        Require.between(
                "colour film",
                thicknessMm,
                0.01,
                how.medium == How.Medium.COUVERTURE ? DEEPEST_MM : 0.5,
                "mm");
        allergens = allergens.map(Set::copyOf);
    }

    /** Nothing said of what it holds. */
    public ColourCoat(final String name, final double thicknessMm, final How how) {
        this(name, thicknessMm, how, Optional.empty());
    }

    /** Sprayed all over. */
    public ColourCoat(final String name, final double thicknessMm) {
        this(name, thicknessMm, How.SPRAYED);
    }

    /**
     * What has to be brought on.
     *
     * @param wallMm2 of one cavity
     * @return g a cavity, what goes past it included
     */
    public double massG(final double wallMm2) {
        return wallMm2 * how.covers() * thicknessMm / 1000 * gPerMl() / how.caught();
    }

    /** Of what it is brought on with, molten, g/ml. */
    double gPerMl() {
        return how.medium == How.Medium.COUVERTURE
                ? COUVERTURE_G_PER_ML
                : ColourButter.BUTTER_G_PER_ML;
    }

    /**
     * What is wrong with an order of coats.
     *
     * @param coats what is seen outermost first
     * @param flat whether the moulds open flat, so that a sheet lies in them
     * @return each in words; empty where nothing is
     */
    public static List<String> faults(final List<ColourCoat> coats, final boolean flat) {
        final List<String> faults = new ArrayList<>();
        for (int i = 0; i < coats.size(); i++) {
            final ColourCoat coat = coats.get(i);
            if (coat.how == How.FILM && i > 0) {
                faults.add(
                        coat.name + ": a transfer sheet lies against the mould; it goes in first.");
            }
            if (coat.how == How.FILM && !flat) {
                faults.add(
                        coat.name
                                + ": a transfer sheet lies flat only in a magnetic mould, which"
                                + " opens; in this one it creases.");
            }
            if (coat.how == How.LUSTRE
                    && (i + 1 == coats.size() || coats.get(i + 1).how != How.SPRAYED)) {
                faults.add(
                        coat.name
                                + ": dust comes off into the chocolate and clouds it. Fix it with a"
                                + " thin sprayed coat next.");
            }
        }
        return List.copyOf(faults);
    }
}
