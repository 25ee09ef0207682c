package palintone.core.filling.quality;

import palintone.core.figure.Basis;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.LumpedSolids;

/** Water that no solid and no sugar holds. */
final class FreeWaterQuality implements QualityModel {

    /** Grams of water one gram of these holds too tightly to be free; common practice. */
    private static final double BOUND_BY_PROTEIN = 0.3;

    private static final double BOUND_BY_SUGAR = 0.1;

    @Override
    public double value(final FillingProperties of) {
        final Composition c = of.cooked().matrix();
        final double bound =
                100
                        * BOUND_BY_PROTEIN
                        * (c.fraction(Component.PROTEIN)
                                + c.fraction(Component.STARCH)
                                + c.fraction(Component.FIBRE)
                                + c.fraction(Component.COCOA_SOLIDS)
                                + LumpedSolids.MILK_PROTEIN * c.fraction(Component.MILK_SOLIDS));
        final double bySugar = of.wet() ? BOUND_BY_SUGAR * of.syrup().dissolvedSumG() : 0;
        final double matrixShare = 1 - of.cooked().folded().grams() / of.cooked().yieldG();
        return matrixShare * Math.max(0, 100 * c.fraction(Component.WATER) - bound - bySugar);
    }

    @Override
    public Basis basis(final FillingProperties of) {
        return Basis.of("water − 0.3·(protein, starch, fibre, cocoa) − 0.1·dissolved sugar")
                .with("water", of.value(Quality.WATER), Unit.PERCENT)
                .from(Source.practice("what solids hold too tightly to be free"));
    }
}
