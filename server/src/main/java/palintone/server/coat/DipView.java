package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.coat.BowlEmptied;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * Dipped centres, and the bowl they empty.
 *
 * @param found whether a tapping gives the weight that was wanted
 * @param tapped as asked, or found
 * @param took so many centres cost the bowl a degree
 * @param start chocolate to begin with so that all can be dipped
 * @param rollUntil after it is set down, from which it is rolled at once; null where not in the
 *     hour
 * @param lifts the same
 * @param coldest centre that does not tear its coat
 * @param firmBelow the centre keeps its shape on the fork; null where it always or never does
 * @param sticks powder on all of them; null where none
 * @param tray powder to have ready; what does not stick is sieved and goes back
 * @param coolestC lower end of the window of the bowl
 * @param warmAt dip before which it should be warmed; null where it stays in its window
 * @param thickAt dip from which coats are a quarter heavier; null where they stay
 * @param shallowAt dip from which the fork no longer dives; null where it does to the end
 */
public record DipView(
        boolean found,
        FigureView centre,
        FigureView coat,
        FigureView film,
        FigureView tapped,
        FigureView foot,
        FigureView took,
        FigureView all,
        FigureView start,
        @Nullable FigureView rollUntil,
        @Nullable FigureView lifts,
        FigureView coldest,
        @Nullable FigureView firmBelow,
        @Nullable FigureView sticks,
        @Nullable FigureView tray,
        double coolestC,
        int dipped,
        List<DipPointView> line,
        @Nullable Integer warmAt,
        @Nullable Integer thickAt,
        @Nullable Integer shallowAt,
        List<SentenceView> remarks) {

    /**
     * The bowl before a dip.
     *
     * @param dips done by then
     * @param coatG of the next
     */
    public record DipPointView(int dips, double minutes, double bowlC, double bowlG, double coatG) {

        static DipPointView of(final BowlEmptied.BowlMoment point) {
            return new DipPointView(
                    point.dips(), point.minutes(), point.bowlC(), point.bowlG(), point.coatG());
        }
    }
}
