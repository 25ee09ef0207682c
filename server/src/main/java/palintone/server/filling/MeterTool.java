package palintone.server.filling;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.stereotype.Service;
import palintone.core.filling.water.SaltCheck;
import palintone.server.figure.FigureView;
import palintone.server.problem.Within;

/** What a water activity meter showed, corrected by its salts. */
@Service
public class MeterTool {

    /** What a meter showed over a salt. */
    public record SaltReadingDraft(
            @NotNull SaltCheck.Salt salt,
            @Within(low = 0.655, high = 0.855) double shown,
            @Within(low = 15, high = 30, unit = "°C") double celsius) {}

    /** What a meter showed, to be corrected. */
    public record MeterRequest(
            @Within(low = 0.05, high = 1) double shown,
            @NotNull List<@NotNull @Valid SaltReadingDraft> salts) {}

    FigureView meter(final MeterRequest request) {
        return FigureView.of(
                SaltCheck.corrected(
                        request.shown(),
                        request.salts() == null
                                ? List.of()
                                : request.salts().stream()
                                        .map(
                                                s ->
                                                        new SaltCheck.SaltReading(
                                                                s.salt(), s.shown(), s.celsius()))
                                        .toList()));
    }
}
