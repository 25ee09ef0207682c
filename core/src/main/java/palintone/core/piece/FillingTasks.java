package palintone.core.piece;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.cool.Cooling;
import palintone.core.filling.cool.UntilReady;
import palintone.core.filling.life.Life;
import palintone.core.filling.life.RestPlace;
import palintone.core.filling.make.RecipeTasks;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.process.After;
import palintone.core.process.Cautions;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;

/** The fillings of a batch, made with it. */
final class FillingTasks {

    private static final int DAY_S = 86_400;

    /** A filling made ahead waits so long, covered, at the most. */
    private static final int AHEAD_S = 3 * DAY_S;

    private static final double COLDEST_BENCH_C = 4;

    private FillingTasks() {}

    /**
     * Each filling once, however many layers it makes; its last task by its name.
     *
     * @param frame writes the pouring into a frame, where it goes into one
     * @param waiting what it stands for before it is worked with
     */
    static Map<String, Integer> lay(
            final ProcessDraft draft,
            final Materials needs,
            final Workplace place,
            final Optional<Runnable> frame,
            final Waiting waiting) {
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
        final Map<String, Integer> bases = bases(draft, needs, place, grams);
        for (final Materials.FillingNeed need : needs.fillings()) {
            made.computeIfAbsent(
                    need.filling().id(),
                    id -> made(draft, need, place, grams.get(id), bases, frame, waiting));
        }
        return made;
    }

    /** Each base once, as much as all its flavours want, and no further than it is warm. */
    private static Map<String, Integer> bases(
            final ProcessDraft draft,
            final Materials needs,
            final Workplace place,
            final Map<String, double[]> grams) {
        final Map<String, Filling> recipes = new LinkedHashMap<>();
        needs.fillings()
                .forEach(
                        need ->
                                need.filling()
                                        .flavour()
                                        .ifPresent(f -> recipes.put(f.base().id(), f.base())));
        final Map<String, Integer> made = new LinkedHashMap<>();
        recipes.forEach(
                (id, base) -> {
                    final double makeG =
                            needs.fillings().stream()
                                    .map(Materials.FillingNeed::filling)
                                    .filter(filling -> filling.recipeId().equals(id))
                                    .collect(
                                            Collectors.toMap(
                                                    Filling::id,
                                                    filling ->
                                                            grams.get(filling.id())[0]
                                                                    * shareOfBase(filling),
                                                    (one, same) -> one))
                                    .values()
                                    .stream()
                                    .mapToDouble(Double::doubleValue)
                                    .sum();
                    final Filling warm = base.before();
                    made.put(
                            id,
                            RecipeTasks.lay(
                                    draft,
                                    warm,
                                    makeG,
                                    warm.weighedFor(makeG).massG(),
                                    new RecipeTasks.Around(place.room().temperatureC(), false),
                                    Optional.empty()));
                });
        return made;
    }

    /** All of it where it is the base as it is. */
    private static double shareOfBase(final Filling filling) {
        return filling.flavour().map(Filling.Flavour::baseShare).orElse(1.0);
    }

    private static int made(
            final ProcessDraft draft,
            final Materials.FillingNeed need,
            final Workplace place,
            final double[] grams,
            final Map<String, Integer> bases,
            final Optional<Runnable> frame,
            final Waiting waiting) {
        final double room = place.room().temperatureC();
        final RecipeTasks.Around around =
                new RecipeTasks.Around(room, need.figures().life().keepCold());
        final Integer base = bases.get(need.filling().recipeId());
        if (base != null) {
            final Filling part =
                    need.filling().flavour().isPresent()
                            ? need.filling()
                            : need.filling().flavoured(List.of());
            RecipeTasks.flavour(draft, part, base, grams[0], grams[1], around, frame);
        } else {
            RecipeTasks.lay(draft, need.filling(), grams[0], grams[1], around, frame);
        }
        final UntilReady until =
                waiting.until()
                        .apply(
                                new UntilReady.Potful(
                                        FillingProperties.of(
                                                need.figures().cooked(),
                                                need.figures().conditions()),
                                        need.filling().operations(),
                                        grams[0],
                                        room,
                                        place.cabinetC()));
        if (until.waits()) {
            stand(draft, need, place, until, waiting);
        } else if (until.where() == UntilReady.Where.NEVER) {
            never(draft, need, waiting);
        }
        return draft.last();
    }

    /** Nobody is sent on to cut or pipe what will not bear it without a word. */
    private static void never(
            final ProcessDraft draft, final Materials.FillingNeed need, final Waiting waiting) {
        draft.task(TaskKind.STAND)
                .next()
                .say(
                        Sentence.of(
                                        "By its numbers neither the room nor the cabinet gets it there"
                                                + " within a day: wait until "
                                                + waiting.words()
                                                + ", in a colder place, and try one piece first; or"
                                                + " make it firmer in Fillings.")
                                .with("celsius", waiting.neverC(), Unit.CELSIUS))
                .caution(caution(need))
                .handsOn(0.02)
                .source(Cooling.SOURCE)
                .done();
    }

    /** Outside the cold counts from the stove on: what its recipe lets it rest, and this. */
    private static Sentence inTheCold(
            final Materials.FillingNeed need, final double aroundC, final double minutes) {
        final double hours =
                need.filling().operations().stream()
                                .filter(op -> op.kind() == OperationKind.REST)
                                .filter(
                                        op ->
                                                op.value(OperationSetting.TEMPERATURE_C)
                                                        > Life.COLD_C + 1)
                                .mapToDouble(op -> op.value(OperationSetting.HOURS))
                                .sum()
                        + minutes / 60;
        return RestPlace.partsInTheCold(need.figures().life().keepCold(), aroundC, hours)
                ? RestPlace.says()
                : Sentence.of("");
    }

    private static void stand(
            final ProcessDraft draft,
            final Materials.FillingNeed need,
            final Workplace place,
            final UntilReady until,
            final Waiting waiting) {
        final boolean cold = until.where() == UntilReady.Where.CABINET;
        final double around = cold ? place.cabinetC() : place.room().temperatureC();
        draft.task(TaskKind.STAND)
                .next()
                .say(
                        Sentence.of(
                                        (cold
                                                        ? "In the room it does not get there: into the"
                                                                + " cabinet, film on it, until "
                                                        : "Film on it, and leave it until ")
                                                + waiting.words()
                                                + ": about {minutes}, sooner spread out on a tray.")
                                .with("minutes", until.minutes(), Unit.MINUTE)
                                .with("celsius", waiting.atMostC(until), Unit.CELSIUS)
                                .and(inTheCold(need, around, until.minutes())))
                .caution(caution(need))
                .read(
                        "temperature of the filling",
                        Unit.CELSIUS,
                        waiting.aimC(until),
                        waiting.band(until))
                .clock(
                        Double.isNaN(waiting.warmest())
                                ? Clock.about(until.minutes() * 60)
                                : Clock.untilRead(until.minutes() * 60))
                .handsOn(0.02)
                .occupies(cold ? new Occupies[] {Occupies.CABINET} : new Occupies[0])
                .source(Cooling.SOURCE)
                .done();
    }

    /**
     * What a filling stands for before it is worked with.
     *
     * @param until how long
     * @param words until what, as "it is {celsius}"
     * @param warmest it may then be, °C; NaN where only its stiffness counts
     */
    record Waiting(Function<UntilReady.Potful, UntilReady> until, String words, double warmest) {

        double atMostC(final UntilReady ready) {
            return Double.isNaN(warmest) ? ready.celsius() : warmest;
        }

        /** What is named where it never comes: its limit, or the coldest a bench is. */
        double neverC() {
            return Double.isNaN(warmest) ? COLDEST_BENCH_C : warmest;
        }

        /** Stiffness is not read: what is read is the warmth it has by then. */
        Band band(final UntilReady ready) {
            final double most = atMostC(ready);
            return new Band(most - 12, most - 6, most + 0.5, most + 2);
        }

        double aimC(final UntilReady ready) {
            return atMostC(ready) - 1;
        }
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
