package palintone.core.coat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.function.ToIntFunction;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Rounds and strips out of one sheet: one straight cut parts it, across or along; the rounds that
 * are wanted take as little of it as they can, strips are cut from the rest. For cuts of that kind
 * the count of strips is exact.
 *
 * @param rounds where their middles lie
 * @param strips as they lie
 * @param bound no layout that holds these rounds holds more strips: whole areas
 * @param wasteShare of the sheet's area
 */
public record MixedCut(
        List<RoundLayout.Middle> rounds, List<SlabCut.Cut> strips, int bound, double wasteShare) {

    public static final Source SOURCE =
            Source.definition(
                    "one straight cut, the least sheet that holds the rounds, equal rectangles out"
                            + " of the rest");

    private static final double ROW = Math.sqrt(3) / 2;

    /** The lists are copied. */
    public MixedCut {
        rounds = List.copyOf(rounds);
        strips = List.copyOf(strips);
    }

    /**
     * What is wanted.
     *
     * @param acrossMm of a round, 5 to 500
     * @param gapMm between two, 0 to 50
     * @param rounds wanted, 1 or more
     * @param longMm a strip's longer side, 5 to 500
     * @param wideMm its other side, 5 to 500
     */
    public record CutWish(double acrossMm, double gapMm, int rounds, double longMm, double wideMm) {

        /**
         * @throws OutOfRangeException when a number is impossible
         */
        public CutWish {
            Require.between("rounds wanted", rounds, 1, 5000, "");
            Require.between("length of a strip", longMm, 5, 500, "mm");
            Require.between("width of a strip", wideMm, 5, 500, "mm");
        }
    }

    /**
     * @param lengthMm of the sheet, 10 to 2000
     * @param widthMm of the sheet, 10 to 2000
     * @throws OutOfRangeException when so many rounds do not lie on it
     */
    public static MixedCut of(final double lengthMm, final double widthMm, final CutWish wish) {
        final RoundLayout most = RoundLayout.of(lengthMm, widthMm, wish.acrossMm(), wish.gapMm());
        if (wish.rounds() > most.rounds().size()) {
            throw new OutOfRangeException(
                    "rounds wanted",
                    String.valueOf(wish.rounds()),
                    "up to the " + most.rounds().size() + " that lie on this sheet");
        }
        final MixedCut across = parted(lengthMm, widthMm, wish);
        final MixedCut along = parted(widthMm, lengthMm, wish).turned();
        return along.strips().size() > across.strips().size() ? along : across;
    }

    /** Rounds from one end of the length on, strips out of what is left of it. */
    private static MixedCut parted(
            final double lengthMm, final double widthMm, final CutWish wish) {
        final ToIntFunction<Double> holds =
                x -> RoundLayout.of(x, widthMm, wish.acrossMm(), wish.gapMm()).rounds().size();
        final OptionalDouble least =
                places(lengthMm, wish).stream()
                        .filter(x -> x >= 10 && holds.applyAsInt(x) >= wish.rounds())
                        .mapToDouble(x -> x)
                        .findFirst();
        final double usedMm = least.orElse(lengthMm);
        final List<RoundLayout.Middle> rounds =
                RoundLayout.of(usedMm, widthMm, wish.acrossMm(), wish.gapMm())
                        .rounds()
                        .subList(0, wish.rounds());
        final double leftMm = lengthMm - usedMm - wish.gapMm();
        final List<SlabCut.Cut> strips = new ArrayList<>();
        if (leftMm >= Math.min(wish.longMm(), wish.wideMm())
                && Math.min(leftMm, widthMm) >= Math.min(wish.longMm(), wish.wideMm())
                && Math.max(leftMm, widthMm) >= Math.max(wish.longMm(), wish.wideMm())
                && leftMm >= 10) {
            SlabCut.of(new SlabCut.Slab(leftMm, widthMm, 0, 0, wish.longMm(), wish.wideMm()))
                    .pieces()
                    .forEach(
                            cut ->
                                    strips.add(
                                            new SlabCut.Cut(
                                                    cut.xMm() + usedMm + wish.gapMm(),
                                                    cut.yMm(),
                                                    cut.wideMm(),
                                                    cut.deepMm())));
        }
        final double roundMm2 = Math.PI / 4 * wish.acrossMm() * wish.acrossMm();
        final double stripMm2 = wish.longMm() * wish.wideMm();
        final double sheetMm2 = lengthMm * widthMm;
        return new MixedCut(
                rounds,
                strips,
                (int) Math.floor((sheetMm2 - rounds.size() * roundMm2) / stripMm2 + 1e-9),
                1 - (rounds.size() * roundMm2 + strips.size() * stripMm2) / sheetMm2);
    }

    /** So far the rounds may reach: where a row more, straight or staggered, has its end. */
    private static TreeSet<Double> places(final double lengthMm, final CutWish wish) {
        final double apart = wish.acrossMm() + wish.gapMm();
        final TreeSet<Double> places = new TreeSet<>();
        for (final double step : new double[] {apart, apart / 2, apart * ROW}) {
            for (double x = wish.acrossMm(); x <= lengthMm + 1e-9; x += step) {
                places.add(Math.min(lengthMm, x));
            }
        }
        return places;
    }

    private MixedCut turned() {
        return new MixedCut(
                rounds.stream().map(m -> new RoundLayout.Middle(m.yMm(), m.xMm())).toList(),
                strips.stream()
                        .map(s -> new SlabCut.Cut(s.yMm(), s.xMm(), s.deepMm(), s.wideMm()))
                        .toList(),
                bound,
                wasteShare);
    }
}
