package palintone.core.temper.bowl;

import org.hipparchus.ode.OrdinaryDifferentialEquation;
import palintone.core.fat.FusionHeat;
import palintone.core.temper.Couverture;
import palintone.core.temper.crystal.CrystalLaw;

/**
 * The balances of a lumped, well stirred bowl.
 *
 * <p>Enthalpy of chocolate and vessel is what is integrated; temperature follows from it and from
 * the crystals: H = (m·cp + C)·T − m·f·(L·s + L′·u). So heat is kept to rounding, whatever the
 * integrator's tolerance. State: H, stable, unstable, heat from room, source and companion so far,
 * temperatures of the companion.
 */
final class BowlEquations implements OrdinaryDifferentialEquation {

    static final int H = 0;
    static final int STABLE = 1;
    static final int UNSTABLE = 2;
    static final int ROOM = 3;
    static final int SOURCE = 4;
    static final int COMPANION = 5;

    /** Where the temperatures of the companion's layers begin. */
    static final int COMPANION_C = 6;

    private final CrystalLaw law;
    private final BowlVessel vessel;
    private final BowlTreatment setting;
    private final Thermal thermal;
    private final double massG;
    private final double[] rates = new double[2];

    BowlEquations(
            final CrystalLaw law,
            final BowlVessel vessel,
            final BowlTreatment setting,
            final Thermal thermal,
            final double massG) {
        this.law = law;
        this.vessel = vessel;
        this.setting = setting;
        this.thermal = thermal;
        this.massG = massG;
    }

    /** What the couverture brings into the heat balance. */
    record Thermal(double cpJPerGK, double fat, double stableJPerG, double unstableJPerG) {

        static Thermal of(final Couverture couverture) {
            return new Thermal(
                    couverture.cpJPerGK(),
                    couverture.ingredient().composition().fatFraction(),
                    couverture.mixing().fusionJPerGFat(),
                    FusionHeat.UNSTABLE_J_PER_G);
        }

        /** Heat set free by the crystals there are, J. */
        double latentJ(final double massG, final double stable, final double unstable) {
            return massG * fat * (stableJPerG * stable + unstableJPerG * unstable);
        }

        double enthalpyJ(
                final double massG,
                final double capacityJPerK,
                final double temperatureC,
                final double stable,
                final double unstable) {
            return (massG * cpJPerGK + capacityJPerK) * temperatureC
                    - latentJ(massG, stable, unstable);
        }

        double temperatureC(
                final double massG,
                final double capacityJPerK,
                final double enthalpyJ,
                final double stable,
                final double unstable) {
            return (enthalpyJ + latentJ(massG, stable, unstable))
                    / (massG * cpJPerGK + capacityJPerK);
        }
    }

    /** How many numbers the state has in a setting. */
    static int size(final BowlTreatment setting) {
        return COMPANION_C + setting.heatSink().map(c -> c.layersC().size()).orElse(0);
    }

    double temperatureC(final double[] y) {
        return thermal.temperatureC(massG, vessel.capacityJPerK(), y[H], y[STABLE], y[UNSTABLE]);
    }

    @Override
    public int getDimension() {
        return size(setting);
    }

    @Override
    public double[] computeDerivatives(final double time, final double[] y) {
        final double t = temperatureC(y);
        final double[] d = new double[y.length];
        d[ROOM] = vessel.airWPerK() * (setting.roomC() - t);
        d[SOURCE] = setting.sourceW(t);
        if (setting.heatSink().isPresent()) {
            final HeatSink body = setting.heatSink().get();
            d[COMPANION] = body.contactWPerK() * (y[COMPANION_C] - t);
            body.warming(y, COMPANION_C, -d[COMPANION], d);
        }
        d[H] = d[ROOM] + d[SOURCE] + d[COMPANION];
        law.rates(t, y[STABLE], y[UNSTABLE], setting.shear().strength(), rates);
        d[STABLE] = rates[0];
        d[UNSTABLE] = rates[1];
        return d;
    }
}
