package palintone.server.filling;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.record.WeighedYield;
import palintone.server.figure.FigureView;
import palintone.server.problem.Within;

/** What a batch weighed in the end, against what its recipe comes to. */
@Service
class YieldTool {

    private final BenchReader reader;

    YieldTool(final BenchReader reader) {
        this.reader = reader;
    }

    /**
     * A recipe and what came of it.
     *
     * @param weighedG all of it, in the end
     */
    record YieldRequest(
            @Valid @NotNull SheetRequest on,
            @Within(low = 0, above = true, unit = "g") double weighedG) {}

    /**
     * What explains it.
     *
     * @param reckoned what the recipe comes to as it is written
     */
    record YieldView(FigureView reckoned, List<YieldShareView> shares) {}

    /**
     * One share that explains it by itself.
     *
     * @param place of the operation, from 1
     * @param says what it is a share of
     * @param recipe with that share
     */
    record YieldShareView(
            int place, String words, String says, FigureView share, RecipeDraft recipe) {}

    @Transactional(readOnly = true)
    YieldView weighed(final YieldRequest request) {
        final OnBench bench = reader.read(request.on());
        final double pressureHPa = bench.conditions().pressureHPa();
        final double reckonedG =
                Cooking.cook(bench.operations(), bench.grams(), pressureHPa).yieldG();
        return new YieldView(
                FigureView.of(
                        Figure.of(
                                "comes of it as it is written",
                                reckonedG,
                                Unit.GRAM,
                                Basis.of("mass balance of every operation")
                                        .from(Cooking.PRACTICE))),
                WeighedYield.explain(bench.operations(), pressureHPa, request.weighedG()).stream()
                        .map(found -> view(found, bench, request))
                        .toList());
    }

    private static YieldShareView view(
            final WeighedYield found, final OnBench bench, final YieldRequest request) {
        return new YieldShareView(
                found.place() + 1,
                found.operation().kind().words(),
                found.shareWords(),
                FigureView.of(
                        Figure.of(
                                found.shareWords(),
                                found.percent(),
                                Unit.PERCENT,
                                Basis.of("the share that makes the yield what was weighed")
                                        .with("weighed in the end", request.weighedG(), Unit.GRAM)
                                        .from(Source.workshop("weighed by the workshop")))),
                FillingBooks.draft(
                        request.on().recipe().name(),
                        request.on().recipe().styleOrUsual(),
                        found.operations(),
                        bench.pots(),
                        request.on().recipe().version()));
    }
}
