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
 * @param shell all its parts
 * @param seam chocolate between them; nothing where none is piped
 * @param base it stands on; nothing where there is none
 * @param whole everything together
 * @param brim what is poured in for a coat: all its cavities to the brim, of a closed mould so much
 *     of them that all sides are reached
 */
public record HollowMasses(
        Figure shell, Optional<Figure> seam, Optional<Figure> base, Figure whole, Figure brim)
        implements ShelledMasses {

    /** A closed mould is filled from a third to two thirds; common practice, no source. */
    private static final double LEAST_FILLED = 1.0 / 3;

    private static final double MOST_FILLED = 2.0 / 3;

    /** Half as much again as stays reaches every side; common practice, no source. */
    private static final double PER_KEPT = 1.5;

    private static final Source GEOMETRY = Source.definition("closed form of the cavity");

    static HollowMasses of(final HollowFigure figure) {
        final double density = figure.couverture().castingDensityGPerMl();
        final double brimMl = figure.mould().cavity().volumeMl() * figure.parts();
        final double shellMl = brimMl - figure.hollow().volumeMl() * figure.parts();
        final Figure shell =
                MouldedMasses.chocolate(
                        "shell",
                        shellMl,
                        density,
                        Basis.of("(cavity − hollow inside the wall) · parts · density")
                                .with("parts", figure.parts(), Unit.ONE)
                                .with("wall", figure.shellMm(), Unit.MILLIMETRE));
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
                                                density,
                                                Basis.of("round plate · density")
                                                        .with(
                                                                "across",
                                                                b.acrossMm(),
                                                                Unit.MILLIMETRE)
                                                        .with(
                                                                "thick",
                                                                b.thickMm(),
                                                                Unit.MILLIMETRE)));
        final double wholeG =
                shell.value()
                        + seam.map(Figure::value).orElse(0.0)
                        + base.map(Figure::value).orElse(0.0);
        return new HollowMasses(
                shell,
                seam,
                base,
                Figure.of(
                        "piece", wholeG, Unit.GRAM, Basis.of("shell + seam + base").from(GEOMETRY)),
                poured(figure, shellMl, brimMl));
    }

    /** A closed mould takes little more than it keeps; an open one stands brim-full. */
    private static Figure poured(
            final HollowFigure figure, final double shellMl, final double brimMl) {
        final double density = figure.couverture().castingDensityGPerMl();
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
        final List<Section.Point> outer = Section.outline(cavity);
        final List<Section.Point> hollow = Section.outline(figure.hollow());
        final double deepMm = cavity.depthMm();
        return new Section(
                whole ? whole(outer, deepMm) : outer,
                List.of(
                        new Section.Region(
                                Section.Role.SHELL,
                                "wall",
                                Optional.of(Quantity.of(figure.shellMm(), Unit.MILLIMETRE)),
                                whole ? whole(outer, deepMm) : outer),
                        new Section.Region(
                                Section.Role.RELIEF,
                                "hollow",
                                Optional.empty(),
                                whole ? whole(hollow, deepMm) : hollow)),
                List.of(),
                cavity instanceof Pulled pulled ? pulled.opening() : List.of());
    }

    /** One half below the plane of the rims and one above it. */
    private static List<Section.Point> whole(final List<Section.Point> half, final double rimMm) {
        final List<Section.Point> all = new ArrayList<>();
        for (int i = half.size() - 1; i > 0; i--) {
            all.add(new Section.Point(rimMm - half.get(i).depthMm(), half.get(i).halfWidthMm()));
        }
        half.forEach(p -> all.add(new Section.Point(rimMm + p.depthMm(), p.halfWidthMm())));
        return all;
    }

    @Override
    public List<Figure> parts() {
        final List<Figure> all = new ArrayList<>(List.of(shell));
        seam.ifPresent(all::add);
        base.ifPresent(all::add);
        return List.copyOf(all);
    }

    @Override
    public double couvertureG() {
        return whole.value();
    }
}
