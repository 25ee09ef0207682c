package palintone.core.temper.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.estimate.ParameterUncertainty;
import palintone.core.temper.method.Equipment;

/**
 * An exercise as played so far: a pure function of the exercise and the acts, so that nothing need
 * be kept but these.
 *
 * @param moments each act with what was seen of it
 * @param clockS how long it has taken
 * @param done true once work has begun
 * @param path the truth, which is shown only when it is over
 * @param score when it is over
 */
public record Rehearsal(
        List<Moment> moments,
        double clockS,
        boolean done,
        List<BowlState> path,
        Optional<Score> score) {

    /** No rehearsal needs more. */
    public static final int MOST_ACTS = 200;

    private static final double PROBE_NOISE_K = 0.08;
    private static final double PAPER_SHOWN_S = 180;

    /**
     * One act.
     *
     * @param fromS when it began
     * @param toS when it was over
     * @param readC what the thermometer said, where it was read
     * @param smearS what the smear said, where one was made; at most 180 s are waited
     */
    public record Moment(
            RehearsalAct act,
            double fromS,
            double toS,
            Optional<Double> readC,
            Optional<Double> smearS) {}

    /**
     * Plays the acts.
     *
     * @param seed gives the bowl its own nature and the thermometer its noise
     */
    public static Rehearsal play(
            final Exercise exercise,
            final Couverture couverture,
            final TemperTargets targets,
            final Equipment equipment,
            final long seed,
            final List<RehearsalAct> acts) {
        if (acts.size() > MOST_ACTS) {
            throw new OutOfRangeException("acts", acts.size() + "", "up to " + MOST_ACTS);
        }
        final Random random = new Random(seed);
        final PlayedBowl bowl =
                new PlayedBowl(
                        couverture,
                        new ParameterUncertainty(0.1, 0.2, 0.1, 0.2, 0, 0)
                                .draw(CrystalConstants.CALIBRATED, random)
                                .constants(),
                        BowlVessel.holding(
                                VesselKind.STEEL_BOWL,
                                exercise.massG(),
                                couverture.castingDensityGPerMl()),
                        equipment,
                        exercise.roomC(),
                        new BowlState(0, exercise.massG(), exercise.startC(), exercise.start()));
        final List<Moment> moments = new ArrayList<>();
        boolean done = false;
        for (final RehearsalAct act : acts) {
            if (done) {
                throw new OutOfRangeException(
                        "act", act.kind().words(), "nothing more once work has begun");
            }
            moments.add(moment(bowl, act, random));
            done = act.kind() == RehearsalAct.ActKind.WORK;
        }
        return new Rehearsal(
                List.copyOf(moments),
                bowl.now().timeS(),
                done,
                bowl.path(),
                done ? Optional.of(Score.of(exercise, targets, moments, bowl)) : Optional.empty());
    }

    private static Moment moment(
            final PlayedBowl bowl, final RehearsalAct act, final Random random) {
        final double from = bowl.now().timeS();
        final Optional<Double> smear =
                act.kind() == RehearsalAct.ActKind.PAPER
                        ? Optional.of(Math.min(PAPER_SHOWN_S, bowl.smear().seconds()))
                        : Optional.empty();
        bowl.act(act);
        final double noise = PROBE_NOISE_K * random.nextGaussian();
        final Optional<Double> read =
                act.kind() == RehearsalAct.ActKind.READ || act.kind() == RehearsalAct.ActKind.PAPER
                        ? Optional.of(bowl.now().temperatureC() + noise)
                        : Optional.empty();
        return new Moment(act, from, bowl.now().timeS(), read, smear);
    }

    /** True where a smear has set in the time that tells temper. */
    static boolean setInTime(final Moment moment) {
        return moment.smearS().isPresent() && moment.smearS().get() <= 120;
    }
}
