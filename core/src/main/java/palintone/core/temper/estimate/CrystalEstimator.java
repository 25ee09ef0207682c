package palintone.core.temper.estimate;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Range;
import palintone.core.figure.Require;
import palintone.core.temper.Verdict;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.CrystalPath;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.PaperTest;
import palintone.core.temper.crystal.Shear;

/**
 * An ensemble of bowls that might be this one. All of them live through the temperatures that were
 * measured; a paper test keeps those that would have set when the smear did. Mutable, and the same
 * for the same seed number: nothing in it is left to chance twice.
 */
public final class CrystalEstimator {

    /** How surely a maker sees the moment a smear has set, standard deviation of the logarithm. */
    private static final double SET_DOUBT = 0.15;

    /** Where the bowls agree with a smear less than this on average, the smear is believed. */
    private static final double NEVER = 1e-4;

    /** A smear given up would have set later by some such factor. */
    private static final double LATER = 1.4;

    /** How much seed is really in temper and gets really stirred in, of the logarithm. */
    private static final double SEED_DOUBT = 0.3;

    private static final double SHAKE = 0.04;
    private static final double TAIL = 0.05;

    private final Member[] members;
    private final Random random;

    /**
     * @param curve of the couverture's fat
     * @param size of the ensemble, 20 to 2000
     * @param seed of the random numbers
     * @param doubt how far bowls differ
     * @param start crystals it begins with
     * @param startDoubt of them, standard deviation of the logarithm
     */
    public CrystalEstimator(
            final SolidFatCurve curve,
            final int size,
            final long seed,
            final ParameterUncertainty doubt,
            final Crystals start,
            final double startDoubt) {
        Require.between("ensemble", size, 20, 2000, "bowls");
        random = new Random(seed);
        members = new Member[size];
        for (int i = 0; i < size; i++) {
            final ParameterUncertainty.Draw draw = doubt.draw(CrystalConstants.CALIBRATED, random);
            final double factor = Math.exp(startDoubt * random.nextGaussian());
            final double stable = Math.min(0.9, start.stable() * factor);
            members[i] =
                    new Member(
                            new CrystalLaw(curve, draw.constants()),
                            draw,
                            new Crystals(stable, Math.min(1 - stable, start.unstable() * factor)));
        }
    }

    /** One bowl that might be this one. */
    private static final class Member {
        private final CrystalLaw law;
        private final ParameterUncertainty.Draw draw;
        private final CrystalPath path;
        private double mostStable;

        /** Until it has been thin once, much solid fat is a bowl that melts, not one gone thick. */
        private boolean thinOnce;

        Member(final CrystalLaw law, final ParameterUncertainty.Draw draw, final Crystals start) {
            this.law = law;
            this.draw = draw;
            path = new CrystalPath(law, start);
            mostStable = start.stable();
            thinOnce = thin();
        }

        private boolean thin() {
            return path.now().solid() <= Verdict.THICK_SOLID;
        }

        Verdict verdict() {
            return thinOnce ? Verdict.of(path.now(), mostStable) : Verdict.NOT_MELTED;
        }

        Member copy(final double shaken) {
            final Crystals now = path.now();
            final double stable = Math.min(0.98 - now.unstable(), now.stable() * shaken);
            final Member twin =
                    new Member(law, draw, new Crystals(Math.max(0, stable), now.unstable()));
            twin.mostStable = Math.max(mostStable, stable);
            twin.thinOnce = thinOnce;
            return twin;
        }

        void advance(
                final double fromC, final double toC, final double seconds, final double shear) {
            path.advance(
                    fromC - draw.probeOffsetK(),
                    toC - draw.probeOffsetK(),
                    seconds,
                    shear * draw.shearFactor());
            mostStable = Math.max(mostStable, path.stable());
            thinOnce |= thin();
        }

        /** A melted bowl has lost nothing it could be blamed for. */
        void forget() {
            mostStable = path.stable();
        }
    }

    /** Goes on along a measured stretch. */
    public void advance(
            final double fromC, final double toC, final double seconds, final Shear shear) {
        for (final Member member : members) {
            member.advance(fromC, toC, seconds, shear.strength());
        }
    }

    /** Chocolate with known crystals is stirred in: seed, or the part from the stone. */
    public void mixIn(final double bowlG, final double addedG, final Crystals added) {
        for (final Member member : members) {
            final double factor = Math.exp(SEED_DOUBT * random.nextGaussian());
            final Crystals really = new Crystals(Math.min(0.95, added.stable() * factor), 0);
            member.path.reset(member.path.now().mixedWith(bowlG, really, addedG));
            member.mostStable = Math.max(member.mostStable, member.path.stable());
        }
    }

    /**
     * Part of the bowl was worked on the stone and given back.
     *
     * @param share of the bowl
     * @param seconds it was at its coldest
     * @param coldestC on the stone
     */
    public void tabled(final double share, final double seconds, final double coldestC) {
        for (final Member member : members) {
            final CrystalPath stone = new CrystalPath(member.law, member.path.now());
            stone.advance(coldestC + 8, coldestC, 60, Shear.TABLED.strength());
            stone.advance(
                    coldestC,
                    coldestC,
                    seconds,
                    Shear.TABLED.strength() * member.draw.shearFactor());
            member.path.reset(member.path.now().mixedWith(1 - share, stone.now(), share));
            member.mostStable = Math.max(member.mostStable, member.path.stable());
        }
    }

    /** The bowl was melted out: what was lost before is forgotten. */
    public void melted() {
        for (final Member member : members) {
            member.forget();
        }
    }

    /**
     * A smear was made; those bowls stay that agree with it.
     *
     * @param seconds until it had set, or was given up
     * @param set false where it had not set by then
     */
    public void paperTest(
            final double seconds, final boolean set, final double bowlC, final double roomC) {
        Require.between("paper test", seconds, 5, PaperTest.LONGEST_S, "s");
        final PaperTest test = new PaperTest(roomC);
        final double[] weights = new double[members.length];
        double sum = 0;
        for (int i = 0; i < members.length; i++) {
            final double predicted =
                    test.smear(
                                    members[i].law,
                                    bowlC - members[i].draw.probeOffsetK(),
                                    members[i].path.now())
                            .seconds();
            final double off = Math.log(predicted / seconds) / SET_DOUBT;
            weights[i] = set ? Math.exp(-off * off / 2) : 1 / (1 + Math.exp(-3 * off));
            sum += weights[i];
        }
        if (sum > NEVER * members.length) {
            resample(weights, sum);
        } else {
            believe(test, set ? seconds : seconds * LATER, bowlC);
        }
    }

    /** Systematic resampling, each twin shaken a little. */
    private void resample(final double[] weights, final double sum) {
        final Member[] kept = new Member[members.length];
        final double step = sum / members.length;
        double mark = step * random.nextDouble();
        double reached = 0;
        int from = -1;
        for (int i = 0; i < members.length; i++) {
            while (reached <= mark && from < members.length - 1) {
                from++;
                reached += weights[from];
            }
            kept[i] = members[from].copy(Math.exp(SHAKE * random.nextGaussian()));
            mark += step;
        }
        System.arraycopy(kept, 0, members, 0, kept.length);
    }

    /** No bowl agrees: the smear is right, and the seed is what would have made it. */
    private void believe(final PaperTest test, final double seconds, final double bowlC) {
        for (int i = 0; i < members.length; i++) {
            final double seen = seconds * Math.exp(SET_DOUBT * random.nextGaussian());
            double low = Math.log(1e-6);
            double high = Math.log(0.15);
            for (int step = 0; step < 18; step++) {
                final double middle = (low + high) / 2;
                final double sets =
                        test.smear(members[i].law, bowlC, new Crystals(Math.exp(middle), 0))
                                .seconds();
                if (sets > seen) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            members[i].path.reset(new Crystals(Math.exp(low), 0));
            members[i].mostStable = Math.max(members[i].mostStable, Math.exp(low));
            members[i].thinOnce = true;
        }
    }

    /** What is in the bowl now. */
    public Estimate now() {
        final double[] stable = new double[members.length];
        final double[] unstable = new double[members.length];
        final Map<Verdict, Double> verdicts = new EnumMap<>(Verdict.class);
        for (int i = 0; i < members.length; i++) {
            stable[i] = members[i].path.stable();
            unstable[i] = members[i].path.unstable();
            verdicts.merge(members[i].verdict(), 1.0 / members.length, Double::sum);
        }
        Arrays.sort(stable);
        Arrays.sort(unstable);
        return new Estimate(
                new Crystals(at(stable, 0.5), at(unstable, 0.5)),
                new Range(at(stable, TAIL), at(stable, 1 - TAIL)),
                new Range(at(unstable, TAIL), at(unstable, 1 - TAIL)),
                verdicts);
    }

    private static double at(final double[] sorted, final double part) {
        final double place = part * (sorted.length - 1);
        final int below = (int) place;
        final int above = Math.min(below + 1, sorted.length - 1);
        return sorted[below] + (place - below) * (sorted[above] - sorted[below]);
    }
}
