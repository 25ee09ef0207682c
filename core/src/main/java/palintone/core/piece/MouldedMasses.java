package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.ChoiOkos1986;

/**
 * What one filled piece holds, grams.
 *
 * @param shell couverture in the shell
 * @param cap couverture in the cap
 * @param layers each filling, first in first
 * @param inserts what is set in whole, in order of the layers
 * @param whole everything together
 * @param brim couverture of one cavity filled to the brim
 */
public record MouldedMasses(
        Figure shell,
        Figure cap,
        List<Figure> layers,
        List<Figure> inserts,
        Figure whole,
        Figure brim)
        implements ShelledMasses {

    private static final Source GEOMETRY = Source.definition("closed form of the cavity");

    static MouldedMasses of(final MouldedPiece piece) {
        return of(piece, piece.fill());
    }

    static MouldedMasses of(final MouldedPiece piece, final MouldedFill fill) {
        final double density = piece.couverture().castingDensityGPerMl();
        final double brimMl = piece.mould().cavity().volumeMl();
        final Figure shell =
                chocolate(
                        "shell",
                        brimMl - fill.hollow().volumeMl(),
                        density,
                        Basis.of("(cavity − hollow inside the shell) · density")
                                .with("cavity", brimMl, Unit.MILLILITRE)
                                .with("shell thickness", piece.shellMm(), Unit.MILLIMETRE));
        final Figure cap =
                chocolate(
                        "cap",
                        fill.capMl(),
                        piece.cap().castingDensityGPerMl(),
                        Basis.of("hollow down to the head room · density")
                                .with("head room", fill.capMm(), Unit.MILLIMETRE));
        final List<Figure> layers = new ArrayList<>();
        double wholeG = shell.value() + cap.value();
        final List<Figure> inserts = new ArrayList<>();
        final double roomMl = fill.layers().stream().mapToDouble(l -> l.spaceMl()).sum();
        for (int i = 0; i < piece.layers().size(); i++) {
            final FillingLayer layer = piece.layers().get(i);
            final double ml = fill.layers().get(i).fillingMl();
            final double fillingDensity = layer.filling().densityGPerMl();
            wholeG += ml * fillingDensity;
            layers.add(
                    Figure.of(
                            layer.filling().name(),
                            ml * fillingDensity,
                            Unit.GRAM,
                            Basis.of("its part of the room below the cap, less inserts, · density")
                                    .with("room for fillings", roomMl, Unit.MILLILITRE)
                                    .with("its part", ml, Unit.MILLILITRE)
                                    .with("density", fillingDensity, Unit.GRAM_PER_ML)
                                    .from(GEOMETRY)
                                    .from(ChoiOkos1986.SOURCE)));
            for (final Inclusion insert : layer.inserts()) {
                wholeG += insert.eachG();
                inserts.add(
                        Figure.of(
                                insert.ingredient().name(),
                                insert.eachG(),
                                Unit.GRAM,
                                Basis.of("set in whole, as weighed")
                                        .from(Source.workshop("mass of one, from the piece"))));
            }
        }
        return new MouldedMasses(
                shell,
                cap,
                Collections.unmodifiableList(layers),
                Collections.unmodifiableList(inserts),
                Figure.of(
                        "piece",
                        wholeG,
                        Unit.GRAM,
                        Basis.of("shell + cap + fillings + inserts").from(GEOMETRY)),
                chocolate("brim-full cavity", brimMl, density, Basis.of("cavity · density")));
    }

    @Override
    public List<Figure> parts() {
        final List<Figure> all = new ArrayList<>(List.of(shell, cap));
        all.addAll(layers);
        all.addAll(inserts);
        return Collections.unmodifiableList(all);
    }

    @Override
    public double couvertureG() {
        return shell.value() + cap.value();
    }

    static Figure chocolate(
            final String name, final double ml, final double density, final Basis basis) {
        return Figure.of(
                name,
                ml * density,
                Unit.GRAM,
                basis.with("volume", ml, Unit.MILLILITRE)
                        .with("density", density, Unit.GRAM_PER_ML)
                        .from(GEOMETRY)
                        .from(ChoiOkos1986.SOURCE)
                        .validFor("even shell, melted couverture without air", true));
    }
}
