package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.figure.OutOfRangeException;
import palintone.core.mould.Cavity;

/**
 * How the layers of a piece lie in its hollow: filled from the floor up, seals of couverture
 * between them where they are asked for, the cap over what is left open. Layers, seals and cap are
 * volumes of one hollow, so they always add up to it.
 *
 * @param hollow inside the shell
 * @param layers first in first
 * @param capMm from the rim down to the filling, mm
 * @param capMl chocolate of the cap
 */
record MouldedFill(Cavity hollow, List<Lying> layers, double capMm, double capMl) {

    private static final double TOLERANCE = 0.001;

    /** A fiftieth of a milligram of chocolate. */
    private static final double SAME_ML = 1e-8;

    /** Each leaves some tenth of the error of the one before. */
    private static final int MOST_ROUNDS = 40;

    /** More than anybody pipes into one piece. */
    private static final int MOST_LAYERS = 12;

    /**
     * One layer where it lies.
     *
     * @param topMm depth of its upper face, from the rim
     * @param floorMm depth of its lower face
     * @param spaceMl it takes up, inserts included
     * @param fillingMl of filling in it
     * @param sealMm depth of the upper face of the seal over it; the same as its top without one
     * @param sealMl chocolate of that seal
     */
    record Lying(
            double topMm,
            double floorMm,
            double spaceMl,
            double fillingMl,
            double sealMm,
            double sealMl) {}

    /**
     * @throws OutOfRangeException when the layers and the least cap do not fit, or shares alone do
     *     not sum to one
     */
    static MouldedFill of(final MouldRoom room, final List<FillingLayer> layers) {
        if (layers.isEmpty() || layers.size() > MOST_LAYERS) {
            throw new OutOfRangeException(
                    "layers",
                    layers.isEmpty() ? "none" : String.valueOf(layers.size()),
                    "1 to " + MOST_LAYERS);
        }
        if (layers.get(layers.size() - 1).sealed()) {
            throw new OutOfRangeException(
                    "seal over " + layers.get(layers.size() - 1).filling().name(),
                    "over the last layer",
                    "between two layers; the cap closes the last");
        }
        checkShares(layers);
        final double roomMl =
                room.hollow().volumeMl() - room.hollow().volumeToMl(room.headRoomMm());
        // Shares are of what the seals leave, and how much a seal takes depends on how high it
        // lies.
        double sealsMl = 0;
        MouldedFill fill = lying(room, layers, roomMl);
        for (int i = 0; i < MOST_ROUNDS && Math.abs(fill.sealsMl() - sealsMl) > SAME_ML; i++) {
            sealsMl = fill.sealsMl();
            if (sealsMl >= roomMl) {
                throw tooDeep(room, room.hollow(), room.hollow().volumeMl() + sealsMl - roomMl);
            }
            fill = lying(room, layers, roomMl - sealsMl);
        }
        if (fill.belowMl() > roomMl * (1 + TOLERANCE)) {
            throw tooDeep(room, room.hollow(), fill.belowMl());
        }
        return fill;
    }

    /** As they lie where shares are of so much, up to the rim at most. */
    private static MouldedFill lying(
            final MouldRoom room, final List<FillingLayer> layers, final double sharedMl) {
        final Cavity hollow = room.hollow();
        final double wholeMl = hollow.volumeMl();
        final double roomMl = wholeMl - hollow.volumeToMl(room.headRoomMm());
        final double restMl = rest(hollow, layers, roomMl, sharedMl);
        final List<Lying> lying = new ArrayList<>();
        double floorMm = hollow.depthMm();
        double below = 0;
        for (final FillingLayer layer : layers) {
            final double spaceMl = space(hollow, layer, floorMm, sharedMl, restMl);
            below += spaceMl;
            // A hair over the room is a rounded share; what is truly over is refused after.
            final double top =
                    Math.max(
                            below <= roomMl * (1 + TOLERANCE) ? room.headRoomMm() : 0,
                            depthOf(hollow, wholeMl - below));
            final double sealTop = Math.max(0, top - layer.sealMm());
            final double sealMl = hollow.volumeToMl(top) - hollow.volumeToMl(sealTop);
            below += sealMl;
            lying.add(new Lying(top, floorMm, spaceMl, filling(layer, spaceMl), sealTop, sealMl));
            floorMm = sealTop;
        }
        return new MouldedFill(hollow, List.copyOf(lying), floorMm, wholeMl - below);
    }

    /** Chocolate of all seals, ml. */
    double sealsMl() {
        return layers.stream().mapToDouble(Lying::sealMl).sum();
    }

    /** Everything under the cap, ml. */
    private double belowMl() {
        return hollow.volumeMl() - capMl;
    }

    /** Of the filling room of a layer, what is not taken by its inserts. */
    private static double filling(final FillingLayer layer, final double spaceMl) {
        final double left = spaceMl - layer.insertsMl();
        if (left <= 0) {
            throw new OutOfRangeException(
                    "what is set into " + layer.filling().name(),
                    words(layer.insertsMl()) + " ml",
                    "less than the " + words(spaceMl) + " ml of their layer");
        }
        return left;
    }

    private static double space(
            final Cavity hollow,
            final FillingLayer layer,
            final double floorMm,
            final double roomMl,
            final double restMl) {
        return layer.amount().spaceMl(layer, hollow, floorMm, roomMl).orElse(restMl);
    }

    /** Where shares are all there is, somebody has mistyped one unless they make a whole. */
    private static void checkShares(final List<FillingLayer> layers) {
        double sum = 0;
        boolean onlyShares = !layers.isEmpty();
        int rests = 0;
        for (final FillingLayer layer : layers) {
            sum += layer.amount().shareOfRoom().orElse(0);
            onlyShares &= layer.amount().shareOfRoom().isPresent();
            rests += layer.amount().takesTheRest() ? 1 : 0;
        }
        if (sum > 1 + TOLERANCE || onlyShares && sum < 1 - TOLERANCE) {
            throw new OutOfRangeException(
                    "shares of the layers",
                    String.valueOf(sum),
                    onlyShares ? "a sum of 1" : "a sum up to 1");
        }
        if (rests > 1) {
            throw new OutOfRangeException("layers that fill the rest", rests + "", "one at most");
        }
    }

    /** What is left for the layer that takes the rest, ml. */
    private static double rest(
            final Cavity hollow,
            final List<FillingLayer> layers,
            final double roomMl,
            final double sharedMl) {
        final int at = indexOfRest(layers);
        if (at < 0) {
            return 0;
        }
        double floorMm = hollow.depthMm();
        double below = 0;
        for (int i = 0; i < at; i++) {
            below += space(hollow, layers.get(i), floorMm, sharedMl, 0);
            final double topMm = depthOf(hollow, Math.max(0, hollow.volumeMl() - below));
            floorMm = Math.max(0, topMm - layers.get(i).sealMm());
            below += hollow.volumeToMl(topMm) - hollow.volumeToMl(floorMm);
        }
        // From the cap down: a layer above that is given by height hangs from the one over it.
        double ceiling = hollow.volumeMl() - roomMl;
        for (int i = layers.size() - 1; i >= at; i--) {
            final double sealTopMm = depthOf(hollow, ceiling);
            final double topMm = Math.min(hollow.depthMm(), sealTopMm + layers.get(i).sealMm());
            ceiling += hollow.volumeToMl(topMm) - hollow.volumeToMl(sealTopMm);
            if (i > at) {
                ceiling +=
                        layers.get(i)
                                .amount()
                                .hangingMl(layers.get(i), hollow, topMm, sharedMl)
                                .orElse(0);
            }
        }
        final double left = hollow.volumeMl() - ceiling - below;
        if (left <= 0) {
            throw new OutOfRangeException(
                    layers.get(at).filling().name(),
                    "left without room",
                    "other layers that leave it some");
        }
        return left;
    }

    private static int indexOfRest(final List<FillingLayer> layers) {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).amount().takesTheRest()) {
                return i;
            }
        }
        return -1;
    }

    private static OutOfRangeException tooDeep(
            final MouldRoom room, final Cavity hollow, final double belowMl) {
        final double wholeMl = hollow.volumeMl();
        final double overMm =
                belowMl <= wholeMl
                        ? room.headRoomMm() - depthOf(hollow, wholeMl - belowMl)
                        : room.headRoomMm()
                                + (belowMl - wholeMl)
                                        * Cavity.CUBIC_MM_PER_ML
                                        / hollow.rimAreaMm2();
        return new OutOfRangeException(
                "layers and cap",
                words(overMm) + " mm deeper than the cavity",
                "thinner layers, less head room or a thinner shell");
    }

    /** The depth down to which a cavity holds this volume. */
    private static double depthOf(final Cavity cavity, final double ml) {
        if (ml <= 0) {
            return 0;
        }
        if (ml >= cavity.volumeMl()) {
            return cavity.depthMm();
        }
        return new BracketingNthOrderBrentSolver(1e-12, 1e-9, 5)
                .solve(200, z -> cavity.volumeToMl(z) - ml, 0, cavity.depthMm());
    }

    private static String words(final double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
