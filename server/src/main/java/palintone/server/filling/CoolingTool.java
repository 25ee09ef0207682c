package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.cool.ButterPractice;
import palintone.core.filling.cool.Cooling;
import palintone.core.filling.cool.CoolingStand;
import palintone.core.filling.cool.CoolingVessel;
import palintone.core.filling.cool.RestPractice;
import palintone.core.filling.cool.UntilReady;
import palintone.core.filling.life.RestPlace;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.problem.Within;

/** How a filling cools, when it pipes, and what the schools of resting make of it. */
@Service
public class CoolingTool {

    private final BenchReader reader;

    CoolingTool(final BenchReader reader) {
        this.reader = reader;
    }

    /** A filling set to cool. */
    public record CoolingRequest(
            @Valid @NotNull SheetRequest on,
            @NotNull CoolingVessel vessel,
            @Nullable CoolingStand standing,
            @Nullable Boolean stirred,
            @Within(low = 2, high = 300, unit = "mm") double depthMm,
            @Within(low = -25, high = 40, unit = "°C") double roomC,
            @Nullable @Within(low = -25, high = 130, unit = "°C") Double fromC,
            @Within(low = -20, high = 60, unit = "°C") double pipingC) {}

    /**
     * A school and how the filling stands when its rest is over.
     *
     * @param minutes the rest takes; of what is to pipe until it does, or as long as was waited
     * @param coldAfter what stands against so long a rest of a filling that must be kept cold
     */
    public record RestPracticeView(
            RestPractice practice,
            String words,
            String says,
            double celsius,
            double minutes,
            double solidPercent,
            double firmness,
            String texture,
            @Nullable SentenceView coldAfter) {}

    /** When butter goes in, and what differs. */
    public record ButterPracticeView(ButterPractice practice, String words, String says) {}

    /** How it cools and when it pipes. */
    public record CoolingView(
            List<Double> minutes,
            List<Double> celsius,
            List<Double> firmness,
            @Nullable FigureView toPiping,
            @Nullable FigureView opens,
            @Nullable FigureView closes,
            double pipesFrom,
            double pipesTo,
            FigureView after24h,
            List<RestPracticeView> practices,
            List<ButterPracticeView> butter) {}

    public CoolingView cooling(final CoolingRequest request) {
        final OnBench bench = reader.read(request.on());
        final FillingProperties properties = bench.properties();
        final double fromC =
                request.fromC() == null
                        ? Math.max(
                                Cooling.fromPotC(properties.cooked(), bench.operations()),
                                request.roomC())
                        : request.fromC();
        final CoolingVessel vessel =
                request.vessel() == null ? UntilReady.VESSEL : request.vessel();
        final Cooling cooling =
                Cooling.of(
                        properties,
                        new Cooling.Where(
                                vessel,
                                request.depthMm(),
                                request.standing() == null
                                        ? CoolingStand.TABLE
                                        : request.standing(),
                                Boolean.TRUE.equals(request.stirred()),
                                request.roomC(),
                                fromC,
                                request.pipingC()));
        final boolean keepCold = FillingFigures.of(properties, Map.of()).life().keepCold();
        return new CoolingView(
                cooling.path().stream().map(Cooling.At::minutes).toList(),
                cooling.path().stream().map(Cooling.At::celsius).toList(),
                cooling.path().stream().map(a -> Texture.firmness(a.pascal())).toList(),
                cooling.toPiping().stream().findFirst().map(FigureView::of).orElse(null),
                cooling.windowOpens().stream().findFirst().map(FigureView::of).orElse(null),
                cooling.windowCloses().stream().findFirst().map(FigureView::of).orElse(null),
                Cooling.PIPES_FROM,
                Cooling.PIPES_TO,
                FigureView.of(cooling.final24h()),
                Arrays.stream(RestPractice.values())
                        .map(
                                s ->
                                        practice(
                                                s,
                                                properties,
                                                vessel,
                                                request.depthMm(),
                                                fromC,
                                                keepCold))
                        .toList(),
                Arrays.stream(ButterPractice.values())
                        .map(b -> new ButterPracticeView(b, b.words(), b.says()))
                        .toList());
    }

    private static RestPracticeView practice(
            final RestPractice practice,
            final FillingProperties properties,
            final CoolingVessel vessel,
            final double depthMm,
            final double fromC,
            final boolean keepCold) {
        final Cooling.At end = practice.end(properties, vessel, depthMm, fromC);
        return new RestPracticeView(
                practice,
                practice.words(),
                practice.says(),
                end.celsius(),
                end.minutes(),
                end.solidPercent(),
                Texture.firmness(end.pascal()),
                TextureClass.of(end.pascal()).words(),
                RestPlace.partsInTheCold(keepCold, practice.celsius(), end.minutes() / 60)
                        ? SentenceView.of(RestPlace.says())
                        : null);
    }
}
