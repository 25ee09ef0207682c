package palintone.core.coat;

import palintone.core.figure.Require;

/** The shape of what is dipped; its volume under an even coat is exact. */
public sealed interface CentreShape permits CentreShape.Ball, CentreShape.Block {

    double CUBIC_MM_PER_ML = 1000;

    /** Volume with so much coat all round, ml; 0 mm for the centre alone. */
    double grownMl(double coatMm);

    /** Surface of the centre alone, mm². */
    double areaMm2();

    /** From its surface to its middle by the shortest way, mm. */
    double reachMm();

    /** How high it stands, mm. */
    double heightMm();

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
    }
}
