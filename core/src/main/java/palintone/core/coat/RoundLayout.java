package palintone.core.coat;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Rounds cut from a sheet: in rows, or each row in the gaps of the one before; the better of both,
 * either way round, beside a bound that no layout passes.
 *
 * @param across of a round, mm
 * @param rounds where their middles lie
 * @param bound no layout holds more (Oler 1961)
 * @param wasteShare of the sheet's area
 */
public record RoundLayout(double across, List<Middle> rounds, int bound, double wasteShare) {

    public static final Source SOURCE =
            Source.remembered(
                    "rows and staggered rows; bound by Oler 1961: points a distance apart in a"
                            + " convex shape, 2A/√3d² + P/2d + 1");

    private static final double ROW = Math.sqrt(3) / 2;
    private static final int MOST = 5000;

    /** The list is copied. */
    public RoundLayout {
        rounds = List.copyOf(rounds);
    }

    /** Middle of a round, mm from the sheet's corner. */
    public record Middle(double xMm, double yMm) {}

    /**
     * Allowed: rounds of the sheet 1 to 5000.
     *
     * @param lengthMm of the sheet, 10 to 2000
     * @param widthMm of the sheet, 10 to 2000
     * @param acrossMm of a round, 5 to 500
     * @param gapMm between two, 0 to 50
     * @throws OutOfRangeException when no round, or more than 5000, lie on it
     */
    public static RoundLayout of(
            final double lengthMm,
            final double widthMm,
            final double acrossMm,
            final double gapMm) {
        Require.between("length of the sheet", lengthMm, 10, 2000, "mm");
        Require.between("width of the sheet", widthMm, 10, 2000, "mm");
        Require.between("across a round", acrossMm, 5, 500, "mm");
        Require.between("between two rounds", gapMm, 0, 50, "mm");
        if (acrossMm > Math.min(lengthMm, widthMm)) {
            throw new OutOfRangeException(
                    "across a round",
                    acrossMm + " mm",
                    "up to the sheet, " + Math.min(lengthMm, widthMm) + " mm");
        }
        final double apart = acrossMm + gapMm;
        final double l = lengthMm - acrossMm;
        final double w = widthMm - acrossMm;
        final int bound =
                (int)
                        Math.floor(
                                2 / Math.sqrt(3) * l * w / (apart * apart)
                                        + (l + w) / apart
                                        + 1
                                        + 1e-9);
        Require.between("rounds of the sheet", bound, 1, MOST, "");
        List<Middle> best = rows(l, w, apart);
        final List<Middle> staggered = staggered(l, w, apart);
        if (staggered.size() > best.size()) {
            best = staggered;
        }
        final List<Middle> turned = staggered(w, l, apart);
        if (turned.size() > best.size()) {
            best = turned.stream().map(m -> new Middle(m.yMm(), m.xMm())).toList();
        }
        final double r = acrossMm / 2;
        return new RoundLayout(
                acrossMm,
                best.stream().map(m -> new Middle(m.xMm() + r, m.yMm() + r)).toList(),
                bound,
                1 - best.size() * Math.PI * r * r / (lengthMm * widthMm));
    }

    private static int fits(final double room, final double apart) {
        return (int) Math.floor(room / apart + 1e-9) + 1;
    }

    private static List<Middle> rows(final double l, final double w, final double apart) {
        final List<Middle> rounds = new ArrayList<>();
        for (int j = 0; j < fits(w, apart); j++) {
            for (int i = 0; i < fits(l, apart); i++) {
                rounds.add(new Middle(i * apart, j * apart));
            }
        }
        return rounds;
    }

    private static List<Middle> staggered(final double l, final double w, final double apart) {
        final List<Middle> rounds = new ArrayList<>();
        for (int j = 0; j < fits(w, apart * ROW); j++) {
            final double off = j % 2 == 0 ? 0 : apart / 2;
            if (off > l) {
                continue;
            }
            for (int i = 0; i < fits(l - off, apart); i++) {
                rounds.add(new Middle(off + i * apart, j * apart * ROW));
            }
        }
        return rounds;
    }
}
