package palintone.core.temper.advice;

import java.util.List;
import palintone.core.temper.Couverture;
import palintone.core.temper.trace.BowlEvent;

/**
 * Heat that dipped centres take from a bowl. They come a little colder than the room and leave with
 * their coat; each takes up what couverture of its mass would. Ours; a better one wants the
 * centre's own composition.
 */
public final class ColdCentres {

    /** What was dipped in this time tells how fast heat is being taken, s. */
    private static final double DIPPING_S = 600;

    /** Centres wait in a place so much colder than the room, K. */
    private static final double COLDER_K = 2;

    private ColdCentres() {}

    /**
     * @param noted everything noted at the bowl
     * @param nowS the bowl's clock, s
     * @param bowlC of the bowl, °C
     * @param roomC of the room, °C
     * @return heat taken, W; 0 while nothing is dipped
     */
    public static double watts(
            final Couverture couverture,
            final List<BowlEvent> noted,
            final double nowS,
            final double bowlC,
            final double roomC) {
        final double grams =
                noted.stream()
                        .filter(e -> e.kind() == BowlEvent.EventKind.CENTRES)
                        .filter(e -> e.timeS() > nowS - DIPPING_S)
                        .mapToDouble(BowlEvent::amount)
                        .sum();
        final double coldK = Math.max(0, bowlC - roomC + COLDER_K);
        return grams * couverture.cpJPerGK() * coldK / DIPPING_S;
    }
}
