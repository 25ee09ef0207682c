package palintone.server.mould;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.mould.Measures;
import palintone.core.mould.Mould;
import palintone.core.mould.MouldBody;
import palintone.core.mould.MouldState;
import palintone.core.mould.Outline;
import palintone.core.mould.Shape;
import palintone.core.substance.Allergen;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A mould as somebody writes it down. Of the measures only those count that the shape asks for.
 *
 * @param unlike cavities of another shape, which stay empty; none where it is left out
 * @param version of the state that was changed; null for something new
 */
public record MouldDraft(
        @NotNull @Longest(120) String name,
        @NotNull Shape shape,
        @Nullable @Within(low = 4, high = 500, unit = "mm") Double lengthMm,
        @Nullable @Within(low = 4, high = 500, unit = "mm") Double widthMm,
        @Nullable @Within(low = 2, high = 500, unit = "mm") Double depthMm,
        @Nullable @Within(low = 2, unit = "mm") Double floorMm,
        @Nullable @Within(low = 0, high = 45, unit = "°") Double draftDegrees,
        @Nullable @Within(low = 0, above = true, unit = "g") Double waterG,
        @Nullable @Within(low = 4, high = 40, unit = "°C") Double waterC,
        @Nullable List<@NotNull @Valid DrawnPoint> outline,
        @Within(low = 1, high = 500) int cavities,
        @Nullable @Within(low = 0) Integer unlike,
        @Within(low = 1, high = 24) int rows,
        @Within(low = 1, high = 500) int owned,
        @NotNull MouldBody.Material material,
        @NotNull MouldBody.Build build,
        @Within(low = 0.2, high = 20, unit = "mm") double wallMm,
        boolean scratched,
        @NotNull Set<@NotNull Allergen> lastHeld,
        @Nullable Long version) {

    /** One point of an outline. */
    public record DrawnPoint(@NotNull Double acrossMm, @NotNull Double downMm) {}

    /**
     * What the shape is made from.
     *
     * @throws OutOfRangeException naming a measure that the shape asks for and that is not given
     */
    Measures measures() {
        for (final Shape.Asked asked : shape.asks()) {
            if (given(asked.ask()) == null) {
                throw new OutOfRangeException(
                        asked.words().toLowerCase(java.util.Locale.ROOT),
                        "missing",
                        asked.ask() == Shape.Ask.OUTLINE ? "points" : "a number");
            }
        }
        return new Measures(
                shape,
                asked(Shape.Ask.LENGTH, lengthMm),
                asked(Shape.Ask.WIDTH, widthMm),
                asked(Shape.Ask.DEPTH, depthMm),
                asked(Shape.Ask.FLOOR, floorMm),
                asked(Shape.Ask.DRAFT, draftDegrees),
                asked(Shape.Ask.WATER, waterG),
                asked(Shape.Ask.WATER_WARMTH, waterC),
                asks(Shape.Ask.OUTLINE)
                        ? outline.stream()
                                .map(p -> new Outline.Point(p.acrossMm(), p.downMm()))
                                .toList()
                        : List.of());
    }

    private Object given(final Shape.Ask ask) {
        return switch (ask) {
            case LENGTH -> lengthMm;
            case WIDTH -> widthMm;
            case DEPTH -> depthMm;
            case FLOOR -> floorMm;
            case DRAFT -> draftDegrees;
            case WATER -> waterG;
            case WATER_WARMTH -> waterC;
            case OUTLINE -> outline;
        };
    }

    private boolean asks(final Shape.Ask ask) {
        return shape.asks().stream().anyMatch(asked -> asked.ask() == ask);
    }

    private double asked(final Shape.Ask ask, final Double value) {
        return asks(ask) ? value : 0;
    }

    /**
     * Refuses what {@link #mould} would.
     *
     * @throws OutOfRangeException when the core would not take it
     */
    public void check(final String id) {
        mould(id);
    }

    /** Of these measures those that the shape asks for. */
    static MouldDraft of(final MouldEntity entity) {
        final Mould mould = entity.mould();
        final Measures m = entity.measures();
        return new MouldDraft(
                mould.name(),
                m.shape(),
                asked(m, Shape.Ask.LENGTH, m.lengthMm()),
                asked(m, Shape.Ask.WIDTH, m.widthMm()),
                asked(m, Shape.Ask.DEPTH, m.depthMm()),
                asked(m, Shape.Ask.FLOOR, m.floorMm()),
                asked(m, Shape.Ask.DRAFT, m.draftDegrees()),
                asked(m, Shape.Ask.WATER, m.waterG()),
                asked(m, Shape.Ask.WATER_WARMTH, m.waterC()),
                m.outline().isEmpty()
                        ? null
                        : m.outline().stream()
                                .map(p -> new DrawnPoint(p.acrossMm(), p.downMm()))
                                .toList(),
                mould.cavities(),
                mould.unlike() == 0 ? null : mould.unlike(),
                mould.rows(),
                mould.owned(),
                mould.body().material(),
                mould.body().build(),
                mould.body().wallMm(),
                mould.state().scratched(),
                new java.util.TreeSet<>(mould.state().lastHeld()),
                entity.version());
    }

    private static Double asked(final Measures of, final Shape.Ask ask, final double value) {
        return of.shape().asks().stream().anyMatch(a -> a.ask() == ask) ? value : null;
    }

    /**
     * The mould as the core knows it.
     *
     * @throws OutOfRangeException when the core would not take it
     */
    Mould mould(final String id) {
        return new Mould(
                id,
                name,
                measures().cavity(),
                cavities,
                rows,
                owned,
                new MouldBody(material, build, wallMm),
                new MouldState(scratched, lastHeld),
                unlike == null ? 0 : unlike);
    }
}
