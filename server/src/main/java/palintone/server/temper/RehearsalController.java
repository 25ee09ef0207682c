package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.rehearsal.Exercise;
import palintone.core.temper.rehearsal.Rehearsal;
import palintone.core.temper.rehearsal.RehearsalAct;
import palintone.core.temper.rehearsal.Score;
import palintone.server.figure.BandView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;
import palintone.server.problem.Within;

/** Rehearsals: the screen keeps the acts, the core plays them each time from the beginning. */
@RestController
@RequestMapping("/api/rehearsal")
class RehearsalController {

    private final LarderService larder;
    private final HouseService houses;

    RehearsalController(final LarderService larder, final HouseService houses) {
        this.larder = larder;
        this.houses = houses;
    }

    /** An exercise to choose. */
    public record ExerciseView(
            Exercise id,
            String words,
            String story,
            CouvertureKind kind,
            double massG,
            double startC,
            double roomC,
            double parMinutes,
            BandView work) {}

    /** One act. */
    public record ActView(
            @NotNull RehearsalAct.ActKind kind,
            @Within(low = 5, high = 3600, unit = "s") double amount) {}

    /** What is to be played. */
    public record PlayRequest(
            @NotNull Exercise exercise, long seed, @NotNull List<@NotNull @Valid ActView> acts) {}

    /** An act with what was seen of it. */
    public record MomentView(
            RehearsalAct.ActKind kind,
            String words,
            double amount,
            double fromS,
            double toS,
            @Nullable Double readC,
            @Nullable Double smearS) {}

    /** Points and their reasons. */
    public record ScoreView(
            int points, List<ScoreLineView> lines, Verdict verdict, String verdictWords) {}

    /** Points of one kind. */
    public record ScoreLineView(String what, int points, int most, SentenceView why) {}

    /** An exercise as played so far; the truth only when it is over. */
    public record RehearsalView(
            List<MomentView> moments,
            double clockS,
            boolean done,
            @Nullable CurveView.PathView truth,
            @Nullable ScoreView score) {}

    /** Bowls to practise on. */
    @GetMapping("/exercises")
    List<ExerciseView> exercises() {
        final HouseEntity house = houses.house();
        return Arrays.stream(Exercise.values())
                .map(
                        e ->
                                new ExerciseView(
                                        e,
                                        e.words(),
                                        e.story(),
                                        e.kind(),
                                        e.massG(),
                                        e.startC(),
                                        e.roomC(),
                                        e.parMinutes(),
                                        BandView.of(
                                                TemperTargets.of(e.kind(), house.darkWindow())
                                                        .work())))
                .toList();
    }

    /** Plays an exercise up to a moment, with what was done until then. */
    @PostMapping("/play")
    RehearsalView play(@Valid @RequestBody final PlayRequest request) {
        if (request.exercise() == null || request.acts() == null) {
            throw new OutOfRangeException("exercise", "missing", "an exercise and its acts");
        }
        final HouseEntity house = houses.house();
        final Couverture couverture = larder.firstOf(request.exercise().kind());
        final Rehearsal played =
                Rehearsal.play(
                        request.exercise(),
                        couverture,
                        TemperTargets.of(couverture, house.darkWindow()),
                        house.equipment(),
                        request.seed(),
                        request.acts().stream().map(RehearsalController::act).toList());
        return new RehearsalView(
                played.moments().stream().map(RehearsalController::moment).toList(),
                played.clockS(),
                played.done(),
                played.done() ? CurveView.PathView.of(played.path()) : null,
                played.score().map(RehearsalController::score).orElse(null));
    }

    private static RehearsalAct act(final ActView act) {
        return new RehearsalAct(
                Optional.ofNullable(act.kind())
                        .orElseThrow(
                                () -> new OutOfRangeException("act", "missing", "one of the acts")),
                act.amount());
    }

    private static MomentView moment(final Rehearsal.Moment m) {
        return new MomentView(
                m.act().kind(),
                m.act().kind().words(),
                m.act().amount(),
                m.fromS(),
                m.toS(),
                m.readC().orElse(null),
                m.smearS().orElse(null));
    }

    private static ScoreView score(final Score score) {
        return new ScoreView(
                score.points(),
                score.lines().stream()
                        .map(
                                l ->
                                        new ScoreLineView(
                                                l.what(),
                                                l.points(),
                                                l.most(),
                                                SentenceView.of(l.why())))
                        .toList(),
                score.verdict(),
                score.verdict().words());
    }
}
