package palintone.core.temper.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.method.Equipment;

class RehearsalTest {

    private static final Equipment WORKSHOP =
            new Equipment(new HeatSource(800, 0.6), 19, 0.54, 20, 14, 9000, 900);

    private static Rehearsal play(final Exercise exercise, final RehearsalAct... acts) {
        final Couverture couverture =
                switch (exercise.kind()) {
                    case DARK -> Samples.dark();
                    case MILK -> new Couverture(Samples.MILK_41, CouvertureKind.MILK);
                    case WHITE -> new Couverture(Samples.IVORY_33, CouvertureKind.WHITE);
                };
        return Rehearsal.play(
                exercise,
                couverture,
                TemperTargets.of(exercise.kind(), DarkWindowPractice.LOW),
                WORKSHOP,
                7,
                List.of(acts));
    }

    private static RehearsalAct act(final RehearsalAct.ActKind kind, final double amount) {
        return new RehearsalAct(kind, amount);
    }

    @Test
    void aGoodHandGetsNearlyAllPoints() {
        final Rehearsal played =
                play(
                        Exercise.WARM_BOWL,
                        act(RehearsalAct.ActKind.BATH, 100),
                        act(RehearsalAct.ActKind.READ, 0),
                        act(RehearsalAct.ActKind.SEED, 100),
                        act(RehearsalAct.ActKind.STIR, 240),
                        act(RehearsalAct.ActKind.PAPER, 0),
                        act(RehearsalAct.ActKind.WORK, 0));
        assertThat(played.done()).isTrue();
        assertThat(played.score()).isPresent();
        assertThat(played.score().get().verdict()).isEqualTo(Verdict.IN_TEMPER);
        assertThat(played.score().get().points()).isGreaterThanOrEqualTo(75);
    }

    @Test
    void workingWithoutAnythingDoneGetsFew() {
        final Rehearsal played = play(Exercise.FROM_THE_MELT, act(RehearsalAct.ActKind.WORK, 0));
        assertThat(played.score().orElseThrow().points()).isLessThanOrEqualTo(30);
        assertThat(played.score().orElseThrow().verdict()).isEqualTo(Verdict.NONE);
    }

    @Test
    void everyPointHasItsReasonAndTheySum() {
        final Score score =
                play(
                                Exercise.WARM_ROOM,
                                act(RehearsalAct.ActKind.STIR, 60),
                                act(RehearsalAct.ActKind.WORK, 0))
                        .score()
                        .orElseThrow();
        assertThat(score.lines().stream().mapToInt(Score.Line::points).sum())
                .isEqualTo(score.points());
        assertThat(score.lines().stream().mapToInt(Score.Line::most).sum()).isEqualTo(100);
        assertThat(score.lines()).allMatch(l -> !l.why().template().isBlank());
    }

    /** What was seen of earlier acts never changes when another act is added. */
    @Test
    void playedAgainItIsTheSame() {
        final RehearsalAct[] acts = {
            act(RehearsalAct.ActKind.BATH, 60), act(RehearsalAct.ActKind.READ, 0)
        };
        final Rehearsal once = play(Exercise.WARM_BOWL, acts);
        final Rehearsal again =
                play(Exercise.WARM_BOWL, acts[0], acts[1], act(RehearsalAct.ActKind.HEAT, 10));
        assertThat(again.moments().subList(0, 2)).isEqualTo(once.moments());
        assertThat(once.moments().get(1).readC()).isPresent();
    }

    @Test
    void impossibleActsAreRefused() {
        assertThatThrownBy(() -> act(RehearsalAct.ActKind.HEAT, 100_000))
                .hasMessageContaining("heat is 100000");
        assertThatThrownBy(
                        () ->
                                play(
                                        Exercise.WARM_BOWL,
                                        act(RehearsalAct.ActKind.WORK, 0),
                                        act(RehearsalAct.ActKind.STIR, 10)))
                .hasMessageContaining("nothing more once work has begun");
    }
}
