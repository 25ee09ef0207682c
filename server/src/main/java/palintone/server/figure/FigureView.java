package palintone.server.figure;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/** A figure with everything needed to draw its string and answer "why this number?". */
public record FigureView(
        String name,
        double value,
        Unit unit,
        @Nullable Double low,
        @Nullable Double high,
        @Nullable BandView band,
        BandStatus bandStatus,
        BasisView basis) {

    /** What the number rests on. */
    public record BasisView(
            String formula,
            List<InputView> inputs,
            List<SourceView> sources,
            String validity,
            boolean withinValidity) {}

    /** One number that went in. */
    public record InputView(String name, double value, Unit unit) {}

    /** Where formula or constant come from. */
    public record SourceView(Source.SourceKind kind, String citation, boolean fromMemory) {

        public static SourceView of(final Source source) {
            return new SourceView(source.kind(), source.citation(), source.fromMemory());
        }
    }

    public static FigureView of(final Figure figure) {
        return new FigureView(
                figure.name(),
                figure.value(),
                figure.unit(),
                figure.spread().map(range -> range.low()).orElse(null),
                figure.spread().map(range -> range.high()).orElse(null),
                figure.band().map(BandView::of).orElse(null),
                figure.bandStatus(),
                basis(figure.basis()));
    }

    private static BasisView basis(final Basis basis) {
        return new BasisView(
                basis.formula(),
                basis.inputs().stream()
                        .map(in -> new InputView(in.name(), in.value(), in.unit()))
                        .toList(),
                basis.sources().stream().map(SourceView::of).toList(),
                basis.validity(),
                basis.withinValidity());
    }
}
