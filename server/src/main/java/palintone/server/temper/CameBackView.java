package palintone.server.temper;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import palintone.core.substance.Allergen;
import palintone.core.temper.CameBack;
import palintone.core.temper.ChocolateJob;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.larder.FitView;

/**
 * What may still become of it.
 *
 * @param allergens all it holds now
 * @param brought those it did not hold before
 */
public record CameBackView(
        List<FitView.JobView> jobs,
        FigureView water,
        FigureView firm,
        List<SentenceView> says,
        List<Allergen> allergens,
        List<Allergen> brought) {

    static CameBackView of(final CameBack back, final Optional<FluidityClass> sold) {
        return new CameBackView(
                Arrays.stream(ChocolateJob.values())
                        .map(job -> FitView.JobView.of(back.as(job, sold)))
                        .toList(),
                FigureView.of(back.water()),
                FigureView.of(back.firm()),
                back.says().stream().map(SentenceView::of).toList(),
                List.copyOf(back.whole().allergens()),
                List.copyOf(back.brought()));
    }
}
