package palintone.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.mould.Measures;
import palintone.core.mould.Mould;
import palintone.core.mould.Outline;
import palintone.core.mould.Shape;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.LayerAmount;
import palintone.core.piece.MouldedPiece;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;

/** What a drag in the form of a piece costs the core: section and masses, whatever the shape. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PieceBench {

    @Param({"HALF_SPHERE", "BAR", "EGG", "TURNED", "PULLED", "WEIGHED"})
    private Shape shape;

    private MouldedPiece piece;

    private static Ingredient ingredient(final String id, final Map<Component, Double> parts) {
        return new Ingredient(
                id, id, Composition.per100(parts), 1, Set.of(), Source.workshop("measurement"));
    }

    private static List<Outline.Point> outline(final Shape shape) {
        return shape == Shape.PULLED
                ? List.of(
                        new Outline.Point(0, -8),
                        new Outline.Point(18, -14),
                        new Outline.Point(21, -4),
                        new Outline.Point(0, 22),
                        new Outline.Point(-21, -4),
                        new Outline.Point(-18, -14))
                : List.of(
                        new Outline.Point(18, 0),
                        new Outline.Point(16, 6),
                        new Outline.Point(11, 14),
                        new Outline.Point(0, 18));
    }

    /** A piece of two layers in a cavity of the shape. */
    @Setup
    public void cast() {
        final double depth = shape == Shape.BAR || shape == Shape.PULLED ? 14 : 16;
        final Measures measures =
                new Measures(
                        shape,
                        shape == Shape.BAR ? 44 : 32,
                        shape == Shape.EGG ? 36 : 30,
                        depth,
                        28,
                        8,
                        8.2,
                        20,
                        outline(shape));
        final Ingredient chocolate =
                ingredient(
                        "dark",
                        Map.of(
                                Component.COCOA_BUTTER, 40.0,
                                Component.COCOA_SOLIDS, 26.0,
                                Component.SUCROSE, 33.0,
                                Component.WATER, 1.0));
        final Filling ganache =
                Filling.stirred(
                        "ganache",
                        "Ganache",
                        List.of(new RecipeLine(chocolate, 500, KitchenUnit.GRAM)));
        piece =
                new MouldedPiece(
                        "piece",
                        "Piece",
                        new Mould("mould", "Mould", measures.cavity(), 24, 2),
                        new Couverture(chocolate, CouvertureKind.DARK),
                        1.6,
                        1.8,
                        List.of(
                                new FillingLayer(ganache, new LayerAmount.Grams(1), List.of()),
                                new FillingLayer(ganache, new LayerAmount.Rest(), List.of())),
                        Optional.empty());
    }

    /** Drawn and weighed. */
    @Benchmark
    public void sectionAndMasses(final Blackhole hole) {
        hole.consume(piece.section());
        hole.consume(piece.masses());
    }
}
