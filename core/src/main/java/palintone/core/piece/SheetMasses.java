package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Quantity;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * What one plate holds, grams.
 *
 * @param couverture of its first colour
 * @param second of its second, where there are two
 * @param inclusions strewn on it
 * @param whole everything together
 */
public record SheetMasses(
        Figure couverture, Optional<Figure> second, List<Figure> inclusions, Figure whole)
        implements PieceMasses {

    private static final Source AREA = Source.definition("area · thickness · density");

    static SheetMasses of(final SheetPiece piece) {
        final Figure couverture =
                MouldedMasses.chocolate(
                        "couverture",
                        piece.cut().areaMm2() * piece.thickMm() / 1000 * piece.firstShare(),
                        piece.couverture().castingDensityGPerMl(),
                        Basis.of("area · thickness · density")
                                .with("area (cm²)", piece.cut().areaMm2() / 100, Unit.ONE)
                                .with("thickness", piece.thickMm(), Unit.MILLIMETRE));
        final Optional<Figure> second =
                piece.second()
                        .map(
                                s ->
                                        MouldedMasses.chocolate(
                                                s.couverture().ingredient().name(),
                                                piece.cut().areaMm2()
                                                        * piece.thickMm()
                                                        / 1000
                                                        * s.share(),
                                                s.couverture().castingDensityGPerMl(),
                                                Basis.of("area · thickness · share · density")
                                                        .with(
                                                                "share",
                                                                s.share() * 100,
                                                                Unit.PERCENT)));
        final double secondG = second.map(Figure::value).orElse(0.0);
        final List<Figure> on = DippedMasses.on(piece.inclusions());
        final double wholeG =
                couverture.value() + secondG + on.stream().mapToDouble(Figure::value).sum();
        return new SheetMasses(
                couverture,
                second,
                on,
                Figure.of(
                        "piece",
                        wholeG,
                        Unit.GRAM,
                        Basis.of("couverture + what is strewn on it")
                                .with("couverture", couverture.value() + secondG, Unit.GRAM)
                                .with(
                                        "what is strewn on it",
                                        wholeG - couverture.value() - secondG,
                                        Unit.GRAM)
                                .from(AREA)));
    }

    static Section section(final SheetPiece piece) {
        final double half = piece.cut().longMm() / 2;
        final List<Section.SectionPoint> outer =
                List.of(
                        new Section.SectionPoint(0, half),
                        new Section.SectionPoint(piece.thickMm() / 2, half),
                        new Section.SectionPoint(piece.thickMm(), half));
        final List<Section.Region> regions = new ArrayList<>();
        regions.add(
                new Section.Region(
                        Section.Role.SOLID,
                        "couverture",
                        Optional.of(Quantity.of(apart(piece), Unit.GRAM)),
                        outer));
        piece.second()
                .filter(s -> s.pattern().under())
                .map(s -> film(piece, s, half))
                .ifPresent(regions::add);
        for (final Inclusion inclusion : piece.inclusions()) {
            regions.add(
                    new Section.Region(
                            Section.Role.ON_TOP,
                            inclusion.ingredient().name(),
                            Optional.of(Quantity.of(inclusion.eachG(), Unit.GRAM)),
                            List.of(
                                    new Section.SectionPoint(piece.thickMm(), half * 0.8),
                                    new Section.SectionPoint(piece.thickMm() + 0.8, half * 0.8))));
        }
        return new Section(outer, regions, List.of());
    }

    /** What the region shows: both colours where they are not drawn apart. */
    private static double apart(final SheetPiece piece) {
        final SheetMasses each = piece.masses();
        return piece.second().filter(s -> s.pattern().under()).isPresent()
                ? each.couverture().value()
                : each.couvertureG();
    }

    /** Below, where it lies on the film it was spread on: that side is seen when it is turned. */
    private static Section.Region film(
            final SheetPiece piece, final SheetPiece.Second second, final double half) {
        final double thickMm = piece.thickMm() * second.share();
        return new Section.Region(
                Section.Role.SECOND,
                second.couverture().ingredient().name(),
                Optional.of(Quantity.of(thickMm, Unit.MILLIMETRE)),
                List.of(new Section.SectionPoint(0, half), new Section.SectionPoint(thickMm, half)),
                Optional.of(second.couverture().kind()));
    }

    @Override
    public List<Figure> parts() {
        final List<Figure> all = new ArrayList<>(List.of(couverture));
        second.ifPresent(all::add);
        all.addAll(inclusions);
        return Collections.unmodifiableList(all);
    }

    @Override
    public double couvertureG() {
        return couverture.value() + second.map(Figure::value).orElse(0.0);
    }
}
