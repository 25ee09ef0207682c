package palintone.core.piece;

import java.util.List;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Filling;

/**
 * One filling in a piece; the first layer goes in first and lies at the top of the finished piece.
 *
 * @param filling what
 * @param amount how much of it
 * @param inserts set into it whole: a nut, a berry
 * @param sealMm couverture of the shell poured over it before the next goes in, 0.3 to 5 mm; 0
 *     where the next lies on it bare
 * @param inside a second filling, piped into the middle of this one; nothing where there is none
 */
public record FillingLayer(
        Filling filling,
        LayerAmount amount,
        List<Inclusion> inserts,
        double sealMm,
        Optional<Inside> inside) {

    /**
     * A filling set inside another.
     *
     * @param grams in one piece or half, 0.1 to 200
     */
    public record Inside(Filling filling, double grams) {

        /**
         * @throws palintone.core.figure.OutOfRangeException when the mass is impossible
         */
        public Inside {
            Require.between(filling.name() + " inside", grams, 0.1, 200, "g");
        }

        double ml() {
            return grams / filling.densityGPerMl();
        }
    }

    private static final int MOST_INSERTS = 6;

    /** Thinner than that it has holes; common practice, no source. */
    private static final double THINNEST_SEAL_MM = 0.3;

    private static final double THICKEST_SEAL_MM = 5;

    /**
     * Allowed: inserts 0 to 6; seal 0.3 to 5 mm, 0 for none.
     *
     * @throws palintone.core.figure.OutOfRangeException when there are too many inserts, or the
     *     seal is impossibly thin or thick
     */
    public FillingLayer {
        inserts = List.copyOf(inserts);
        inserts.forEach(i -> i.placed(Inclusion.Placing.SET_IN));
        Require.between("inserts in " + filling.name(), inserts.size(), 0, MOST_INSERTS, "");
        if (inside.isPresent() && inside.get().filling().id().equals(filling.id())) {
            throw new OutOfRangeException(
                    "filling inside " + filling.name(), filling.name(), "another filling");
        }
        if (sealMm != 0) {
            Require.between(
                    "seal over " + filling.name(),
                    sealMm,
                    THINNEST_SEAL_MM,
                    THICKEST_SEAL_MM,
                    "mm");
        }
    }

    /** Nothing inside it. */
    public FillingLayer(
            final Filling filling,
            final LayerAmount amount,
            final List<Inclusion> inserts,
            final double sealMm) {
        this(filling, amount, inserts, sealMm, Optional.empty());
    }

    /** The next one lies on it bare. */
    public FillingLayer(
            final Filling filling, final LayerAmount amount, final List<Inclusion> inserts) {
        this(filling, amount, inserts, 0);
    }

    /** Whether couverture closes it off from the next. */
    public boolean sealed() {
        return sealMm > 0;
    }

    /**
     * By its share of the room for fillings, nothing set into it.
     *
     * @param share above 0 to 1
     * @throws palintone.core.figure.OutOfRangeException when the share is not above 0, up to 1
     */
    public FillingLayer(final Filling filling, final double share) {
        this(filling, new LayerAmount.Share(share), List.of());
    }

    /** What its inserts, and a filling inside it, push aside, ml. */
    double insertsMl() {
        return inserts.stream().mapToDouble(Inclusion::displacedMl).sum()
                + inside.map(Inside::ml).orElse(0.0);
    }
}
