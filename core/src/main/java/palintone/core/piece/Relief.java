package palintone.core.piece;

import palintone.core.figure.Require;

/**
 * A pattern pressed into the back while it is soft.
 *
 * @param depthMm of the pattern, 0.2 to 5 mm
 * @param share of the back that it presses down, 0.02 to 0.9
 */
public record Relief(double depthMm, double share) {

    /**
     * Allowed: share of the back under the relief 2 to 90 %.
     *
     * @throws palintone.core.figure.OutOfRangeException when depth or share is impossible
     */
    public Relief {
        Require.between("depth of the relief", depthMm, 0.2, 5, "mm");
        Require.between("share of the back under the relief", share * 100, 2, 90, "%");
    }
}
