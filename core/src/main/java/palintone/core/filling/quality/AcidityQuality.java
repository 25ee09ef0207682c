package palintone.core.filling.quality;

import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Range;
import palintone.core.figure.Unit;
import palintone.core.filling.record.Correction;
import palintone.core.filling.water.Buffers;
import palintone.core.substance.Component;

/** The pH. */
final class AcidityQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        return of.cooked().ph() + own(of).offset();
    }

    @Override
    public Basis basis(final FillingProperties of) {
        return own(of).moves(
                        Unit.PH,
                        Basis.of("mean pH of what is in the pot, weighed by what buffers it"))
                .with(
                        "organic acid",
                        100 * of.cooked().composition().fraction(Component.ORGANIC_ACID),
                        Unit.PERCENT)
                .from(Buffers.SOURCE);
    }

    @Override
    public Optional<Range> spread(final FillingProperties of) {
        return Optional.of(of.acidityRange());
    }

    private static Correction own(final FillingProperties of) {
        return of.conditions().own().of(Correction.Of.PH);
    }
}
