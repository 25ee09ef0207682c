package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.mould.Cavity;
import palintone.core.substance.ChoiOkos1986;

/**
 * What one filled piece holds, grams.
 *
 * @param shell couverture in the shell
 * @param cap couverture in the cap
 * @param layers each filling, first in first
 * @param inserts what is set in whole, in order of the layers
 * @param inside fillings inside others, in order of the layers that hold one
 * @param seals couverture between layers; nothing where none is asked for
 * @param whole everything together
 * @param seam chocolate between two halves; nothing where none is piped
 * @param brim couverture of one cavity filled to the brim
 */
public record MouldedMasses(
        Figure shell,
        Figure cap,
        List<Figure> layers,
        List<Figure> inserts,
        List<Figure> inside,
        Optional<Figure> seals,
        Figure whole,
        Optional<Figure> seam,
        Figure brim)
        implements ShelledMasses {

    private static final Source GEOMETRY = Source.definition("closed form of the cavity");

    static MouldedMasses of(final MouldedPiece piece) {
        return of(piece, piece.fill());
    }

    static MouldedMasses of(final MouldedPiece piece, final MouldedFill fill) {
        final double density = piece.couverture().castingDensityGPerMl();
        final int halves = piece.cavitiesEach();
        final double brimMl = piece.mould().cavity().volumeMl();
        final Figure shell =
                chocolate(
                        "shell",
                        (brimMl - fill.hollow().volumeMl()) * halves,
                        density,
                        (halves == 1
                                        ? Basis.of("(cavity − hollow inside the shell) · density")
                                        : Basis.of(
                                                        "(cavity − hollow inside the shell) ·"
                                                                + " halves · density")
                                                .with("halves", halves, Unit.ONE))
                                .with("cavity", brimMl, Unit.MILLILITRE)
                                .with("shell thickness", piece.shellMm(), Unit.MILLIMETRE));
        final Figure cap =
                chocolate(
                        "cap",
                        piece.capMl() * halves,
                        piece.cap().castingDensityGPerMl(),
                        Basis.of("hollow down to the head room · density")
                                .with("head room", fill.capMm(), Unit.MILLIMETRE));
        final List<Figure> layers = new ArrayList<>();
        double wholeG = shell.value() + cap.value();
        final List<Figure> inserts = new ArrayList<>();
        final List<Figure> inside = new ArrayList<>();
        final double roomMl = fill.layers().stream().mapToDouble(l -> l.spaceMl()).sum();
        for (int i = 0; i < piece.layers().size(); i++) {
            final FillingLayer layer = piece.layers().get(i);
            final double ml = fill.layers().get(i).fillingMl() * halves;
            final double fillingDensity = layer.filling().densityGPerMl();
            wholeG += ml * fillingDensity;
            layers.add(
                    Figure.of(
                            layer.filling().name(),
                            ml * fillingDensity,
                            Unit.GRAM,
                            Basis.of("its part of the room below the cap, less inserts, · density")
                                    .with("room for fillings", roomMl * halves, Unit.MILLILITRE)
                                    .with("its part", ml, Unit.MILLILITRE)
                                    .with("density", fillingDensity, Unit.GRAM_PER_ML)
                                    .from(GEOMETRY)
                                    .from(ChoiOkos1986.SOURCE)));
            if (layer.inside().isPresent()) {
                final FillingLayer.Inside in = layer.inside().get();
                wholeG += in.grams() * halves;
                inside.add(
                        Figure.of(
                                in.filling().name() + ", inside",
                                in.grams() * halves,
                                Unit.GRAM,
                                Basis.of("piped into the middle, as weighed")
                                        .from(Source.workshop("grams, from the piece"))));
            }
            for (final Inclusion insert : layer.inserts()) {
                wholeG += insert.eachG() * halves;
                inserts.add(
                        Figure.of(
                                insert.ingredient().name(),
                                insert.eachG() * halves,
                                Unit.GRAM,
                                Basis.of("set in whole, as weighed")
                                        .from(Source.workshop("mass of one, from the piece"))));
            }
        }
        final Optional<Figure> seals =
                Optional.of(fill.sealsMl())
                        .filter(ml -> ml > 0)
                        .map(
                                ml ->
                                        chocolate(
                                                "seals between layers",
                                                ml * halves,
                                                density,
                                                Basis.of("hollow between two layers · density")));
        wholeG += seals.map(Figure::value).orElse(0.0);
        final Optional<Figure> seam =
                piece.joined()
                        .filter(how -> how == HollowFigure.Joining.CHOCOLATE)
                        .map(how -> seam(piece.mould().cavity(), density));
        wholeG += seam.map(Figure::value).orElse(0.0);
        return new MouldedMasses(
                shell,
                cap,
                Collections.unmodifiableList(layers),
                Collections.unmodifiableList(inserts),
                Collections.unmodifiableList(inside),
                seals,
                Figure.of(
                        "piece",
                        wholeG,
                        Unit.GRAM,
                        Basis.of(
                                        seals.isPresent()
                                                ? "shell + cap + fillings + inserts + seals"
                                                : "shell + cap + fillings + inserts")
                                .from(GEOMETRY)),
                seam,
                chocolate(
                        "brim-full cavity",
                        brimMl * halves,
                        density,
                        Basis.of("cavity · density")));
    }

    @Override
    public List<Figure> parts() {
        final List<Figure> all = new ArrayList<>(List.of(shell));
        if (cap.value() > 0) {
            all.add(cap);
        }
        all.addAll(layers);
        all.addAll(inside);
        all.addAll(inserts);
        seals.ifPresent(all::add);
        seam.ifPresent(all::add);
        return Collections.unmodifiableList(all);
    }

    @Override
    public double couvertureG() {
        return shell.value() + cap.value() + betweenG();
    }

    /** Couverture of the shell's bowl that is brought on later: seals and seam, g. */
    public double betweenG() {
        return seals.map(Figure::value).orElse(0.0) + seam.map(Figure::value).orElse(0.0);
    }

    /** A seam piped inside a rim; common practice, no source. */
    private static final double SEAM_MM2 = 3;

    /** A rim is so much longer than that of a round of its area: figures have necks and beaks. */
    private static final double RIM_OF_ROUND = 1.3;

    /** About how long the rim of a cavity is. */
    static double rimMm(final Cavity cavity) {
        return RIM_OF_ROUND * 2 * Math.sqrt(Math.PI * cavity.rimAreaMm2());
    }

    /** Chocolate piped between two halves. */
    static Figure seam(final Cavity cavity, final double density) {
        return chocolate(
                "seam",
                rimMm(cavity) * SEAM_MM2 / 1000,
                density,
                Basis.of("length of the rim · 3 mm² · density")
                        .with("rim", rimMm(cavity), Unit.MILLIMETRE));
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
