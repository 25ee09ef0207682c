package palintone.core.casting.shell;

import java.util.ArrayList;
import java.util.List;

/**
 * A shell as it is once the mould has drained.
 *
 * @param waitS how long it was left before it was turned, s
 * @param places along the wall, from the middle of the floor to the rim
 * @param meanMm thickness of an even shell of the same chocolate
 * @param floorMm mean of the floor
 * @param wallMm mean of the wall
 * @param rimMm mean of the last eighth before the rim
 * @param thinnestMm least of all places
 * @param massG in one cavity
 * @param setMm what had set too far to run when it was turned
 */
public record Shell(
        double waitS,
        List<Place> places,
        double meanMm,
        double floorMm,
        double wallMm,
        double rimMm,
        double thinnestMm,
        double massG,
        double setMm) {

    /**
     * One place of the wall, mm.
     *
     * @param acrossMm from the middle
     * @param downMm below the rim
     * @param thickMm of the chocolate there
     * @param innerAcrossMm where its inside lies
     * @param innerDownMm the same
     */
    public record Place(
            double acrossMm,
            double downMm,
            double thickMm,
            double innerAcrossMm,
            double innerDownMm) {}

    /** With a coat cast into it: what both are together, along the wall of the mould. */
    Shell with(final Shell inner) {
        final List<Place> both = new ArrayList<>();
        double thinnest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < places.size(); i++) {
            final Place here = places.get(i);
            final Place there = inner.places.get(i);
            final double mm = here.thickMm + there.thickMm;
            thinnest = Math.min(thinnest, mm);
            both.add(
                    new Place(
                            here.acrossMm,
                            here.downMm,
                            mm,
                            here.innerAcrossMm + there.innerAcrossMm - there.acrossMm,
                            here.innerDownMm + there.innerDownMm - there.downMm));
        }
        return new Shell(
                waitS,
                List.copyOf(both),
                meanMm + inner.meanMm,
                floorMm + inner.floorMm,
                wallMm + inner.wallMm,
                rimMm + inner.rimMm,
                thinnest,
                massG + inner.massG,
                setMm + inner.setMm);
    }
}
