package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Service;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Source;
import palintone.core.filling.Style;
import palintone.core.filling.mend.Fault;
import palintone.core.filling.mend.Rescue;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;
import palintone.server.figure.SentenceView;

/** Why a filling went wrong and what mends it. */
@Service
public class MendingTool {

    private static final Ingredient WATER =
            new Ingredient(
                    "water",
                    "Water",
                    Composition.per100(Map.of(Component.WATER, 100.0)),
                    1,
                    Set.of(),
                    Source.definition("water"),
                    new Traits(
                            OptionalDouble.of(7),
                            OptionalDouble.empty(),
                            OptionalDouble.of(0),
                            Set.of(),
                            false));

    private final BenchReader reader;

    MendingTool(final BenchReader reader) {
        this.reader = reader;
    }

    /** A filling gone wrong. */
    public record MendRequest(@Valid @NotNull SheetRequest on, @NotNull Fault fault) {}

    /** A cause, and how strongly the numbers speak for it. */
    public record CauseView(SentenceView words, double likely) {}

    /** Something to do, and the figures that follow. */
    public record RemedyView(
            SentenceView words,
            @Nullable String ingredient,
            double grams,
            @Nullable SheetView after) {}

    /** Why it went wrong and what mends it. */
    public record MendView(
            Fault fault, String words, List<CauseView> causes, List<RemedyView> remedies) {}

    public MendView mend(final MendRequest request) {
        if (request.fault() == null) {
            throw new OutOfRangeException("fault", "missing", "what is wrong with it");
        }
        final OnBench bench = reader.read(request.on());
        final Rescue rescue =
                Rescue.of(request.fault(), bench.operations(), WATER, bench.conditions());
        return new MendView(
                rescue.fault(),
                rescue.fault().words(),
                rescue.causes().stream()
                        .map(c -> new CauseView(SentenceView.of(c.words()), c.likely()))
                        .toList(),
                rescue.remedies().stream()
                        .map(
                                r ->
                                        new RemedyView(
                                                SentenceView.of(r.words()),
                                                r.ingredient().orElse(null),
                                                r.grams(),
                                                r.after()
                                                        .map(
                                                                a ->
                                                                        sheet(
                                                                                a,
                                                                                request.on()
                                                                                        .recipe()
                                                                                        .styleOrUsual()))
                                                        .orElse(null)))
                        .toList());
    }

    private static SheetView sheet(final FillingProperties properties, final Style style) {
        return SheetView.of(properties, style, SheetView.NOT_OF_A_RECIPE);
    }
}
