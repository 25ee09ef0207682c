package palintone.server.colour;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.substance.Allergen;
import palintone.core.temper.colour.ColourStock;
import palintone.server.larder.AllergenSet;

/** A coloured cocoa butter as it stands in the books. */
@Entity
@Table(name = "colour")
public class ColourEntity {

    @Id private String id;
    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private ColourStock.Base base;

    private double sharePercent;
    private boolean strained;

    @Column(name = "use_c")
    private double useC;

    @Column(name = "left_g")
    private double leftG;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String tint;

    /** Null where nobody has read its packet. */
    @Convert(converter = AllergenSet.class)
    private Set<Allergen> allergens;

    private boolean archived;

    @Version private Long version;

    protected ColourEntity() {}

    ColourEntity(final String id) {
        this.id = id;
    }

    void take(final ColourDraft draft) {
        final ColourStock it = draft.stock();
        name = it.name();
        base = it.base();
        sharePercent = it.sharePercent();
        strained = it.strained();
        useC = it.useC();
        leftG = it.leftG();
        tint = draft.tint();
        allergens = it.allergens().orElse(null);
    }

    public ColourStock stock() {
        return new ColourStock(
                name,
                base,
                sharePercent,
                ColourStock.Dissolves.FAT,
                strained,
                useC,
                leftG,
                Optional.ofNullable(allergens));
    }

    ColourDraft draft() {
        return new ColourDraft(
                name,
                base,
                sharePercent,
                ColourStock.Dissolves.FAT,
                strained,
                useC,
                leftG,
                tint,
                allergens,
                version);
    }

    void archive(final boolean away) {
        archived = away;
    }

    boolean archived() {
        return archived;
    }

    public String id() {
        return id;
    }

    public String name() {
        return name;
    }

    public String tint() {
        return tint;
    }

    public double leftG() {
        return leftG;
    }

    Long version() {
        return version;
    }
}
