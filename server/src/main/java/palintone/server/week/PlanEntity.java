package palintone.server.week;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A plan as it was made. While it is being made better it is written over; then never again. */
@Entity
@Table(name = "week_plan")
class PlanEntity {

    @Id private UUID id;
    private int number;
    private Instant madeAt;
    private Instant originAt;

    @Column(columnDefinition = "longtext")
    private String workload;

    @Column(columnDefinition = "longtext")
    private String beside;

    @Column(columnDefinition = "longtext")
    private String laid;

    @Column(columnDefinition = "longtext")
    private String proven;

    @ElementCollection
    @CollectionTable(name = "week_run", joinColumns = @JoinColumn(name = "plan_id"))
    @OrderColumn(name = "position")
    private List<RunRow> runs = new ArrayList<>();

    /** What a run makes. */
    @Embeddable
    static class RunRow {
        private String run;
        private String pieceId;
        private String pieceName;
        private int pieces;
        private int moulds;

        protected RunRow() {}

        RunRow(final WeekWork.Making making) {
            run = making.run();
            pieceId = making.piece();
            pieceName = making.name();
            pieces = making.pieces();
            moulds = making.moulds();
        }

        WeekWork.Making making() {
            return new WeekWork.Making(run, pieceId, pieceName, pieces, moulds);
        }
    }

    protected PlanEntity() {}

    PlanEntity(
            final int number,
            final Instant madeAt,
            final Instant originAt,
            final String workload,
            final String beside,
            final List<WeekWork.Making> makings) {
        id = UUID.randomUUID();
        this.number = number;
        this.madeAt = madeAt;
        this.originAt = originAt;
        this.workload = workload;
        this.beside = beside;
        proven = "[]";
        makings.forEach(m -> runs.add(new RunRow(m)));
    }

    void keep(final String plan, final String known) {
        laid = plan;
        proven = known;
    }

    UUID id() {
        return id;
    }

    int number() {
        return number;
    }

    Instant madeAt() {
        return madeAt;
    }

    Instant originAt() {
        return originAt;
    }

    String workload() {
        return workload;
    }

    String beside() {
        return beside;
    }

    String laid() {
        return laid;
    }

    String proven() {
        return proven;
    }

    List<WeekWork.Making> makings() {
        return runs.stream().map(RunRow::making).toList();
    }
}
