package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.CastPlan;
import palintone.core.casting.shell.OuterCoat;
import palintone.core.figure.Figure;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.mould.Outline;
import palintone.core.mould.Turned;
import palintone.core.process.Amount;
import palintone.core.process.Occupies;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.temper.CouvertureKind;

/** A figure whose outside, or whose base, is of another couverture. */
class OuterCoatTest {

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private static final Mould BALL = new Mould("ball", "Half balls", new HalfSphere(100), 4, 2);

    private static HollowFigure ball(
            final double outerMm,
            final boolean baseToo,
            final HollowFigure.BaseStanding standing,
            final HollowFigure.Joining joining) {
        return new HollowFigure(
                "ball",
                "Ball",
                BALL,
                Samples.dark(),
                4,
                2,
                joining,
                Optional.of(new HollowFigure.Base(60, 5, standing)),
                Optional.of(new HollowFigure.Second(DecorationTest.MILK, outerMm, baseToo)),
                Decoration.NONE);
    }

    private static HollowFigure ball(final double outerMm) {
        return ball(
                outerMm, false, HollowFigure.BaseStanding.SOFT, HollowFigure.Joining.WARM_PLATE);
    }

    private static Materials needs(final HollowFigure figure, final int pieces) {
        return figure.materials(figure.batchOf(Optional.empty(), Optional.of(pieces)), HABITS);
    }

    private static List<Task> tasks(final HollowFigure figure, final Materials needs) {
        return figure.process(needs, Samples.workplace(needs)).tasks();
    }

    /** Balls in balls: 100, 98.2 and 92 mm across. */
    @Test
    void eachCoatWeighsTheBallsItLiesBetween() {
        final HollowMasses each = ball(0.9).masses();
        final double outerMl = Math.PI / 6 * (Math.pow(100, 3) - Math.pow(98.2, 3)) / 1000;
        final double wallMl = Math.PI / 6 * (Math.pow(98.2, 3) - Math.pow(92, 3)) / 1000;
        final double milk = DecorationTest.MILK.castingDensityGPerMl();
        final double dark = Samples.dark().castingDensityGPerMl();
        assertThat(each.outer().orElseThrow().value()).isCloseTo(outerMl * milk, within(1e-6));
        assertThat(each.shell().value()).isCloseTo(wallMl * dark, within(1e-6));
        final double baseG = Math.PI * 900 * 5 / 1000 * dark;
        assertThat(each.whole().value())
                .isCloseTo(outerMl * milk + wallMl * dark + baseG, within(1e-6));
        assertThat(ball(0.9).chocolate().get(1).massG()).isCloseTo(outerMl * milk, within(1e-6));
        final HollowFigure baseToo =
                ball(0.9, true, HollowFigure.BaseStanding.SOFT, HollowFigure.Joining.WARM_PLATE);
        assertThat(baseToo.chocolate().get(1).massG())
                .isCloseTo((outerMl + Math.PI * 900 * 5 / 1000) * milk, within(1e-6));
        assertThat(baseToo.section().regions().get(0).of()).contains(CouvertureKind.MILK);
    }

    /** Each bowl holds what stays of it and what comes back; a list fetches both. */
    @Test
    void twoBowlsAreMeltedAndFetched() {
        final HollowFigure figure =
                ball(0.9, true, HollowFigure.BaseStanding.GLUED, HollowFigure.Joining.WARM_PLATE);
        final Materials needs = needs(figure, 3);
        final SecondBowl bowl = needs.second().orElseThrow();
        assertThat(bowl.keptG()).isCloseTo(3 * figure.chocolate().get(1).massG(), within(1e-9));
        // All moulds stand brim-full of it at once.
        assertThat(bowl.toMelt().value()).isGreaterThan(3 * figure.outerBrimG());
        assertThat(needs.kept().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(needs.toMelt().value() - needs.comesBack().value(), within(1e-9));
        assertThat(needs.kept()).noneMatch(kept -> kept.name().contains("outer"));
        assertThat(needs.toFetch())
                .anyMatch(
                        p ->
                                p.ingredient().equals(DecorationTest.MILK.ingredient())
                                        && p.massG() == bowl.toMelt().value());
        assertThat(needs.allergens()).containsAll(DecorationTest.MILK.ingredient().allergens());
    }

    /** Two bowls in temper, the thin coat first; the wall when its shine has gone. */
    @Test
    void theWallIsCastOntoTheCoatInItsTime() {
        final HollowFigure figure = ball(1.6);
        final Materials needs = needs(figure, 2);
        final CastPlan plan = figure.casting(needs, Samples.workplace(needs));
        final OuterCoat outer = plan.outer().orElseThrow();
        assertThat(plan.wallMm())
                .isCloseTo(outer.meanMm() + plan.coats().together().meanMm(), within(1e-9));
        assertThat(outer.latestS()).isGreaterThan(outer.earliestS());
        final List<Task> tasks = tasks(figure, needs);
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.TEST,
                        TaskKind.SECOND_BOWL,
                        TaskKind.OUTER_COAT,
                        TaskKind.WAIT,
                        TaskKind.DRAIN,
                        TaskKind.CAST,
                        TaskKind.SCRAPE);
        final Task cast = of(tasks, TaskKind.CAST);
        assertThat(cast.say().template()).startsWith("The shine of the outer coat has gone");
        assertThat(cast.after())
                .anyMatch(
                        after ->
                                after.leastLagS() == Math.round(outer.earliestS())
                                        && after.greatestLagS().isPresent());
        // What is read at the second bowl is none of the first.
        assertThat(of(tasks, TaskKind.OUTER_COAT).occupies()).doesNotContain(Occupies.BOWL);
        // Both coats are on the scale.
        final HollowMasses each = figure.masses();
        assertThat(of(tasks, TaskKind.SCRAPE).say().values().get("shells").value())
                .isCloseTo(
                        2 * (each.shell().value() + each.outer().orElseThrow().value()),
                        within(1e-6));
    }

    /** What the bowls make is what is reckoned with, outside and in all. */
    @Test
    void aWishThatTheBowlsCannotMakeIsNotReckonedWith() {
        final HollowFigure wish = ball(0.5);
        final Materials needs = needs(wish, 2);
        final Workplace place = Samples.workplace(needs);
        final CastPlan plan = wish.casting(needs, place);
        final HollowFigure made = (HollowFigure) wish.asItWillBe(needs, place);
        assertThat(made.outer().orElseThrow().outerMm())
                .isCloseTo(plan.outer().orElseThrow().meanMm(), within(1e-9));
        assertThat(made.shellMm()).isCloseTo(plan.wallMm(), within(1e-9));
        assertThat(wish.wishedOtherwise(made).orElseThrow().template()).contains("outer coat");
        // As it is made it stays.
        assertThat(made.asItWillBe(needs(made, 2), place)).isEqualTo(made);
    }

    /** Brushed it is as thin as is wished, whatever the bowl would leave poured; less is melted. */
    @Test
    void aBrushedCoatIsAsThinAsIsWished() {
        final HollowFigure brushed =
                new HollowFigure(
                        "ball",
                        "Ball",
                        BALL,
                        Samples.dark(),
                        4,
                        2,
                        HollowFigure.Joining.WARM_PLATE,
                        Optional.empty(),
                        Optional.of(new HollowFigure.Second(DecorationTest.MILK, 0.8, true, false)),
                        Decoration.NONE);
        final Materials needs = needs(brushed, 2);
        final Workplace place = Samples.workplace(needs);
        final OuterCoat outer = brushed.casting(needs, place).outer().orElseThrow();
        assertThat(outer.meanMm()).isEqualTo(0.8);
        assertThat(outer.remark()).isEmpty();
        assertThat(outer.earliestS()).isPositive().isLessThan(outer.latestS());
        final List<Task> tasks = tasks(brushed, needs);
        assertThat(of(tasks, TaskKind.OUTER_COAT).say().template()).contains("brush");
        assertThat(of(tasks, TaskKind.OUTER_COAT).say().values().get("each").value())
                .isCloseTo(2 * brushed.masses().outer().orElseThrow().value(), within(1e-9));
        // One wait and one draining: of the wall.
        assertThat(tasks).filteredOn(t -> t.kind() == TaskKind.DRAIN).hasSize(1);
        assertThat(needs.second().orElseThrow().toMelt().value())
                .isLessThan(needs(ball(0.8), 2).second().orElseThrow().toMelt().value() / 2);
    }

    /** Glued bases are cast while the bowl is in temper; soft ones wait for their figure. */
    @Test
    void basesArePouredOnFilmBeforeOrAfter() {
        final HollowFigure glued =
                ball(0.9, true, HollowFigure.BaseStanding.GLUED, HollowFigure.Joining.WARM_PLATE);
        final List<Task> before = tasks(glued, needs(glued, 2));
        assertThat(before)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.OUTER_COAT, TaskKind.SPREAD, TaskKind.DEMOULD, TaskKind.JOIN);
        assertThat(before).filteredOn(t -> t.kind() == TaskKind.SECOND_BOWL).hasSize(1);
        assertThat(before).anyMatch(t -> t.title().equals("Glue on"));
        assertThat(of(before, TaskKind.SPREAD).amount(Amount.TAKES)).isEmpty();
        final HollowFigure soft =
                ball(0.9, true, HollowFigure.BaseStanding.SOFT, HollowFigure.Joining.WARM_PLATE);
        final Materials needs = needs(soft, 2);
        final List<Task> after = tasks(soft, needs);
        assertThat(after)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.OUTER_COAT,
                        TaskKind.DEMOULD,
                        TaskKind.JOIN,
                        TaskKind.SECOND_BOWL,
                        TaskKind.SPREAD);
        // The bowl is melted once: what is tempered for the bases is what is left of it.
        assertThat(
                        after.stream()
                                .filter(t -> t.kind() == TaskKind.SECOND_BOWL)
                                .map(t -> t.say().values().get("melt").value())
                                .toList())
                .containsExactly(
                        needs.second().orElseThrow().toMelt().value(),
                        needs.second().orElseThrow().toMelt().value()
                                - 2 * soft.masses().outer().orElseThrow().value());
        final HollowFigure own =
                ball(0, true, HollowFigure.BaseStanding.GLUED, HollowFigure.Joining.CLOSED_MOULD);
        assertThat(tasks(own, needs(own, 2)))
                .extracting(Task::kind)
                .containsSubsequence(TaskKind.SCRAPE, TaskKind.SECOND_BOWL, TaskKind.SPREAD)
                .doesNotContain(TaskKind.OUTER_COAT);
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThatThrownBy(() -> ball(3.8))
                .hasMessage("outer coat is 3.8 mm; allowed: 0.5 to 3.5 mm");
        assertThatThrownBy(() -> new HollowFigure.Second(DecorationTest.MILK, 0, false))
                .hasMessageContaining("allowed: an outer coat or the base");
        assertThatThrownBy(
                        () ->
                                new HollowFigure(
                                        "b",
                                        "B",
                                        BALL,
                                        Samples.dark(),
                                        4,
                                        2,
                                        HollowFigure.Joining.WARM_PLATE,
                                        Optional.empty(),
                                        Optional.of(
                                                new HollowFigure.Second(Samples.dark(), 1, false)),
                                        Decoration.NONE))
                .hasMessageContaining("allowed: another couverture");
        final Mould bottle =
                new Mould(
                        "bottle",
                        "Bottle",
                        new Turned(
                                List.of(
                                        new Outline.Point(3, 0),
                                        new Outline.Point(20, 30),
                                        new Outline.Point(20, 60))),
                        2,
                        1);
        assertThatThrownBy(
                        () ->
                                new HollowFigure(
                                        "b",
                                        "B",
                                        bottle,
                                        Samples.dark(),
                                        2,
                                        1,
                                        HollowFigure.Joining.WARM_PLATE,
                                        Optional.empty(),
                                        Decoration.NONE))
                .hasMessageContaining("opening of the figure is 6.0 mm across");
    }

    private static Task of(final List<Task> tasks, final TaskKind kind) {
        return tasks.stream().filter(t -> t.kind() == kind).findFirst().orElseThrow();
    }
}
