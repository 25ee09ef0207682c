package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.coat.CentreShape;
import palintone.core.figure.Quantity;
import palintone.core.figure.Unit;

/** The cut through a dipped piece, standing on its foil. */
final class DippedSection {

    private static final int POINTS = 24;
    private static final double CRUMB_MM = 0.7;
    private static final int CRUMBS = 18;
    private static final double ON_TOP_MM = 2;

    private DippedSection() {}

    static Section of(final DippedPiece piece) {
        final double mm = piece.coat().mm();
        final Optional<SecondDip> then = piece.coat().then();
        // What is dipped from below a second time stands on its second coat.
        final double base =
                piece.centre().bottomMm()
                        + then.filter(t -> t.end() == SecondDip.End.BELOW || t.share() >= 1)
                                .map(SecondDip::mm)
                                .orElse(0.0);
        final double dipped = piece.coat().share();
        final List<Section.SectionPoint> centre = outline(piece.centre().shape(), 0, mm + base);
        final List<Section.SectionPoint> coated = outline(piece.centre().shape(), mm, base);
        final double topMm = coated.get(coated.size() - 1).depthMm();
        final List<Section.SectionPoint> first =
                dipped < 1 ? joined(coated, centre, dipped * topMm) : coated;
        final List<Section.Region> regions = new ArrayList<>();
        final List<Section.SectionPoint> outer =
                then.map(
                                t -> {
                                    final List<Section.SectionPoint> second =
                                            second(piece, t, mm + base, dipped);
                                    regions.add(region(t, second));
                                    return around(first, second, t);
                                })
                        .orElse(first);
        regions.add(
                new Section.Region(
                        Section.Role.SHELL,
                        "coat of " + piece.couverture().ingredient().name(),
                        Optional.of(Quantity.of(mm, Unit.MILLIMETRE)),
                        dipped < 1 ? below(coated, dipped * topMm) : coated));
        regions.add(
                new Section.Region(
                        Section.Role.FILLING,
                        piece.centre().filling().name(),
                        Optional.of(
                                Quantity.of(
                                        piece.centre().fillingG(piece.inclusions()), Unit.GRAM)),
                        centre));
        final List<Section.Fleck> flecks = new ArrayList<>(inside(piece.inclusions(), centre));
        for (final Inclusion inclusion : piece.inclusions()) {
            if (inclusion.setIn()) {
                continue;
            }
            if (inclusion.placing() == Inclusion.Placing.ROLLED_IN) {
                flecks.addAll(around(outer));
            } else {
                regions.add(onTop(inclusion, outer));
            }
        }
        return new Section(outer, regions, flecks);
    }

    private static Section.Region region(
            final SecondDip then, final List<Section.SectionPoint> outline) {
        return new Section.Region(
                Section.Role.SECOND,
                "second coat of " + then.couverture().ingredient().name(),
                Optional.of(Quantity.of(then.mm(), Unit.MILLIMETRE)),
                outline,
                Optional.of(then.couverture().kind()));
    }

    /** What the second coat covers, filled: all else is painted over it. */
    private static List<Section.SectionPoint> second(
            final DippedPiece piece,
            final SecondDip then,
            final double centreAtMm,
            final double dipped) {
        final boolean onFirst = then.overFirst(dipped) > 0;
        final double grown = then.mm() + (onFirst ? piece.coat().mm() : 0);
        final List<Section.SectionPoint> whole =
                outline(piece.centre().shape(), grown, centreAtMm - grown);
        final double topMm = whole.get(whole.size() - 1).depthMm();
        final double footMm = whole.get(0).depthMm();
        if (then.share() >= 1) {
            return whole;
        }
        return then.end() == SecondDip.End.BELOW
                ? below(whole, footMm + then.share() * (topMm - footMm))
                : above(whole, topMm - then.share() * (topMm - footMm));
    }

    /** The outline of the first with the second around its end. */
    private static List<Section.SectionPoint> around(
            final List<Section.SectionPoint> first,
            final List<Section.SectionPoint> second,
            final SecondDip then) {
        final List<Section.SectionPoint> all = new ArrayList<>();
        if (then.share() >= 1) {
            return second;
        }
        if (then.end() == SecondDip.End.BELOW) {
            final double at = second.get(second.size() - 1).depthMm();
            all.addAll(second);
            first.stream().filter(p -> p.depthMm() > at).forEach(all::add);
        } else {
            final double at = second.get(0).depthMm();
            first.stream().filter(p -> p.depthMm() < at).forEach(all::add);
            all.addAll(second);
        }
        return all;
    }

    /** A centre without a coat. */
    static Section bare(final FormedCentre centre, final List<Inclusion> inclusions) {
        final List<Section.SectionPoint> outer = outline(centre.shape(), 0, 0);
        final List<Section.Fleck> flecks = new ArrayList<>();
        final List<Section.Region> regions = new ArrayList<>();
        regions.add(
                new Section.Region(
                        Section.Role.FILLING,
                        centre.filling().name(),
                        Optional.of(Quantity.of(centre.fillingG(inclusions), Unit.GRAM)),
                        outer));
        flecks.addAll(inside(inclusions, outer));
        inclusions.stream().filter(i -> !i.setIn()).forEach(i -> flecks.addAll(around(outer)));
        return new Section(outer, regions, flecks);
    }

    /** Its half profile from below to above, grown by so much, standing so high. */
    private static List<Section.SectionPoint> outline(
            final CentreShape shape, final double grownMm, final double fromMm) {
        return shape.profile(grownMm, POINTS).stream()
                .map(p -> new Section.SectionPoint(fromMm + p.upMm(), p.acrossMm()))
                .toList();
    }

    private static List<Section.SectionPoint> below(
            final List<Section.SectionPoint> coated, final double atMm) {
        final List<Section.SectionPoint> points =
                new ArrayList<>(coated.stream().filter(p -> p.depthMm() < atMm).toList());
        points.add(new Section.SectionPoint(atMm, halfAt(coated, atMm)));
        return points;
    }

    private static List<Section.SectionPoint> above(
            final List<Section.SectionPoint> coated, final double atMm) {
        final List<Section.SectionPoint> points = new ArrayList<>();
        points.add(new Section.SectionPoint(atMm, halfAt(coated, atMm)));
        coated.stream().filter(p -> p.depthMm() > atMm).forEach(points::add);
        return points;
    }

    private static List<Section.SectionPoint> joined(
            final List<Section.SectionPoint> coated,
            final List<Section.SectionPoint> bare,
            final double atMm) {
        final List<Section.SectionPoint> points = below(coated, atMm);
        points.add(new Section.SectionPoint(atMm, halfAt(bare, atMm)));
        bare.stream().filter(p -> p.depthMm() > atMm).forEach(points::add);
        return points;
    }

    private static double halfAt(final List<Section.SectionPoint> outline, final double atMm) {
        for (int i = 1; i < outline.size(); i++) {
            final Section.SectionPoint a = outline.get(i - 1);
            final Section.SectionPoint b = outline.get(i);
            if (b.depthMm() >= atMm && b.depthMm() > a.depthMm()) {
                final double share = (atMm - a.depthMm()) / (b.depthMm() - a.depthMm());
                return a.halfWidthMm() + Math.max(0, share) * (b.halfWidthMm() - a.halfWidthMm());
            }
        }
        return 0;
    }

    private static Section.Region onTop(
            final Inclusion inclusion, final List<Section.SectionPoint> outer) {
        final double top = outer.get(outer.size() - 1).depthMm();
        if (inclusion.plate().isPresent()) {
            final Inclusion.Plate plate = inclusion.plate().get();
            return new Section.Region(
                    Section.Role.ON_TOP,
                    inclusion.ingredient().name(),
                    Optional.of(Quantity.of(plate.thickMm(), Unit.MILLIMETRE)),
                    List.of(
                            new Section.SectionPoint(top, plate.longMm() / 2),
                            new Section.SectionPoint(top + plate.thickMm(), plate.longMm() / 2)));
        }
        final double half =
                outer.stream().mapToDouble(Section.SectionPoint::halfWidthMm).max().orElse(1) / 3;
        return new Section.Region(
                Section.Role.ON_TOP,
                inclusion.ingredient().name(),
                Optional.of(Quantity.of(inclusion.eachG(), Unit.GRAM)),
                List.of(
                        new Section.SectionPoint(top - ON_TOP_MM / 2, half),
                        new Section.SectionPoint(top + ON_TOP_MM / 2, half)));
    }

    /**
     * What is set in, each a ball of its volume, side by side in the middle of the centre; what has
     * no room beside the others lies before or behind the cut.
     */
    private static List<Section.Fleck> inside(
            final List<Inclusion> inclusions, final List<Section.SectionPoint> centre) {
        final List<Section.Fleck> flecks = new ArrayList<>();
        final double middle =
                (centre.get(0).depthMm() + centre.get(centre.size() - 1).depthMm()) / 2;
        final double half = halfAt(centre, middle);
        double across = 0;
        for (final Inclusion inclusion : inclusions) {
            final double radius = inclusion.acrossMm() / 2;
            if (inclusion.setIn() && (flecks.isEmpty() || Math.abs(across) + radius < half)) {
                flecks.add(new Section.Fleck(middle, across, radius));
                across = across <= 0 ? -across + 2 * radius : -across;
            }
        }
        return flecks;
    }

    /** Crumbs all along the outline, on both sides. */
    private static List<Section.Fleck> around(final List<Section.SectionPoint> outer) {
        final List<Section.Fleck> flecks = new ArrayList<>();
        final double top = outer.get(outer.size() - 1).depthMm();
        for (int i = 0; i < CRUMBS; i++) {
            final double z = (i + 0.5) / CRUMBS * top;
            final double half = halfAt(outer, z);
            flecks.add(new Section.Fleck(z, half, CRUMB_MM));
            flecks.add(new Section.Fleck(z, -half, CRUMB_MM));
        }
        return flecks;
    }
}
