package palintone.core.filling.quality;

import java.util.function.ToDoubleFunction;
import palintone.core.fat.FatBlend;
import palintone.core.figure.Basis;
import palintone.core.figure.Unit;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** Solid among the fat, at a temperature. */
final class SolidFatQuality implements QualityModel {

    private final ToDoubleFunction<Conditions> celsius;

    /**
     * @param celsius at which it is asked for
     */
    SolidFatQuality(final ToDoubleFunction<Conditions> celsius) {
        this.celsius = celsius;
    }

    @Override
    public double value(final FillingProperties of) {
        return 100 * of.texture().solidFat(celsius.applyAsDouble(of.conditions()));
    }

    @Override
    public Basis basis(final FillingProperties of) {
        final Composition c = of.cooked().composition();
        return Basis.of("ln x = −ΔH/R·(1/T − 1/Tm) for every body of every fat")
                .with("at", celsius.applyAsDouble(of.conditions()), Unit.CELSIUS)
                .with("cocoa butter", 100 * c.fraction(Component.COCOA_BUTTER), Unit.PERCENT)
                .with("milk fat", 100 * c.fraction(Component.MILK_FAT), Unit.PERCENT)
                .with("liquid oil", 100 * c.fraction(Component.LIQUID_OIL), Unit.PERCENT)
                .from(FatBlend.SOURCE)
                .validFor(
                        "at rest; little lauric fat beside cocoa butter",
                        c.fraction(Component.LAURIC_FAT) < 0.02
                                || c.fraction(Component.COCOA_BUTTER) < 0.02);
    }
}
