package palintone.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.heat.RoomAir;
import palintone.core.piece.BatchHabits;
import palintone.core.piece.BatchSize;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.Materials;
import palintone.core.piece.MouldedPiece;
import palintone.core.piece.Workplace;
import palintone.core.process.Process;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.temper.method.TemperingMethod;

/** A batch of half spheres, laid out. */
class BatchWorkTest {

    private static final int DAY = 24 * 60;

    private static Filling rested() {
        return new Filling(
                "ganache",
                "Ganache",
                List.of(
                        Operation.of(
                                OperationKind.BOIL, List.of(Kitchen.grams(Samples.CREAM, 400))),
                        Operation.of(
                                OperationKind.POUR, List.of(Kitchen.grams(Samples.DARK_66, 500))),
                        new Operation(
                                OperationKind.REST,
                                List.of(),
                                Map.of(
                                        OperationSetting.HOURS,
                                        24.0,
                                        OperationSetting.TEMPERATURE_C,
                                        16.0))));
    }

    private static Process process() {
        final Materials needs =
                new MouldedPiece(
                                "sample",
                                "Sample",
                                Samples.HALF_SPHERES,
                                Samples.dark(),
                                1.6,
                                2.0,
                                List.of(new FillingLayer(rested(), 1)),
                                Optional.of(new ColourCoat("plum", 0.05)))
                        .materials(BatchSize.ofMoulds(2, 32), new BatchHabits(2, 0.25, 0.1));
        return palintone.core.work.BatchPlan.of(
                        needs,
                        Samples.workplace(
                                needs,
                                TemperingMethod.SEED_THIRD,
                                new RoomAir(20, 52),
                                12,
                                Workplace.Fillings.MADE_WITH_IT))
                .process();
    }

    private static BatchAsked asked(final double pace) {
        return new BatchAsked(
                new Run("r", "Half spheres", 0, OptionalInt.of(4 * DAY + 9 * 60)),
                process(),
                List.of(new UsualMinutes.Many(2, 64)),
                Optional.of("half-spheres"),
                Optional.of(new Hold.Load("dark", 3, Set.of())),
                pace);
    }

    private static String at(final BatchWork.Laid laid, final TaskKind kind) {
        final Task task =
                process().tasks().stream().filter(t -> t.kind() == kind).findFirst().orElseThrow();
        return laid.stretches().stream()
                .filter(s -> s.tasks().contains(task.number()))
                .findFirst()
                .orElseThrow()
                .id();
    }

    @Test
    void everyTaskOfTheHandsStandsInOneStretchAndTakesItsTime() {
        final BatchWork.Laid laid = BatchWork.of(asked(1));
        final List<Integer> numbers = new ArrayList<>();
        laid.stretches().forEach(s -> numbers.addAll(s.tasks()));
        assertThat(numbers).doesNotHaveDuplicates();
        double handsS = 0;
        for (final Task task : process().tasks()) {
            if (task.byHand()) {
                assertThat(numbers).contains(task.number());
                handsS += UsualMinutes.seconds(task, new UsualMinutes.Many(2, 64));
            }
        }
        final int minutes = laid.stretches().stream().mapToInt(Stretch::minutes).sum();
        assertThat(minutes).isBetween((int) (handsS / 60), (int) (handsS / 60) + 40);
        // Slower hands take longer; what cools or rests does not.
        final BatchWork.Laid slow = BatchWork.of(asked(1.5));
        assertThat(slow.stretches().stream().mapToInt(Stretch::minutes).sum())
                .isBetween((int) (minutes * 1.35), (int) (minutes * 1.55));
        assertThat(rest(slow).least()).isEqualTo(rest(laid).least());
    }

    private static Lag rest(final BatchWork.Laid laid) {
        return laid.lags().stream()
                .filter(l -> l.to().equals(at(laid, TaskKind.FILL)))
                .max(java.util.Comparator.comparingInt(Lag::least))
                .orElseThrow();
    }

    @Test
    void whatWaitsIsALagAndAWindowAGreatestOne() {
        final BatchWork.Laid laid = BatchWork.of(asked(1));
        final Task resting =
                process().tasks().stream()
                        .filter(t -> t.kind() == TaskKind.COOK && t.clock().isPresent())
                        .filter(t -> t.clock().get().targetS() >= 12 * 3600)
                        .findFirst()
                        .orElseThrow();
        assertThat(rest(laid).least()).isGreaterThanOrEqualTo(resting.clock().get().targetS() / 60);
        assertThat(rest(laid).greatest()).isPresent();
        final Task cast =
                process().tasks().stream()
                        .filter(t -> t.kind() == TaskKind.CAST)
                        .findFirst()
                        .orElseThrow();
        final int windowS =
                cast.after().stream()
                        .flatMapToInt(a -> a.greatestLagS().stream())
                        .findFirst()
                        .orElseThrow();
        assertThat(laid.lags())
                .anySatisfy(
                        lag -> {
                            assertThat(lag.to()).isEqualTo(at(laid, TaskKind.CAST));
                            assertThat(lag.from()).isEqualTo(at(laid, TaskKind.TEST));
                            assertThat(lag.greatest()).hasValue(windowS / 60);
                        });
    }

    @Test
    void mouldsAreKeptFromPolishingToDemouldingAndTheBowlFromMelting() {
        final BatchWork.Laid laid = BatchWork.of(asked(1));
        assertThat(laid.holds())
                .anySatisfy(
                        hold -> {
                            assertThat(hold.thing()).isEqualTo("half-spheres");
                            assertThat(hold.amount()).isEqualTo(2);
                            assertThat(hold.from()).isEqualTo(at(laid, TaskKind.POLISH));
                            assertThat(hold.to()).isEqualTo(at(laid, TaskKind.DEMOULD));
                        })
                .anySatisfy(
                        hold -> {
                            assertThat(hold.thing()).isEqualTo(BatchWork.BOWLS);
                            assertThat(hold.load()).isPresent();
                            assertThat(hold.from()).isEqualTo(at(laid, TaskKind.MELT));
                        });
    }

    @Test
    void itIsPlannedOverTheNightAndReadyInTime() {
        final BatchWork.Laid laid = BatchWork.of(asked(1));
        final List<Person.Hours> hours = new ArrayList<>();
        for (int day = 0; day < 6; day++) {
            hours.add(
                    new Person.Hours(day * DAY + 8 * 60, day * DAY + 12 * 60, day * DAY + 12 * 60));
            hours.add(
                    new Person.Hours(
                            day * DAY + 13 * 60, day * DAY + 17 * 60, day * DAY + 19 * 60));
        }
        final Workload load =
                new Workload(
                        0,
                        6 * DAY,
                        List.of(asked(1).run()),
                        laid.stretches(),
                        laid.lags(),
                        laid.holds(),
                        List.of(
                                new Thing("half-spheres", "Half spheres", 3, 0),
                                new Thing(BatchWork.BOWLS, "bowls", 1, 20),
                                new Thing(BatchWork.POTS, "pots", 2, 0),
                                new Thing(BatchWork.CABINET, "cabinet", 12, 0),
                                new Thing(BatchWork.STONE, "stone", 1, 0),
                                new Thing(BatchWork.GUN, "gun", 1, 0)),
                        List.of(new Person("p", "Lead maker", Set.of(), hours)),
                        List.of());
        final Plan plan = FirstPlan.of(load, 1).orElseThrow();
        assertThat(PlanChecker.broken(load, plan)).isEmpty();
        assertThat(Worth.of(load, plan).lateMin()).isZero();
        assertThat(Worth.of(load, plan).overtimeMin()).isZero();
        // The filling rests over night: begun a day before it is filled.
        final Stretch fill = load.stretchesById().get(at(laid, TaskKind.FILL));
        assertThat(plan.start(fill) / DAY - plan.start(load.stretches().get(0)) / DAY).isPositive();
        // Backwards from the hour it is due: done the evening before or that morning, not on
        // Monday.
        assertThat(load.stretches().stream().mapToInt(plan::end).max().orElseThrow())
                .isGreaterThan(3 * DAY);
    }
}
