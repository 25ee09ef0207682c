package palintone.core.piece;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.temper.colour.ColourButter;

/**
 * Coloured cocoa butter of one name as it is melted for a batch: no less than what a gun or a brush
 * can be worked with, so that something is left.
 *
 * @param name of the colour
 * @param onTheList what it is called where it is fetched
 * @param couverture whether it is couverture for details, and no cocoa butter
 * @param usedG brought on by all its coats, what goes past the moulds included
 * @param meltG melted for that; 0 where it was melted for an earlier turn and is only brought back
 * @param sprayed whether any of it goes through the gun
 */
public record ColourBowl(
        String name,
        String onTheList,
        boolean couverture,
        double usedG,
        double meltG,
        boolean sprayed) {

    static final Source PRACTICE =
            Source.practice("a gun sucks air under some 40 g of colour, a brush under some 10 g");

    private static final double BRUSH_LEAST_G = 10;

    /** Couverture for a paper cone: less has set before it is piped; common practice. */
    private static final double CONE_LEAST_G = 50;

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
                final String named = Materials.named(coat);
                final boolean couverture = coat.how().medium() == ColourCoat.How.Medium.COUVERTURE;
                final ColourBowl before =
                        bowls.getOrDefault(
                                named, new ColourBowl(coat.name(), named, couverture, 0, 0, false));
                final double usedG = before.usedG + used.get(i).value();
                final boolean sprayed = before.sprayed || coat.how() == ColourCoat.How.SPRAYED;
                bowls.put(
                        named,
                        new ColourBowl(
                                coat.name(),
                                named,
                                couverture,
                                usedG,
                                Math.max(usedG, leastG(couverture, sprayed)),
                                sprayed));
            }
        }
        return List.copyOf(bowls.values());
    }

    private static double leastG(final boolean couverture, final boolean sprayed) {
        return couverture ? CONE_LEAST_G : sprayed ? ColourButter.GUN_LEAST_G : BRUSH_LEAST_G;
    }

    /** Whether it is the bowl of this coat. */
    boolean isOf(final ColourCoat coat) {
        return onTheList.equals(Materials.named(coat));
    }

    /** For a turn that comes later: it is melted already. */
    ColourBowl again() {
        return new ColourBowl(name, onTheList, couverture, usedG, 0, sprayed);
    }

    /** What is left of it, g. */
    public double leftG() {
        return Math.max(0, meltG - usedG);
    }

    /** What is fetched for it. */
    Figure toMelt() {
        return Figure.of(
                onTheList,
                meltG,
                Unit.GRAM,
                Basis.of("larger of what is brought on and what it can be worked with")
                        .with("brought on", usedG, Unit.GRAM)
                        .with(
                                couverture
                                        ? "least held in temper"
                                        : sprayed ? "least in a gun" : "least under a brush",
                                leastG(couverture, sprayed),
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
