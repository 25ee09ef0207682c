package palintone.core.filling.quality;

import palintone.core.figure.Basis;
import palintone.core.figure.Unit;
import palintone.core.filling.taste.Taste;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** As sweet as so much sucrose. */
final class SweetnessQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        return Taste.sweetness(of.cooked().composition());
    }

    @Override
    public Basis basis(final FillingProperties of) {
        final Composition c = of.cooked().composition();
        return Basis.of("Σ sugar · its sweetness, in sucrose")
                .with("sucrose", 100 * c.fraction(Component.SUCROSE), Unit.PERCENT)
                .with("fructose", 100 * c.fraction(Component.FRUCTOSE), Unit.PERCENT)
                .with("glucose", 100 * c.fraction(Component.GLUCOSE), Unit.PERCENT)
                .from(Taste.SWEETNESS);
    }
}
