package palintone.core.casting.shell;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * A shell in one coat or several, each cast onto what has begun to set. Every coat is the whole
 * model again: heat into wall and earlier coats, film and crust in what is left of the cavity.
 *
 * @param coats in the order they are cast
 * @param together what they come to
 */
public record Coats(List<Coat> coats, Shell together) {

    public static final Source SOURCE =
            Source.calibrated(
                    "the next coat once a tenth of the last one's fat is solid (its shine is gone),"
                            + " and while less than seven tenths of what sets in a room is: later it no longer bonds");

    /** As many as makers cast; common practice, no source. */
    public static final int MOST = 4;

    /** Nobody stands by a full mould longer than this without need; ours. */
    public static final double PATIENCE_S = 240;

    /**
     * One of them.
     *
     * @param waitS from full to turned
     * @param meanMm of this coat alone
     * @param massG of this coat alone, one cavity
     * @param earliestS the next, after this has drained: its shine is gone
     * @param latestS the next: it still bonds
     */
    public record Coat(
            double waitS, double meanMm, double massG, double earliestS, double latestS) {}

    /** The lists are copied. */
    public Coats {
        coats = List.copyOf(coats);
    }

    /**
     * @param first coat's casting; the later ones from a bowl like it
     * @param waits of each coat, s, 1 to 4 of them
     * @throws OutOfRangeException where the coats leave no room to cast into
     */
    public static Coats of(final ShellCast first, final List<Double> waits) {
        Require.between("coats", waits.size(), 1, MOST, "");
        final List<Coat> coats = new ArrayList<>();
        ShellCast cast = first;
        Shell together = null;
        for (int i = 0; i < waits.size(); i++) {
            final Shell shell = cast.after(waits.get(i));
            together = together == null ? shell : together.with(shell);
            final StandingShell standing =
                    new StandingShell(cast, shell, shell.meanMm(), Opening.DOWN);
            final double earliest = standing.whenSolidS(CalibratedCasting.BEGINS_SOLID);
            coats.add(
                    new Coat(
                            waits.get(i),
                            shell.meanMm(),
                            shell.massG(),
                            earliest,
                            Math.max(
                                    earliest,
                                    standing.whenSolidS(
                                            StandingShell.bondsSolid(
                                                    first.order().bowl().couverture())))));
            if (i + 1 < waits.size()) {
                cast = onto(cast, shell, standing, earliest);
            }
        }
        return new Coats(coats, together);
    }

    private static ShellCast onto(
            final ShellCast cast,
            final Shell shell,
            final StandingShell standing,
            final double atS) {
        return new ShellCast(cast.order(), ground(cast, shell, standing, atS, shell.meanMm()));
    }

    static CastSurface ground(
            final ShellCast cast,
            final Shell shell,
            final StandingShell standing,
            final double atS,
            final double coatMm) {
        final double then = Math.min(StandingShell.ROOM_S, atS);
        return cast.ground()
                .coated(
                        cast.order().bowl().couverture(),
                        Math.max(0.2, coatMm),
                        standing.path().meanC(0, then),
                        standing.path().meanC(standing.layer(), then),
                        standing.crystals(then));
    }

    /** What is there to cast onto when the shine of one coat has gone. */
    static CastSurface ground(final ShellCast cast, final double waitS) {
        final Shell shell = cast.after(waitS);
        final StandingShell standing = new StandingShell(cast, shell, shell.meanMm(), Opening.DOWN);
        return ground(
                cast,
                shell,
                standing,
                standing.whenSolidS(CalibratedCasting.BEGINS_SOLID),
                shell.meanMm());
    }

    /**
     * What comes nearest to a thickness.
     *
     * @param coats in order
     * @param met whether they come to it
     */
    public record Nearest(Coats coats, boolean met) {}

    /** So near a thickness is met, share of it. */
    private static final double MET_SHARE = 0.02;

    /**
     * The fewest coats that come to a thickness with the patience makers have, all after the same
     * wait; where none do, the fewest that do with more; and where none do, the nearest there are.
     *
     * @param meanMm wanted, 0.2 to 20 mm
     */
    public static Nearest nearest(final ShellCast first, final double meanMm) {
        Require.between("shell thickness", meanMm, 0.2, 20, "mm");
        List<Double> nearest = List.of(0.0);
        double off = Math.abs(meanMm(first, 1, 0) - meanMm);
        final Map<Integer, Double> atOnce = new HashMap<>();
        for (final double longestS : new double[] {PATIENCE_S, ShellCast.LONGEST_WAIT_S}) {
            for (int many = 1; many <= MOST; many++) {
                final double leastMm =
                        atOnce.computeIfAbsent(many, coats -> meanMm(first, coats, 0));
                final List<Double> waits;
                if (meanMm < leastMm) {
                    waits = Collections.nCopies(many, 0.0);
                } else if (meanMm <= meanMm(first, many, longestS)) {
                    waits = waits(first, many, meanMm, longestS);
                } else {
                    waits = Collections.nCopies(many, longestS);
                }
                // Where the cavity is full before, they end short of what is wanted.
                final double away =
                        Math.abs(
                                (meanMm < leastMm ? leastMm : meanMm(first, many, waits.get(0)))
                                        - meanMm);
                if (away <= MET_SHARE * meanMm) {
                    return new Nearest(of(first, waits), true);
                }
                if (away < off) {
                    off = away;
                    nearest = waits;
                }
                if (meanMm < leastMm) {
                    // More coats are only thicker.
                    break;
                }
            }
        }
        return new Nearest(of(first, nearest), off <= MET_SHARE * meanMm);
    }

    /** The same, where they come to it; empty where they do not. */
    public static Optional<Coats> forMean(final ShellCast first, final double meanMm) {
        return Optional.of(nearest(first, meanMm)).filter(Nearest::met).map(Nearest::coats);
    }

    /**
     * What is said where a thickness cannot be had: the nearest, and what each coat more leaves.
     *
     * @param wantedMm above 0
     */
    public static Sentence cannotBe(
            final ShellCast first, final Nearest nearest, final double wantedMm) {
        Sentence says =
                Sentence.of("{wanted} cannot be had of this bowl: the nearest is {nearest}.")
                        .with("wanted", wantedMm, Unit.MILLIMETRE)
                        .with("nearest", nearest.coats().together().meanMm(), Unit.MILLIMETRE);
        for (int many = 1; many <= 3; many++) {
            final double mm = atOnceMm(first, many);
            if (Double.isInfinite(mm)) {
                return says.and(
                        many == 2
                                ? Sentence.of("Two coats fill the cavity.")
                                : Sentence.of("Three coats fill the cavity."));
            }
            says =
                    says.and(
                            switch (many) {
                                case 1 ->
                                        Sentence.of("One coat turned at once leaves {one}.")
                                                .with("one", mm, Unit.MILLIMETRE);
                                case 2 ->
                                        Sentence.of("Two leave {two}.")
                                                .with("two", mm, Unit.MILLIMETRE);
                                default ->
                                        Sentence.of("Three leave {three}.")
                                                .with("three", mm, Unit.MILLIMETRE);
                            });
        }
        return says;
    }

    /** What so many coats leave, turned at once, mm; infinite where they fill the cavity. */
    public static double atOnceMm(final ShellCast first, final int many) {
        return meanMm(first, many, 0);
    }

    private static List<Double> waits(
            final ShellCast first, final int many, final double meanMm, final double longestS) {
        final double wait =
                WaitFor.steadily(w -> meanMm(first, many, w), meanMm, longestS).orElse(longestS);
        return Collections.nCopies(many, wait);
    }

    private static double meanMm(final ShellCast first, final int many, final double waitS) {
        if (many == 1) {
            return first.after(waitS).meanMm();
        }
        try {
            return of(first, Collections.nCopies(many, waitS)).together().meanMm();
        } catch (final OutOfRangeException full) {
            return Double.POSITIVE_INFINITY;
        }
    }
}
