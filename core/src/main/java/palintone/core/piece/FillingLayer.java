package palintone.core.piece;

import palintone.core.figure.Require;
import palintone.core.filling.Filling;

/**
 * One filling in a piece; the first layer goes in first and lies at the top of the finished piece.
 *
 * @param filling what
 * @param share of the room for fillings, above 0 to 1
 */
public record FillingLayer(Filling filling, double share) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when the share is not above 0, up to 1
     */
    public FillingLayer {
        Require.positive("share of " + filling.name(), share, 1, "");
    }
}
