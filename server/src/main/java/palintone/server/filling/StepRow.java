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
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;

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
        final Map<OperationSetting, Double> set = operation.settings();
        temperatureC = set.get(OperationSetting.TEMPERATURE_C);
        minutes = set.get(OperationSetting.MINUTES);
        hours = set.get(OperationSetting.HOURS);
        massG = set.get(OperationSetting.MASS_G);
        percent = set.get(OperationSetting.PERCENT);
        retention = set.get(OperationSetting.RETENTION);
        widthMm = set.get(OperationSetting.WIDTH_MM);
        sizeMm = set.get(OperationSetting.SIZE_MM);
        pot = operation.pot();
        fromPot = operation.from().map(FromPot::pot).orElse(null);
        takenG = RecipeDraft.gramsOf(operation.from());
        takenPercent = RecipeDraft.percentOf(operation.from());
    }

    Operation operation(final List<RecipeLine> lines) {
        final Map<OperationSetting, Double> set = new EnumMap<>(OperationSetting.class);
        put(set, OperationSetting.TEMPERATURE_C, temperatureC);
        put(set, OperationSetting.MINUTES, minutes);
        put(set, OperationSetting.HOURS, hours);
        put(set, OperationSetting.MASS_G, massG);
        put(set, OperationSetting.PERCENT, percent);
        put(set, OperationSetting.RETENTION, retention);
        put(set, OperationSetting.WIDTH_MM, widthMm);
        put(set, OperationSetting.SIZE_MM, sizeMm);
        return new Operation(kind, lines, set, pot, Optional.ofNullable(fromPot).map(this::taken));
    }

    private FromPot taken(final int out) {
        if (takenPercent != null) {
            return FromPot.share(out, takenPercent / 100);
        }
        return takenG == null ? FromPot.all(out) : FromPot.some(out, takenG);
    }

    private static void put(
            final Map<OperationSetting, Double> set,
            final OperationSetting setting,
            final Double value) {
        if (value != null) {
            set.put(setting, value);
        }
    }
}
