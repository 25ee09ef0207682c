package palintone.core.filling.pot;

import java.util.ArrayList;
import palintone.core.substance.Component;

/**
 * One pot taken into another. Grams and what was weighed go along by share; the heat of each pot
 * has counted for its own contents only, so the eggs of both keep what they have seen apart.
 */
final class Joining {

    private Joining() {}

    /**
     * Takes a share out of a pot; what was done to it was done to the share as well.
     *
     * @param share more than 0 and less than 1
     */
    static Pot portion(final Pot of, final double share) {
        final Pot out = new Pot(of.altitudePressureHPa);
        out.matrix.addAll(of.matrix.take(share));
        out.pieces.addAll(of.pieces.take(share));
        of.weighed.forEach((ingredient, grams) -> out.weighed.put(ingredient, share * grams));
        of.weighed.replaceAll((ingredient, grams) -> grams * (1 - share));
        out.inIt.addAll(of.inIt);
        of.gelling.forEach((nature, grams) -> out.gelling.put(nature, share * grams));
        of.gelling.replaceAll((nature, grams) -> grams * (1 - share));
        out.boiledSucroseG = share * of.boiledSucroseG;
        of.boiledSucroseG -= out.boiledSucroseG;
        out.invertedG = share * of.invertedG;
        of.invertedG -= out.invertedG;
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
        out.did.becomes(of.did);
        return out;
    }

    /** What came is stirred in and is one with the rest; what lay in it in pieces stays so. */
    static void stir(final Pot into, final Pot came) {
        meet(into, came, false);
    }

    /** Dry, it lies there in pieces; moist, it is one with the rest. */
    static void fold(final Pot into, final Pot came) {
        final double mass = came.massG();
        final double water = came.matrix.g(Component.WATER) + came.pieces.g(Component.WATER);
        meet(into, came, water <= Acts.DRY_PIECES * mass && into.massG() > 0);
    }

    private static void meet(final Pot into, final Pot came, final boolean inPieces) {
        if (into.massG() <= 0) {
            into.did.becomes(came.did);
            into.temperatureC = came.temperatureC;
        } else {
            into.temperatureC =
                    MetHeat.celsius(
                            Contents.together(into.matrix, into.pieces),
                            into.temperatureC,
                            Contents.together(came.matrix, came.pieces),
                            came.temperatureC);
            into.did.highestC = Math.max(into.did.highestC, into.temperatureC);
            // A little cooked sugar in a cream is sugar in a cream.
            if (!inPieces && came.matrix.g(Component.SUCROSE) >= into.matrix.g(Component.SUCROSE)) {
                into.did.cookedSugarC = Math.max(into.did.cookedSugarC, came.did.cookedSugarC);
            }
        }
        into.pieces.addAll(came.pieces);
        (inPieces ? into.pieces : into.matrix).addAll(came.matrix);
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
        into.invertedG += came.invertedG;
        if (!inPieces) {
            into.boiledSucroseG += came.boiledSucroseG;
            came.gelling.forEach((nature, grams) -> into.gelling.merge(nature, grams, Double::sum));
        }
    }
}
