package palintone.core.temper.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.method.CurvePhase.PhaseKind;

/** The rules of a good curve, held against a trace; common practice, no source. */
final class Rules {

    private static final double EDGE_K = 0.3;

    /** This far below the cool point unstable forms come fast, K. */
    private static final double TOO_COLD_K = 2.5;

    private static final double TOO_COLD_S = 60;
    private static final double USABLE = 0.9;
    private static final Sentence NOTHING = Sentence.of("");

    private final CleanTrace trace;
    private final TemperTargets targets;
    private final double coolC;
    private final List<PhaseFinder.Stretch> stretches;
    private final List<Rule> rules = new ArrayList<>();

    Rules(
            final CleanTrace trace,
            final TemperTargets targets,
            final double coolC,
            final List<PhaseFinder.Stretch> stretches) {
        this.trace = trace;
        this.targets = targets;
        this.coolC = coolC;
        this.stretches = stretches;
    }

    List<Rule> all(final boolean seeded, final List<EstimatePoint> lane) {
        meltedOut();
        notScorched();
        crystalsGiven(seeded);
        notTooCold();
        notRewarmedTooFar();
        stayedInWindow();
        seedEnough(lane);
        notTooThick(lane);
        readSteadily();
        return rules;
    }

    private void meltedOut() {
        final Band melt = targets.melt();
        final double hottest = extreme(true, 0);
        final boolean kept = hottest >= melt.low() - EDGE_K;
        if (trace.good().get(0).temperatureC() < melt.lowLimit()
                && stretch(PhaseKind.MELT).isEmpty()) {
            return; // the record begins later than the melt
        }
        rule(
                "every crystal melted out",
                kept,
                at(t -> t >= hottest),
                Sentence.of("hottest {hottest}, wanted {low} to {high}")
                        .with("hottest", hottest, Unit.CELSIUS)
                        .with("low", melt.low(), Unit.CELSIUS)
                        .with("high", melt.high(), Unit.CELSIUS),
                Sentence.of("Melt to {low} at least: old crystals of the wrong kind stay behind.")
                        .with("low", melt.low(), Unit.CELSIUS));
    }

    private void notScorched() {
        final double limit = targets.melt().highLimit();
        final double hottest = extreme(true, 0);
        final double seconds = secondsWhere(t -> t > limit);
        rule(
                "not scorched",
                hottest <= limit,
                at(t -> t > limit),
                Sentence.of("hottest {hottest}, limit {limit}, {time} above it")
                        .with("hottest", hottest, Unit.CELSIUS)
                        .with("limit", limit, Unit.CELSIUS)
                        .with("time", seconds, Unit.SECOND),
                Sentence.of("Shorter bursts, and stir between: what has scorched stays scorched."));
    }

    private void crystalsGiven(final boolean seeded) {
        final double coldest = extreme(false, startOfCooling());
        final boolean kept = seeded || coldest <= coolC + 1.2;
        rule(
                "crystals given a start",
                kept,
                at(t -> t <= coldest),
                seeded
                        ? Sentence.of("seed or stone noted")
                        : Sentence.of("coldest {coldest}, wanted about {cool}, or seed")
                                .with("coldest", coldest, Unit.CELSIUS)
                                .with("cool", coolC, Unit.CELSIUS),
                Sentence.of("Cool to {cool} and stir there some minutes, or stir in seed.")
                        .with("cool", coolC, Unit.CELSIUS));
    }

    private void notTooCold() {
        final double limit = coolC - TOO_COLD_K;
        final double from = startOfCooling();
        final double seconds = secondsAfter(from, t -> t < limit);
        rule(
                "not too cold for too long",
                seconds <= TOO_COLD_S,
                atAfter(from, t -> t < limit),
                Sentence.of("{time} below {limit}")
                        .with("time", seconds, Unit.SECOND)
                        .with("limit", limit, Unit.CELSIUS),
                Sentence.of("Take it off the cold earlier: below {limit} the wrong forms come.")
                        .with("limit", limit, Unit.CELSIUS));
    }

    private void notRewarmedTooFar() {
        final Optional<PhaseFinder.Stretch> rewarm = stretch(PhaseKind.REWARM);
        final double from =
                rewarm.or(() -> stretch(PhaseKind.WORK))
                        .map(PhaseFinder.Stretch::fromS)
                        .orElse(0.0);
        if (rewarm.isEmpty() && stretch(PhaseKind.WORK).isEmpty()) {
            return;
        }
        final double limit = targets.work().high() + EDGE_K;
        final double hottest = extreme(true, from);
        rule(
                "never above the window once tempered",
                hottest <= limit,
                atAfter(from, t -> t > limit),
                Sentence.of("hottest {hottest}, top of the window {top}, {time} above")
                        .with("hottest", hottest, Unit.CELSIUS)
                        .with("top", targets.work().high(), Unit.CELSIUS)
                        .with("time", secondsAfter(from, t -> t > limit), Unit.SECOND),
                Sentence.of("Shorter pulses: stop half a degree early and stir."));
    }

    private void stayedInWindow() {
        final Optional<PhaseFinder.Stretch> work = stretch(PhaseKind.WORK);
        if (work.isEmpty() || work.get().minutes() < 1) {
            return;
        }
        final Band band = targets.work();
        final double from = work.get().fromS();
        final double below = secondsAfter(from, t -> t < band.low() - EDGE_K);
        rule(
                "worked inside the window",
                below <= 0.15 * (work.get().toS() - from),
                atAfter(from, t -> t < band.low() - EDGE_K),
                Sentence.of("{below} of {all} below {low}")
                        .with("below", below / 60, Unit.MINUTE)
                        .with("all", work.get().minutes(), Unit.MINUTE)
                        .with("low", band.low(), Unit.CELSIUS),
                Sentence.of("Rewarm earlier, a few seconds at a time."));
    }

    private void seedEnough(final List<EstimatePoint> lane) {
        final double from =
                stretch(PhaseKind.WORK)
                        .map(PhaseFinder.Stretch::fromS)
                        .orElse(lane.get(lane.size() - 1).timeS());
        final EstimatePoint begins =
                lane.stream()
                        .filter(p -> p.timeS() >= from)
                        .findFirst()
                        .orElse(lane.get(lane.size() - 1));
        final double middle = begins.estimate().middle().stable();
        rule(
                "seed enough when work began",
                middle >= Verdict.LEAST_STABLE,
                begins.timeS(),
                Sentence.of("{low} to {high} of the fat, wanted {least} or more")
                        .with("low", begins.estimate().stable().low() * 100, Unit.PERCENT)
                        .with("high", begins.estimate().stable().high() * 100, Unit.PERCENT)
                        .with("least", Verdict.LEAST_STABLE * 100, Unit.PERCENT),
                Sentence.of(
                        "Longer at the cold point, or more seed; test on paper before casting."));
    }

    private void notTooThick(final List<EstimatePoint> lane) {
        final double from = stretch(PhaseKind.WORK).map(PhaseFinder.Stretch::fromS).orElse(0.0);
        final Optional<EstimatePoint> thick =
                lane.stream()
                        .filter(p -> p.timeS() >= from)
                        .filter(p -> p.estimate().verdict() != Verdict.NOT_MELTED)
                        .filter(p -> p.estimate().middle().solid() > Verdict.THICK_SOLID)
                        .findFirst();
        final EstimatePoint last = lane.get(lane.size() - 1);
        rule(
                "not grown too thick",
                thick.isEmpty(),
                thick.orElse(last).timeS(),
                Sentence.of("{solid} of the fat solid at the end, {limit} is thick")
                        .with("solid", last.estimate().middle().solid() * 100, Unit.PERCENT)
                        .with("limit", Verdict.THICK_SOLID * 100, Unit.PERCENT),
                Sentence.of(
                                "Too thick after {minutes} of work: less time at the cold point, then"
                                        + " the top of the window, or warm couverture stirred in.")
                        .with(
                                "minutes",
                                Math.max(0, thick.orElse(last).timeS() - from) / 60,
                                Unit.MINUTE));
    }

    private void readSteadily() {
        final double gaps = trace.gaps().stream().mapToDouble(CleanTrace.Gap::seconds).sum();
        final boolean kept =
                trace.usable() >= USABLE && gaps <= 0.25 * Math.max(1, trace.seconds());
        rule(
                "readings can be trusted",
                kept,
                trace.gaps().isEmpty() ? 0 : trace.gaps().get(0).fromS(),
                Sentence.of("{usable} usable, {gaps} without a reading")
                        .with("usable", trace.usable() * 100, Unit.PERCENT)
                        .with("gaps", gaps / 60, Unit.MINUTE),
                Sentence.of("Stir, and keep the probe in the middle."));
    }

    private void rule(
            final String name,
            final boolean kept,
            final double atS,
            final Sentence size,
            final Sentence change) {
        rules.add(new Rule(name, kept, atS, size, kept ? NOTHING : change));
    }

    private Optional<PhaseFinder.Stretch> stretch(final PhaseKind kind) {
        return stretches.stream().filter(s -> s.kind() == kind).findFirst();
    }

    private double startOfCooling() {
        return stretch(PhaseKind.COOL)
                .map(PhaseFinder.Stretch::fromS)
                .orElse(trace.good().get(0).timeS());
    }

    private double extreme(final boolean hottest, final double fromS) {
        double found = hottest ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
        for (final Sample s : trace.good()) {
            if (s.timeS() >= fromS) {
                found =
                        hottest
                                ? Math.max(found, s.temperatureC())
                                : Math.min(found, s.temperatureC());
            }
        }
        return found;
    }

    private double at(final DoublePredicate where) {
        return atAfter(Double.NEGATIVE_INFINITY, where);
    }

    private double atAfter(final double fromS, final DoublePredicate where) {
        for (final Sample s : trace.good()) {
            if (s.timeS() >= fromS && where.test(s.temperatureC())) {
                return s.timeS();
            }
        }
        return trace.good().get(trace.good().size() - 1).timeS();
    }

    private double secondsWhere(final DoublePredicate where) {
        return secondsAfter(Double.NEGATIVE_INFINITY, where);
    }

    private double secondsAfter(final double fromS, final DoublePredicate where) {
        double sum = 0;
        for (int i = 1; i < trace.good().size(); i++) {
            final Sample s = trace.good().get(i);
            if (s.timeS() >= fromS && where.test(s.temperatureC())) {
                sum += s.timeS() - trace.good().get(i - 1).timeS();
            }
        }
        return sum;
    }
}
