package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Quantity;
import palintone.core.figure.Unit;

/** The cut through a filled piece: shell, layers from the floor up, cap. */
final class MouldedSection {

    private MouldedSection() {}

    static Section of(final MouldedPiece piece) {
        final MouldedFill fill = piece.fill();
        final List<Section.Region> regions = new ArrayList<>();
        final List<Section.Fleck> flecks = new ArrayList<>();
        final List<Section.SectionPoint> outer = Section.outline(piece.mould().cavity());
        regions.add(
                new Section.Region(
                        Section.Role.SHELL,
                        "shell",
                        Optional.of(Quantity.of(piece.shellMm(), Unit.MILLIMETRE)),
                        outer));
        final MouldedMasses masses = MouldedMasses.of(piece, fill);
        for (int i = 0; i < piece.layers().size(); i++) {
            final FillingLayer layer = piece.layers().get(i);
            final MouldedFill.Lying lies = fill.layers().get(i);
            regions.add(
                    new Section.Region(
                            Section.Role.FILLING,
                            layer.filling().name(),
                            Optional.of(Quantity.of(masses.layers().get(i).value(), Unit.GRAM)),
                            Section.outline(fill.hollow(), lies.topMm(), lies.floorMm())));
            layer.inside().ifPresent(in -> regions.add(inside(in, lies)));
            flecks.addAll(inserts(layer, lies));
            if (layer.sealed()) {
                regions.add(
                        new Section.Region(
                                Section.Role.SEAL,
                                "seal",
                                Optional.of(Quantity.of(layer.sealMm(), Unit.MILLIMETRE)),
                                Section.outline(fill.hollow(), lies.sealMm(), lies.topMm())));
            }
        }
        regions.add(
                new Section.Region(
                        piece.uncapped() ? Section.Role.RELIEF : Section.Role.CAP,
                        piece.uncapped() ? "left open" : "cap, head room",
                        Optional.of(Quantity.of(fill.capMm(), Unit.MILLIMETRE)),
                        Section.outline(fill.hollow(), 0, fill.capMm())));
        final Section half = new Section(outer, regions, flecks);
        return piece.joined().isPresent() ? half.doubled() : half;
    }

    /** Across a ball of so much, mm. */
    static double acrossMm(final double ml) {
        return 2 * Math.cbrt(ml * 1000 * 3 / (4 * Math.PI));
    }

    private static final int STEPS = 24;

    /** A ball in the middle of its layer, flattened where that is lower. */
    private static Section.Region inside(
            final FillingLayer.Inside in, final MouldedFill.Lying lies) {
        final double radius = acrossMm(in.ml()) / 2;
        final double high = Math.min(radius, (lies.floorMm() - lies.topMm()) / 2);
        final double wide = Math.sqrt(radius * radius * radius / high);
        final double middle = (lies.topMm() + lies.floorMm()) / 2;
        final List<Section.SectionPoint> outline = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            final double angle = Math.PI * i / STEPS;
            outline.add(
                    new Section.SectionPoint(
                            middle - high * Math.cos(angle), wide * Math.sin(angle)));
        }
        return new Section.Region(
                Section.Role.FILLING,
                in.filling().name(),
                Optional.of(Quantity.of(in.grams(), Unit.GRAM)),
                outline);
    }

    /** Each as a ball of its volume, side by side in the middle of its layer. */
    private static List<Section.Fleck> inserts(
            final FillingLayer layer, final MouldedFill.Lying lies) {
        final List<Section.Fleck> flecks = new ArrayList<>();
        final double middle = (lies.topMm() + lies.floorMm()) / 2;
        double across = 0;
        for (final Inclusion insert : layer.inserts()) {
            final double radius = insert.acrossMm() / 2;
            flecks.add(new Section.Fleck(middle, across, radius));
            across = across <= 0 ? -across + 2 * radius : -across;
        }
        return flecks;
    }
}
