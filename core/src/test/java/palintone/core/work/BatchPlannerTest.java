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
import palintone.core.heat.RoomAir;
import palintone.core.piece.BatchHabits;
import palintone.core.piece.BatchSize;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.Materials;
import palintone.core.piece.Piece;
import palintone.core.substance.Ingredient;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.SeedPractice;
import palintone.core.temper.TemperTargets;

class BatchPlannerTest {

    private static Piece piece(final CouvertureKind kind, final int layers) {
        final Ingredient chocolate =
                switch (kind) {
                    case DARK -> Samples.DARK_66;
                    case MILK -> Samples.MILK_41;
                    case WHITE -> Samples.IVORY_33;
                };
        return new Piece(
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

    private static BatchPlan plan(
            final Piece piece,
            final SeedPractice practice,
            final RoomAir room,
            final double cabinetC) {
        return BatchPlanner.plan(
                Materials.of(piece, BatchSize.ofMoulds(4, 32), new BatchHabits(2, 0.25, 0.1)),
                TemperTargets.of(piece.couverture().kind(), DarkWindowPractice.LOW),
                practice,
                room,
                cabinetC,
                new HeatSource(600, 0.6));
    }

    private static PlannedStep step(final BatchPlan plan, final StepKind kind) {
        return plan.steps().stream().filter(s -> s.kind() == kind).findFirst().orElseThrow();
    }

    private static Piece filledWith(final Filling filling) {
        return new Piece(
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
        final BatchPlan plan =
                plan(filledWith(custard), SeedPractice.THIRD, new RoomAir(20, 52), 12);
        final String cap = step(plan, StepKind.CAP).caution().orElseThrow();
        assertThat(cap).contains("egg").contains("milk").contains("soya");
        assertThat(cap).contains("must be kept cold");
        assertThat(step(plan, StepKind.SCRAPE).caution().orElseThrow())
                .as("no filling yet")
                .doesNotContain("egg");
        assertThat(step(plan, StepKind.FILL).caution().orElseThrow()).contains("4 °C or colder");
        assertThat(step(plan, StepKind.WEIGH).caution().orElseThrow()).contains("4 °C or colder");
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
        final BatchPlan plan = plan(filledWith(paste), SeedPractice.THIRD, new RoomAir(20, 52), 12);
        assertThat(step(plan, StepKind.WEIGH).caution()).isEmpty();
        assertThat(step(plan, StepKind.CAP).caution().orElse("")).doesNotContain("cold");
        assertThat(step(plan, StepKind.FILL).caution().orElseThrow()).doesNotContain("4 °C");
    }

    @ParameterizedTest
    @EnumSource(CouvertureKind.class)
    void everyPlaceInEverySentenceHasItsNumber(final CouvertureKind kind) {
        for (final PlannedStep step :
                plan(piece(kind, 2), SeedPractice.THIRD, new RoomAir(20, 52), 12).steps()) {
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
        for (final SeedPractice practice : SeedPractice.values()) {
            final BatchPlan plan = plan(piece(kind, 1), practice, new RoomAir(20, 52), 12);
            for (final PlannedStep step : plan.steps()) {
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
        final BatchPlan plan =
                plan(piece(CouvertureKind.MILK, 2), SeedPractice.THIRD, new RoomAir(20, 52), 12);
        final List<StepKind> kinds = plan.steps().stream().map(PlannedStep::kind).toList();
        final int first = kinds.indexOf(StepKind.FILL);
        assertThat(kinds.subList(first, first + 4))
                .containsExactly(StepKind.FILL, StepKind.LEVEL, StepKind.FILL, StepKind.LEVEL);
        assertThat(plan.steps().get(first).say().template()).contains("Leave room");
        assertThat(plan.steps().get(first + 2).say().template()).contains("below the rim");
    }

    @Test
    void waterIsWarnedOfOnlyWhereTheCabinetIsBelowTheDewPoint() {
        final Piece piece = piece(CouvertureKind.DARK, 1);
        final BatchPlan dry = plan(piece, SeedPractice.THIRD, new RoomAir(20, 40), 12);
        assertThat(step(dry, StepKind.CHILL).caution()).isEmpty();
        final BatchPlan damp = plan(piece, SeedPractice.THIRD, new RoomAir(24, 70), 12);
        assertThat(step(damp, StepKind.CHILL).caution().orElseThrow()).contains("dew point");
    }

    @Test
    void cautionsStandWhereTheDangerIs() {
        final BatchPlan plan =
                plan(piece(CouvertureKind.MILK, 1), SeedPractice.THIRD, new RoomAir(20, 52), 12);
        assertThat(step(plan, StepKind.MELT).caution().orElseThrow()).contains("Steam");
        assertThat(step(plan, StepKind.SCRAPE).caution().orElseThrow()).contains("hold milk");
        assertThat(step(plan, StepKind.FILL).caution().orElseThrow()).contains("laboratory");
    }

    @Test
    void theFewPerCentSchoolWaitsForTheBowlToCool() {
        final Piece piece = piece(CouvertureKind.DARK, 1);
        final RoomAir room = new RoomAir(20, 52);
        final double third =
                step(plan(piece, SeedPractice.THIRD, room, 12), StepKind.COOL)
                        .reading()
                        .orElseThrow()
                        .target();
        final double few =
                step(plan(piece, SeedPractice.FEW_PER_CENT, room, 12), StepKind.COOL)
                        .reading()
                        .orElseThrow()
                        .target();
        assertThat(third - few).isGreaterThan(10);
        assertThat(few).isBetween(33.0, 35.0);
    }

    @Property(tries = 200)
    void meltAndSeedAreTheBowlInAnyRoom(
            @ForAll @DoubleRange(min = 6, max = 26) final double roomC,
            @ForAll @DoubleRange(min = 20, max = 90) final double humidity,
            @ForAll final CouvertureKind kind,
            @ForAll final SeedPractice practice,
            @ForAll @IntRange(min = 0, max = 20) final int cabinetC) {
        final BatchPlan plan =
                plan(piece(kind, 1), practice, new RoomAir(roomC, humidity), cabinetC);
        assertThat(plan.seed().meltG().value() + plan.seed().seedG().value())
                .isCloseTo(plan.bowl().massG(), within(1e-9 * plan.bowl().massG()));
        assertThat(plan.steps()).hasSize(18);
        assertThat(step(plan, StepKind.COOL).reading().orElseThrow().target()).isLessThan(60);
    }
}
