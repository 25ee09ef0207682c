package palintone.core.piece;

import java.util.List;
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
 */
public record FillingLayer(
        Filling filling, LayerAmount amount, List<Inclusion> inserts, double sealMm) {

    private static final int MOST_INSERTS = 6;

    /** Thinner than that it has holes; common practice, no source. */
    private static final double THINNEST_SEAL_MM = 0.3;

    private static final double THICKEST_SEAL_MM = 5;

    /**
     * @throws palintone.core.figure.OutOfRangeException when there are too many inserts, or the
     *     seal is impossibly thin or thick
     */
    public FillingLayer {
        inserts = List.copyOf(inserts);
        inserts.forEach(i -> i.placed(Inclusion.Placing.SET_IN));
        Require.between("inserts in " + filling.name(), inserts.size(), 0, MOST_INSERTS, "");
        if (sealMm != 0) {
            Require.between(
                    "seal over " + filling.name(),
                    sealMm,
                    THINNEST_SEAL_MM,
                    THICKEST_SEAL_MM,
                    "mm");
        }
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

    /** What its inserts push aside, ml. */
    double insertsMl() {
        return inserts.stream().mapToDouble(Inclusion::displacedMl).sum();
    }
}
