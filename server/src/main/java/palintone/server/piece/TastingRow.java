package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import palintone.core.taste.Liking;
import palintone.core.temper.CouvertureKind;

/**
 * A tasting as it goes out and comes in.
 *
 * @param kind of the piece's couverture then; that of today where left out
 * @param filled whether it had a filling then; as today where left out
 * @param sweetness of the whole piece then, g in 100 g; that of today where left out
 * @param bitterness of the whole piece then, g in 100 g; that of today where left out
 * @param score 1 to 10
 */
public record TastingRow(
        @NotNull String piece,
        @NotNull Instant notedAt,
        @Nullable CouvertureKind kind,
        @Nullable Boolean filled,
        @Nullable Double sweetness,
        @Nullable Double bitterness,
        @Nullable Liking sweet,
        @Nullable Liking bitter,
        @Nullable Integer score,
        @Nullable String words,
        boolean counts) {

    static TastingRow of(final TastingEntity it) {
        return new TastingRow(
                it.pieceId(),
                it.notedAt(),
                it.kind(),
                it.filled(),
                it.sweetness(),
                it.bitterness(),
                it.sweet(),
                it.bitter(),
                it.score(),
                it.words(),
                it.counts());
    }
}
