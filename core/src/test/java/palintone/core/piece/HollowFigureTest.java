package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.casting.fill.RimMelt;
import palintone.core.casting.shell.FigureWall;
import palintone.core.figure.Figure;
import palintone.core.mould.HalfEgg;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/** Hollow figures: halves, a seam, a base. */
class HollowFigureTest {

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private static final Mould EGG =
            new Mould("egg", "Egg halves 120 mm", new HalfEgg(120, 80, 40), 2, 4);

    private static HollowFigure figure(
            final Mould mould,
            final double mm,
            final int parts,
            final HollowFigure.Joining joining) {
        return new HollowFigure(
                "egg",
                "Egg",
                mould,
                Samples.dark(),
                mm,
                parts,
                joining,
                Optional.of(new HollowFigure.Base(60, 5, HollowFigure.BaseStanding.SOFT)),
                Decoration.NONE);
    }

    /** Two half spheres of 100 mm with 3 mm of wall: a ball less the ball inside. */
    @Test
    void twoHalvesWeighABallLessTheBallInside() {
        final Mould ball = new Mould("ball", "Half balls", new HalfSphere(100), 4, 2);
        final HollowFigure figure = figure(ball, 3, 2, HollowFigure.Joining.WARM_PLATE);
        final double ml = Math.PI / 6 * (Math.pow(100, 3) - Math.pow(94, 3)) / 1000;
        assertThat(figure.masses().shell().value())
                .isCloseTo(ml * Samples.dark().castingDensityGPerMl(), within(ml * 0.01));
        // Four cavities are two figures, so five figures take three moulds.
        final BatchSize size = figure.batchOf(Optional.empty(), Optional.of(5));
        assertThat(size.cavitiesPerMould()).isEqualTo(2);
        assertThat(size.moulds()).isEqualTo(3);
        final Materials needs = figure.materials(size, HABITS);
        assertThat(
                        needs.kept().stream().mapToDouble(Figure::value).sum()
                                + needs.comesBack().value())
                .isCloseTo(
                        needs.toMelt().value() + needs.topUps().orElseThrow().value(),
                        within(1e-9));
    }

    @Test
    void halvesAreJoinedAndTheFigureIsSetOnItsBase() {
        final List<Task> plate = tasks(figure(EGG, 3, 2, HollowFigure.Joining.WARM_PLATE));
        assertThat(plate)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.CAST,
                        TaskKind.SCRAPE,
                        TaskKind.CHILL,
                        TaskKind.DEMOULD,
                        TaskKind.JOIN,
                        TaskKind.SET,
                        TaskKind.SPREAD,
                        TaskKind.WEIGH);
        final List<Task> seam = tasks(figure(EGG, 3, 2, HollowFigure.Joining.CHOCOLATE));
        final Task joined = of(seam, TaskKind.JOIN);
        assertThat(joined.amounts().get(palintone.core.process.Amount.TAKES)).isBetween(1.0, 40.0);
        assertThat(seam)
                .extracting(Task::kind)
                .containsSubsequence(TaskKind.TEMPER_AGAIN, TaskKind.JOIN);
        assertThat(tasks(figure(EGG, 3, 1, HollowFigure.Joining.WARM_PLATE)))
                .noneMatch(t -> t.kind() == TaskKind.JOIN);
        assertThat(tasks(figure(EGG, 3, 2, HollowFigure.Joining.CLOSED_MOULD)))
                .noneMatch(t -> t.kind() == TaskKind.JOIN);
    }

    /** Common practice, no source: 2 to 3 mm at 10 cm, about 3 at 19, 4 to 5 and more at 30. */
    @ParameterizedTest
    @CsvSource({"100, 45, 2, 3", "190, 70, 2.5, 3.8", "300, 140, 3.4, 6"})
    void theWallGrowsWithTheFigure(
            final double highMm, final double wideMm, final double least, final double most) {
        // A standing figure is about a tube of its height and width.
        final double areaMm2 = Math.PI * wideMm * highMm;
        assertThat(FigureWall.wantedMm(areaMm2, 1.27)).isBetween(least, most);
    }

    /**
     * t solves its own equation: the wall bears the thumb and the grip that its weight asks for.
     */
    @Test
    void theWallBearsWhatItWeighs() {
        final double areaMm2 = 40_000;
        final double mm = FigureWall.wantedMm(areaMm2, 1.27);
        final double kg = areaMm2 * mm / 1e6 * 1.27;
        final double newton = 10 + 3 * 9.81 * kg / (2 * 0.4);
        final double pascal = 0.27 * 1.3 * newton / Math.pow(mm / 1000, 2);
        assertThat(pascal).isCloseTo(0.6e6, within(1.0));
    }

    /** Common practice, no source: two to five seconds on a plate of 45 °C. */
    @Test
    void aRimIsOnThePlateForSeconds() {
        final double usual = RimMelt.seconds(Samples.dark(), 0.4, 45, 20);
        assertThat(usual).isBetween(1.5, 5.0);
        assertThat(RimMelt.seconds(Samples.dark(), 0.8, 45, 20)).isCloseTo(4 * usual, within(1e-9));
        assertThat(RimMelt.seconds(Samples.dark(), 0.4, 60, 20)).isLessThan(usual);
    }

    @Test
    void whatIsTooThinOrTooThickIsSaid() {
        assertThat(figure(EGG, 1, 2, HollowFigure.Joining.WARM_PLATE).remarks())
                .anyMatch(r -> r.template().contains("breaks under a thumb"));
        assertThat(figure(EGG, 8, 2, HollowFigure.Joining.WARM_PLATE).remarks())
                .anyMatch(r -> r.template().contains("more than it needs"));
        assertThatThrownBy(
                        () ->
                                figure(
                                        new Mould("one", "One", new HalfSphere(100), 1, 1),
                                        3,
                                        2,
                                        HollowFigure.Joining.WARM_PLATE))
                .hasMessageContaining("mould of the figure is 1 usable cavities");
        assertThatThrownBy(() -> figure(EGG, 0.3, 2, HollowFigure.Joining.CHOCOLATE))
                .hasMessage("wall of the figure is 0.3 mm; allowed: 0.8 to 12 mm");
    }

    private static List<Task> tasks(final HollowFigure figure) {
        final Materials needs =
                figure.materials(figure.batchOf(Optional.empty(), Optional.of(4)), HABITS);
        return figure.process(needs, Samples.workplace(needs)).tasks();
    }

    private static Task of(final List<Task> tasks, final TaskKind kind) {
        return tasks.stream().filter(t -> t.kind() == kind).findFirst().orElseThrow();
    }

    /** Common practice: an egg of 20 cm takes little more than it keeps, never a brim-full. */
    @Test
    void aClosedEggIsFilledAThirdToTwoThirdsAndTurned() {
        final Mould large = new Mould("egg-20", "Egg 200 mm", new HalfEgg(90, 110, 130), 2, 4);
        final HollowFigure closed = figure(large, 4, 2, HollowFigure.Joining.CLOSED_MOULD);
        final HollowFigure open = figure(large, 4, 2, HollowFigure.Joining.WARM_PLATE);
        final double share = closed.masses().brim().value() / open.masses().brim().value();
        assertThat(share).isBetween(1 / 3.0, 2 / 3.0);
        assertThat(closed.masses().shell().value()).isEqualTo(open.masses().shell().value());
        final BatchSize one = BatchSize.ofPieces(1, 1);
        assertThat(closed.materials(one, HABITS).toMelt().value())
                .isLessThan(0.6 * open.materials(one, HABITS).toMelt().value());
        final Task cast = first(tasks(closed), TaskKind.CAST);
        assertThat(cast.say().template()).contains("close it and clip");
        assertThat(cast.say().values().get("share").value()).isCloseTo(share * 100, within(1e-6));
        assertThat(cast.say().values().get("brim").value())
                .isCloseTo(closed.masses().brim().value(), within(1e-6));
        assertThat(first(tasks(closed), TaskKind.DEMOULD).say().template()).contains("clips off");
        assertThat(tasks(closed)).noneMatch(t -> t.kind() == TaskKind.JOIN);
        assertThat(first(tasks(closed), TaskKind.SCRAPE).say().template())
                .startsWith("Wipe the opening");
    }

    /** A lip to join by, one half left to align, and an hour before anybody works at it. */
    @Test
    void halvesThatAreGluedAreLedAsTheyAreMade() {
        final List<Task> glued = tasks(figure(EGG, 3, 2, HollowFigure.Joining.CHOCOLATE));
        assertThat(first(glued, TaskKind.DRAIN).say().template()).contains("rim down");
        assertThat(first(glued, TaskKind.DEMOULD).say().template()).contains("stays in its cavity");
        final Task left =
                glued.stream()
                        .filter(t -> t.say().values().containsKey("holds"))
                        .findFirst()
                        .orElseThrow();
        assertThat(left.clock().orElseThrow().targetS()).isEqualTo(3600);
        assertThat(left.say().values().get("holds").value()).isBetween(1.0, 60.0);
        assertThat(
                        first(
                                        tasks(figure(EGG, 3, 1, HollowFigure.Joining.CHOCOLATE)),
                                        TaskKind.DRAIN)
                                .say()
                                .template())
                .doesNotContain("rim down");
    }

    /** Two halves of a ball are drawn as a ball. */
    @Test
    void aFigureOfTwoHalvesIsDrawnWhole() {
        final Mould ball = new Mould("ball", "Half balls", new HalfSphere(100), 4, 2);
        final List<Section.SectionPoint> outer =
                figure(ball, 3, 2, HollowFigure.Joining.WARM_PLATE).section().outer();
        for (final Section.SectionPoint p : outer) {
            assertThat(Math.hypot(p.depthMm() - 50, p.halfWidthMm())).isCloseTo(50, within(0.2));
        }
        assertThat(outer.get(0).depthMm()).isCloseTo(0, within(0.1));
        assertThat(outer.get(outer.size() - 1).depthMm()).isCloseTo(100, within(0.1));
    }

    private static Task first(final List<Task> tasks, final TaskKind kind) {
        return tasks.stream().filter(t -> t.kind() == kind).findFirst().orElseThrow();
    }
}
