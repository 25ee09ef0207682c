package palintone.core.temper.bowl;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import palintone.core.temper.Couverture;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Shear;

/**
 * Chocolate worked on a stone: spread thin until it is cold, then gathered in a heap, which touches
 * less of the slab and only the part that has warmed by then. The balance of {@link
 * BowlSimulation}, with the stone as its {@link HeatSink}.
 */
public final class Tabling {

    private final Couverture couverture;
    private final CrystalLaw law;
    private final double roomC;
    private final double areaM2;
    private final HeatSink slab;
    private final BowlSimulation spread;
    private final List<BowlState> path = new ArrayList<>();
    private BowlState now;

    /**
     * @param poured what lies on the stone, and when; g, °C
     * @param stoneC of the slab, 5 to 35 °C
     * @param stoneM2 its area
     * @param stoneMm its thickness
     * @param roomC of the air over it
     */
    public Tabling(
            final Couverture couverture,
            final CrystalLaw law,
            final BowlState poured,
            final double stoneC,
            final double stoneM2,
            final double stoneMm,
            final double roomC) {
        this.couverture = couverture;
        this.law = law;
        this.roomC = roomC;
        areaM2 = HeatSink.spreadM2(poured.massG(), couverture.castingDensityGPerMl(), stoneM2);
        slab = HeatSink.stone(stoneC, stoneMm / 1000, areaM2);
        spread = new BowlSimulation(couverture, law, BowlVessel.noneOver(areaM2), poured);
        now = poured;
    }

    /**
     * Spreads and scrapes until it is cold.
     *
     * @param coldC where it is gathered, °C
     * @param longestS then it is given up, s
     * @return whether it came down so far
     */
    public boolean spread(final double coldC, final double longestS) {
        final BowlTreatment setting = BowlTreatment.room(roomC, Shear.TABLED).with(slab);
        final boolean cold =
                spread.runUntil(setting, Stop.atTemperature(coldC), longestS).isPresent();
        took(spread);
        return cold;
    }

    /**
     * Gathers and turns it until it holds so many crystals.
     *
     * @param stable share of the fat in stable crystals that is wanted, 0 to 1
     * @param longestS then it is taken up as it is, s
     */
    public void gather(final double stable, final double longestS) {
        final BowlSimulation heap = heap();
        heap.runUntil(underHeap(), Stop.atStable(stable), longestS);
        took(heap);
    }

    /** Gathers and turns it for so long, s. */
    public void gatherFor(final double seconds) {
        final BowlSimulation heap = heap();
        heap.run(underHeap(), seconds);
        took(heap);
    }

    private BowlSimulation heap() {
        return new BowlSimulation(couverture, law, BowlVessel.heapOf(areaM2), now);
    }

    private BowlTreatment underHeap() {
        return BowlTreatment.room(roomC, Shear.TABLED)
                .with(slab.at(spread.heatSinkLayersC()).underHeap());
    }

    private void took(final BowlSimulation part) {
        path.addAll(part.path());
        now = part.now();
    }

    /** As it lies there now. */
    public BowlState now() {
        return now;
    }

    /** What it has lived through on the stone. */
    public List<BowlState> path() {
        return Collections.unmodifiableList(path);
    }
}
