package palintone.server.mould;

import palintone.core.mould.Mould;

/** A mould as it is listed. */
public record MouldView(
        String id,
        String name,
        MouldEntity.Shape shape,
        double cavityMl,
        double depthMm,
        int cavities,
        int owned) {

    static MouldView of(final MouldEntity entity) {
        final Mould mould = entity.mould();
        return new MouldView(
                mould.id(),
                mould.name(),
                entity.shape(),
                mould.cavity().volumeMl(),
                mould.cavity().depthMm(),
                mould.cavities(),
                mould.owned());
    }
}
