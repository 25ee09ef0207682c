package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.taste.Liking;
import palintone.core.taste.TasteGroup;
import palintone.core.taste.TasteOf;
import palintone.core.taste.Tasting;
import palintone.core.temper.CouvertureKind;

/** A piece tasted whole. */
@Entity
@Table(name = "piece_tasting")
public class TastingEntity {

    @Id private String id;
    private String pieceId;
    private Instant notedAt;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private CouvertureKind kind;

    private boolean filled;

    private double sweetness;
    private double bitterness;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Liking sweet;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Liking bitter;

    private Integer score;
    private String words;
    private boolean counts;

    protected TastingEntity() {}

    TastingEntity(
            final String id,
            final String pieceId,
            final Instant notedAt,
            final Tasting it,
            final String words,
            final boolean counts) {
        this.id = id;
        this.pieceId = pieceId;
        this.notedAt = notedAt;
        this.kind = it.group().kind().orElse(null);
        this.filled = it.group().filled();
        this.sweetness = it.was().get(TasteOf.SWEETNESS);
        this.bitterness = it.was().get(TasteOf.BITTERNESS);
        this.sweet = it.said().get(TasteOf.SWEETNESS);
        this.bitter = it.said().get(TasteOf.BITTERNESS);
        this.score = it.score().isPresent() ? it.score().getAsInt() : null;
        this.words = words;
        this.counts = counts;
    }

    Tasting tasting() {
        final Map<TasteOf, Liking> said = new EnumMap<>(TasteOf.class);
        if (sweet != null) {
            said.put(TasteOf.SWEETNESS, sweet);
        }
        if (bitter != null) {
            said.put(TasteOf.BITTERNESS, bitter);
        }
        return new Tasting(
                new TasteGroup(Optional.ofNullable(kind), filled),
                Map.of(TasteOf.SWEETNESS, sweetness, TasteOf.BITTERNESS, bitterness),
                said,
                score == null ? OptionalInt.empty() : OptionalInt.of(score));
    }

    String id() {
        return id;
    }

    String pieceId() {
        return pieceId;
    }

    Instant notedAt() {
        return notedAt;
    }

    @Nullable
    CouvertureKind kind() {
        return kind;
    }

    boolean filled() {
        return filled;
    }

    double sweetness() {
        return sweetness;
    }

    double bitterness() {
        return bitterness;
    }

    @Nullable
    Liking sweet() {
        return sweet;
    }

    @Nullable
    Liking bitter() {
        return bitter;
    }

    @Nullable
    Integer score() {
        return score;
    }

    String words() {
        return words;
    }

    boolean counts() {
        return counts;
    }

    void count(final boolean now) {
        this.counts = now;
    }
}
