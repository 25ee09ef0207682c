package palintone.server.filling;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.pot.Setting;

/** One operation of a recipe, its settings each in a column; null is the custom. */
@Embeddable
public class StepRow {

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private OperationKind kind;

    @Column(name = "temperature_c")
    private Double temperatureC;

    private Double minutes;
    private Double hours;

    @Column(name = "mass_g")
    private Double massG;

    private Double percent;
    private Double retention;

    @Column(name = "width_mm")
    private Double widthMm;

    @Column(name = "size_mm")
    private Double sizeMm;

    private int pot;

    @Column(name = "from_pot")
    private Integer fromPot;

    @Column(name = "taken_g")
    private Double takenG;

    @Column(name = "taken_percent")
    private Double takenPercent;

    protected StepRow() {}

    public StepRow(final Operation operation) {
        kind = operation.kind();
        final Map<Setting, Double> set = operation.settings();
        temperatureC = set.get(Setting.TEMPERATURE_C);
        minutes = set.get(Setting.MINUTES);
        hours = set.get(Setting.HOURS);
        massG = set.get(Setting.MASS_G);
        percent = set.get(Setting.PERCENT);
        retention = set.get(Setting.RETENTION);
        widthMm = set.get(Setting.WIDTH_MM);
        sizeMm = set.get(Setting.SIZE_MM);
        pot = operation.pot();
        fromPot = operation.from().map(FromPot::pot).orElse(null);
        takenG = RecipeDraft.gramsOf(operation.from());
        takenPercent = RecipeDraft.percentOf(operation.from());
    }

    Operation operation(final List<RecipeLine> lines) {
        final Map<Setting, Double> set = new EnumMap<>(Setting.class);
        put(set, Setting.TEMPERATURE_C, temperatureC);
        put(set, Setting.MINUTES, minutes);
        put(set, Setting.HOURS, hours);
        put(set, Setting.MASS_G, massG);
        put(set, Setting.PERCENT, percent);
        put(set, Setting.RETENTION, retention);
        put(set, Setting.WIDTH_MM, widthMm);
        put(set, Setting.SIZE_MM, sizeMm);
        return new Operation(kind, lines, set, pot, Optional.ofNullable(fromPot).map(this::taken));
    }

    private FromPot taken(final int out) {
        if (takenPercent != null) {
            return FromPot.share(out, takenPercent / 100);
        }
        return takenG == null ? FromPot.all(out) : FromPot.some(out, takenG);
    }

    private static void put(
            final Map<Setting, Double> set, final Setting setting, final Double value) {
        if (value != null) {
            set.put(setting, value);
        }
    }
}
