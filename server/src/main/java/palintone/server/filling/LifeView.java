package palintone.server.filling;

import java.util.List;
import palintone.core.filling.life.FoodCode;
import palintone.core.filling.life.Life;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * How long a filling keeps.
 *
 * @param keepCold whether it must be kept cold
 * @param verdict the same in words
 * @param days on the shelf, or in the cold where it must be kept cold
 * @param reason what ends it
 * @param longer what would lengthen it
 * @param readingHelps whether a reading of pH and water activity may free it from the cold
 */
public record LifeView(
        boolean keepCold,
        SentenceView verdict,
        FigureView days,
        SentenceView reason,
        List<SentenceView> longer,
        boolean readingHelps) {

    public static LifeView of(final Life life) {
        return new LifeView(
                life.keepCold(),
                SentenceView.of(life.verdict()),
                FigureView.of(life.days()),
                SentenceView.of(life.reason()),
                life.longer().stream().map(SentenceView::of).toList(),
                life.given().table() == FoodCode.Says.ASSESS);
    }
}
