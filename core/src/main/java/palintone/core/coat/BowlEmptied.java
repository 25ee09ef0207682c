package palintone.core.coat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.temper.bowl.BowlSimulation;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.Ledger;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.Shear;
import palintone.core.temper.flow.CassonFlow;

/**
 * A bowl that is emptied dip by dip: every centre takes heat and a coat, the room takes heat, what
 * is left cools, thickens and gets shallow.
 *
 * @param line of the bowl, a point for the start and every few dips
 * @param dipped how many could be
 * @param warmAt before this dip it should be warmed: it left its window; empty where it stays
 * @param thickAt from this dip a coat is a quarter heavier than the first; empty where not
 * @param shallowAt from this dip the fork no longer dives; empty where it does to the end
 * @param setAt after this dip the bowl itself has set, below 20 °C; empty where it does not
 * @param coatsG all coats together
 * @param reserveG must be left for the fork to dive
 * @param startG to begin with, so that all can be dipped
 * @param ledger of its heat
 * @param end of it
 */
public record BowlEmptied(
        List<BowlMoment> line,
        int dipped,
        OptionalInt warmAt,
        OptionalInt thickAt,
        OptionalInt shallowAt,
        OptionalInt setAt,
        double coatsG,
        double reserveG,
        double startG,
        Ledger ledger,
        BowlState end) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat and mass of a bowl dip by dip (the bowl of Temper), centres and room; a"
                            + " fork dives in 1.4 heights of the centre, 18 mm over it at the"
                            + " least, in a bowl of 16 cm or more");

    private static final int POINTS = 40;
    private static final double HEAVIER = 1.25;
    private static final double CASSON_SHEAR_PER_S = 0.5;
    private static final double COLDEST_C = 20;

    /** Less than this is not tempered: it cools faster than it can be stirred. Ours, g. */
    public static final double LEAST_BOWL_G = 50;

    private static final double TOLERANCE = 1e-4;

    /** The list is copied. */
    public BowlEmptied {
        line = List.copyOf(line);
    }

    /**
     * The bowl before a dip.
     *
     * @param dips done by then
     * @param minutes since the first
     * @param bowlC its temperature
     * @param bowlG what is left in it
     * @param coatG of the next coat
     * @param filmMm of the next coat
     */
    public record BowlMoment(
            int dips, double minutes, double bowlC, double bowlG, double coatG, double filmMm) {}

    /**
     * What is dipped.
     *
     * @param order of the first
     * @param pieces in all, 1 to 5000
     * @param everyS seconds from one to the next, 2 to 600
     * @param bowlG to begin with, 20 g to 200 kg
     * @param coolestC lower end of the window it is worked in
     */
    public record Tray(DipOrder order, int pieces, double everyS, double bowlG, double coolestC) {

        /**
         * @throws OutOfRangeException when a number is impossible
         */
        public Tray {
            Require.between("pieces to dip", pieces, 1, 5000, "");
            Require.between("seconds a piece", everyS, 2, 600, "s");
            Require.between("chocolate in the bowl", bowlG, 20, 200_000, "g");
        }
    }

    /**
     * @throws OutOfRangeException when there is less than one coat and what the fork needs
     */
    public static BowlEmptied of(final Tray tray) {
        final DipOrder order = tray.order();
        final BowlAt bowl = order.bowl();
        final double gPerMl = bowl.couverture().castingDensityGPerMl();
        final Coat first = Coat.of(order);
        final double reserveG = reserveG(tray.bowlG(), order.centre().shape().heightMm(), gPerMl);
        if (tray.bowlG() - first.massG() < reserveG) {
            throw new OutOfRangeException(
                    "chocolate in the bowl",
                    Math.round(tray.bowlG()) + " g",
                    "at least "
                            + Math.round(
                                    startG(
                                            order.centre().shape().heightMm(),
                                            first.massG(),
                                            gPerMl))
                            + " g: less, and the fork does not dive");
        }
        final BowlSimulation life =
                new BowlSimulation(
                        bowl.couverture(),
                        bowl.couverture().crystals(),
                        BowlVessel.holding(VesselKind.STEEL_BOWL, tray.bowlG(), gPerMl),
                        new BowlState(0, tray.bowlG(), bowl.temperatureC(), bowl.crystals()),
                        TOLERANCE);
        final int step = Math.max(1, tray.pieces() / POINTS);
        final List<BowlMoment> line = new ArrayList<>();
        OptionalInt warmAt = OptionalInt.empty();
        OptionalInt thickAt = OptionalInt.empty();
        double coatsG = 0;
        int done = 0;
        while (true) {
            final BowlState now = life.now();
            final double share = share(order, now);
            final double coatG = first.massG() * share;
            line.add(
                    new BowlMoment(
                            done,
                            done * tray.everyS() / 60,
                            now.temperatureC(),
                            now.massG(),
                            coatG,
                            first.filmMm() * share));
            if (warmAt.isEmpty() && now.temperatureC() < tray.coolestC()) {
                warmAt = OptionalInt.of(done);
            }
            if (thickAt.isEmpty() && share > HEAVIER) {
                thickAt = OptionalInt.of(done);
            }
            final int next =
                    Math.min(
                            Math.min(step, tray.pieces() - done),
                            (int) Math.floor((now.massG() - reserveG) / coatG));
            if (next <= 0 || now.temperatureC() < COLDEST_C) {
                break;
            }
            final double tookJ =
                    first.tookJ()
                            * Math.max(0, now.temperatureC() - order.centreC())
                            / Math.max(1e-3, bowl.temperatureC() - order.centreC());
            life.run(
                    BowlTreatment.room(order.roomC(), Shear.STIRRED).heated(-tookJ / tray.everyS()),
                    next * tray.everyS());
            life.take(next * coatG);
            coatsG += next * coatG;
            done += next;
        }
        return new BowlEmptied(
                line,
                done,
                warmAt,
                thickAt,
                done < tray.pieces() && life.now().temperatureC() >= COLDEST_C
                        ? OptionalInt.of(done)
                        : OptionalInt.empty(),
                done < tray.pieces() && life.now().temperatureC() < COLDEST_C
                        ? OptionalInt.of(done)
                        : OptionalInt.empty(),
                coatsG,
                reserveG,
                startG(
                        order.centre().shape().heightMm(),
                        coatsG / Math.max(1, done) * tray.pieces(),
                        gPerMl),
                life.ledger(),
                life.now());
    }

    /** A coat that drains is thicker by the root of what it runs by. */
    private static double share(final DipOrder order, final BowlState now) {
        final double before = order.bowl().flow().apparentPaS(CASSON_SHEAR_PER_S);
        final double apparent =
                CassonFlow.of(
                                order.bowl().fluidity(),
                                order.bowl().couverture().ingredient().composition(),
                                Math.max(COLDEST_C, now.temperatureC()),
                                now.crystals())
                        .apparentPaS(CASSON_SHEAR_PER_S);
        return Math.sqrt(apparent / before);
    }

    /**
     * What must be left of a half sphere that the chocolate just filled for the fork to dive.
     *
     * @param fullG it held, g
     * @param heightMm of the centre
     */
    static double reserveG(final double fullG, final double heightMm, final double gPerMl) {
        final double radiusMm = radiusMm(fullG, gPerMl);
        final double deepMm = Math.min(radiusMm, divesMm(heightMm));
        return Math.PI * deepMm * deepMm * (radiusMm - deepMm / 3) / 1000 * gPerMl;
    }

    /** As deep as the last centre wants it. */
    private static double divesMm(final double heightMm) {
        return Math.max(
                CalibratedCoat.DIVES_HEIGHTS * heightMm, heightMm + CalibratedCoat.DIVES_OVER_MM);
    }

    /** Of a half sphere that so much just fills; no bowl is smaller than the smallest. */
    private static double radiusMm(final double fullG, final double gPerMl) {
        return Math.max(
                CalibratedCoat.SMALLEST_BOWL_MM / 2,
                Math.cbrt(3 * fullG / gPerMl * 1000 / (2 * Math.PI)));
    }

    /**
     * So much that coats can be taken and the fork still dives at the last; a tenth more, as coats
     * grow heavier.
     *
     * @param coatsG all coats together, g
     */
    public static double enoughG(final DipOrder order, final double coatsG) {
        return enoughG(
                coatsG,
                order.centre().shape().heightMm(),
                order.bowl().couverture().castingDensityGPerMl());
    }

    /**
     * The same for whatever stands so high.
     *
     * @param coatsG all coats together, g
     * @param heightMm of a centre
     * @param gPerMl of the chocolate
     */
    public static double enoughG(final double coatsG, final double heightMm, final double gPerMl) {
        return Math.max(LEAST_BOWL_G, 1.1 * startG(heightMm, coatsG, gPerMl));
    }

    /** So much that the coats can be taken and the fork still dives at the last. */
    static double startG(final double heightMm, final double coatsG, final double gPerMl) {
        double low = coatsG;
        double high = coatsG + 1e6;
        while (high - low > 0.5) {
            final double middle = (low + high) / 2;
            final boolean dives =
                    radiusMm(middle, gPerMl) >= divesMm(heightMm)
                            && middle - coatsG >= reserveG(middle, heightMm, gPerMl);
            if (dives) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }
}
