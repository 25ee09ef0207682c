package palintone.server.house;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.List;
import java.util.stream.Stream;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.tool.Melter;
import palintone.core.tool.Scale;
import palintone.core.tool.Thermometer;

/** A scale, a thermometer or a melter, as it stands in the books: one table, asked for once. */
@Embeddable
class ToolRow {

    /** What it is; each fills columns of its own. */
    enum ToolKind {
        SCALE,
        THERMOMETER,
        MELTER
    }

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private ToolKind kind;

    private String name;

    @Column(name = "step_g")
    private Double stepG;

    @Column(name = "most_g")
    private Double mostG;

    @Column(name = "error_k")
    private Double errorK;

    private Boolean surfaceOnly;

    @Column(name = "holds_g")
    private Double holdsG;

    protected ToolRow() {}

    private ToolRow(final ToolKind kind, final String name) {
        this.kind = kind;
        this.name = name;
    }

    /** Those of one kind as a draft says them; the core has its say. */
    static Stream<ToolRow> scales(final List<HouseDraft.ScaleToolView> drafts) {
        return drafts.stream()
                .map(
                        draft -> {
                            final Scale it = new Scale(draft.name(), draft.stepG(), draft.mostG());
                            final ToolRow row = new ToolRow(ToolKind.SCALE, it.name());
                            row.stepG = it.stepG();
                            row.mostG = it.mostG();
                            return row;
                        });
    }

    static Stream<ToolRow> thermometers(final List<HouseDraft.ThermometerView> drafts) {
        return drafts.stream()
                .map(
                        draft -> {
                            final Thermometer it =
                                    new Thermometer(
                                            draft.name(), draft.errorK(), draft.surfaceOnly());
                            final ToolRow row = new ToolRow(ToolKind.THERMOMETER, it.name());
                            row.errorK = it.errorK();
                            row.surfaceOnly = it.surfaceOnly();
                            return row;
                        });
    }

    static Stream<ToolRow> melters(final List<HouseDraft.MelterView> drafts) {
        return drafts.stream()
                .map(
                        draft -> {
                            final Melter it = new Melter(draft.name(), draft.holdsG());
                            final ToolRow row = new ToolRow(ToolKind.MELTER, it.name());
                            row.holdsG = it.holdsG();
                            return row;
                        });
    }

    boolean is(final ToolKind wanted) {
        return kind == wanted;
    }

    Scale scale() {
        return new Scale(name, stepG, mostG);
    }

    Thermometer thermometer() {
        return new Thermometer(name, errorK, surfaceOnly);
    }

    Melter melter() {
        return new Melter(name, holdsG);
    }
}
