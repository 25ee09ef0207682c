package palintone.core.filling.quality;

import java.util.Optional;
import java.util.function.ToDoubleFunction;
import palintone.core.fat.FatBlend;
import palintone.core.figure.Basis;
import palintone.core.figure.Range;
import palintone.core.figure.Unit;
import palintone.core.filling.record.Correction;
import palintone.core.filling.texture.Gel;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.SyrupViscosity;

/** How firm it is to the finger, at a temperature. */
final class FirmnessQuality implements QualityModel {

    /** What the model is off by, where nothing was measured; calibrated here. */
    private static final double COMPUTED_MARGIN = 0.7;

    private final ToDoubleFunction<Conditions> celsius;

    /**
     * @param celsius at which it is asked for
     */
    FirmnessQuality(final ToDoubleFunction<Conditions> celsius) {
        this.celsius = celsius;
    }

    @Override
    public double value(final FillingProperties of) {
        return Texture.firmness(of.texture().pascal(celsius.applyAsDouble(of.conditions())));
    }

    @Override
    public Basis basis(final FillingProperties of) {
        final double atC = celsius.applyAsDouble(of.conditions());
        final Texture texture = of.texture();
        Basis basis =
                Basis.of("2·(log10 stiffness − 1); stiffness of solids and syrup together")
                        .with("stiffness", texture.pascal(atC), Unit.PASCAL)
                        .with("at", atC, Unit.CELSIUS)
                        .with("solid fat", 100 * texture.solidFat(atC), Unit.PERCENT);
        if (of.wet()) {
            final AqueousPhase syrup = texture.syrup(atC);
            basis =
                    basis.with(
                            "log10 of the syrup's viscosity",
                            SyrupViscosity.log10PaS(syrup, atC),
                            Unit.ONE);
            if (!texture.gel().none()) {
                basis =
                        basis.with(
                                        "held by what gels",
                                        texture.gel().pascal(syrup, atC),
                                        Unit.PASCAL)
                                .from(Gel.SOURCE);
            }
        }
        return own(of).moves(Unit.FIRMNESS, basis)
                .from(Texture.SOURCE)
                .from(SyrupViscosity.SOURCE)
                .from(FatBlend.SOURCE);
    }

    @Override
    public Optional<Range> spread(final FillingProperties of) {
        final double value = value(of);
        final double margin = own(of).measurements() > 0 ? own(of).margin() : COMPUTED_MARGIN;
        return Optional.of(new Range(Math.max(0, value - margin), value + margin));
    }

    private static Correction own(final FillingProperties of) {
        return of.conditions().own().of(Correction.Of.FIRMNESS);
    }
}
