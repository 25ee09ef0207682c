package palintone.core.casting.crust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.hipparchus.special.Erf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;

/** Against Carslaw & Jaeger, Conduction of Heat in Solids (1959), and a second solver. */
class CrustSolverTest {

    private static final double CONDUCTS = 0.25;
    private static final double HOLDS = 2e6;

    private static ConductingLayer body(final double thickM, final int cells, final double startC) {
        return ConductingLayer.plain(thickM, cells, CONDUCTS, HOLDS, startC);
    }

    /** Chapter II: two thick bodies meet at (e₁T₁ + e₂T₂)/(e₁ + e₂) and stay there. */
    @Test
    void contactOfTwoHalfSpaces() {
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.plain(0.02, 200, 2.6, 2.3e6, 19),
                                body(0.02, 200, 45)),
                        Curvature.FLAT,
                        BoundaryCondition.NONE,
                        BoundaryCondition.NONE,
                        20,
                        0.1);
        final double e1 = Math.sqrt(2.6 * 2.3e6);
        final double e2 = Math.sqrt(CONDUCTS * HOLDS);
        final double stone = path.temperatureC(199, 20);
        final double flow = 2 * 2.6 / 1e-4;
        final double flow2 = 2 * CONDUCTS / 1e-4;
        final double contact = (flow * stone + flow2 * path.temperatureC(200, 20)) / (flow + flow2);
        assertThat(contact).isCloseTo((e1 * 19 + e2 * 45) / (e1 + e2), within(0.02));
    }

    /** Chapter III: a slab of 4 mm, its faces held at 0 from 30 °C; the middle by its series. */
    @Test
    void seriesOfTheSlab() {
        final double thick = 0.004;
        final CrustPath path =
                CrustSolver.follow(
                        List.of(body(thick, 80, 30)),
                        Curvature.FLAT,
                        BoundaryCondition.still(1e7, 0),
                        BoundaryCondition.still(1e7, 0),
                        40,
                        0.1);
        final double diffuses = CONDUCTS / HOLDS;
        for (final double t : new double[] {5, 15, 40}) {
            final double x = path.depthM(40);
            double sum = 0;
            for (int n = 0; n < 50; n++) {
                final double k = (2 * n + 1) * Math.PI / thick;
                sum +=
                        4
                                / Math.PI
                                / (2 * n + 1)
                                * Math.exp(-diffuses * k * k * t)
                                * Math.sin(k * x);
            }
            assertThat(path.temperatureC(40, t)).isCloseTo(30 * sum, within(0.02));
        }
    }

    /** Chapter IX: a sphere of 8 mm, its surface held at 0 from 30 °C. */
    @Test
    void seriesOfTheSphere() {
        final double radius = 0.008;
        final int cells = 160;
        final CrustPath path =
                CrustSolver.follow(
                        List.of(body(radius, cells, 30)),
                        new Curvature(2, radius),
                        BoundaryCondition.still(1e7, 0),
                        BoundaryCondition.NONE,
                        90,
                        0.1);
        final double diffuses = CONDUCTS / HOLDS;
        for (final double t : new double[] {20, 50, 90}) {
            final double r = radius - path.depthM(100);
            double sum = 0;
            for (int n = 1; n < 60; n++) {
                final double k = n * Math.PI / radius;
                sum +=
                        (n % 2 == 0 ? -1 : 1)
                                * 2
                                * radius
                                / (n * Math.PI * r)
                                * Math.sin(k * r)
                                * Math.exp(-diffuses * k * k * t);
            }
            assertThat(path.temperatureC(100, t)).isCloseTo(30 * sum, within(0.02));
        }
    }

    /**
     * Chapter XI, Neumann: a liquid at its melting point, its face held 20 K colder, sets to
     * 2λ√(at), λ·exp(λ²)·erf(λ) = Ste/√π.
     */
    @Test
    void neumannsFront() {
        final double heat = 6e7;
        final double meltsC = 30;
        final SettingLaw sharp =
                (t, s, u, rates) -> {
                    final double may = Math.max(0, Math.min(1, (meltsC - t) / 0.1));
                    rates[0] = (may - s) / 0.02;
                    rates[1] = 0;
                };
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                new ConductingLayer(
                                        0.006,
                                        200,
                                        1,
                                        CONDUCTS,
                                        HOLDS,
                                        Optional.of(new ConductingLayer.Sets(sharp, heat, heat)),
                                        meltsC,
                                        Crystals.NONE)),
                        Curvature.FLAT,
                        BoundaryCondition.still(1e7, 10),
                        BoundaryCondition.NONE,
                        40,
                        0.3);
        final double stefan = HOLDS * 20 / heat;
        double low = 0;
        double high = 3;
        while (high - low > 1e-9) {
            final double l = (low + high) / 2;
            if (l * Math.exp(l * l) * Erf.erf(l) < stefan / Math.sqrt(Math.PI)) {
                low = l;
            } else {
                high = l;
            }
        }
        final double front = 2 * low * Math.sqrt(CONDUCTS / HOLDS * 40);
        assertThat(path.meanSolid(0, 40) * 0.006).isCloseTo(front, withinPercentage(1));
    }

    /** The method of lines once more, by Dormand & Prince's explicit pair of Hipparchus. */
    @ParameterizedTest(name = "{0} °C, seed {1}, wall {2} mm, air {3} °C, bend {4}")
    @CsvSource({
        "31.5, 0.01, 2, 20, 0",
        "31.5, 0.03, 3, 22, 2",
        "29.0, 0.02, 0.5, 12, 0",
        "32.5, 0.003, 5, 9, 1",
        "28.0, 0.05, 1, 15, 2",
        "31.0, 0.00, 2, 8, 0"
    })
    void aSecondSolverSaysTheSame(
            final double bowlC,
            final double seed,
            final double wallMm,
            final double airC,
            final double power) {
        final int wall = 3;
        final int chocolate = 9;
        final double thick = 0.004;
        final List<ConductingLayer> strata =
                List.of(
                        ConductingLayer.plain(wallMm / 1000, wall, 0.2, 1.5e6, 20),
                        ConductingLayer.chocolate(
                                Samples.dark(), thick, chocolate, 1, bowlC, new Crystals(seed, 0)));
        final Curvature bend = new Curvature(power, 0.012);
        final CrustPath ours =
                CrustSolver.follow(
                        strata,
                        bend,
                        BoundaryCondition.still(12, airC),
                        BoundaryCondition.still(6, airC),
                        900,
                        0.2);
        final double[] theirs = explicit(strata, bend, wallMm / 1000, wall, thick, chocolate, airC);
        for (int i = 0; i < wall + chocolate; i++) {
            assertThat(ours.temperatureC(i, 900))
                    .isCloseTo(theirs[3 * i], within(0.01 * (bowlC - airC)));
            assertThat(ours.stable(i, 900)).isCloseTo(theirs[3 * i + 1], within(0.01));
        }
    }

    private static double[] explicit(
            final List<ConductingLayer> strata,
            final Curvature bend,
            final double wallM,
            final int wall,
            final double thick,
            final int chocolate,
            final double airC) {
        final int n = wall + chocolate;
        final double[] from = new double[n + 1];
        for (int i = 0; i < n; i++) {
            from[i + 1] = from[i] + (i < wall ? wallM / wall : thick / chocolate);
        }
        final CrystalLaw law = Samples.dark().crystals();
        final OrdinaryDifferentialEquation lines =
                new OrdinaryDifferentialEquation() {
                    @Override
                    public int getDimension() {
                        return 3 * n;
                    }

                    @Override
                    public double[] computeDerivatives(final double t, final double[] y) {
                        final double[] d = new double[3 * n];
                        final double[] rates = new double[2];
                        double in = pass(-1, y);
                        for (int i = 0; i < n; i++) {
                            final double out = pass(i, y);
                            double watt = in - out;
                            final double volume = bend.volume(from[i], from[i + 1]);
                            final ConductingLayer of = strata.get(i < wall ? 0 : 1);
                            if (i >= wall) {
                                law.rates(y[3 * i], y[3 * i + 1], y[3 * i + 2], 0, rates);
                                d[3 * i + 1] = rates[0];
                                d[3 * i + 2] = rates[1];
                                final ConductingLayer.Sets sets = of.setting().orElseThrow();
                                watt +=
                                        volume
                                                * (rates[0] * sets.stableJPerM3()
                                                        + rates[1] * sets.unstableJPerM3());
                            }
                            d[3 * i] = watt / volume / of.heatJPerM3K();
                            in = out;
                        }
                        return d;
                    }

                    private double half(final int i, final boolean before) {
                        final double wide = from[i + 1] - from[i];
                        final double conducts = i < wall ? 0.2 : ConductingLayer.CHOCOLATE_W_PER_MK;
                        return wide
                                / 2
                                / conducts
                                / bend.areaAt(from[i] + wide * (before ? 0.25 : 0.75));
                    }

                    private double pass(final int i, final double[] y) {
                        if (i < 0) {
                            return (airC - y[0]) / (1.0 / 12 + half(0, true));
                        }
                        if (i == n - 1) {
                            return (y[3 * i] - airC)
                                    / (1 / (6 * bend.areaAt(from[n])) + half(i, false));
                        }
                        return (y[3 * i] - y[3 * i + 3]) / (half(i, false) + half(i + 1, true));
                    }
                };
        final double[] start = new double[3 * n];
        for (int i = 0; i < n; i++) {
            final ConductingLayer of = strata.get(i < wall ? 0 : 1);
            start[3 * i] = of.startC();
            start[3 * i + 1] = of.crystals().stable();
        }
        return new DormandPrince54Integrator(1e-6, 5, 1e-7, 1e-7)
                .integrate(lines, new ODEState(0, start), 900)
                .getPrimaryState();
    }

    /** What left, and what is left. */
    @ParameterizedTest
    @CsvSource({"31.5, 9, 0.01", "45, 20, 0", "20, 30, 0.5", "12, 35, 0.8"})
    void heatIsKept(final double startC, final double airC, final double seed) {
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.plain(0.002, 6, 0.2, 1.5e6, 20),
                                ConductingLayer.chocolate(
                                        Samples.dark(),
                                        0.002,
                                        20,
                                        0.5,
                                        startC,
                                        new Crystals(seed, 0))),
                        new Curvature(2, 0.016),
                        BoundaryCondition.still(15, airC),
                        BoundaryCondition.still(8, airC),
                        3600);
        final double passed = Math.abs(path.outsideJPerM2()) + Math.abs(path.insideJPerM2());
        assertThat(path.gainedJPerM2() + path.outsideJPerM2() + path.insideJPerM2())
                .isCloseTo(0, within(passed * 1e-6));
        assertThat(passed).isGreaterThan(1000);
    }

    /** What goes on from another path begins as that one stood. */
    @Test
    void aPathGoesOnWhereTheLastStood() {
        final List<ConductingLayer> strata =
                List.of(
                        ConductingLayer.plain(0.002, 6, 0.2, 1.5e6, 20),
                        ConductingLayer.chocolate(
                                Samples.dark(), 0.002, 20, 1, 31, new Crystals(0.01, 0)));
        final BoundaryCondition air = BoundaryCondition.still(10, 15);
        final CrustPath whole = CrustSolver.follow(strata, Curvature.FLAT, air, air, 600);
        final CrustPath first = CrustSolver.follow(strata, Curvature.FLAT, air, air, 200);
        final CrustPath then = CrustSolver.goOn(first, 200, strata, Curvature.FLAT, air, air, 400);
        assertThat(then.meanC(1, 400)).isCloseTo(whole.meanC(1, 600), within(0.05));
        assertThat(then.meanSolid(1, 400)).isCloseTo(whole.meanSolid(1, 600), within(0.005));
    }

    /** A layer of one cell is a layer too: what goes on from it begins as warm as it was. */
    @Test
    void goesOnFromASingleCell() {
        final CrustPath one =
                CrustSolver.follow(
                        List.of(body(0.002, 1, 30)),
                        Curvature.FLAT,
                        BoundaryCondition.still(10, 20),
                        BoundaryCondition.NONE,
                        10,
                        1);
        final CrustPath on =
                CrustSolver.goOn(
                        one,
                        10,
                        List.of(body(0.002, 1, 0)),
                        Curvature.FLAT,
                        BoundaryCondition.NONE,
                        BoundaryCondition.NONE,
                        1);
        assertThat(on.temperatureC(0, 0)).isCloseTo(one.temperatureC(0, 10), within(1e-9));
        assertThat(on.firstS(s -> false)).isEqualTo(Double.POSITIVE_INFINITY);
    }
}
