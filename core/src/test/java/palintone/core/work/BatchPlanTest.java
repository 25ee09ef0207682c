package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import palintone.core.Samples;
import palintone.core.figure.BandStatus;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.heat.RoomAir;
import palintone.core.piece.BatchHabits;
import palintone.core.piece.BatchSize;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.Materials;
import palintone.core.piece.MouldedPiece;
import palintone.core.piece.Piece;
import palintone.core.piece.Workplace;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Ingredient;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.method.TemperingMethod;

class BatchPlanTest {

    private static Piece piece(final CouvertureKind kind, final int layers) {
        final Ingredient chocolate =
                switch (kind) {
                    case DARK -> Samples.DARK_66;
                    case MILK -> Samples.MILK_41;
                    case WHITE -> Samples.IVORY_33;
                };
        return new MouldedPiece(
                "p",
                "P",
                Samples.HALF_SPHERES,
                new Couverture(chocolate, kind),
                1.6,
                2,
                java.util.Collections.nCopies(
                        layers, new FillingLayer(Samples.ganache(), 1.0 / layers)),
                Optional.empty());
    }

    private static BatchPlan plan(final Piece piece, final RoomAir room, final double cabinetC) {
        return plan(piece, TemperingMethod.SEED_THIRD, room, cabinetC, Workplace.Fillings.READY);
    }

    private static BatchPlan plan(
            final Piece piece,
            final TemperingMethod method,
            final RoomAir room,
            final double cabinetC,
            final Workplace.Fillings fillings) {
        final Materials needs =
                piece.materials(BatchSize.ofMoulds(4, 32), new BatchHabits(2, 0.25, 0.1));
        return BatchPlan.of(needs, Samples.workplace(needs, method, room, cabinetC, fillings));
    }

    private static Task task(final BatchPlan plan, final TaskKind kind) {
        return plan.process().tasks().stream()
                .filter(t -> t.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static Piece filledWith(final Filling filling) {
        return new MouldedPiece(
                "p",
                "P",
                Samples.HALF_SPHERES,
                Samples.dark(),
                1.6,
                2,
                List.of(new FillingLayer(filling, 1)),
                Optional.empty());
    }

    /** What is scraped off at the cap holds filling: its allergens, and its place in the cold. */
    @Test
    void scrapingsAtTheCapFollowTheFilling() {
        final Filling custard =
                new Filling(
                        "custard",
                        "Custard",
                        List.of(
                                Operation.of(
                                        OperationKind.BOIL,
                                        List.of(Kitchen.grams(Samples.CREAM, 250))),
                                Operation.of(
                                        OperationKind.TEMPER_YOLKS,
                                        List.of(Kitchen.grams(Kitchen.YOLK, 40))),
                                Operation.of(
                                        OperationKind.POUR,
                                        List.of(Kitchen.grams(Samples.DARK_66, 250)))));
        final BatchPlan plan = plan(filledWith(custard), new RoomAir(20, 52), 12);
        final String cap = task(plan, TaskKind.CAP).caution().orElseThrow();
        assertThat(cap).contains("egg").contains("milk").contains("soya");
        assertThat(cap).contains("must be kept cold");
        assertThat(task(plan, TaskKind.SCRAPE).caution().orElseThrow())
                .as("no filling yet")
                .doesNotContain("egg");
        assertThat(task(plan, TaskKind.FILL).caution().orElseThrow()).contains("4 °C or colder");
        assertThat(task(plan, TaskKind.WEIGH).caution().orElseThrow()).contains("4 °C or colder");
    }

    @Test
    void whatMayStandIsNotSentToTheCold() {
        final Filling paste =
                new Filling(
                        "paste",
                        "Paste",
                        List.of(
                                Operation.of(
                                        OperationKind.ADD,
                                        List.of(Kitchen.grams(Kitchen.NUT_PASTE, 200)))));
        final BatchPlan plan = plan(filledWith(paste), new RoomAir(20, 52), 12);
        assertThat(task(plan, TaskKind.WEIGH).caution()).isEmpty();
        assertThat(task(plan, TaskKind.CAP).caution().orElse("")).doesNotContain("cold");
        assertThat(task(plan, TaskKind.FILL).caution().orElseThrow()).doesNotContain("4 °C");
    }

    @ParameterizedTest
    @EnumSource(CouvertureKind.class)
    void everyPlaceInEverySentenceHasItsNumber(final CouvertureKind kind) {
        for (final Task step : plan(piece(kind, 2), new RoomAir(20, 52), 12).process().tasks()) {
            final Matcher places = Pattern.compile("\\{(\\w+)}").matcher(step.say().template());
            while (places.find()) {
                assertThat(step.say().values()).containsKey(places.group(1));
            }
            assertThat(step.say().template()).isNotBlank();
        }
    }

    @ParameterizedTest
    @EnumSource(CouvertureKind.class)
    void whoeverMeetsEveryTargetIsInBandThroughout(final CouvertureKind kind) {
        for (final TemperingMethod method : TemperingMethod.values()) {
            final BatchPlan plan =
                    plan(
                            piece(kind, 1),
                            method,
                            new RoomAir(20, 52),
                            12,
                            Workplace.Fillings.MADE_WITH_IT);
            for (final Task step : plan.process().tasks()) {
                step.reading()
                        .ifPresent(
                                r ->
                                        assertThat(r.band().bandStatusOf(r.target()))
                                                .as(step.kind().words())
                                                .isEqualTo(BandStatus.IN_BAND));
            }
        }
    }

    @Test
    void eachLayerIsFilledAndLevelledInTurn() {
        final BatchPlan plan = plan(piece(CouvertureKind.MILK, 2), new RoomAir(20, 52), 12);
        final List<TaskKind> kinds = plan.process().tasks().stream().map(Task::kind).toList();
        final int first = kinds.indexOf(TaskKind.FILL);
        assertThat(kinds.subList(first, first + 4))
                .containsExactly(TaskKind.FILL, TaskKind.LEVEL, TaskKind.FILL, TaskKind.LEVEL);
        assertThat(plan.process().tasks().get(first).say().template()).contains("Leave room");
        assertThat(plan.process().tasks().get(first + 2).say().template())
                .contains("below the rim");
    }

    @Test
    void waterIsWarnedOfOnlyWhereTheCabinetIsBelowTheDewPoint() {
        final Piece piece = piece(CouvertureKind.DARK, 1);
        final BatchPlan dry = plan(piece, new RoomAir(20, 40), 12);
        assertThat(task(dry, TaskKind.CHILL).caution()).isEmpty();
        final BatchPlan damp = plan(piece, new RoomAir(24, 70), 12);
        assertThat(task(damp, TaskKind.CHILL).caution().orElseThrow()).contains("dew point");
    }

    @Test
    void cautionsStandWhereTheDangerIs() {
        final BatchPlan plan = plan(piece(CouvertureKind.MILK, 1), new RoomAir(20, 52), 12);
        assertThat(task(plan, TaskKind.MELT).caution().orElseThrow()).contains("Steam");
        assertThat(task(plan, TaskKind.SCRAPE).caution().orElseThrow()).contains("hold milk");
        assertThat(task(plan, TaskKind.FILL).caution().orElseThrow()).contains("laboratory");
    }

    @ParameterizedTest
    @EnumSource(TemperingMethod.class)
    void everyMethodOfTemperingLeadsToThePaperTestAndTheCasting(final TemperingMethod method) {
        for (final CouvertureKind kind : CouvertureKind.values()) {
            final BatchPlan plan =
                    plan(
                            piece(kind, 1),
                            method,
                            new RoomAir(20, 52),
                            12,
                            Workplace.Fillings.MADE_WITH_IT);
            final List<TaskKind> kinds = plan.process().tasks().stream().map(Task::kind).toList();
            assertThat(kinds.indexOf(TaskKind.MELT)).isPositive();
            assertThat(kinds.indexOf(TaskKind.TEST)).isGreaterThan(kinds.indexOf(TaskKind.MELT));
            final Task cast = task(plan, TaskKind.CAST);
            assertThat(cast.after())
                    .anySatisfy(
                            a -> {
                                assertThat(a.task()).isEqualTo(task(plan, TaskKind.TEST).number());
                                assertThat(a.greatestLagS().orElseThrow()).isGreaterThan(59);
                                assertThat(a.late()).contains("window has closed");
                            });
        }
    }

    @Test
    void aFewPerCentOfSeedWaitForTheBowlToCool() {
        final RoomAir room = new RoomAir(20, 52);
        final double third = seededAt(TemperingMethod.SEED_THIRD, room);
        final double few = seededAt(TemperingMethod.SEED_FEW, room);
        assertThat(third - few).isGreaterThan(10);
        assertThat(few).isBetween(33.0, 35.0);
    }

    private static double seededAt(final TemperingMethod method, final RoomAir room) {
        final Task seed =
                task(
                        plan(
                                piece(CouvertureKind.DARK, 1),
                                method,
                                room,
                                12,
                                Workplace.Fillings.READY),
                        TaskKind.SEED);
        return seed.say().values().get("at").value();
    }

    @Test
    void aFillingIsCookedBeforeAndOncePerBatch() {
        final Piece both = piece(CouvertureKind.DARK, 2);
        final BatchPlan plan =
                plan(
                        both,
                        TemperingMethod.SEED_THIRD,
                        new RoomAir(20, 52),
                        12,
                        Workplace.Fillings.MADE_WITH_IT);
        final List<Task> tasks = plan.process().tasks();
        assertThat(tasks).filteredOn(t -> t.kind() == TaskKind.WEIGH_OUT).hasSize(1);
        final Task weigh = tasks.get(0);
        assertThat(weigh.part()).isEqualTo("House ganache");
        assertThat(weigh.say().values().get("make").value())
                .isCloseTo(
                        plan.materials().fillings().stream()
                                .mapToDouble(f -> f.toMake().value())
                                .sum(),
                        within(1e-9));
        final int stood =
                tasks.stream().filter(t -> t.kind() == TaskKind.STAND).findFirst().get().number();
        assertThat(tasks)
                .filteredOn(t -> t.kind() == TaskKind.FILL)
                .hasSize(2)
                .allSatisfy(t -> assertThat(t.after()).anyMatch(a -> a.task() == stood));
    }

    /** From the stove to the bag it stands until the shell bears it, and that is read. */
    @Test
    void aHotFillingStandsUntilItsShellBearsIt() {
        final List<Operation> hot =
                List.of(
                        Operation.of(
                                OperationKind.BOIL, List.of(Kitchen.grams(Samples.CREAM, 250))),
                        Operation.of(
                                OperationKind.POUR, List.of(Kitchen.grams(Samples.DARK_66, 300))));
        final BatchPlan plan = withFilling(hot, new RoomAir(20, 52));
        final Task stand = task(plan, TaskKind.STAND);
        final Task fill = task(plan, TaskKind.FILL);
        final double most = fill.reading().get().band().high();
        assertThat(stand.reading().get().target()).isLessThanOrEqualTo(most);
        assertThat(stand.reading().get().band().high()).isLessThanOrEqualTo(most + 1);
        // Common practice: 2 to 3 h in a bowl until it pipes; by the model's own spread.
        assertThat(stand.clock().get().targetS() / 3600.0).isBetween(0.7, 4.0);
        assertThat(fill.after()).anyMatch(a -> a.task() == stand.number());
        // Where its recipe lets it rest there is no second wait.
        final List<Operation> rested = new java.util.ArrayList<>(hot);
        rested.add(
                new Operation(
                        OperationKind.REST,
                        List.of(),
                        java.util.Map.of(
                                OperationSetting.HOURS,
                                24.0,
                                OperationSetting.TEMPERATURE_C,
                                18.0)));
        assertThat(withFilling(rested, new RoomAir(20, 52)).process().tasks())
                .noneMatch(t -> t.kind() == TaskKind.STAND);
    }

    /** What must be kept cold says so where it stands, and for how long it may at the most. */
    @Test
    void whatMustBeKeptColdSaysSoWhereItStands() {
        final BatchPlan plan =
                withFilling(
                        List.of(
                                Operation.of(
                                        OperationKind.BOIL,
                                        List.of(Kitchen.grams(Samples.CREAM, 4000))),
                                Operation.of(
                                        OperationKind.POUR,
                                        List.of(Kitchen.grams(Samples.DARK_66, 1500))),
                                new Operation(
                                        OperationKind.REST,
                                        List.of(),
                                        java.util.Map.of(
                                                OperationSetting.HOURS,
                                                4.0,
                                                OperationSetting.TEMPERATURE_C,
                                                31.0))),
                        new RoomAir(24, 52));
        final Task stand = task(plan, TaskKind.STAND);
        assertThat(stand.caution().orElseThrow()).contains("4 °C");
        assertThat(stand.say().template()).contains("{out} outside it at the most");
    }

    private static BatchPlan withFilling(final List<Operation> recipe, final RoomAir room) {
        return plan(
                filledWith(new Filling("f", "Filling", recipe)),
                TemperingMethod.SEED_THIRD,
                room,
                12,
                Workplace.Fillings.MADE_WITH_IT);
    }

    /** Where the bowl is begun it is said what must be ready by the time it is, and how long. */
    @Test
    void atMeltItIsSaidWhatMustBeReadyForTheBowl() {
        final BatchPlan plan =
                withFilling(
                        List.of(
                                Operation.of(
                                        OperationKind.BOIL,
                                        List.of(Kitchen.grams(Samples.CREAM, 250))),
                                Operation.of(
                                        OperationKind.POUR,
                                        List.of(Kitchen.grams(Samples.DARK_66, 300)))),
                        new RoomAir(20, 52));
        final Task melt = task(plan, TaskKind.MELT);
        assertThat(melt.say().template())
                .contains("Begun before the bowl: Filling. Ready in {ready1}, with {waits1}")
                .contains("Meanwhile: Moulds. Ready in {ready2}.");
        final double bowlMin =
                plan.process().tasks().stream()
                                .filter(t -> t.part().equals("Bowl"))
                                .mapToInt(t -> t.clock().map(c -> c.targetS()).orElse(0))
                                .sum()
                        / 60.0;
        assertThat(melt.say().values().get("ready2").value()).isCloseTo(bowlMin, within(0.01));
        assertThat(melt.say().values().get("ready1").value()).isGreaterThan(bowlMin);
        assertThat(melt.say().values().get("waits1").value())
                .isGreaterThanOrEqualTo(task(plan, TaskKind.STAND).clock().get().targetS() / 60.0);
        assertThat(task(plan, TaskKind.CAST).say().template())
                .startsWith("When the paper is good and the moulds are ready");
    }

    /** What is weighed out for the tasks is what the larder is asked for. */
    @Property(tries = 60)
    void whatIsWeighedOutIsWhatIsFetched(
            @ForAll final CouvertureKind kind,
            @ForAll @IntRange(min = 1, max = 3) final int layers) {
        final BatchPlan plan =
                plan(
                        piece(kind, layers),
                        TemperingMethod.SEED_THIRD,
                        new RoomAir(20, 52),
                        12,
                        Workplace.Fillings.MADE_WITH_IT);
        final double weighed =
                task(plan, TaskKind.WEIGH_OUT).say().values().entrySet().stream()
                        .filter(e -> e.getKey().startsWith("m") && !e.getKey().equals("make"))
                        .mapToDouble(e -> e.getValue().value())
                        .sum();
        final double fetched =
                plan.materials().fillings().stream().mapToDouble(f -> f.recipe().massG()).sum();
        assertThat(weighed).isCloseTo(fetched, within(1e-9 * fetched));
    }

    @Property(tries = 40)
    void meltAndSeedAreTheBowlInAnyRoom(
            @ForAll @DoubleRange(min = 10, max = 26) final double roomC,
            @ForAll @DoubleRange(min = 20, max = 90) final double humidity,
            @ForAll final CouvertureKind kind,
            @ForAll final boolean few,
            @ForAll @IntRange(min = 0, max = 20) final int cabinetC) {
        final BatchPlan plan =
                plan(
                        piece(kind, 1),
                        few ? TemperingMethod.SEED_FEW : TemperingMethod.SEED_THIRD,
                        new RoomAir(roomC, humidity),
                        cabinetC,
                        Workplace.Fillings.READY);
        final double melt = task(plan, TaskKind.MELT).say().values().get("chopped").value();
        final double seed = task(plan, TaskKind.SEED).say().values().get("seed").value();
        assertThat(melt + seed)
                .isCloseTo(
                        plan.bowl().orElseThrow().massG(),
                        within(1e-9 * plan.bowl().orElseThrow().massG()));
        assertThat(task(plan, TaskKind.SEED).say().values().get("at").value()).isLessThan(60);
    }
}
