package palintone.server.week;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.server.problem.StaleVersionException;

/** What should be ready when. */
@Entity
@Table(name = "making_order")
class OrderEntity {

    @Id private String id;
    private String name = "";
    private Instant dueAt;
    private boolean done;
    @Version private Long version;

    @ElementCollection
    @CollectionTable(name = "making_order_line", joinColumns = @JoinColumn(name = "order_id"))
    @OrderColumn(name = "position")
    private List<LineRow> lines = new ArrayList<>();

    /** So many of one piece. */
    @Embeddable
    static class LineRow {
        private String pieceId;
        private int pieces;

        protected LineRow() {}

        LineRow(final OrderDraft.OrderLineDraft draft) {
            pieceId = draft.piece();
            pieces = draft.pieces();
        }

        String pieceId() {
            return pieceId;
        }

        int pieces() {
            return pieces;
        }
    }

    protected OrderEntity() {}

    OrderEntity(final String id) {
        this.id = id;
    }

    void change(final OrderDraft draft, final Instant due) {
        name = draft.name();
        dueAt = due;
        done = Optional.ofNullable(draft.done()).orElse(false);
        lines.clear();
        draft.lines().forEach(line -> lines.add(new LineRow(line)));
    }

    void rest(final Long given) {
        if (given != null && version != null && !given.equals(version)) {
            throw new StaleVersionException("order", given, version);
        }
    }

    String id() {
        return id;
    }

    String name() {
        return name;
    }

    Instant dueAt() {
        return dueAt;
    }

    boolean done() {
        return done;
    }

    List<LineRow> lines() {
        return lines;
    }

    long version() {
        return version == null ? 0 : version;
    }

    OrderDraft draft() {
        return new OrderDraft(
                name,
                dueAt.toString(),
                lines.stream()
                        .map(l -> new OrderDraft.OrderLineDraft(l.pieceId, l.pieces))
                        .toList(),
                done,
                version);
    }
}
