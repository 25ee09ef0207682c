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
 */
public record FillingLayer(Filling filling, LayerAmount amount, List<Inclusion> inserts) {

    private static final int MOST_INSERTS = 6;

    /**
     * @throws palintone.core.figure.OutOfRangeException when there are too many inserts
     */
    public FillingLayer {
        inserts = List.copyOf(inserts);
        inserts.forEach(i -> i.placed(Inclusion.Placing.SET_IN));
        Require.between("inserts in " + filling.name(), inserts.size(), 0, MOST_INSERTS, "");
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
