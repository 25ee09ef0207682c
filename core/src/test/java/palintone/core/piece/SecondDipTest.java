package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.coat.CentreShape;
import palintone.core.figure.Figure;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Allergen;
import palintone.core.temper.CouvertureKind;

/** A dipped piece whose lower part or top goes into a second couverture. */
class SecondDipTest {

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private static DippedPiece ball(
            final double firstShare, final SecondDip then, final Inclusion... on) {
        return new DippedPiece(
                "ball",
                "Ball",
                Samples.dark(),
                new FormedCentre(Samples.ganache(), new CentreShape.Ball(24), Forming.ROLLED, 0),
                new DipCoat(1.2, false, firstShare, Optional.of(then)),
                List.of(on),
                Decoration.NONE);
    }

    private static SecondDip milk(final double mm, final double share, final SecondDip.End end) {
        return new SecondDip(DecorationTest.MILK, mm, share, end);
    }

    private static double shellMl(final double innerMm, final double outerMm) {
        return 4 * Math.PI / 3 * (Math.pow(outerMm, 3) - Math.pow(innerMm, 3)) / 1000;
    }

    /** By hand: spherical shells, on the coat where there is one and on the centre where not. */
    @Property(tries = 60)
    void itWeighsAShellOnWhatLiesBelowIt(
            @ForAll @DoubleRange(min = 0.3, max = 3) final double mm,
            @ForAll @DoubleRange(min = 0.2, max = 1) final double first,
            @ForAll @DoubleRange(min = 0.1, max = 1) final double share,
            @ForAll final SecondDip.End end) {
        final DippedPiece piece = ball(first, milk(mm, share, end));
        final double over =
                end == SecondDip.End.BELOW
                        ? Math.min(first, share)
                        : Math.max(0, first + share - 1);
        final double byHand =
                (over * shellMl(13.2, 13.2 + mm) + (share - over) * shellMl(12, 12 + mm))
                        * DecorationTest.MILK.castingDensityGPerMl();
        final DippedMasses each = piece.masses();
        assertThat(each.second().orElseThrow().value()).isCloseTo(byHand, within(1e-9));
        assertThat(each.parts().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(each.whole().value(), within(1e-9));
        assertThat(piece.chocolate().stream().mapToDouble(p -> p.massG()).sum())
                .isCloseTo(each.couvertureG(), within(1e-9));
        // The outline climbs from foot to top, and no part is wider than both coats make it.
        final List<Section.SectionPoint> outer = piece.section().outer();
        for (int i = 1; i < outer.size(); i++) {
            assertThat(outer.get(i).depthMm()).isGreaterThanOrEqualTo(outer.get(i - 1).depthMm());
        }
        assertThat(outer).allMatch(p -> p.halfWidthMm() <= 13.2 + mm + 1e-9);
    }

    @Test
    void itHasItsBowlItsDipAndItsWait() {
        final DippedPiece piece = ball(1, milk(1.2, 0.5, SecondDip.End.BELOW));
        final Materials needs = piece.materials(BatchSize.oneByOne(40), HABITS);
        assertThat(needs.second().orElseThrow().toMelt().value())
                .isGreaterThan(40 * piece.masses().second().orElseThrow().value());
        // By hand: a bowl of 9 cm, half of 24 mm and 8 under it; on a fork it takes a wider one.
        assertThat(needs.second().orElseThrow().toMelt().value())
                .isCloseTo(
                        40 * piece.masses().second().orElseThrow().value()
                                + Math.PI
                                        * 45
                                        * 45
                                        * 20
                                        / 1000
                                        * DecorationTest.MILK.castingDensityGPerMl(),
                        within(1e-6));
        assertThat(
                        ball(1, milk(1.2, 1, SecondDip.End.BELOW))
                                .materials(BatchSize.oneByOne(40), HABITS)
                                .second()
                                .orElseThrow()
                                .toMelt()
                                .value())
                .isGreaterThan(500);
        assertThat(needs.toMelt().value())
                .isCloseTo(needs.comesBack().value() + needs.kept().get(0).value(), within(1e-9));
        assertThat(needs.allergens()).contains(Allergen.MILK);
        assertThat(needs.toFetch())
                .anyMatch(
                        p ->
                                p.ingredient().equals(DecorationTest.MILK.ingredient())
                                        && p.massG()
                                                == needs.second().orElseThrow().toMelt().value());
        final List<Task> tasks = piece.process(needs, Samples.workplace(needs)).tasks();
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.DIP,
                        TaskKind.SET,
                        TaskKind.SECOND_BOWL,
                        TaskKind.DIP_AGAIN,
                        TaskKind.SET,
                        TaskKind.WEIGH);
        final Task again = of(tasks, TaskKind.DIP_AGAIN);
        assertThat(again.say().template()).contains("Hold").contains("milk");
        assertThat(again.say().values().get("each").value())
                .isCloseTo(piece.masses().second().orElseThrow().value(), within(1e-9));
        // What two couvertures weigh teaches neither.
        assertThat(of(tasks, TaskKind.DIP).amount(Amount.COAT)).isEmpty();
        assertThat(piece.section().regions().get(0).of()).contains(CouvertureKind.MILK);
    }

    /** What is laid on lies on the coat that is seen there, while that is wet. */
    @Test
    void aNutIsLaidOnTheCoatThatCoversTheTop() {
        final Inclusion nut =
                new Inclusion(Samples.GLUCOSE_SYRUP, 0.8, Inclusion.Placing.ON_THE_BACK);
        final String name = Samples.GLUCOSE_SYRUP.name();
        for (final SecondDip.End end : SecondDip.End.values()) {
            final DippedPiece piece = ball(1, milk(1, 0.4, end), nut);
            final Materials needs = piece.materials(BatchSize.oneByOne(20), HABITS);
            final List<Task> tasks = piece.process(needs, Samples.workplace(needs)).tasks();
            final boolean top = end == SecondDip.End.TOP;
            assertThat(of(tasks, TaskKind.DIP_AGAIN).say().template().contains("Lay " + name))
                    .isEqualTo(top);
            assertThat(of(tasks, TaskKind.DIP).say().template().contains("Lay " + name))
                    .isEqualTo(!top);
        }
    }

    /** A second coat that its bowl does not give is the one it gives, in the sums too. */
    @Test
    void whatItsBowlDoesNotGiveIsSaidAndReckonedWith() {
        final DippedPiece wish = ball(1, milk(4.5, 0.5, SecondDip.End.TOP));
        final Materials needs = wish.materials(BatchSize.oneByOne(30), HABITS);
        final Workplace place = Samples.workplace(needs);
        final DippedPiece will = (DippedPiece) wish.asItWillBe(needs, place);
        assertThat(will.coat().then().orElseThrow().mm()).isLessThan(4);
        assertThat(wish.wishedOtherwise(will)).isPresent();
        assertThat(SecondDipTasks.plan(will, will.coat().then().orElseThrow(), place).found())
                .isTrue();
    }

    @Test
    void coveredFromBothEndsItIsClosed() {
        assertThat(ball(0.5, milk(1, 0.6, SecondDip.End.TOP)).remarks())
                .noneMatch(r -> r.template().startsWith("Dipped in part"));
        // Edge to edge is no seal.
        assertThat(ball(0.5, milk(1, 0.5, SecondDip.End.TOP)).remarks())
                .anyMatch(r -> r.template().startsWith("Dipped in part"));
        assertThat(ball(0.5, milk(1, 1, SecondDip.End.BELOW)).remarks())
                .noneMatch(r -> r.template().startsWith("Dipped in part"));
        assertThat(ball(0.5, milk(1, 0.4, SecondDip.End.TOP)).remarks())
                .anyMatch(r -> r.template().startsWith("Dipped in part"));
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThatThrownBy(() -> milk(0.2, 0.5, SecondDip.End.TOP))
                .hasMessage("second coat is 0.2 mm; allowed: 0.3 to 5 mm");
        assertThatThrownBy(() -> milk(1, 0.05, SecondDip.End.TOP))
                .hasMessageContaining("share of the second dip");
        assertThatThrownBy(() -> ball(1, new SecondDip(Samples.dark(), 1, 0.5, SecondDip.End.TOP)))
                .hasMessageContaining("another couverture");
        assertThatThrownBy(
                        () ->
                                ball(
                                        1,
                                        milk(1, 0.5, SecondDip.End.TOP),
                                        new Inclusion(
                                                Samples.GLUCOSE_SYRUP,
                                                0.5,
                                                Inclusion.Placing.ROLLED_IN)))
                .hasMessageContaining("what it is rolled in");
    }

    private static Task of(final List<Task> tasks, final TaskKind kind) {
        return tasks.stream().filter(t -> t.kind() == kind).findFirst().orElseThrow();
    }
}
