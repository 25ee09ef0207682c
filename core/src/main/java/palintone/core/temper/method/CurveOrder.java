package palintone.core.temper.method;

import java.util.Optional;
import palintone.core.figure.Require;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.flow.FluidityClass;

/**
 * What is to be tempered, in what, how.
 *
 * @param massG in temper at the end, seed included, 50 g to 100 kg
 * @param share poured on the stone, or of seed; the practice of the method where empty
 */
public record CurveOrder(
        Couverture couverture,
        FluidityClass fluidity,
        TemperTargets targets,
        double massG,
        VesselKind vesselKind,
        TemperingMethod method,
        double roomC,
        Equipment equipment,
        Optional<Double> share) {

    private static final double TWO_THIRDS = 2.0 / 3;

    /**
     * Allowed: mass to temper 50 to 100000 g; room temperature 10 to 32 °C; share poured on the
     * stone 20 to 95 %; share of seed 0.5 to 60 %.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public CurveOrder {
        Require.between("mass to temper", massG, 50, 100_000, "g");
        Require.between("room temperature", roomC, 10, 32, "°C");
        share.ifPresent(
                s -> {
                    if (method == TemperingMethod.TABLING) {
                        Require.between("share poured on the stone", s * 100, 20, 95, "%");
                    } else {
                        Require.between("share of seed", s * 100, 0.5, 60, "%");
                    }
                });
    }

    /** The same bowl by another method, with that method's usual share. */
    public CurveOrder by(final TemperingMethod other) {
        return new CurveOrder(
                couverture,
                fluidity,
                targets,
                massG,
                vesselKind,
                other,
                roomC,
                equipment,
                Optional.empty());
    }

    /**
     * The same with another share.
     *
     * @param other poured on the stone or of seed, 0 to 1
     * @throws palintone.core.figure.OutOfRangeException when the method does not bear it
     */
    public CurveOrder withShare(final double other) {
        return new CurveOrder(
                couverture,
                fluidity,
                targets,
                massG,
                vesselKind,
                method,
                roomC,
                equipment,
                Optional.of(other));
    }

    public BowlVessel vessel() {
        return BowlVessel.holding(vesselKind, massG, couverture.castingDensityGPerMl());
    }

    /** Poured out or stirred in, 0 to 1; nothing where the method has no share. */
    public double shareOrPractice() {
        return share.orElse(method == TemperingMethod.TABLING ? TWO_THIRDS : method.seedShare());
    }
}
