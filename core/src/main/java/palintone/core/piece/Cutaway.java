package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.mould.Cavity;

/**
 * The section of a piece, to scale, in mm from the rim plane and from the middle line. Whoever
 * draws it has nothing to compute.
 *
 * @param outer half widths of the cavity from rim to floor
 * @param inner half widths of the hollow inside the shell
 * @param capMm depth to which the cap reaches
 * @param layers depths between which each filling lies, first in first
 */
public record Cutaway(List<Point> outer, List<Point> inner, double capMm, List<LayerDepth> layers) {

    private static final int STEPS = 48;

    /** One point of an outline. */
    public record Point(double depthMm, double halfWidthMm) {}

    /** Where one filling lies. */
    public record LayerDepth(String name, double fromMm, double toMm) {}

    public static Cutaway of(final Piece piece) {
        final Cavity room = piece.room();
        final double capMl = piece.capMl();
        final List<LayerDepth> layers = new ArrayList<>();
        // The first filling lies on the floor of the cavity: go from the floor up.
        double floorMm = room.depthMm();
        double below = room.volumeMl();
        for (final FillingLayer layer : piece.layers()) {
            final double topMl = Math.max(capMl, below - layer.share() * piece.fillingMl());
            final double topMm = depthOf(room, topMl);
            layers.add(new LayerDepth(layer.filling().name(), topMm, floorMm));
            floorMm = topMm;
            below = topMl;
        }
        return new Cutaway(
                outline(piece.mould().cavity()),
                outline(room),
                piece.headRoomMm(),
                Collections.unmodifiableList(layers));
    }

    /** The depth down to which a cavity holds this volume. */
    private static double depthOf(final Cavity cavity, final double ml) {
        return new BracketingNthOrderBrentSolver(1e-12, 1e-9, 5)
                .solve(200, z -> cavity.volumeToMl(z) - ml, 0, cavity.depthMm());
    }

    private static List<Point> outline(final Cavity cavity) {
        final List<Point> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            // Closer together near the floor, where round shapes turn fastest.
            final double z = cavity.depthMm() * Math.sin(Math.PI / 2 * i / STEPS);
            points.add(new Point(z, cavity.halfWidthMm(z)));
        }
        return Collections.unmodifiableList(points);
    }
}
