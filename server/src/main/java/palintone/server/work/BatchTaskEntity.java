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
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.MapKeyJdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.Band;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.process.TaskReading;

/** One planned task. Columns of a reading or a clock are null together where there is none. */
@Entity
@Table(name = "batch_task")
class BatchTaskEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    private BatchEntity batch;

    private int number;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private TaskKind kind;

    private String title;
    private String part;
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

    private double handsOn;

    private String caution;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Source.SourceKind sourceKind;

    private String sourceCitation;
    private boolean sourceFromMemory;

    @ElementCollection
    @CollectionTable(name = "batch_task_value", joinColumns = @JoinColumn(name = "task_id"))
    @MapKeyColumn(name = "name")
    private Map<String, ValueRow> values = new LinkedHashMap<>();

    @ElementCollection
    @CollectionTable(name = "batch_task_amount", joinColumns = @JoinColumn(name = "task_id"))
    @MapKeyColumn(name = "what")
    @MapKeyEnumerated(EnumType.STRING)
    @MapKeyJdbcTypeCode(SqlTypes.VARCHAR)
    @Column(name = "value")
    private Map<Amount, Double> amounts = new EnumMap<>(Amount.class);

    @ElementCollection
    @CollectionTable(name = "batch_task_after", joinColumns = @JoinColumn(name = "task_id"))
    @OrderColumn(name = "position")
    private List<AfterRow> after = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "batch_task_occupies", joinColumns = @JoinColumn(name = "task_id"))
    @Column(name = "what")
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Set<Occupies> occupies = new HashSet<>();

    protected BatchTaskEntity() {}

    BatchTaskEntity(final BatchEntity batch, final Task task) {
        this.batch = batch;
        number = task.number();
        title = task.title();
        part = task.part();
        handsOn = task.handsOn();
        task.after().forEach(a -> after.add(new AfterRow(a)));
        occupies.addAll(task.occupies());
        kind = task.kind();
        say = task.say().template();
        task.say().values().forEach((name, q) -> values.put(name, new ValueRow(q)));
        amounts.putAll(task.amounts());
        task.reading()
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
        task.clock()
                .ifPresent(
                        clock -> {
                            clockShortestS = clock.shortestS();
                            clockTargetS = clock.targetS();
                            clockLongestS = clock.longestS();
                        });
        caution = task.caution().orElse(null);
        sourceKind = task.source().kind();
        sourceCitation = task.source().citation();
        sourceFromMemory = task.source().fromMemory();
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

    /** What must be done before. */
    @Embeddable
    static class AfterRow {
        private int beforeNumber;

        @Column(name = "least_lag_s")
        private int leastLagS;

        @Column(name = "greatest_lag_s")
        private Integer greatestLagS;

        private boolean straightOn;
        private String late;

        protected AfterRow() {}

        AfterRow(final After after) {
            beforeNumber = after.task();
            leastLagS = after.leastLagS();
            greatestLagS =
                    after.greatestLagS().isPresent() ? after.greatestLagS().getAsInt() : null;
            straightOn = after.straightOn();
            late = after.late();
        }

        After after() {
            return new After(
                    beforeNumber,
                    leastLagS,
                    greatestLagS == null ? OptionalInt.empty() : OptionalInt.of(greatestLagS),
                    straightOn,
                    late);
        }
    }

    Task task() {
        final Map<String, Quantity> numbers = new LinkedHashMap<>();
        values.forEach((name, row) -> numbers.put(name, Quantity.of(row.value, row.unit)));
        return new Task(
                number,
                kind,
                title,
                part,
                new Sentence(say, numbers),
                amounts,
                Optional.ofNullable(readingWhat)
                        .map(
                                what ->
                                        new TaskReading(
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
                handsOn,
                after.stream().map(AfterRow::after).toList(),
                occupies,
                Optional.ofNullable(caution),
                new Source(sourceKind, sourceCitation, sourceFromMemory));
    }
}
