package palintone.server.temper;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.temper.rehearsal.SimulatedProbe;

/** A bowl that is or was tempered: live, simulated, or read in from a logger's file. */
@Entity
@Table(name = "temper_bowl")
class TemperBowlEntity {

    /** Whether it still goes on. */
    enum State {
        OPEN,
        ENDED
    }

    /** Where its readings come from. */
    enum Source {
        LIVE,
        SIMULATED,
        FILE
    }

    private static final double FASTEST = 60;

    @Id private UUID id;
    private String name;
    private String couvertureId;

    @Column(name = "mass_g")
    private double massG;

    @Column(name = "room_c")
    private double roomC;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private VesselKind vessel;

    /** Null where nobody said. */
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private TemperingMethod method;

    /** Null where it is worked as the house has it. */
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private DarkWindowPractice darkWindow;

    /** Null where readings are typed. */
    private String probe;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Source source;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private State state = State.OPEN;

    private Instant beganAt;

    /** Null while it goes on. */
    private Instant endedAt;

    /** How many times faster than life it runs; 1 for a real bowl. */
    private double pace = 1;

    /** These are null but for a simulated bowl. */
    @Column(name = "start_c")
    private Double startC;

    @Column(name = "noise_k")
    private Double noiseK;

    private Double dropouts;
    private Double skin;

    @Version private Long version;

    protected TemperBowlEntity() {}

    TemperBowlEntity(final BowlDraft draft, final Instant at, final Source from) {
        if (draft.id() == null) {
            throw new OutOfRangeException("id", "missing", "an id chosen by the screen");
        }
        id = draft.id();
        name = Require.text("name", draft.name(), 120);
        couvertureId = draft.couverture();
        massG = Require.between("mass in the bowl", draft.massG(), 50, 100_000, "g");
        vessel = draft.vessel() == null ? VesselKind.STEEL_BOWL : draft.vessel();
        roomC = draft.roomC() == null ? 20 : Require.between("room", draft.roomC(), 10, 32, "°C");
        method = draft.method();
        darkWindow = draft.darkWindow();
        probe =
                draft.probe() == null || draft.probe().isBlank()
                        ? null
                        : Require.text("probe", draft.probe().strip(), 120);
        source = from;
        beganAt = at;
        if (draft.simulated() != null) {
            simulate(draft.simulated());
        }
    }

    private void simulate(final BowlDraft.Simulated how) {
        source = Source.SIMULATED;
        probe = "simulated:" + id;
        pace = Require.between("pace", how.pace(), 1, FASTEST, "times");
        final SimulatedProbe checked =
                new SimulatedProbe(how.noiseK(), 0, how.dropouts(), how.skin());
        noiseK = checked.noiseK();
        dropouts = checked.dropouts();
        skin = checked.skin();
        startC = Require.between("temperature at the start", how.startC(), 15, 60, "°C");
    }

    /** Seconds of its own time that have gone by. */
    double clockS(final Instant now) {
        final Instant until = endedAt == null ? now : endedAt;
        return Math.max(0, Duration.between(beganAt, until).toNanos() / 1e9 * pace);
    }

    void end(final Instant at) {
        state = State.ENDED;
        endedAt = at;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    String couvertureId() {
        return couvertureId;
    }

    double massG() {
        return massG;
    }

    /** What is melted at the start: seed goes in later, and is noted then. */
    double meltedG() {
        return massG * (1 - method().map(TemperingMethod::seedShare).orElse(0.0));
    }

    double roomC() {
        return roomC;
    }

    VesselKind vessel() {
        return vessel;
    }

    Optional<TemperingMethod> method() {
        return Optional.ofNullable(method);
    }

    Optional<DarkWindowPractice> darkWindow() {
        return Optional.ofNullable(darkWindow);
    }

    Optional<String> probe() {
        return Optional.ofNullable(probe);
    }

    Source source() {
        return source;
    }

    State state() {
        return state;
    }

    Instant beganAt() {
        return beganAt;
    }

    double pace() {
        return pace;
    }

    Optional<SimulatedProbe> simulatedProbe() {
        return source == Source.SIMULATED
                ? Optional.of(new SimulatedProbe(noiseK, 0, dropouts, skin))
                : Optional.empty();
    }

    double startC() {
        return startC == null ? 20 : startC;
    }
}
