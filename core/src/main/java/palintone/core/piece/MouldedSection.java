package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.figure.Quantity;
import palintone.core.figure.Unit;
import palintone.core.mould.Cavity;

/** The cut through a filled piece: shell, layers from the floor up, cap. */
final class MouldedSection {

    private MouldedSection() {}

    static Section of(final MouldedPiece piece) {
        final Cavity room = piece.room();
        final Cavity cavity = piece.mould().cavity();
        final double capMl = piece.capMl();
        final List<Section.Region> regions = new ArrayList<>();
        final List<Section.Point> outer = Section.outline(cavity);
        regions.add(
                new Section.Region(
                        Section.Role.SHELL,
                        "shell",
                        Optional.of(Quantity.of(piece.shellMm(), Unit.MILLIMETRE)),
                        outer));
        final List<Section.Region> fillings = new ArrayList<>();
        // The first filling lies on the floor of the cavity: go from the floor up.
        double floorMm = room.depthMm();
        double below = room.volumeMl();
        for (int i = 0; i < piece.layers().size(); i++) {
            final FillingLayer layer = piece.layers().get(i);
            final double topMl = Math.max(capMl, below - layer.share() * piece.fillingMl());
            final double topMm = depthOf(room, topMl);
            fillings.add(
                    new Section.Region(
                            Section.Role.FILLING,
                            layer.filling().name(),
                            Optional.of(
                                    Quantity.of(piece.masses().layers().get(i).value(), Unit.GRAM)),
                            Section.outline(room, topMm, floorMm)));
            floorMm = topMm;
            below = topMl;
        }
        regions.addAll(fillings);
        regions.add(
                new Section.Region(
                        Section.Role.CAP,
                        "cap, head room",
                        Optional.of(Quantity.of(piece.headRoomMm(), Unit.MILLIMETRE)),
                        Section.outline(room, 0, piece.headRoomMm())));
        return new Section(outer, regions, List.of());
    }

    /** The depth down to which a cavity holds this volume. */
    private static double depthOf(final Cavity cavity, final double ml) {
        return new BracketingNthOrderBrentSolver(1e-12, 1e-9, 5)
                .solve(200, z -> cavity.volumeToMl(z) - ml, 0, cavity.depthMm());
    }
}
