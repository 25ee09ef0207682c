package palintone.core.piece;

import java.util.LinkedHashMap;
import java.util.Map;
import palintone.core.filling.make.RecipeTasks;
import palintone.core.process.After;
import palintone.core.process.Cautions;
import palintone.core.process.ProcessDraft;

/** The fillings of a batch, made with it. */
final class FillingTasks {

    private static final int DAY_S = 86_400;

    /** A filling made ahead waits so long, covered, at the most. */
    private static final int AHEAD_S = 3 * DAY_S;

    private FillingTasks() {}

    /** Each filling once, however many layers it makes; its last task by its name. */
    static Map<String, Integer> lay(
            final ProcessDraft draft, final Materials needs, final Workplace place) {
        return lay(draft, needs, place, () -> {});
    }

    /** The same, and what is done with them before they rest. */
    static Map<String, Integer> lay(
            final ProcessDraft draft,
            final Materials needs,
            final Workplace place,
            final Runnable beforeRest) {
        final Map<String, Integer> made = new LinkedHashMap<>();
        if (place.fillings() == Workplace.Fillings.READY) {
            return made;
        }
        final Map<String, double[]> grams = new LinkedHashMap<>();
        needs.fillings()
                .forEach(
                        need -> {
                            final double[] sum =
                                    grams.computeIfAbsent(need.filling().id(), id -> new double[2]);
                            sum[0] += need.toMake().value();
                            sum[1] += need.recipe().massG();
                        });
        for (final Materials.FillingNeed need : needs.fillings()) {
            made.computeIfAbsent(
                    need.filling().id(),
                    id ->
                            RecipeTasks.lay(
                                    draft,
                                    need.filling(),
                                    grams.get(id)[0],
                                    grams.get(id)[1],
                                    need.figures().life().keepCold(),
                                    beforeRest));
        }
        return made;
    }

    static After ahead(final int made) {
        return After.done(made)
                .within(
                        AHEAD_S,
                        "This filling has waited for days: smell and taste it, and do not use it in"
                                + " doubt.");
    }

    static String caution(final Materials.FillingNeed need) {
        return need.figures().life().keepCold()
                ? Cautions.COLD_FILLING + " " + Cautions.LIFE
                : Cautions.LIFE;
    }
}
