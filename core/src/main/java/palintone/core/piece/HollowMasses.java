package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Quantity;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.mould.Pulled;

/**
 * What one hollow figure holds, grams.
 *
 * @param shell all its parts
 * @param seam chocolate between them; nothing where none is piped
 * @param base it stands on; nothing where there is none
 * @param whole everything together
 * @param brim all its cavities filled to the brim
 */
public record HollowMasses(
        Figure shell, Optional<Figure> seam, Optional<Figure> base, Figure whole, Figure brim)
        implements ShelledMasses {

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
                MouldedMasses.chocolate(
                        "brim-full cavities", brimMl, density, Basis.of("cavities · density")));
    }

    static Section section(final HollowFigure figure) {
        final List<Section.Point> outer = Section.outline(figure.mould().cavity());
        return new Section(
                outer,
                List.of(
                        new Section.Region(
                                Section.Role.SHELL,
                                "wall",
                                Optional.of(Quantity.of(figure.shellMm(), Unit.MILLIMETRE)),
                                outer),
                        new Section.Region(
                                Section.Role.RELIEF,
                                "hollow",
                                Optional.empty(),
                                Section.outline(figure.hollow()))),
                List.of(),
                figure.mould().cavity() instanceof Pulled pulled ? pulled.opening() : List.of());
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
