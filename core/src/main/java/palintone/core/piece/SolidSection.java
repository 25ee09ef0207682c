package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Quantity;
import palintone.core.figure.Unit;
import palintone.core.mould.Cavity;

/** The cut through a piece cast full. */
final class SolidSection {

    /** Successive multiples of it, less their whole parts, spread evenly: the golden ratio. */
    private static final double GOLDEN = 0.6180339887498949;

    /** About how large a chopped nut is, half its width, mm. */
    private static final double FLECK_MM = 2.2;

    private static final int MOST_FLECKS = 60;

    private SolidSection() {}

    static Section of(final SolidPiece piece) {
        final Cavity cavity = piece.mould().cavity();
        final List<Section.SectionPoint> outer = Section.outline(cavity);
        final List<Section.Region> regions = new ArrayList<>();
        regions.add(
                new Section.Region(
                        Section.Role.SOLID,
                        "couverture",
                        Optional.of(Quantity.of(piece.masses().couvertureG(), Unit.GRAM)),
                        outer));
        piece.relief()
                .ifPresent(
                        r -> {
                            final double half = cavity.halfWidthMm(0) * r.share();
                            regions.add(
                                    new Section.Region(
                                            Section.Role.RELIEF,
                                            "relief in the back",
                                            Optional.of(Quantity.of(r.depthMm(), Unit.MILLIMETRE)),
                                            List.of(
                                                    new Section.SectionPoint(0, half),
                                                    new Section.SectionPoint(r.depthMm(), half))));
                        });
        for (final Inclusion inclusion : piece.inclusions()) {
            if (inclusion.placing() == Inclusion.Placing.ON_THE_BACK) {
                regions.add(
                        new Section.Region(
                                Section.Role.ON_TOP,
                                inclusion.ingredient().name(),
                                Optional.of(Quantity.of(inclusion.eachG(), Unit.GRAM)),
                                List.of(
                                        new Section.SectionPoint(0, cavity.halfWidthMm(0) * 0.8),
                                        new Section.SectionPoint(
                                                FLECK_MM / 2, cavity.halfWidthMm(0) * 0.8))));
            }
        }
        return new Section(outer, regions, flecks(piece, cavity));
    }

    /** As many as a cut meets: their share of its area is their share of the volume. */
    private static List<Section.Fleck> flecks(final SolidPiece piece, final Cavity cavity) {
        final double insideMl =
                piece.inclusions().stream()
                        .filter(i -> i.placing() == Inclusion.Placing.STIRRED_IN)
                        .mapToDouble(Inclusion::volumeMl)
                        .sum();
        final double radius = Math.min(FLECK_MM, cavity.depthMm() / 5);
        final double areaMm2 = areaMm2(cavity) * insideMl / cavity.volumeMl();
        final int count =
                (int) Math.min(MOST_FLECKS, Math.round(areaMm2 / (Math.PI * radius * radius)));
        final List<Section.Fleck> flecks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            final double down = (i + 0.5) / count;
            final double across = (i * GOLDEN) % 1;
            final double z = radius + down * (cavity.depthMm() - 2 * radius);
            final double most = Math.max(0, cavity.halfWidthMm(z) - radius * 1.2);
            flecks.add(new Section.Fleck(z, (2 * across - 1) * most, radius));
        }
        return flecks;
    }

    private static double areaMm2(final Cavity cavity) {
        double sum = 0;
        final int slices = 40;
        for (int i = 0; i < slices; i++) {
            sum += 2 * cavity.halfWidthMm((i + 0.5) / slices * cavity.depthMm());
        }
        return sum * cavity.depthMm() / slices;
    }
}
