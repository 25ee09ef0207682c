package palintone.server.filling;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.filling.Filling;
import palintone.core.filling.Style;

/** A filling as it stands in the books: its newest version. */
@Entity
@Table(name = "filling")
public class FillingEntity {

    @Id private String id;
    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Style style = Style.SOFT_SHELL;

    /** Counts the versions, from 1. */
    private int number;

    @ElementCollection
    @CollectionTable(name = "filling_step", joinColumns = @JoinColumn(name = "filling_id"))
    @OrderColumn(name = "position")
    private List<StepRow> steps = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "filling_line", joinColumns = @JoinColumn(name = "filling_id"))
    @OrderColumn(name = "position")
    private List<LineRow> lines = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "filling_pot", joinColumns = @JoinColumn(name = "filling_id"))
    @OrderColumn(name = "position")
    @Column(name = "name")
    private List<String> pots = new ArrayList<>();

    private boolean archived;

    @Version private Long version;

    protected FillingEntity() {}

    public FillingEntity(final String id) {
        this.id = id;
    }

    /** Takes over a recipe the core has accepted, as the next version. */
    void take(
            final Filling recipe,
            final Style newStyle,
            final List<StepRow> newSteps,
            final List<LineRow> newLines) {
        pots.clear();
        pots.addAll(recipe.pots());
        name = recipe.name();
        style = newStyle;
        number++;
        steps.clear();
        steps.addAll(newSteps);
        lines.clear();
        lines.addAll(newLines);
    }

    public Filling filling() {
        return new Filling(id, name, LineRow.operations(steps, lines), pots).as(style);
    }

    public String id() {
        return id;
    }

    public String name() {
        return name;
    }

    public Style style() {
        return style;
    }

    public int number() {
        return number;
    }

    long version() {
        return version == null ? 0 : version;
    }

    void archive(final boolean away) {
        archived = away;
    }

    boolean archived() {
        return archived;
    }
}
