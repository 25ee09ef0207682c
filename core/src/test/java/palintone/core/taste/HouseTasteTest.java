package palintone.core.taste;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.CouvertureKind;

/** How sweet and how bitter pieces are liked, out of what was said of them. */
class HouseTasteTest {

    private static final Optional<CouvertureKind> DARK = Optional.of(CouvertureKind.DARK);

    private static Tasting tasting(
            final Optional<CouvertureKind> kind, final double sweet, final Liking said) {
        return new Tasting(
                kind,
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

    @Test
    void whatWasJustRightOnceIsTheTargetAndUnsure() {
        final TasteTarget once = of(tasting(DARK, 30, Liking.RIGHT));
        assertThat(once.liked().orElseThrow()).isCloseTo(30, within(0.05));
        final TasteTarget often =
                of(
                        tasting(DARK, 30, Liking.RIGHT),
                        tasting(DARK, 30, Liking.RIGHT),
                        tasting(DARK, 30, Liking.RIGHT));
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
        final TasteTarget sweet = of(tasting(DARK, 40, Liking.TOO_MUCH));
        assertThat(sweet.liked()).isEmpty();
        assertThat(sweet.below().orElseThrow()).isCloseTo(37, within(1e-9));
        assertThat(sweet.band().orElseThrow().high()).isCloseTo(37, within(1e-9));
        final TasteTarget bland =
                of(tasting(DARK, 20, Liking.TOO_LITTLE), tasting(DARK, 26, Liking.TOO_LITTLE));
        assertThat(bland.above().orElseThrow()).isCloseTo(29, within(1e-9));
        assertThat(bland.band().orElseThrow().outBy(28)).isNegative();
        assertThat(of().band()).isEmpty();
    }

    @Test
    void aWhitePieceSaysNothingOfDarkOnes() {
        final HouseTaste taste =
                new HouseTaste(
                        List.of(
                                tasting(Optional.of(CouvertureKind.WHITE), 48, Liking.RIGHT),
                                tasting(Optional.empty(), 20, Liking.RIGHT)));
        assertThat(taste.target(TasteOf.SWEETNESS, DARK).answers()).isZero();
        assertThat(taste.target(TasteOf.SWEETNESS, Optional.empty()).liked().orElseThrow())
                .isCloseTo(20, within(0.05));
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
}
