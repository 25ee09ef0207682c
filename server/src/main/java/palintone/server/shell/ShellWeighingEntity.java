package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.temper.flow.FluidityClass;

/** Shells of one mould on the scale, and how they were cast. */
@Entity
@Table(name = "shell_weighing")
public class ShellWeighingEntity {

    @Id private String id;

    private String mouldId;
    private String couvertureId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private FluidityClass fluidity;

    @Column(name = "bowl_c")
    private double bowlC;

    private double stablePercent;

    @Column(name = "mould_c")
    private double mouldC;

    @Column(name = "room_c")
    private double roomC;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Vibration vibration;

    @Column(name = "drain_s")
    private double drainS;

    private double rockedDegrees;

    @Column(name = "wait_s")
    private double waitS;

    private int cavities;

    @Column(name = "shells_g")
    private double shellsG;

    @Column(name = "fill_g")
    private @Nullable Double fillG;

    @Column(name = "cap_g")
    private @Nullable Double capG;

    private @Nullable String fillingId;

    private String note;
    private Instant notedAt;
    private boolean voided;

    protected ShellWeighingEntity() {}

    ShellWeighingEntity(
            final String id,
            final CastOrder order,
            final double waitS,
            final int cavities,
            final double shellsG,
            final String note,
            final Instant notedAt) {
        this.id = id;
        mouldId = order.mould().id();
        couvertureId = order.bowl().couverture().ingredient().id();
        fluidity = order.bowl().fluidity();
        bowlC = order.bowl().temperatureC();
        stablePercent = order.bowl().crystals().stable() * 100;
        mouldC = order.mouldC();
        roomC = order.roomC();
        vibration = order.vibration();
        drainS = order.drainS();
        rockedDegrees = order.rockedDegrees();
        this.waitS = waitS;
        this.cavities = cavities;
        this.shellsG = shellsG;
        this.note = note;
        this.notedAt = notedAt;
    }

    String id() {
        return id;
    }

    String mouldId() {
        return mouldId;
    }

    String couvertureId() {
        return couvertureId;
    }

    FluidityClass fluidity() {
        return fluidity;
    }

    double bowlC() {
        return bowlC;
    }

    double stablePercent() {
        return stablePercent;
    }

    double mouldC() {
        return mouldC;
    }

    double roomC() {
        return roomC;
    }

    Vibration vibration() {
        return vibration;
    }

    double drainS() {
        return drainS;
    }

    double rockedDegrees() {
        return rockedDegrees;
    }

    double waitS() {
        return waitS;
    }

    int cavities() {
        return cavities;
    }

    double shellsG() {
        return shellsG;
    }

    /** Filled and capped as well. */
    void went(
            final @Nullable String filling,
            final @Nullable Double fill,
            final @Nullable Double cap) {
        fillingId = filling;
        fillG = fill;
        capG = cap;
    }

    /** Of all cavities together; null where it was not weighed filled. */
    @Nullable
    Double fillG() {
        return fillG;
    }

    /** Of all cavities together; null where it was not weighed capped. */
    @Nullable
    Double capG() {
        return capG;
    }

    @Nullable
    String fillingId() {
        return fillingId;
    }

    String note() {
        return note;
    }

    Instant notedAt() {
        return notedAt;
    }

    void takeBack() {
        voided = true;
    }
}
