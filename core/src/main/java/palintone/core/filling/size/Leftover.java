package palintone.core.filling.size;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.life.Life;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.Allergen;

/**
 * A jar of what is left over: its label and what it may become.
 *
 * @param name on the label
 * @param grams in the jar
 * @param made the day
 * @param useBy half the careful end of its life, or the careful end of its days in the cold
 * @param keepCold whether the filling must be kept cold, by the same verdict as its sheet
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

    /**
     * What can be made of what is left. Allowed: left over above 0 to 1000000 g.
     *
     * @throws palintone.core.figure.OutOfRangeException when a mass is impossible
     */
    public static Leftover of(
            final String name,
            final double grams,
            final LocalDate made,
            final FillingFigures figures) {
        Require.positive("left over", grams, 1_000_000, "g");
        final Life life = figures.life();
        final double careful = life.days().spread().map(r -> r.low()).orElse(1.0);
        // An opened jar keeps half as long as a closed shell: common practice, no source.
        final double days = life.keepCold() ? careful : careful / 2;
        return new Leftover(
                name,
                grams,
                made,
                made.plusDays((long) Math.max(1, days)),
                life.keepCold(),
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
