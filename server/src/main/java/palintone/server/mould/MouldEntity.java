package palintone.server.mould;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.mould.Measures;
import palintone.core.mould.Mould;
import palintone.core.mould.MouldBody;
import palintone.core.mould.MouldState;
import palintone.core.mould.Outline;
import palintone.core.mould.Shape;
import palintone.core.substance.Allergen;

/** A mould as it stands in the books; measures a shape does not ask for are zero. */
@Entity
@Table(name = "mould")
public class MouldEntity {

    @Id private String id;

    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Shape shape;

    private double lengthMm;
    private double widthMm;
    private double depthMm;
    private double floorMm;
    private double draftDegrees;

    @Column(name = "water_g")
    private double waterG;

    @Column(name = "water_c")
    private double waterC;

    @ElementCollection
    @CollectionTable(name = "mould_point", joinColumns = @JoinColumn(name = "mould_id"))
    @OrderColumn(name = "position")
    private List<PointRow> outline = new ArrayList<>();

    private int cavities;
    private int unlike;

    @Column(name = "rows_of")
    private int rows;

    private int owned;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private MouldBody.Material material;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private MouldBody.Build build;

    private double wallMm;
    private boolean scratched;

    @ElementCollection
    @CollectionTable(name = "mould_last_held", joinColumns = @JoinColumn(name = "mould_id"))
    @Column(name = "allergen")
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Set<Allergen> lastHeld = EnumSet.noneOf(Allergen.class);

    /** Whether a photo is kept with it. */
    private boolean photo;

    private boolean archived;

    @Version private Long version;

    protected MouldEntity() {}

    public MouldEntity(final String id) {
        this.id = id;
    }

    /** One point of an outline. */
    @Embeddable
    public static class PointRow {

        private double acrossMm;
        private double downMm;

        protected PointRow() {}

        PointRow(final double acrossMm, final double downMm) {
            this.acrossMm = acrossMm;
            this.downMm = downMm;
        }
    }

    Shape shape() {
        return shape;
    }

    /**
     * Takes over everything from a draft.
     *
     * @throws palintone.core.figure.OutOfRangeException when the core would not take it
     */
    public void take(final MouldDraft draft) {
        final Mould checked = draft.mould(id);
        final Measures measures = draft.measures();
        name = checked.name();
        shape = measures.shape();
        lengthMm = measures.lengthMm();
        widthMm = measures.widthMm();
        depthMm = measures.depthMm();
        floorMm = measures.floorMm();
        draftDegrees = measures.draftDegrees();
        waterG = measures.waterG();
        waterC = measures.waterC();
        outline.clear();
        measures.outline().forEach(p -> outline.add(new PointRow(p.acrossMm(), p.downMm())));
        cavities = checked.cavities();
        unlike = checked.unlike();
        rows = checked.rows();
        owned = checked.owned();
        material = checked.body().material();
        build = checked.body().build();
        wallMm = checked.body().wallMm();
        scratched = checked.state().scratched();
        lastHeld.clear();
        lastHeld.addAll(checked.state().lastHeld());
    }

    public Mould mould() {
        return new Mould(
                id,
                name,
                measures().cavity(),
                cavities,
                rows,
                owned,
                new MouldBody(material, build, wallMm),
                new MouldState(scratched, lastHeld),
                unlike);
    }

    Measures measures() {
        return new Measures(
                shape,
                lengthMm,
                widthMm,
                depthMm,
                floorMm,
                draftDegrees,
                waterG,
                waterC,
                // Only a drawn shape has points: do not ask for those of others.
                shape.isDrawn()
                        ? outline.stream()
                                .map(p -> new Outline.Point(p.acrossMm, p.downMm))
                                .toList()
                        : List.of());
    }

    void archive(final boolean away) {
        archived = away;
    }

    void held(final Set<Allergen> allergens) {
        lastHeld.addAll(allergens);
    }

    void washed() {
        lastHeld.clear();
    }

    void photo(final boolean kept) {
        photo = kept;
    }

    boolean photo() {
        return photo;
    }

    public boolean archived() {
        return archived;
    }

    public String id() {
        return id;
    }

    Long version() {
        return version;
    }
}
