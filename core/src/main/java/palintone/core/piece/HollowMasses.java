package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Quantity;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.mould.Cavity;
import palintone.core.mould.Pulled;

/**
 * What one hollow figure holds, grams.
 *
 * @param shell all its parts, what is cast first of another couverture not
 * @param outer that; nothing where there is none
 * @param seam chocolate between them; nothing where none is piped
 * @param base it stands on; nothing where there is none
 * @param whole everything together
 * @param brim what is poured in for a coat: all its cavities to the brim, of a closed mould so much
 *     of them that all sides are reached
 * @param couvertureG all of it that is of the wall's couverture, g
 */
public record HollowMasses(
        Figure shell,
        Optional<Figure> outer,
        Optional<Figure> seam,
        Optional<Figure> base,
        Figure whole,
        Figure brim,
        double couvertureG)
        implements ShelledMasses {

    /** A closed mould is filled from a third to two thirds; common practice, no source. */
    private static final double LEAST_FILLED = 1.0 / 3;

    private static final double MOST_FILLED = 2.0 / 3;

    /** Half as much again as stays reaches every side; common practice, no source. */
    private static final double PER_KEPT = 1.5;

    private static final Source GEOMETRY = Source.definition("closed form of the cavity");

    static HollowMasses of(final HollowFigure figure) {
        final double density = figure.couverture().castingDensityGPerMl();
        final double brimMl = figure.inside().volumeMl() * figure.parts();
        final double shellMl = brimMl - figure.hollow().volumeMl() * figure.parts();
        final Figure shell =
                MouldedMasses.chocolate(
                        "shell",
                        shellMl,
                        density,
                        Basis.of("(cavity − hollow inside the wall) · parts · density")
                                .with("parts", figure.parts(), Unit.ONE)
                                .with(
                                        "wall",
                                        figure.shellMm() - figure.outerMm(),
                                        Unit.MILLIMETRE));
        final Optional<Figure> outer = figure.outer().map(second -> outer(figure, second));
        final Optional<Figure> seam =
                figure.parts() == 2 && figure.joining() == HollowFigure.Joining.CHOCOLATE
                        ? Optional.of(MouldedMasses.seam(figure.mould().cavity(), density))
                        : Optional.empty();
        final Optional<Figure> base =
                figure.base()
                        .map(
                                b ->
                                        MouldedMasses.chocolate(
                                                "base",
                                                b.ml(),
                                                figure.baseOf().castingDensityGPerMl(),
                                                Basis.of("round plate · density")
                                                        .with(
                                                                "across",
                                                                b.acrossMm(),
                                                                Unit.MILLIMETRE)
                                                        .with(
                                                                "thick",
                                                                b.thickMm(),
                                                                Unit.MILLIMETRE)));
        final double baseG = base.map(Figure::value).orElse(0.0);
        final double ofTheWallG =
                shell.value()
                        + seam.map(Figure::value).orElse(0.0)
                        + (figure.baseOf() == figure.couverture() ? baseG : 0);
        final double wholeG =
                shell.value()
                        + outer.map(Figure::value).orElse(0.0)
                        + seam.map(Figure::value).orElse(0.0)
                        + baseG;
        return new HollowMasses(
                shell,
                outer,
                seam,
                base,
                Figure.of(
                        "piece",
                        wholeG,
                        Unit.GRAM,
                        Basis.of(
                                        outer.isPresent()
                                                ? "outer coat + shell + seam + base"
                                                : "shell + seam + base")
                                .from(GEOMETRY)),
                poured(figure, shellMl, brimMl, density),
                ofTheWallG);
    }

    private static Figure outer(final HollowFigure figure, final HollowFigure.Second second) {
        return MouldedMasses.chocolate(
                "outer coat",
                outerMl(figure),
                second.couverture().castingDensityGPerMl(),
                Basis.of("(cavity − what the coat leaves) · parts · density")
                        .with("parts", figure.parts(), Unit.ONE)
                        .with("outer coat", second.outerMm(), Unit.MILLIMETRE));
    }

    private static double outerMl(final HollowFigure figure) {
        return (figure.mould().cavity().volumeMl() - figure.inside().volumeMl()) * figure.parts();
    }

    /** What is poured in for the outer coat of one, g; 0 where none is. */
    static double outerBrimG(final HollowFigure figure) {
        return figure.outer()
                .filter(second -> !second.brushed())
                .map(
                        second ->
                                poured(
                                                figure,
                                                outerMl(figure),
                                                figure.mould().cavity().volumeMl() * figure.parts(),
                                                second.couverture().castingDensityGPerMl())
                                        .value())
                .orElse(0.0);
    }

    /** A closed mould takes little more than it keeps; an open one stands brim-full. */
    private static Figure poured(
            final HollowFigure figure,
            final double shellMl,
            final double brimMl,
            final double density) {
        if (!figure.closed()) {
            return MouldedMasses.chocolate(
                    "brim-full cavities", brimMl, density, Basis.of("cavities · density"));
        }
        final double filled = filled(shellMl / brimMl);
        return MouldedMasses.chocolate(
                "filled before it is closed",
                filled * brimMl,
                density,
                Basis.of("cavities · share filled · density")
                        .with("share filled", filled * 100, Unit.PERCENT)
                        .from(Source.practice("a closed mould is filled a third to two thirds")));
    }

    private static double filled(final double keptShare) {
        return Math.max(LEAST_FILLED, Math.min(MOST_FILLED, PER_KEPT * keptShare));
    }

    /** Two halves stand as one, rim to rim; an outline pulled up is seen from the front. */
    static Section section(final HollowFigure figure) {
        final Cavity cavity = figure.mould().cavity();
        final boolean whole = figure.parts() == 2 && !(cavity instanceof Pulled);
        final List<Section.SectionPoint> outer = Section.outline(cavity);
        final List<Section.SectionPoint> hollow = Section.outline(figure.hollow());
        final double deepMm = cavity.depthMm();
        final List<Section.SectionPoint> all = whole ? whole(outer, deepMm) : outer;
        final List<Section.Region> regions = new ArrayList<>();
        figure.outer()
                .ifPresent(
                        second ->
                                regions.add(
                                        new Section.Region(
                                                Section.Role.SECOND,
                                                second.couverture().ingredient().name(),
                                                Optional.of(
                                                        Quantity.of(
                                                                second.outerMm(), Unit.MILLIMETRE)),
                                                all,
                                                Optional.of(second.couverture().kind()))));
        final List<Section.SectionPoint> inside = Section.outline(figure.inside());
        regions.add(
                new Section.Region(
                        Section.Role.SHELL,
                        "wall",
                        Optional.of(
                                Quantity.of(figure.shellMm() - figure.outerMm(), Unit.MILLIMETRE)),
                        whole ? whole(inside, deepMm) : inside));
        regions.add(
                new Section.Region(
                        Section.Role.RELIEF,
                        "hollow",
                        Optional.empty(),
                        whole ? whole(hollow, deepMm) : hollow));
        return new Section(
                all,
                regions,
                List.of(),
                cavity instanceof Pulled pulled ? pulled.opening() : List.of());
    }

    /** One half below the plane of the rims and one above it. */
    private static List<Section.SectionPoint> whole(
            final List<Section.SectionPoint> half, final double rimMm) {
        final List<Section.SectionPoint> all = new ArrayList<>();
        for (int i = half.size() - 1; i > 0; i--) {
            all.add(
                    new Section.SectionPoint(
                            rimMm - half.get(i).depthMm(), half.get(i).halfWidthMm()));
        }
        half.forEach(p -> all.add(new Section.SectionPoint(rimMm + p.depthMm(), p.halfWidthMm())));
        return all;
    }

    @Override
    public List<Figure> parts() {
        final List<Figure> all = new ArrayList<>(List.of(shell));
        outer.ifPresent(all::add);
        seam.ifPresent(all::add);
        base.ifPresent(all::add);
        return List.copyOf(all);
    }
}
