package palintone.core.casting.crust;

import java.util.List;
import java.util.Optional;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * One-dimensional heat and setting by the method of lines: finite volumes through every layer, the
 * crystal law in every cell, and a Rosenbrock method of second order that stays second order with
 * any Jacobian (ROS2: Verwer, Spee, Blom & Hundsdorfer 1999), its step kept by the embedded method
 * of first order.
 *
 * <p>Crystals of a cell know only its own temperature: they are eliminated cell by cell, and one
 * tridiagonal system of the temperatures is left. Heat that leaves is part of the system, so that
 * the balance closes to rounding.
 */
public final class CrustSolver {

    public static final Source SOURCE =
            Source.remembered(
                    "Fourier conduction with the crystal law; ROS2, Verwer, Spee, Blom &"
                            + " Hundsdorfer 1999, SIAM J. Sci. Comput. 20, 1456–1480");

    private static final double GAMMA = 1 - 1 / Math.sqrt(2);
    private static final double FIRST_STEP_S = 1e-3;
    private static final double TOLERANCE_K = 0.02;
    private static final double TOLERANCE_SHARE = 5e-4;
    private static final double LONGEST_STEP_S = 60;
    private static final double SAFE = 0.9;
    private static final int JACOBIAN_EVERY = 3;
    private static final double NUDGE_K = 1e-3;
    private static final double NUDGE_SHARE = 1e-6;

    private final int n;
    private final ConductingLayer[] of;
    private final double[] volume;
    private final double[] heat;
    private final double[] between;
    private final double[] state;
    private final CrustPath path;
    private final BoundaryCondition outside;
    private final BoundaryCondition inside;
    private final double outsideW;
    private final double insideW;
    private final double tolerance;

    private int sinceJacobian;

    private final double[] rates = new double[3];
    private final double[] nudged = new double[3];
    private final double[] jac;
    private final double[] f;
    private final double[] k1;
    private final double[] k2;
    private final double[] trial;
    private final double[] upper;

    /** How the crystals of a cell follow its temperature in a stage. */
    private final double[] follows;

    private final double[] right;

    private CrustSolver(
            final List<ConductingLayer> strata,
            final Curvature bend,
            final BoundaryCondition outside,
            final BoundaryCondition inside,
            final double tolerance) {
        n = strata.stream().mapToInt(ConductingLayer::cells).sum();
        this.outside = outside;
        this.inside = inside;
        this.tolerance = tolerance;
        of = new ConductingLayer[n];
        volume = new double[n];
        heat = new double[n];
        between = new double[n + 1];
        state = new double[3 * n];
        jac = new double[6 * n];
        f = new double[3 * n];
        k1 = new double[3 * n];
        k2 = new double[3 * n];
        trial = new double[3 * n];
        upper = new double[n];
        follows = new double[2 * n];
        right = new double[n];
        final double[] middle = new double[n];
        final int[] layer = new int[n];
        final double[] resist = new double[n + 1];
        double from = 0;
        int i = 0;
        for (int l = 0; l < strata.size(); l++) {
            final ConductingLayer stratum = strata.get(l);
            for (int k = 0; k < stratum.cells(); k++, i++) {
                final double thick = cut(stratum, k);
                of[i] = stratum;
                layer[i] = l;
                volume[i] = bend.volume(from, from + thick);
                heat[i] = volume[i] * stratum.heatJPerM3K();
                middle[i] = from + thick / 2;
                final double half = thick / 2 / stratum.conductivityWPerMK();
                resist[i] += half / Math.max(1e-9, bend.areaAt(from + thick / 4));
                resist[i + 1] += half / Math.max(1e-9, bend.areaAt(from + 3 * thick / 4));
                state[3 * i] = stratum.startC();
                state[3 * i + 1] = stratum.crystals().stable();
                state[3 * i + 2] = stratum.crystals().unstable();
                from += thick;
            }
        }
        for (int face = 1; face < n; face++) {
            between[face] = 1 / resist[face];
        }
        outsideW = through(outside.filmWPerM2K(), resist[0]);
        insideW =
                bend.areaAt(from) < 1e-9
                        ? 0
                        : through(inside.filmWPerM2K() * bend.areaAt(from), resist[n]);
        path = new CrustPath(middle, volume, layer);
    }

    private static double through(final double film, final double resist) {
        return film <= 0 ? 0 : 1 / (1 / film + resist);
    }

    /** Thickness of the k-th cell of a layer: growing evenly from the finest. */
    private static double cut(final ConductingLayer stratum, final int k) {
        final int m = stratum.cells();
        if (m == 1 || stratum.finest() >= 1) {
            return stratum.thickM() / m;
        }
        final double rise = 2 * (1 - stratum.finest()) / (m - 1);
        return stratum.thickM() / m * (stratum.finest() + rise * k);
    }

    /**
     * Follows a body.
     *
     * @param strata from the outside in
     * @param bend of the whole
     * @param outside what lies against the first layer
     * @param inside what lies against the last
     * @param seconds how long, 0 to 172800
     */
    public static CrustPath follow(
            final List<ConductingLayer> strata,
            final Curvature bend,
            final BoundaryCondition outside,
            final BoundaryCondition inside,
            final double seconds) {
        return follow(strata, bend, outside, inside, seconds, 1);
    }

    /**
     * Allowed: time 0 to 172800 s.
     *
     * @param tolerance times the usual 0.02 K and 0.0005 of the fat a step, 1e-4 to 10
     */
    public static CrustPath follow(
            final List<ConductingLayer> strata,
            final Curvature bend,
            final BoundaryCondition outside,
            final BoundaryCondition inside,
            final double seconds,
            final double tolerance) {
        Require.between("time", seconds, 0, 172_800, "s");
        Require.between("tolerance", tolerance, 1e-4, 10, "");
        return new CrustSolver(strata, bend, outside, inside, tolerance).run(seconds);
    }

    /**
     * Goes on from where another path stands, with fewer or other layers: what lies as deep as a
     * cell, layer by layer from the outside, is as warm and as set as it was there.
     *
     * @param from the path before
     * @param atS moment of it that this one begins with, s
     */
    public static CrustPath goOn(
            final CrustPath from,
            final double atS,
            final List<ConductingLayer> strata,
            final Curvature bend,
            final BoundaryCondition outside,
            final BoundaryCondition inside,
            final double seconds) {
        return goOn(from, atS, 0, strata, bend, outside, inside, seconds);
    }

    /**
     * The same, where something was taken off the outside. Allowed: time 0 to 172800 s.
     *
     * @param lostM so much of it, m
     */
    public static CrustPath goOn(
            final CrustPath from,
            final double atS,
            final double lostM,
            final List<ConductingLayer> strata,
            final Curvature bend,
            final BoundaryCondition outside,
            final BoundaryCondition inside,
            final double seconds) {
        Require.between("time", seconds, 0, 172_800, "s");
        final CrustSolver solver = new CrustSolver(strata, bend, outside, inside, 1);
        final double reaches = from.reachesM();
        for (int i = 0; i < solver.n; i++) {
            final double depthM = solver.path.depthM(i) + lostM;
            if (depthM <= reaches) {
                final double[] there = from.at(depthM, atS);
                System.arraycopy(
                        there, 0, solver.state, 3 * i, solver.of[i].setting().isPresent() ? 3 : 1);
            }
        }
        return solver.run(seconds);
    }

    private CrustPath run(final double seconds) {
        path.keep(0, state);
        final double began = content();
        double t = 0;
        double dt = FIRST_STEP_S;
        double outJ = 0;
        double inJ = 0;
        while (t < seconds - 1e-9) {
            dt = Math.min(dt, Math.min(LONGEST_STEP_S, seconds - t));
            final double outC = outside.temperatureC(t + dt / 2);
            final double inC = inside.temperatureC(t + dt / 2);
            final double factor = step(dt, outC, inC);
            // Second order with any Jacobian: the crystals' is kept for a few steps.
            sinceJacobian = factor >= 1 ? sinceJacobian + 1 : 0;
            if (factor >= 1) {
                final double out1 = outsideW * (state[0] - outC);
                final double in1 = insideW * (state[3 * (n - 1)] - inC);
                // The same combination of stages as the state itself: the balance closes.
                final double kq1 = out1 + GAMMA * dt * outsideW * k1[0];
                final double kp1 = in1 + GAMMA * dt * insideW * k1[3 * (n - 1)];
                final double kq2 =
                        out1 + dt * outsideW * k1[0] - 2 * kq1 + GAMMA * dt * outsideW * k2[0];
                final double kp2 =
                        in1
                                + dt * insideW * k1[3 * (n - 1)]
                                - 2 * kp1
                                + GAMMA * dt * insideW * k2[3 * (n - 1)];
                final double tookOut = dt * (1.5 * kq1 + 0.5 * kq2);
                final double tookIn = dt * (1.5 * kp1 + 0.5 * kp2);
                outJ += tookOut;
                inJ += tookIn;
                for (int i = 0; i < state.length; i++) {
                    state[i] += dt * (1.5 * k1[i] + 0.5 * k2[i]);
                }
                outside.took(t, t + dt, tookOut);
                inside.took(t, t + dt, tookIn);
                t += dt;
                path.keep(t, state);
            }
            dt *= Math.min(4, Math.max(0.2, SAFE * factor));
        }
        path.ledger(outJ, inJ, content() - began);
        return path;
    }

    /** Heat in the body, J over a square metre of the outside, from 0 °C and all melted. */
    private double content() {
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += heat[i] * state[3 * i];
            final Optional<ConductingLayer.Sets> sets = of[i].setting();
            if (sets.isPresent()) {
                sum -=
                        volume[i]
                                * (sets.get().stableJPerM3() * state[3 * i + 1]
                                        + sets.get().unstableJPerM3() * state[3 * i + 2]);
            }
        }
        return sum;
    }

    /** Both stages of a step; the factor by which the step may grow, below 1 where it failed. */
    private double step(final double dt, final double outC, final double inC) {
        derivatives(state, outC, inC, f, sinceJacobian % JACOBIAN_EVERY == 0);
        solve(dt, f, k1);
        for (int i = 0; i < trial.length; i++) {
            trial[i] = state[i] + dt * k1[i];
        }
        derivatives(trial, outC, inC, f, false);
        for (int i = 0; i < f.length; i++) {
            f[i] -= 2 * k1[i];
        }
        solve(dt, f, k2);
        double worst = 0;
        for (int i = 0; i < n; i++) {
            final double offK = dt / 2 * Math.abs(k1[3 * i] + k2[3 * i]);
            final double offS = dt / 2 * Math.abs(k1[3 * i + 1] + k2[3 * i + 1]);
            final double offU = dt / 2 * Math.abs(k1[3 * i + 2] + k2[3 * i + 2]);
            worst =
                    Math.max(
                            worst,
                            Math.max(offK / TOLERANCE_K, Math.max(offS, offU) / TOLERANCE_SHARE));
        }
        return Math.sqrt(tolerance / Math.max(worst, tolerance * 1e-4));
    }

    private void derivatives(
            final double[] y,
            final double outC,
            final double inC,
            final double[] into,
            final boolean withJacobian) {
        for (int i = 0; i < n; i++) {
            final double here = y[3 * i];
            double watt = 0;
            watt += i == 0 ? outsideW * (outC - here) : between[i] * (y[3 * i - 3] - here);
            watt += i == n - 1 ? insideW * (inC - here) : between[i + 1] * (y[3 * i + 3] - here);
            double s = 0;
            double u = 0;
            final Optional<ConductingLayer.Sets> sets = of[i].setting();
            if (sets.isPresent()) {
                final SettingLaw law = sets.get().law();
                final double stable = y[3 * i + 1];
                final double unstable = y[3 * i + 2];
                law.rates(here, stable, unstable, rates);
                s = rates[0];
                u = rates[1];
                watt +=
                        volume[i]
                                * (sets.get().stableJPerM3() * s + sets.get().unstableJPerM3() * u);
                if (withJacobian) {
                    law.rates(here + NUDGE_K, stable, unstable, nudged);
                    jac[6 * i] = (nudged[0] - s) / NUDGE_K;
                    jac[6 * i + 1] = (nudged[1] - u) / NUDGE_K;
                    law.rates(here, stable + NUDGE_SHARE, unstable, nudged);
                    jac[6 * i + 2] = (nudged[0] - s) / NUDGE_SHARE;
                    jac[6 * i + 3] = (nudged[1] - u) / NUDGE_SHARE;
                    law.rates(here, stable, unstable + NUDGE_SHARE, nudged);
                    jac[6 * i + 4] = (nudged[0] - s) / NUDGE_SHARE;
                    jac[6 * i + 5] = (nudged[1] - u) / NUDGE_SHARE;
                }
            }
            into[3 * i] = watt / heat[i];
            into[3 * i + 1] = s;
            into[3 * i + 2] = u;
        }
    }

    /** (1 − γ·dt·J)·k = r, crystals eliminated, temperatures by Thomas' algorithm. */
    private void solve(final double dt, final double[] r, final double[] k) {
        final double g = GAMMA * dt;
        double before = 0;
        for (int i = 0; i < n; i++) {
            final double left = i == 0 ? 0 : between[i];
            final double next = i == n - 1 ? 0 : between[i + 1];
            final double ends = (i == 0 ? outsideW : 0) + (i == n - 1 ? insideW : 0);
            double diagonal = heat[i] + g * (left + next + ends);
            double rhs = heat[i] * r[3 * i];
            final Optional<ConductingLayer.Sets> sets = of[i].setting();
            if (sets.isPresent()) {
                final int j = 6 * i;
                final double a = 1 - g * jac[j + 2];
                final double b = -g * jac[j + 4];
                final double c = -g * jac[j + 3];
                final double d = 1 - g * jac[j + 5];
                final double det = a * d - b * c;
                // k_s = p + q·k_T, k_u = v + w·k_T
                final double rs = r[3 * i + 1];
                final double ru = r[3 * i + 2];
                final double p = (d * rs - b * ru) / det;
                final double v = (a * ru - c * rs) / det;
                final double q = g * (d * jac[j] - b * jac[j + 1]) / det;
                final double w = g * (a * jac[j + 1] - c * jac[j]) / det;
                final double ls = volume[i] * sets.get().stableJPerM3();
                final double lu = volume[i] * sets.get().unstableJPerM3();
                // The T row in heat: its latent part is L·(k_s − r_s) + L·(k_u − r_u) beside r_T.
                rhs += ls * (p - rs) + lu * (v - ru);
                diagonal -= ls * q + lu * w;
                k[3 * i + 1] = p;
                k[3 * i + 2] = v;
                follows[2 * i] = q;
                follows[2 * i + 1] = w;
            } else {
                k[3 * i + 1] = 0;
                k[3 * i + 2] = 0;
            }
            final double pivot = diagonal - (i == 0 ? 0 : g * left * before);
            before = g * next / pivot;
            upper[i] = before;
            right[i] = (rhs + (i == 0 ? 0 : g * left * right[i - 1])) / pivot;
        }
        for (int i = n - 1; i >= 0; i--) {
            k[3 * i] = right[i] + (i == n - 1 ? 0 : upper[i] * k[3 * i + 3]);
            if (of[i].setting().isPresent()) {
                k[3 * i + 1] += follows[2 * i] * k[3 * i];
                k[3 * i + 2] += follows[2 * i + 1] * k[3 * i];
            }
        }
    }
}
