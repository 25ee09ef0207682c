package palintone.server.filling;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import palintone.core.filling.pot.Operation;

/** A filling as it stood when it was saved; never changed afterwards. */
@Entity
@Table(name = "filling_version")
public class FillingVersionEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne
    @JoinColumn(name = "filling_id")
    private FillingEntity filling;

    private int number;
    private Instant savedAt;
    private String note;

    @ElementCollection
    @CollectionTable(name = "filling_version_step", joinColumns = @JoinColumn(name = "version_id"))
    @OrderColumn(name = "position")
    private List<StepRow> steps = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "filling_version_line", joinColumns = @JoinColumn(name = "version_id"))
    @OrderColumn(name = "position")
    private List<LineRow> lines = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "filling_version_pot", joinColumns = @JoinColumn(name = "version_id"))
    @OrderColumn(name = "position")
    @Column(name = "name")
    private List<String> pots = new ArrayList<>();

    protected FillingVersionEntity() {}

    FillingVersionEntity(
            final FillingEntity filling,
            final Instant savedAt,
            final String note,
            final List<StepRow> steps,
            final List<LineRow> lines,
            final List<String> pots) {
        this.filling = filling;
        this.number = filling.number();
        this.savedAt = savedAt;
        this.note = note;
        this.steps.addAll(steps);
        this.lines.addAll(lines);
        this.pots.addAll(pots);
    }

    List<Operation> operations() {
        return LineRow.operations(steps, lines);
    }

    List<String> pots() {
        return List.copyOf(pots);
    }

    int number() {
        return number;
    }

    Instant savedAt() {
        return savedAt;
    }

    String note() {
        return note;
    }
}
