package palintone.core.piece;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * Coloured cocoa butter of one name as it is melted for a batch: no less than what a gun or a brush
 * can be worked with, so that something is left.
 *
 * @param name of the colour
 * @param usedG brought on by all its coats, what goes past the moulds included
 * @param meltG melted for that; 0 where it was melted for an earlier turn and is only brought back
 * @param sprayed whether any of it goes through the gun
 */
public record ColourBowl(String name, double usedG, double meltG, boolean sprayed) {

    static final Source PRACTICE =
            Source.practice("a gun sucks air under some 40 g of colour, a brush under some 10 g");

    private static final double GUN_LEAST_G = 40;
    private static final double BRUSH_LEAST_G = 10;

    /**
     * One bowl for each name, in the order they are first used; of dust and sheets nothing is
     * melted.
     *
     * @param used of each coat, as the coats stand
     */
    static List<ColourBowl> of(final List<ColourCoat> coats, final List<Figure> used) {
        final Map<String, ColourBowl> bowls = new LinkedHashMap<>();
        for (int i = 0; i < coats.size(); i++) {
            final ColourCoat coat = coats.get(i);
            if (coat.how().melted()) {
                final ColourBowl before =
                        bowls.getOrDefault(coat.name(), new ColourBowl(coat.name(), 0, 0, false));
                final double usedG = before.usedG + used.get(i).value();
                final boolean sprayed = before.sprayed || coat.how() == ColourCoat.How.SPRAYED;
                bowls.put(
                        coat.name(),
                        new ColourBowl(
                                coat.name(), usedG, Math.max(usedG, leastG(sprayed)), sprayed));
            }
        }
        return List.copyOf(bowls.values());
    }

    private static double leastG(final boolean sprayed) {
        return sprayed ? GUN_LEAST_G : BRUSH_LEAST_G;
    }

    /** For a turn that comes later: it is melted already. */
    ColourBowl again() {
        return new ColourBowl(name, usedG, 0, sprayed);
    }

    /** What is left of it, g. */
    public double leftG() {
        return Math.max(0, meltG - usedG);
    }

    /** What is fetched for it. */
    Figure toMelt() {
        return Figure.of(
                "coloured cocoa butter, " + name,
                meltG,
                Unit.GRAM,
                Basis.of("larger of what is brought on and what it can be worked with")
                        .with("brought on", usedG, Unit.GRAM)
                        .with(
                                sprayed ? "least in a gun" : "least under a brush",
                                leastG(sprayed),
                                Unit.GRAM)
                        .from(PRACTICE));
    }

    /** All that is fetched of colours: each melted one once, dust and sheets as they are. */
    static List<Figure> toFetch(
            final List<ColourBowl> bowls, final List<ColourCoat> coats, final List<Figure> used) {
        final List<Figure> all = new ArrayList<>();
        bowls.forEach(bowl -> all.add(bowl.toMelt()));
        for (int i = 0; i < coats.size(); i++) {
            if (!coats.get(i).how().melted()) {
                all.add(used.get(i));
            }
        }
        return List.copyOf(all);
    }
}
