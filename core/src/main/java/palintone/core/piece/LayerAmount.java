package palintone.core.piece;

import palintone.core.figure.Require;

/** How much of a filling a layer takes: as the maker measures it. */
public sealed interface LayerAmount {

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
    }

    /** Whatever the others leave below the cap. */
    record Rest() implements LayerAmount {}
}
