package palintone.core.piece;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import palintone.core.coat.Centre;
import palintone.core.coat.CentreShape;
import palintone.core.coat.DipSolve;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Filling;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;

/**
 * What a piece without a mould is made around: a filling in a shape of its own.
 *
 * @param filling it is of
 * @param shape it is given
 * @param forming how
 * @param bottomMm of couverture brushed under it before it is dipped, 0 to 2 mm
 */
public record FormedCentre(Filling filling, CentreShape shape, Forming forming, double bottomMm) {

    /** Centres are weighed about so warm. */
    private static final double AT_C = 18;

    private static final double COLDEST_KNIFE_C = 0;
    private static final double WARMEST_KNIFE_C = 40;

    /** A knife goes through without crumbs, and the cut stays: from scooped to firm. */
    static final double CUTS_FROM_PA = TextureClass.PIPEABLE.toPa();

    private static final double CUTS_TO_PA = TextureClass.SLICEABLE.toPa();

    /**
     * @throws OutOfRangeException when the shape cannot be come by so
     */
    public FormedCentre {
        Require.between("coat below", bottomMm, 0, 2, "mm");
        if (forming.fromASlab() && shape.undersideMm2() == 0) {
            throw new OutOfRangeException(
                    "shape of the centre", "round", "a block where it is cut from a slab");
        }
        if ((forming == Forming.ROPED) != shape instanceof CentreShape.Log) {
            throw new OutOfRangeException(
                    "shape of the centre",
                    forming == Forming.ROPED ? "no rope" : "a piece of a rope",
                    "a rope where it is piped in ropes and cut by length, and only there");
        }
        if (bottomMm > 0 && shape.undersideMm2() == 0) {
            throw new OutOfRangeException(
                    "coat below",
                    bottomMm + " mm",
                    "0 mm under what is round: it has no underside");
        }
    }

    /**
     * A ball of so many grams.
     *
     * @param massG 0.1 to 500 g
     */
    public static FormedCentre ball(
            final Filling filling, final double massG, final Forming forming) {
        Require.between("weight of the centre", massG, 0.1, 500, "g");
        final double gPerMl = ChoiOkos1986.densityGPerMl(filling.cooked().composition(), AT_C);
        return new FormedCentre(filling, CentreShape.Ball.of(massG / gPerMl), forming, 0);
    }

    private Composition composition() {
        return filling.cooked().composition();
    }

    private Texture texture() {
        return Texture.of(filling.cooked());
    }

    /** As heat meets it. */
    public Centre centre() {
        return new Centre(
                shape,
                ChoiOkos1986.densityGPerMl(composition(), AT_C),
                ChoiOkos1986.cpJPerGK(composition(), AT_C),
                Centre.USUAL_W_PER_MK);
    }

    /** A nut in more of it than that is a coated nut, not a filled centre; ours. */
    private static final double MOST_SET_IN = 0.6;

    /**
     * Refuses what is set in whole and does not fit.
     *
     * @throws OutOfRangeException where it takes more than six tenths of the centre, or stands
     *     higher than it
     */
    void holds(final List<Inclusion> inclusions) {
        final double ml = setInMl(inclusions);
        if (ml > MOST_SET_IN * shape.volumeMl()) {
            throw new OutOfRangeException(
                    "what is set into " + filling.name(),
                    words(ml) + " ml",
                    "up to " + words(MOST_SET_IN * shape.volumeMl()) + " ml in such a centre");
        }
        inclusions.stream()
                .filter(Inclusion::setIn)
                .filter(i -> i.acrossMm() > shape.heightMm())
                .findFirst()
                .ifPresent(
                        i -> {
                            throw new OutOfRangeException(
                                    i.ingredient().name() + " set in",
                                    "about " + words(i.acrossMm()) + " mm thick",
                                    "less than the "
                                            + words(shape.heightMm())
                                            + " mm of the centre");
                        });
    }

    private static double setInMl(final List<Inclusion> inclusions) {
        return inclusions.stream()
                .filter(Inclusion::setIn)
                .mapToDouble(Inclusion::displacedMl)
                .sum();
    }

    private static String words(final double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    /** Filling in one, beside what is set into it whole, g. */
    public double fillingG(final List<Inclusion> inclusions) {
        return massG() - setInMl(inclusions) * centre().gPerMl();
    }

    /** g, all of it filling. */
    public double massG() {
        return centre().massG();
    }

    /** Its underside, mm²; 0 under a ball. */
    double underMm2() {
        return shape.undersideMm2();
    }

    /** Up to here it keeps its shape on a fork, °C; empty where it always does, or never. */
    public OptionalDouble firmBelowC() {
        return firmBelowC(texture());
    }

    /**
     * Up to here such a filling keeps its shape on a fork, °C; empty where it always does, or
     * never.
     */
    public static OptionalDouble firmBelowC(final Texture texture) {
        return DipSolve.firmBelowC(texture::pascal, TextureClass.PIPEABLE.toPa());
    }

    /** Up to here its outside is no more than smeared between the palms, °C, 0 to 40. */
    double rollsBelowC() {
        return warmestAtLeast(texture(), TextureClass.POURABLE.toPa());
    }

    /** Whether it keeps no shape however cold it is. */
    public boolean neverFirm() {
        return neverFirm(texture());
    }

    /** Whether such a filling keeps no shape however cold it is. */
    public static boolean neverFirm(final Texture texture) {
        return texture.pascal(0) < TextureClass.PIPEABLE.toPa();
    }

    /**
     * Where a knife or wire goes through it cleanly.
     *
     * @param fromC colder it breaks, °C; as cold as is looked at, 0
     * @param toC warmer it smears or flows together, °C; as warm as is looked at, 40
     */
    public record CutWindow(double fromC, double toC) {}

    /** Where it is cut; a cooked sugar is cut warm, a ganache cool. */
    public CutWindow cutWindow() {
        final Texture texture = texture();
        final double from = warmestAtLeast(texture, CUTS_TO_PA);
        final double to = warmestAtLeast(texture, CUTS_FROM_PA);
        return new CutWindow(Math.min(from, to), to);
    }

    /** How warm it may be and still be so stiff, °C. */
    private static double warmestAtLeast(final Texture texture, final double pascal) {
        double low = COLDEST_KNIFE_C;
        double high = WARMEST_KNIFE_C;
        if (texture.pascal(low) < pascal) {
            return low;
        }
        if (texture.pascal(high) >= pascal) {
            return high;
        }
        while (high - low > 0.1) {
            final double middle = (low + high) / 2;
            if (texture.pascal(middle) >= pascal) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
