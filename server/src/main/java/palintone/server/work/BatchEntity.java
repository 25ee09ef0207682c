package palintone.server.work;

import jakarta.persistence.CascadeType;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.BandStatus;
import palintone.core.process.Process;
import palintone.core.substance.Allergen;
import palintone.core.temper.HeatSource;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.work.Bowl;
import palintone.core.work.PlanVsActual;
import palintone.core.work.RunningBatch;
import palintone.server.larder.AllergenSet;

/** A batch as it stands in the books: the plan as it was, and every entry since. */
@Entity
@Table(name = "batch")
class BatchEntity {

    @Id private UUID id;
    private String lot;
    private String pieceId;
    private String pieceName;
    private int pieces;
    private int moulds;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private RunningBatch.State state;

    private Instant beganAt;

    /** Null while it runs. */
    private Instant endedAt;

    /** These are null in batches of before. */
    private String couvertureId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private TemperingMethod method;

    /** The bowl of the Temper station it is made from; null before one is begun or chosen. */
    private UUID bowlId;

    /** 0 where nothing is tempered for it. */
    @Column(name = "bowl_mass_g")
    private double bowlMassG;

    private double bowlCp;

    @Column(name = "clear_point_c")
    private double clearPointC;

    @Column(name = "heat_power_w")
    private double heatPowerW;

    private double heatEfficiency;
    private String mouldId;

    /** Null, with the three below, in batches of before. */
    @Convert(converter = AllergenSet.class)
    private Set<Allergen> allergens;

    private String unread;
    private Double alcoholPercent;
    private Boolean keepCold;
    private int readings;
    private int readingsTight;
    private int readingsOff;

    @ElementCollection
    @CollectionTable(name = "batch_material", joinColumns = @JoinColumn(name = "batch_id"))
    @OrderColumn(name = "position")
    private List<MaterialRow> materials = new ArrayList<>();

    @OneToMany(mappedBy = "batch", cascade = CascadeType.ALL)
    @OrderBy("number")
    private List<BatchTaskEntity> tasks = new ArrayList<>();

    /** How many entries there are; they stand in a table of their own and are only added. */
    private int entriesKept;

    @Version private Long version;

    protected BatchEntity() {}

    BatchEntity(final BatchFacts facts) {
        id = facts.id();
        lot = facts.lot();
        pieceId = facts.pieceId();
        pieceName = facts.pieceName();
        pieces = facts.pieces();
        moulds = facts.moulds();
        beganAt = facts.beganAt();
        couvertureId = facts.couverture();
        method = facts.method();
        if (facts.bowl() != null) {
            bowlMassG = facts.bowl().massG();
            bowlCp = facts.bowl().cpJPerGK();
            clearPointC = facts.bowl().clearPointC();
            heatPowerW = facts.bowl().heat().powerW();
            heatEfficiency = facts.bowl().heat().efficiency();
        }
        if (facts.declared() != null) {
            mouldId = facts.declared().mould();
            allergens = facts.declared().allergens();
            unread = facts.declared().unread();
            alcoholPercent = facts.declared().alcoholPercent();
            keepCold = facts.declared().keepCold();
        }
        facts.materials().forEach(m -> materials.add(new MaterialRow(m)));
        facts.process().tasks().forEach(task -> tasks.add(new BatchTaskEntity(this, task)));
        stands(RunningBatch.begin(facts.process(), facts.beganAt()));
    }

    /** One planned mass. */
    @Embeddable
    static class MaterialRow {

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private BatchFacts.Role role;

        private String name;
        private double grams;

        protected MaterialRow() {}

        MaterialRow(final BatchFacts.Material material) {
            role = material.role();
            name = material.name();
            grams = material.grams();
        }

        BatchFacts.Material material() {
            return new BatchFacts.Material(role, name, grams);
        }
    }

    /** Writes down how the batch stands now. */
    final void stands(final RunningBatch batch) {
        entriesKept = batch.entries().size();
        state = batch.state();
        endedAt = batch.endedAt().orElse(null);
        final List<PlanVsActual> record = PlanVsActual.of(batch);
        readings = (int) record.stream().filter(r -> r.noted().isPresent()).count();
        readingsTight = count(record, BandStatus.TIGHT);
        readingsOff = count(record, BandStatus.OFF);
    }

    private static int count(final List<PlanVsActual> record, final BandStatus bandStatus) {
        return (int) record.stream().filter(r -> r.bandStatus() == bandStatus).count();
    }

    int entriesKept() {
        return entriesKept;
    }

    BatchFacts facts() {
        return new BatchFacts(
                id,
                lot,
                pieceId,
                pieceName,
                pieces,
                moulds,
                beganAt,
                couvertureId,
                method,
                bowlMassG == 0
                        ? null
                        : new Bowl(
                                bowlMassG,
                                bowlCp,
                                clearPointC,
                                new HeatSource(heatPowerW, heatEfficiency)),
                materials.stream().map(MaterialRow::material).toList(),
                allergens == null
                        ? null
                        : new BatchFacts.Declared(
                                mouldId, allergens, unread, alcoholPercent, keepCold),
                process());
    }

    private Process process() {
        return new Process(tasks.stream().map(BatchTaskEntity::task).toList());
    }

    UUID id() {
        return id;
    }

    Optional<UUID> bowlId() {
        return Optional.ofNullable(bowlId);
    }

    void uses(final UUID bowl) {
        bowlId = bowl;
    }

    BatchSummaryView summary() {
        return new BatchSummaryView(
                id,
                lot,
                pieceId,
                pieceName,
                pieces,
                state,
                beganAt,
                endedAt,
                readings,
                readingsTight,
                readingsOff);
    }
}
