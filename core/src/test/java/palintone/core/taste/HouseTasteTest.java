package palintone.core.taste;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.CouvertureKind;

/** How sweet and how bitter pieces are liked, out of what was said of them. */
class HouseTasteTest {

    private static final TasteGroup DARK = new TasteGroup(Optional.of(CouvertureKind.DARK), true);

    private static Tasting tasting(final TasteGroup group, final double sweet, final Liking said) {
        return new Tasting(
                group,
                Map.of(TasteOf.SWEETNESS, sweet, TasteOf.BITTERNESS, 10.0),
                Map.of(TasteOf.SWEETNESS, said),
                OptionalInt.empty());
    }

    private static TasteTarget of(final Tasting... tastings) {
        return new HouseTaste(List.of(tastings)).target(TasteOf.SWEETNESS, DARK);
    }

    /**
     * Against tasters thrown by dice: two hundred people, each with an error of one step, tell the
     * value they were given to within a standard error or two.
     */
    @Test
    void manyTastersTellWhatTheyWereGivenToLike() {
        final double liked = 31.4;
        final Random dice = new Random(20261127);
        final List<Tasting> all = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            final double was = 22 + 18 * dice.nextDouble();
            final double felt = (was - liked) / 3 + dice.nextGaussian();
            all.add(
                    tasting(
                            DARK,
                            was,
                            felt > 1
                                    ? Liking.TOO_MUCH
                                    : felt < -1 ? Liking.TOO_LITTLE : Liking.RIGHT));
        }
        final TasteTarget target = new HouseTaste(all).target(TasteOf.SWEETNESS, DARK);
        assertThat(target.answers()).isEqualTo(200);
        assertThat(target.margin()).isBetween(0.15, 0.5);
        assertThat(target.liked().orElseThrow()).isCloseTo(liked, within(2.5 * target.margin()));
    }

    /**
     * Seven hundred answers multiplied up are less than a number holds: they are summed as logs.
     */
    @Test
    void hundredsOfTastingsAreStillATarget() {
        final Random dice = new Random(7);
        final List<Tasting> all = new ArrayList<>();
        for (int i = 0; i < 700; i++) {
            final double was = 20 + 20 * dice.nextDouble();
            final double felt = (was - 30) / 3 + dice.nextGaussian();
            all.add(
                    tasting(
                            DARK,
                            was,
                            felt > 1
                                    ? Liking.TOO_MUCH
                                    : felt < -1 ? Liking.TOO_LITTLE : Liking.RIGHT));
        }
        final TasteTarget target = new HouseTaste(all).target(TasteOf.SWEETNESS, DARK);
        assertThat(target.liked().orElseThrow()).isCloseTo(30, within(1.0));
        assertThat(target.margin()).isBetween(0.05, 0.4);
    }

    @Test
    void whatWasJustRightOnceIsTheTargetAndUnsure() {
        final TasteTarget once = of(tasting(DARK, 30, Liking.RIGHT));
        assertThat(once.liked().orElseThrow()).isCloseTo(30, within(0.05));
        final TasteTarget often =
                of(
                        tasting(DARK, 30, Liking.RIGHT),
                        tasting(DARK, 30, Liking.RIGHT),
                        tasting(DARK, 30, Liking.RIGHT),
                        tasting(DARK, 30, Liking.RIGHT));
        assertThat(once.band()).as("one answer is no target").isEmpty();
        assertThat(often.margin()).isLessThan(0.7 * once.margin());
        final Band band = often.band().orElseThrow();
        assertThat(band.low()).isCloseTo(27, within(0.1));
        assertThat(band.high()).isCloseTo(33, within(0.1));
    }

    @Test
    void tooSweetAndNotSweetEnoughCloseInOnTheMiddle() {
        final TasteTarget target =
                of(tasting(DARK, 40, Liking.TOO_MUCH), tasting(DARK, 24, Liking.TOO_LITTLE));
        assertThat(target.liked().orElseThrow()).isCloseTo(32, within(0.1));
    }

    @Test
    void aComplaintMovesWhatWasRightAwayFromIt() {
        final double before = of(tasting(DARK, 30, Liking.RIGHT)).liked().orElseThrow();
        final double after =
                of(tasting(DARK, 30, Liking.RIGHT), tasting(DARK, 31, Liking.TOO_MUCH))
                        .liked()
                        .orElseThrow();
        assertThat(after).isLessThan(before - 1);
    }

    @Test
    void answersOfOneSideGiveALimitAndNoTarget() {
        final Tasting much = tasting(DARK, 40, Liking.TOO_MUCH);
        final TasteTarget sweet = of(much, much, much, much);
        assertThat(sweet.liked()).isEmpty();
        assertThat(sweet.below().orElseThrow()).isCloseTo(37, within(1e-9));
        assertThat(sweet.band().orElseThrow().high()).isCloseTo(37, within(1e-9));
        final TasteTarget bland =
                of(
                        tasting(DARK, 20, Liking.TOO_LITTLE),
                        tasting(DARK, 22, Liking.TOO_LITTLE),
                        tasting(DARK, 24, Liking.TOO_LITTLE),
                        tasting(DARK, 26, Liking.TOO_LITTLE));
        assertThat(bland.above().orElseThrow()).isCloseTo(29, within(1e-9));
        assertThat(bland.band().orElseThrow().outBy(28)).isNegative();
        assertThat(of().band()).isEmpty();
    }

    /** Nor does a tablet of a bonbon: it is meant to be more bitter. */
    @Test
    void aWhitePieceSaysNothingOfDarkOnes() {
        final TasteGroup white = new TasteGroup(Optional.of(CouvertureKind.WHITE), true);
        final TasteGroup tablet = new TasteGroup(Optional.of(CouvertureKind.DARK), false);
        final TasteGroup bare = new TasteGroup(Optional.empty(), true);
        final HouseTaste taste =
                new HouseTaste(
                        List.of(
                                tasting(white, 48, Liking.RIGHT),
                                tasting(tablet, 34, Liking.RIGHT),
                                tasting(bare, 20, Liking.RIGHT)));
        assertThat(taste.target(TasteOf.SWEETNESS, DARK).answers()).isZero();
        assertThat(taste.target(TasteOf.SWEETNESS, bare).liked().orElseThrow())
                .isCloseTo(20, within(0.05));
        assertThat(taste.target(TasteOf.SWEETNESS, tablet).liked().orElseThrow())
                .isCloseTo(34, within(0.05));
    }

    @Test
    void aHighScoreWithoutAWordMeansThatNothingOughtToChange() {
        final Map<TasteOf, Double> was = new EnumMap<>(TasteOf.class);
        was.put(TasteOf.SWEETNESS, 30.0);
        was.put(TasteOf.BITTERNESS, 11.0);
        final Tasting good = new Tasting(DARK, was, Map.of(), OptionalInt.of(9));
        final Tasting poor = new Tasting(DARK, was, Map.of(), OptionalInt.of(4));
        assertThat(good.liking(TasteOf.BITTERNESS)).contains(Liking.RIGHT);
        assertThat(poor.liking(TasteOf.BITTERNESS)).isEmpty();
        final Tasting spoken =
                new Tasting(
                        DARK, was, Map.of(TasteOf.SWEETNESS, Liking.TOO_MUCH), OptionalInt.of(9));
        assertThat(spoken.liking(TasteOf.BITTERNESS)).isEmpty();
        assertThatThrownBy(() -> new Tasting(DARK, was, Map.of(), OptionalInt.empty()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("tasting");
        assertThatThrownBy(() -> new Tasting(DARK, was, Map.of(), OptionalInt.of(11)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("score");
    }

    /** Whoever says first and whoever says last: it is one evening. */
    @Property(tries = 60)
    void theOrderOfTastersDoesNotMatter(
            @ForAll @Size(min = 2, max = 12)
                    final List<@DoubleRange(min = 15, max = 45) Double> were,
            @ForAll @IntRange(min = 1, max = 99) final int seed) {
        final Random dice = new Random(seed);
        final List<Tasting> all = new ArrayList<>();
        were.forEach(was -> all.add(tasting(DARK, was, Liking.values()[dice.nextInt(3)])));
        final TasteTarget there = new HouseTaste(all).target(TasteOf.SWEETNESS, DARK);
        Collections.reverse(all);
        final TasteTarget back = new HouseTaste(all).target(TasteOf.SWEETNESS, DARK);
        assertThat(back.liked().isPresent()).isEqualTo(there.liked().isPresent());
        assertThat(back.liked().orElse(0)).isCloseTo(there.liked().orElse(0), within(1e-6));
        assertThat(back.above()).isEqualTo(there.above());
        assertThat(back.below()).isEqualTo(there.below());
    }

    /**
     * One more "too much" never makes the liked value sweeter; one more "not enough" never less.
     */
    @Property(tries = 60)
    void anAnswerMovesTheTargetItsWay(
            @ForAll @DoubleRange(min = 20, max = 40) final double right,
            @ForAll @DoubleRange(min = 10, max = 50) final double was) {
        final Tasting before = tasting(DARK, right, Liking.RIGHT);
        final double liked = of(before).liked().orElseThrow();
        final double less = of(before, tasting(DARK, was, Liking.TOO_MUCH)).liked().orElseThrow();
        final double more = of(before, tasting(DARK, was, Liking.TOO_LITTLE)).liked().orElseThrow();
        assertThat(less).isLessThanOrEqualTo(liked + 1e-6);
        assertThat(more).isGreaterThanOrEqualTo(liked - 1e-6);
    }

    /** Twice as far from what was tasted, twice the shift: no scale is hidden but the step. */
    @Test
    void bitternessIsJudgedByItsOwnStep() {
        final Tasting said =
                new Tasting(
                        DARK,
                        Map.of(TasteOf.SWEETNESS, 30.0, TasteOf.BITTERNESS, 14.0),
                        Map.of(
                                TasteOf.SWEETNESS, Liking.RIGHT,
                                TasteOf.BITTERNESS, Liking.RIGHT),
                        OptionalInt.empty());
        final HouseTaste house = new HouseTaste(List.of(said, said, said, said));
        final TasteTarget sweet = house.target(TasteOf.SWEETNESS, DARK);
        final TasteTarget bitter = house.target(TasteOf.BITTERNESS, DARK);
        assertThat(bitter.liked().orElseThrow()).isCloseTo(14, within(0.05));
        assertThat(bitter.margin() / sweet.margin()).isCloseTo(2.0 / 3, within(0.01));
        final Band band = bitter.band().orElseThrow();
        assertThat(band.high() - band.low()).isCloseTo(4, within(1e-9));
        assertThat(band.highLimit() - band.lowLimit()).isCloseTo(8, within(1e-9));
    }
}
