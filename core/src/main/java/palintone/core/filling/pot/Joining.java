package palintone.core.filling.pot;

import java.util.ArrayList;
import palintone.core.substance.Component;

/**
 * One pot taken into another. Grams and what was weighed go along by share; the heat of each pot
 * has counted for its own contents only, so the eggs of both keep what they have seen apart.
 */
final class Joining {

    private static final int WATER = Component.WATER.ordinal();
    private static final int SUCROSE = Component.SUCROSE.ordinal();

    private Joining() {}

    /**
     * Takes a share out of a pot; what was done to it was done to the share as well.
     *
     * @param share more than 0 and less than 1
     */
    static Pot portion(final Pot of, final double share) {
        final Pot out = new Pot(of.altitudePressureHPa);
        for (int i = 0; i < of.g.length; i++) {
            out.g[i] = share * of.g[i];
            out.pieces[i] = share * of.pieces[i];
            of.g[i] -= out.g[i];
            of.pieces[i] -= out.pieces[i];
        }
        out.buffers.add(of.buffers.take(share));
        out.piecesBuffers.add(of.piecesBuffers.take(share));
        of.weighed.forEach((ingredient, grams) -> out.weighed.put(ingredient, share * grams));
        of.weighed.replaceAll((ingredient, grams) -> grams * (1 - share));
        out.inIt.addAll(of.inIt);
        of.gelling.forEach((nature, grams) -> out.gelling.put(nature, share * grams));
        of.gelling.replaceAll((nature, grams) -> grams * (1 - share));
        out.boiledSucroseG = share * of.boiledSucroseG;
        of.boiledSucroseG -= out.boiledSucroseG;
        out.caramelisedG = share * of.caramelisedG;
        of.caramelisedG -= out.caramelisedG;
        out.rawSinceHeat.addAll(of.rawSinceHeat);
        of.eggs.forEach(steps -> out.eggs.add(new ArrayList<>(steps)));
        out.everHeated = of.everHeated;
        out.pieceMm = of.pieceMm;
        out.crushed = of.crushed;
        out.onTopG = share * of.onTopG;
        of.onTopG -= out.onTopG;
        out.coatG = share * of.coatG;
        of.coatG -= out.coatG;
        out.temperatureC = of.temperatureC;
        history(of, out);
        return out;
    }

    /** What was done to one is what was done to the other, which holds nothing else. */
    private static void history(final Pot of, final Pot to) {
        to.highestC = of.highestC;
        to.toldC = of.toldC;
        to.cookedSugarC = of.cookedSugarC;
        to.blended = of.blended;
        to.emulsifiedWidthMm = of.emulsifiedWidthMm;
        to.butterC = of.butterC;
        to.pouredAtC = of.pouredAtC;
        to.cutMm = of.cutMm;
        to.restHours = of.restHours;
        to.coldRestHours = of.coldRestHours;
    }

    /** What came is stirred in and is one with the rest; what lay in it in pieces stays so. */
    static void stir(final Pot into, final Pot came) {
        meet(into, came, false);
    }

    /** Dry, it lies there in pieces; moist, it is one with the rest. */
    static void fold(final Pot into, final Pot came) {
        final double mass = came.massG();
        final double water = came.g[WATER] + came.pieces[WATER];
        meet(into, came, water <= Acts.DRY_PIECES * mass && into.massG() > 0);
    }

    private static void meet(final Pot into, final Pot came, final boolean inPieces) {
        if (into.massG() <= 0) {
            history(came, into);
            into.temperatureC = came.temperatureC;
        } else {
            into.temperatureC =
                    MetHeat.celsius(all(into), into.temperatureC, all(came), came.temperatureC);
            into.highestC = Math.max(into.highestC, into.temperatureC);
            // A little cooked sugar in a cream is sugar in a cream.
            if (!inPieces && came.g[SUCROSE] >= into.g[SUCROSE]) {
                into.cookedSugarC = Math.max(into.cookedSugarC, came.cookedSugarC);
            }
        }
        for (int i = 0; i < into.g.length; i++) {
            into.pieces[i] += came.pieces[i] + (inPieces ? came.g[i] : 0);
            into.g[i] += inPieces ? 0 : came.g[i];
        }
        into.piecesBuffers.add(came.piecesBuffers.takeAll());
        (inPieces ? into.piecesBuffers : into.buffers).add(came.buffers.takeAll());
        into.coatG += came.coatG + (inPieces ? came.onTopG : 0);
        into.meltCoat();
        if (came.pieceMm > 0) {
            into.pieceMm = into.pieceMm > 0 ? Math.min(into.pieceMm, came.pieceMm) : came.pieceMm;
        }
        came.weighed.forEach((what, grams) -> into.weighed.merge(what, grams, Double::sum));
        into.inIt.addAll(came.inIt);
        into.rawSinceHeat.addAll(came.rawSinceHeat);
        into.eggs.addAll(came.eggs);
        into.everHeated |= came.everHeated;
        into.caramelisedG += came.caramelisedG;
        if (!inPieces) {
            into.boiledSucroseG += came.boiledSucroseG;
            came.gelling.forEach((nature, grams) -> into.gelling.merge(nature, grams, Double::sum));
        }
    }

    private static double[] all(final Pot pot) {
        final double[] all = pot.g.clone();
        for (int i = 0; i < all.length; i++) {
            all[i] += pot.pieces[i];
        }
        return all;
    }
}
