package palintone.server.mould;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.mould.Bar;
import palintone.core.mould.Cavity;
import palintone.core.mould.Dome;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;

/** A mould as it stands in the books; lengths a shape does not need are zero. */
@Entity
@Table(name = "mould")
public class MouldEntity {

    /** The shapes that can be written down. */
    public enum Shape {
        HALF_SPHERE,
        DOME,
        BAR
    }

    @Id private String id;

    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Shape shape;

    private double lengthMm;
    private double widthMm;
    private double depthMm;
    private double draftDegrees;
    private int cavities;
    private int owned;

    @Version private Long version;

    protected MouldEntity() {}

    public MouldEntity(final String id) {
        this.id = id;
    }

    /** Takes over everything from a mould the core has accepted. */
    public void take(final Mould mould) {
        name = mould.name();
        cavities = mould.cavities();
        owned = mould.owned();
        lengthMm = 0;
        widthMm = 0;
        depthMm = 0;
        draftDegrees = 0;
        if (mould.cavity() instanceof HalfSphere half) {
            shape = Shape.HALF_SPHERE;
            lengthMm = half.diameterMm();
        } else if (mould.cavity() instanceof Dome dome) {
            shape = Shape.DOME;
            lengthMm = dome.diameterMm();
            depthMm = dome.heightMm();
        } else if (mould.cavity() instanceof Bar bar) {
            shape = Shape.BAR;
            lengthMm = bar.lengthMm();
            widthMm = bar.widthMm();
            depthMm = bar.depthMm();
            draftDegrees = bar.draftDegrees();
        }
    }

    public Mould mould() {
        return new Mould(id, name, cavity(), cavities, owned);
    }

    private Cavity cavity() {
        return switch (shape) {
            case HALF_SPHERE -> new HalfSphere(lengthMm);
            case DOME -> new Dome(lengthMm, depthMm);
            case BAR -> new Bar(lengthMm, widthMm, depthMm, draftDegrees);
        };
    }

    public Shape shape() {
        return shape;
    }
}
