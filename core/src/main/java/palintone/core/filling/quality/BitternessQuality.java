package palintone.core.filling.quality;

import palintone.core.figure.Basis;
import palintone.core.filling.taste.Taste;

/** What makes it bitter. */
final class BitternessQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        return Taste.bitterness(of.cooked());
    }

    @Override
    public Basis basis(final FillingProperties of) {
        return Basis.of("fat-free cocoa + caramelised sugar / 3").from(Taste.BITTERNESS);
    }
}
