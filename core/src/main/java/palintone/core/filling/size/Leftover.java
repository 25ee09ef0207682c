package palintone.core.filling.size;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Quality;
import palintone.core.substance.Allergen;

/**
 * A jar of what is left over: its label and what it may become.
 *
 * @param name on the label
 * @param grams in the jar
 * @param made the day
 * @param useBy the careful end of its life, or three days in the cold where it must be kept cold
 * @param keepCold whether the food-code table wants it cold
 * @param allergens on the label
 * @param ideas what else it is good for
 */
public record Leftover(
        String name,
        double grams,
        LocalDate made,
        LocalDate useBy,
        boolean keepCold,
        Set<Allergen> allergens,
        List<Sentence> ideas) {

    private static final int DAYS_IN_THE_COLD = 3;

    public static Leftover of(
            final String name,
            final double grams,
            final LocalDate made,
            final FillingFigures figures) {
        Require.positive("left over", grams, 1_000_000, "g");
        final boolean cold = figures.table() == palintone.core.filling.life.FoodCode.Says.ASSESS;
        // An opened jar keeps half as long as a closed shell: common practice, no source.
        final double days =
                cold
                        ? DAYS_IN_THE_COLD
                        : Math.max(
                                1,
                                figures.life().days().spread().map(r -> r.low()).orElse(2.0) / 2);
        return new Leftover(
                name,
                grams,
                made,
                made.plusDays((long) days),
                cold,
                figures.allergens(),
                ideas(grams, figures));
    }

    private static List<Sentence> ideas(final double grams, final FillingFigures figures) {
        final List<Sentence> ideas = new ArrayList<>();
        final double firmness = figures.figure(Quality.FIRMNESS).value();
        if (firmness >= 4.2) {
            ideas.add(
                    Sentence.of("Roll into about {pieces} of 12 g and coat in cocoa.")
                            .with("pieces", Math.floor(grams / 12), Unit.PIECE));
        }
        if (firmness < 5) {
            ideas.add(
                    Sentence.of("Stir {grams} into hot milk, {cups} cups of 30 g each.")
                            .with("grams", grams, Unit.GRAM)
                            .with("cups", Math.max(1, Math.floor(grams / 30)), Unit.ONE));
            ideas.add(Sentence.of("A sauce or a layer for a cake of the day."));
        }
        if (figures.figure(Quality.WATER_ACTIVITY).value() < 0.6) {
            ideas.add(
                    Sentence.of(
                            "Fat-based: into the next batch of the same paste, same allergens."));
        }
        return ideas;
    }
}
