package palintone.core.piece;

import java.util.OptionalDouble;
import palintone.core.figure.Require;
import palintone.core.mould.Cavity;

/** How much of a filling a layer takes: as the maker measures it. */
public sealed interface LayerAmount {

    /**
     * Room it takes in a piece, with what is set into it, ml; empty for what takes the rest.
     *
     * @param layer of it
     * @param hollow what the layers lie in
     * @param floorMm depth of its own floor
     * @param roomMl below the cap
     */
    OptionalDouble spaceMl(FillingLayer layer, Cavity hollow, double floorMm, double roomMl);

    /**
     * The same where it hangs from what is over it, ml: only of one that is given by its height is
     * that another room.
     *
     * @param topMm depth of its own top
     */
    default OptionalDouble hangingMl(
            final FillingLayer layer,
            final Cavity hollow,
            final double topMm,
            final double roomMl) {
        return spaceMl(layer, hollow, hollow.depthMm(), roomMl);
    }

    /** Share of the room below the cap, where that is what it is given by. */
    default OptionalDouble shareOfRoom() {
        return OptionalDouble.empty();
    }

    /** Whether it takes whatever the others leave. */
    default boolean takesTheRest() {
        return false;
    }

    /**
     * Of the room below the cap.
     *
     * @param share above 0 to 1
     */
    record Share(double share) implements LayerAmount {

        /**
         * @throws palintone.core.figure.OutOfRangeException when the share is not above 0, up to 1
         */
        public Share {
            Require.positive("share of a layer", share, 1, "");
        }

        @Override
        public OptionalDouble spaceMl(
                final FillingLayer layer,
                final Cavity hollow,
                final double floorMm,
                final double roomMl) {
            return OptionalDouble.of(share * roomMl);
        }

        @Override
        public OptionalDouble shareOfRoom() {
            return OptionalDouble.of(share);
        }
    }

    /**
     * By mass of the filling.
     *
     * @param grams in one piece, above 0 to 2000 g
     */
    record Grams(double grams) implements LayerAmount {

        /**
         * @throws palintone.core.figure.OutOfRangeException when the mass is not above 0, up to
         *     2000 g
         */
        public Grams {
            Require.positive("mass of a layer", grams, 2000, "g");
        }

        @Override
        public OptionalDouble spaceMl(
                final FillingLayer layer,
                final Cavity hollow,
                final double floorMm,
                final double roomMl) {
            return OptionalDouble.of(grams / layer.filling().densityGPerMl() + layer.insertsMl());
        }
    }

    /**
     * By how high it stands.
     *
     * @param mm above 0 to 200 mm
     */
    record Height(double mm) implements LayerAmount {

        /**
         * @throws palintone.core.figure.OutOfRangeException when the height is not above 0, up to
         *     200 mm
         */
        public Height {
            Require.positive("height of a layer", mm, 200, "mm");
        }

        /** What stands above the rim counts as wide as the rim: it is refused by its height. */
        @Override
        public OptionalDouble spaceMl(
                final FillingLayer layer,
                final Cavity hollow,
                final double floorMm,
                final double roomMl) {
            final double top = floorMm - mm;
            final double over = Math.max(0, -top);
            return OptionalDouble.of(
                    hollow.volumeToMl(floorMm)
                            - hollow.volumeToMl(Math.max(0, top))
                            + over * hollow.rimAreaMm2() / Cavity.CUBIC_MM_PER_ML);
        }

        @Override
        public OptionalDouble hangingMl(
                final FillingLayer layer,
                final Cavity hollow,
                final double topMm,
                final double roomMl) {
            final double floor = Math.min(hollow.depthMm(), topMm + mm);
            return OptionalDouble.of(hollow.volumeToMl(floor) - hollow.volumeToMl(topMm));
        }
    }

    /** Whatever the others leave below the cap. */
    record Rest() implements LayerAmount {

        @Override
        public OptionalDouble spaceMl(
                final FillingLayer layer,
                final Cavity hollow,
                final double floorMm,
                final double roomMl) {
            return OptionalDouble.empty();
        }

        @Override
        public boolean takesTheRest() {
            return true;
        }
    }
}
