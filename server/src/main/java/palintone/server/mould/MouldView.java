package palintone.server.mould;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import palintone.core.mould.Cavity;
import palintone.core.mould.Measures;
import palintone.core.mould.Mould;
import palintone.core.mould.MouldBody;
import palintone.core.mould.Outline;
import palintone.core.mould.Pulled;
import palintone.core.mould.Release;
import palintone.core.mould.Shape;
import palintone.core.substance.Allergen;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * A mould as it is listed, drawn and edited. Measures its shape does not ask for are zero.
 *
 * @param profile half widths and depths of one cavity, from the rim to the floor
 * @param opening seen from above, where it is not round or straight
 * @param brim couverture of one cavity filled to the brim
 * @param release whether a set piece comes out
 */
public record MouldView(
        String id,
        String name,
        Shape shape,
        double lengthMm,
        double widthMm,
        double depthMm,
        double floorMm,
        double draftDegrees,
        double waterG,
        double waterC,
        List<MouldDraft.DrawnPoint> outline,
        int cavities,
        int unlike,
        int rows,
        int owned,
        MouldBody.Material material,
        MouldBody.Build build,
        double wallMm,
        boolean scratched,
        Set<Allergen> lastHeld,
        double cavityMl,
        double wallAreaMm2,
        double rimAreaMm2,
        List<MouldDraft.DrawnPoint> profile,
        @Nullable List<MouldDraft.DrawnPoint> opening,
        FigureView brim,
        ReleaseView release,
        boolean photo,
        boolean archived,
        @Nullable Long version) {

    /** Whether a piece comes out, and why. */
    public record ReleaseView(Release.Answer answer, SentenceView words) {}

    private static List<MouldDraft.DrawnPoint> points(final List<Outline.Point> line) {
        return line.stream().map(p -> new MouldDraft.DrawnPoint(p.acrossMm(), p.downMm())).toList();
    }

    static MouldView of(final MouldEntity entity) {
        final Mould mould = entity.mould();
        final Measures measures = entity.measures();
        final Cavity cavity = mould.cavity();
        return new MouldView(
                mould.id(),
                mould.name(),
                measures.shape(),
                measures.lengthMm(),
                measures.widthMm(),
                cavity.depthMm(),
                measures.floorMm(),
                measures.draftDegrees(),
                measures.waterG(),
                measures.waterC(),
                points(measures.outline()),
                mould.cavities(),
                mould.unlike(),
                mould.rows(),
                mould.owned(),
                mould.body().material(),
                mould.body().build(),
                mould.body().wallMm(),
                mould.state().scratched(),
                new TreeSet<>(mould.state().lastHeld()),
                cavity.volumeMl(),
                cavity.wallAreaMm2(),
                cavity.rimAreaMm2(),
                points(cavity.profile(0, cavity.depthMm())),
                cavity instanceof Pulled pulled ? points(pulled.opening()) : null,
                FigureView.of(mould.brim()),
                new ReleaseView(mould.release().answer(), SentenceView.of(mould.release().words())),
                entity.photo(),
                entity.archived(),
                entity.version());
    }
}
