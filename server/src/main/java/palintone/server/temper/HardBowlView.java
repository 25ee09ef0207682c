package palintone.server.temper;

import jakarta.annotation.Nullable;
import palintone.core.temper.method.HardBowl;
import palintone.core.temper.method.TemperCurve;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * A bowl gone hard: warmed gently, or melted out and tempered anew.
 *
 * @param gently left out where it set in a bad form
 */
public record HardBowlView(
        SentenceView say, SentenceView caution, @Nullable WayView gently, WayView anew) {

    /** One of the two ways. */
    public record WayView(
            String words,
            FigureView ready,
            FigureView handsOn,
            FigureView stable,
            FigureView thickness) {

        private static WayView of(final TemperCurve curve) {
            return new WayView(
                    curve.order().method().words(),
                    FigureView.of(curve.ready()),
                    FigureView.of(curve.handsOn()),
                    FigureView.of(curve.stable()),
                    FigureView.of(curve.thickness()));
        }
    }

    static HardBowlView of(final HardBowl hard) {
        return new HardBowlView(
                SentenceView.of(hard.say()),
                SentenceView.of(HardBowl.CAUTION),
                hard.gently().map(WayView::of).orElse(null),
                WayView.of(hard.anew()));
    }
}
