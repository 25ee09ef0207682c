package palintone.core.piece;

import java.util.List;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Unit;
import palintone.core.filling.taste.Taste;
import palintone.core.substance.Portion;

/** What a bite of the whole tastes of: chocolate, filling and what is in and on it together. */
final class PieceTaste {

    private PieceTaste() {}

    /**
     * @param needs of a batch of it
     * @param pieces that batch makes
     */
    static List<Figure> of(final Piece piece, final Materials needs, final int pieces) {
        double chocolateG = 0;
        double chocolateSweet = 0;
        double chocolateBitter = 0;
        for (final Portion portion : piece.chocolate()) {
            chocolateG += portion.massG();
            chocolateSweet += portion.massG() * Taste.sweetness(portion.ingredient().composition());
            chocolateBitter +=
                    portion.massG() * Taste.bitterness(portion.ingredient().composition());
        }
        double otherG = 0;
        double otherSweet = 0;
        double otherBitter = 0;
        for (final Materials.FillingNeed need : needs.fillings()) {
            final double each = need.inPieces().value() / pieces;
            otherG += each;
            otherSweet += each * Taste.sweetness(need.filling().cooked().composition());
            otherBitter += each * Taste.bitterness(need.filling().cooked());
        }
        for (final Materials.InclusionNeed need : needs.inclusions()) {
            final double each = need.inclusion().eachG();
            otherG += each;
            otherSweet += each * Taste.sweetness(need.inclusion().ingredient().composition());
            otherBitter += each * Taste.bitterness(need.inclusion().ingredient().composition());
        }
        final double all = chocolateG + otherG;
        if (all <= 0) {
            return List.of();
        }
        return List.of(
                Figure.of(
                        "sweetness of the whole piece",
                        (chocolateSweet + otherSweet) / all,
                        Unit.PERCENT,
                        Basis.of("sucrose that tastes as sweet, by mass of its parts")
                                .with("chocolate", share(chocolateSweet, chocolateG), Unit.PERCENT)
                                .with(
                                        "what is in and on it",
                                        share(otherSweet, otherG),
                                        Unit.PERCENT)
                                .from(Taste.SWEETNESS)),
                Figure.of(
                        "bitterness of the whole piece",
                        (chocolateBitter + otherBitter) / all,
                        Unit.PERCENT,
                        Basis.of("fat-free cocoa that tastes as bitter, by mass of its parts")
                                .with("chocolate", share(chocolateBitter, chocolateG), Unit.PERCENT)
                                .with(
                                        "what is in and on it",
                                        share(otherBitter, otherG),
                                        Unit.PERCENT)
                                .from(Taste.BITTERNESS)));
    }

    private static double share(final double sum, final double grams) {
        return grams > 0 ? sum / grams : 0;
    }
}
