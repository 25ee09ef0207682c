package palintone.server.work;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.Band;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.work.Clock;
import palintone.core.work.PlannedStep;
import palintone.core.work.Reading;
import palintone.core.work.StepKind;

/** One planned step. Columns of a reading or a clock are null together where there is none. */
@Entity
@Table(name = "batch_step")
class BatchStepEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    private BatchEntity batch;

    private int number;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private StepKind kind;

    private String say;
    private String readingWhat;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Unit readingUnit;

    private Double readingTarget;
    private Double bandLowLimit;
    private Double bandLow;
    private Double bandHigh;
    private Double bandHighLimit;

    @Column(name = "clock_shortest_s")
    private Integer clockShortestS;

    @Column(name = "clock_target_s")
    private Integer clockTargetS;

    @Column(name = "clock_longest_s")
    private Integer clockLongestS;

    private String caution;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Source.Kind sourceKind;

    private String sourceCitation;
    private boolean sourceFromMemory;

    @ElementCollection
    @CollectionTable(name = "batch_step_value", joinColumns = @JoinColumn(name = "step_id"))
    @MapKeyColumn(name = "name")
    private Map<String, ValueRow> values = new LinkedHashMap<>();

    protected BatchStepEntity() {}

    BatchStepEntity(final BatchEntity batch, final PlannedStep step) {
        this.batch = batch;
        number = step.number();
        kind = step.kind();
        say = step.say().template();
        step.say().values().forEach((name, q) -> values.put(name, new ValueRow(q)));
        step.reading()
                .ifPresent(
                        reading -> {
                            readingWhat = reading.what();
                            readingUnit = reading.unit();
                            readingTarget = reading.target();
                            bandLowLimit = reading.band().lowLimit();
                            bandLow = reading.band().low();
                            bandHigh = reading.band().high();
                            bandHighLimit = reading.band().highLimit();
                        });
        step.clock()
                .ifPresent(
                        clock -> {
                            clockShortestS = clock.shortestS();
                            clockTargetS = clock.targetS();
                            clockLongestS = clock.longestS();
                        });
        caution = step.caution().orElse(null);
        sourceKind = step.source().kind();
        sourceCitation = step.source().citation();
        sourceFromMemory = step.source().fromMemory();
    }

    /** A number in what the step says. */
    @Embeddable
    static class ValueRow {
        private double value;

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private Unit unit;

        protected ValueRow() {}

        ValueRow(final Quantity quantity) {
            value = quantity.value();
            unit = quantity.unit();
        }
    }

    PlannedStep step() {
        final Map<String, Quantity> numbers = new LinkedHashMap<>();
        values.forEach((name, row) -> numbers.put(name, Quantity.of(row.value, row.unit)));
        return new PlannedStep(
                number,
                kind,
                new Sentence(say, numbers),
                Optional.ofNullable(readingWhat)
                        .map(
                                what ->
                                        new Reading(
                                                what,
                                                readingUnit,
                                                readingTarget,
                                                new Band(
                                                        bandLowLimit,
                                                        bandLow,
                                                        bandHigh,
                                                        bandHighLimit))),
                Optional.ofNullable(clockTargetS)
                        .map(target -> new Clock(clockShortestS, target, clockLongestS)),
                Optional.ofNullable(caution),
                new Source(sourceKind, sourceCitation, sourceFromMemory));
    }
}
