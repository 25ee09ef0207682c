package palintone.core.temper.rehearsal;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;

/**
 * How well a bowl was brought into temper, with the reason for each point.
 *
 * @param points 0 to 100
 * @param lines what they were given for
 * @param verdict of the bowl when work began
 */
public record Score(int points, List<Line> lines, Verdict verdict) {

    /** Points of one kind. */
    public record Line(String what, int points, int most, Sentence why) {}

    static Score of(
            final Exercise exercise,
            final TemperTargets targets,
            final List<Rehearsal.Moment> moments,
            final PlayedBowl bowl) {
        final List<Line> lines = new ArrayList<>();
        final List<BowlState> path = bowl.path();
        final BowlState end = bowl.now();
        final double most = path.stream().mapToDouble(s -> s.crystals().stable()).max().orElse(0);
        final Verdict verdict = Verdict.of(end.crystals(), most);
        lines.add(seed(end, verdict));
        lines.add(window(targets.work(), end));
        lines.add(scorch(targets, path));
        lines.add(tested(moments));
        lines.add(time(exercise, end));
        return new Score(lines.stream().mapToInt(Line::points).sum(), List.copyOf(lines), verdict);
    }

    private static Line seed(final BowlState end, final Verdict verdict) {
        final double stable = end.crystals().stable();
        final int points =
                switch (verdict) {
                    case IN_TEMPER -> stable <= 0.05 ? 40 : 30;
                    case OVER, UNDER -> 15;
                    default -> 0;
                };
        return new Line(
                "seed in the bowl",
                points,
                40,
                Sentence.of(
                                "{stable} of the fat as good crystals, {unstable} as wrong ones; 0.3 to"
                                        + " 5 % good ones set surely and still flow.")
                        .with("stable", stable * 100, Unit.PERCENT)
                        .with("unstable", end.crystals().unstable() * 100, Unit.PERCENT));
    }

    private static Line window(final Band work, final BowlState end) {
        final double out = Math.abs(work.outBy(end.temperatureC()));
        return new Line(
                "in the window",
                out <= 0.1 ? 25 : out <= 1 ? 12 : 0,
                25,
                Sentence.of("{end} when work began; the window is {low} to {high}.")
                        .with("end", end.temperatureC(), Unit.CELSIUS)
                        .with("low", work.low(), Unit.CELSIUS)
                        .with("high", work.high(), Unit.CELSIUS));
    }

    private static Line scorch(final TemperTargets targets, final List<BowlState> path) {
        final double hottest = path.stream().mapToDouble(BowlState::temperatureC).max().orElse(0);
        final double limit = targets.melt().highLimit();
        return new Line(
                "nothing scorched",
                hottest <= limit ? 10 : 0,
                10,
                Sentence.of("Hottest {hottest}; {limit} scorches.")
                        .with("hottest", hottest, Unit.CELSIUS)
                        .with("limit", limit, Unit.CELSIUS));
    }

    private static Line tested(final List<Rehearsal.Moment> moments) {
        final boolean good = moments.size() >= 2 && moments.stream().anyMatch(Rehearsal::setInTime);
        final boolean any = moments.stream().anyMatch(m -> m.smearS().isPresent());
        return new Line(
                "tested on paper",
                good ? 10 : any ? 5 : 0,
                10,
                Sentence.of(
                        good
                                ? "A smear set within two minutes before work began."
                                : any
                                        ? "A smear was made, but none set within two minutes."
                                        : "No smear was made: nobody knew."));
    }

    private static Line time(final Exercise exercise, final BowlState end) {
        final double minutes = end.timeS() / 60;
        final double par = exercise.parMinutes();
        return new Line(
                "time",
                minutes <= par ? 15 : minutes <= 1.5 * par ? 8 : 0,
                15,
                Sentence.of("{minutes}; a steady hand needs {par}.")
                        .with("minutes", minutes, Unit.MINUTE)
                        .with("par", par, Unit.MINUTE));
    }
}
