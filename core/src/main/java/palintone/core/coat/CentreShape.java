package palintone.core.coat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import palintone.core.figure.Require;

/** The shape of what is dipped; its volume under an even coat is exact. */
public sealed interface CentreShape permits CentreShape.Ball, CentreShape.Block, CentreShape.Log {

    double CUBIC_MM_PER_ML = 1000;

    /** Mean of sin² over a ball, by its sine: how steep its surface is in the mean. */
    double MEAN_SLOPE = Math.PI / 4;

    /** Volume with so much coat all round, ml; 0 mm for the centre alone. */
    double grownMl(double coatMm);

    /** Surface of the centre alone, mm². */
    double areaMm2();

    /** From its surface to its middle by the shortest way, mm. */
    double reachMm();

    /** How high it stands, mm. */
    double heightMm();

    /** How long it lies, mm. */
    double lengthMm();

    /** How wide it lies, mm. */
    double widthMm();

    /** Its flat underside, mm²; 0 where it touches what it stands on in a point. */
    double undersideMm2();

    /** Upright of its surface, or near it, mm². */
    double sidesMm2();

    /**
     * How a film runs down it.
     *
     * @param side down its sides, else off its top
     */
    Run run(boolean side);

    /**
     * The mean of a film over its whole surface.
     *
     * @param sides on its sides
     * @param top on its top
     * @param bottomShare of the one on its sides that stays below it
     */
    double mean(double sides, double top, double bottomShare);

    /**
     * Half its profile under an even coat, from its foot up to its top.
     *
     * @param coatMm all round
     * @param points of its round parts, 4 or more
     */
    List<CutPoint> profile(double coatMm, int points);

    /**
     * A point of a profile.
     *
     * @param acrossMm from its middle line
     * @param upMm above what the coat stands on
     */
    record CutPoint(double acrossMm, double upMm) {}

    /**
     * The way of a film.
     *
     * @param alongMm from where it begins to where it leaves, mm
     * @param slope of the way, as a share of gravity along it; empty where it lies flat
     */
    record Run(double alongMm, OptionalDouble slope) {}

    /** Volume of the centre alone, ml. */
    default double volumeMl() {
        return grownMl(0);
    }

    /**
     * Rolled, scooped or piped round.
     *
     * @param diameterMm 3 to 120
     */
    record Ball(double diameterMm) implements CentreShape {

        /**
         * @throws palintone.core.figure.OutOfRangeException when it is impossible
         */
        public Ball {
            Require.between("diameter of the centre", diameterMm, 3, 120, "mm");
        }

        /** Of so many millilitres. */
        public static Ball of(final double volumeMl) {
            return new Ball(2 * Math.cbrt(3 * volumeMl * CUBIC_MM_PER_ML / (4 * Math.PI)));
        }

        @Override
        public double grownMl(final double coatMm) {
            return 4 * Math.PI / 3 * Math.pow(diameterMm / 2 + coatMm, 3) / CUBIC_MM_PER_ML;
        }

        @Override
        public double areaMm2() {
            return Math.PI * diameterMm * diameterMm;
        }

        @Override
        public double reachMm() {
            return diameterMm / 2;
        }

        @Override
        public double heightMm() {
            return diameterMm;
        }

        @Override
        public double lengthMm() {
            return diameterMm;
        }

        @Override
        public double widthMm() {
            return diameterMm;
        }

        @Override
        public double undersideMm2() {
            return 0;
        }

        /** Its lower half. */
        @Override
        public double sidesMm2() {
            return areaMm2() / 2;
        }

        /** From pole to pole, whichever side is asked for. */
        @Override
        public Run run(final boolean side) {
            return new Run(Math.PI * reachMm(), OptionalDouble.of(MEAN_SLOPE));
        }

        @Override
        public double mean(final double sides, final double top, final double bottomShare) {
            return (sides + top) / 2;
        }

        @Override
        public List<CutPoint> profile(final double coatMm, final int points) {
            final double radius = reachMm() + coatMm;
            return IntStream.rangeClosed(0, points)
                    .mapToDouble(i -> Math.PI * i / points)
                    .mapToObj(
                            angle ->
                                    new CutPoint(
                                            radius * Math.sin(angle),
                                            radius - radius * Math.cos(angle)))
                    .toList();
        }
    }

    /**
     * A piece of a rope, lying: piped round, cut by its length.
     *
     * @param acrossMm thick, 4 to 80
     * @param lengthMm 3 to 300
     */
    record Log(double acrossMm, double lengthMm) implements CentreShape {

        /** Mean of the sine over half a turn: how steep its round side is. */
        private static final double MEAN_SINE = 2 / Math.PI;

        /**
         * @throws palintone.core.figure.OutOfRangeException when it is impossible
         */
        public Log {
            Require.between("thickness of the rope", acrossMm, 4, 80, "mm");
            Require.between("length of the centre", lengthMm, 3, 300, "mm");
        }

        /** Steiner's formula for a cylinder: V + S·c + (π·l + π²·r)·c² + 4/3·π·c³. */
        @Override
        public double grownMl(final double coatMm) {
            final double radius = acrossMm / 2;
            return (Math.PI * radius * radius * lengthMm
                            + areaMm2() * coatMm
                            + (Math.PI * lengthMm + Math.PI * Math.PI * radius) * coatMm * coatMm
                            + 4 * Math.PI / 3 * coatMm * coatMm * coatMm)
                    / CUBIC_MM_PER_ML;
        }

        @Override
        public double areaMm2() {
            return Math.PI * acrossMm * (lengthMm + acrossMm / 2);
        }

        @Override
        public double reachMm() {
            return Math.min(acrossMm, lengthMm) / 2;
        }

        @Override
        public double heightMm() {
            return acrossMm;
        }

        @Override
        public double widthMm() {
            return acrossMm;
        }

        /** It touches in a line. */
        @Override
        public double undersideMm2() {
            return 0;
        }

        /** Its lower half, and its cuts. */
        @Override
        public double sidesMm2() {
            return Math.PI * acrossMm * (lengthMm + acrossMm) / 2;
        }

        /** From its ridge down to what it lies on, whichever side is asked for. */
        @Override
        public Run run(final boolean side) {
            return new Run(Math.PI * acrossMm / 2, OptionalDouble.of(MEAN_SINE));
        }

        @Override
        public double mean(final double sides, final double top, final double bottomShare) {
            return (sidesMm2() * sides + (areaMm2() - sidesMm2()) * top) / areaMm2();
        }

        /** Along it: as a block of its length and thickness is seen. */
        @Override
        public List<CutPoint> profile(final double coatMm, final int points) {
            return new Block(lengthMm, acrossMm, acrossMm).profile(coatMm, points);
        }
    }

    /**
     * Cut from a slab or a bar; a coat rounds its edges and corners.
     *
     * @param lengthMm 3 to 300
     * @param widthMm 3 to 300
     * @param heightMm 2 to 100
     */
    record Block(double lengthMm, double widthMm, double heightMm) implements CentreShape {

        /**
         * @throws palintone.core.figure.OutOfRangeException when it is impossible
         */
        public Block {
            Require.between("length of the centre", lengthMm, 3, 300, "mm");
            Require.between("width of the centre", widthMm, 3, 300, "mm");
            Require.between("height of the centre", heightMm, 2, 100, "mm");
        }

        @Override
        public double grownMl(final double coatMm) {
            return (lengthMm * widthMm * heightMm
                            + areaMm2() * coatMm
                            + Math.PI * (lengthMm + widthMm + heightMm) * coatMm * coatMm
                            + 4 * Math.PI / 3 * coatMm * coatMm * coatMm)
                    / CUBIC_MM_PER_ML;
        }

        @Override
        public double areaMm2() {
            return 2 * (lengthMm * widthMm + widthMm * heightMm + heightMm * lengthMm);
        }

        @Override
        public double reachMm() {
            return Math.min(lengthMm, Math.min(widthMm, heightMm)) / 2;
        }

        @Override
        public double undersideMm2() {
            return lengthMm * widthMm;
        }

        @Override
        public double sidesMm2() {
            return 2 * (lengthMm + widthMm) * heightMm;
        }

        /** Upright, its height; from the middle of its top to the nearer edge. */
        @Override
        public Run run(final boolean side) {
            return side
                    ? new Run(heightMm, OptionalDouble.of(1))
                    : new Run(Math.min(lengthMm, widthMm) / 2, OptionalDouble.empty());
        }

        /** Of its longer side; only its upper edge is drawn round. */
        @Override
        public List<CutPoint> profile(final double coatMm, final int points) {
            final double half = Math.max(lengthMm, widthMm) / 2 + coatMm;
            final double top = heightMm + 2 * coatMm;
            final double round = Math.min(coatMm, heightMm / 2);
            final List<CutPoint> profile = new ArrayList<>();
            profile.add(new CutPoint(half, 0));
            for (int i = 0; i <= points / 4; i++) {
                final double angle = Math.PI / 2 * i / (points / 4.0);
                profile.add(
                        new CutPoint(
                                half - round + round * Math.cos(angle),
                                top - round + round * Math.sin(angle)));
            }
            profile.add(new CutPoint(0, top));
            return profile;
        }

        @Override
        public double mean(final double sides, final double top, final double bottomShare) {
            return (sidesMm2() * sides + undersideMm2() * (top + bottomShare * sides)) / areaMm2();
        }
    }
}
