package palintone.core.filling.quality;

import palintone.core.figure.Basis;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** Sugar that is not dissolved. */
final class CrystalSugarQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        if (of.wet()) {
            return of.syrup().crystallineG();
        }
        final Composition c = of.cooked().matrix();
        return 100 * (c.fraction(Component.SUCROSE) + c.fraction(Component.LACTOSE));
    }

    @Override
    public Basis basis(final FillingProperties of) {
        return SyrupBasis.basis(
                of,
                of.wet()
                        ? "sugar − what the water holds of it beside the others"
                        : "fat surrounds the sugar: all of it stays crystals");
    }
}
