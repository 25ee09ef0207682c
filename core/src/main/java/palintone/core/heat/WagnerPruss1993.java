package palintone.core.heat;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Saturation pressure of water from the ice point to far above any sugar pan, after Wagner &amp;
 * Pruss (1993), "International equations for the saturation properties of ordinary water
 * substance", J. Phys. Chem. Ref. Data 22, 783–787. Valid 0 to 374 °C; coefficients checked from 10
 * to 300 °C against a published steam table (IAPWS-IF97) in the tests.
 */
public final class WagnerPruss1993 implements SaturationPressure {

    public static final Source SOURCE =
            Source.published("Wagner & Pruss 1993, J. Phys. Chem. Ref. Data 22, 783–787");

    private static final double CRITICAL_K = 647.096;
    private static final double CRITICAL_HPA = 220_640;

    /** Allowed: temperature 0 to 370 °C. */
    @Override
    public double hPaAt(final double temperatureC) {
        Require.between("temperature", temperatureC, 0, 370, "°C");
        final double k = temperatureC + 273.15;
        final double t = 1 - k / CRITICAL_K;
        final double root = Math.sqrt(t);
        final double t3 = t * t * t;
        final double sum =
                -7.85951783 * t
                        + 1.84408259 * t * root
                        - 11.7866497 * t3
                        + 22.6807411 * t3 * root
                        - 15.9618719 * t3 * t
                        + 1.80122502 * t3 * t3 * t * root;
        return CRITICAL_HPA * Math.exp(CRITICAL_K / k * sum);
    }

    /** Allowed: vapour pressure 7 to 200000 hPa. */
    @Override
    public double temperatureCAt(final double pressureHPa) {
        Require.between("vapour pressure", pressureHPa, 7, 200_000, "hPa");
        return new BracketingNthOrderBrentSolver(1e-12, 1e-9, 5)
                .solve(100, c -> Math.log(hPaAt(c) / pressureHPa), 0, 370);
    }
}
