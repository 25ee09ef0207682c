package palintone.core.filling.make;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.cool.UntilReady;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Cautions;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.FunctionalClass;

/**
 * The operations of a recipe, scaled to a batch, as tasks at the pot. Temperatures are the recipe's
 * own; the bands around them are ours, and never below it where there is egg in the pot.
 */
public final class RecipeTasks {

    private static final Set<OperationKind> STEAMING =
            EnumSet.of(
                    OperationKind.BOIL,
                    OperationKind.HEAT,
                    OperationKind.TEMPER_YOLKS,
                    OperationKind.COOK_FRUIT,
                    OperationKind.BOIL_DOWN,
                    OperationKind.INFUSE);

    private static final Set<OperationKind> HEATING =
            EnumSet.of(
                    OperationKind.BOIL,
                    OperationKind.HEAT,
                    OperationKind.TEMPER_YOLKS,
                    OperationKind.COOK_FRUIT,
                    OperationKind.BOIL_DOWN,
                    OperationKind.COOK_SUGAR);

    /** Shorter than this is not a time anybody takes, min. */
    private static final double BRIEF_MIN = 0.5;

    /** Of what came out of another pot; from memory. */
    private static final double WET_J_PER_GK = 3.5;

    /** Cooling by less is no wait. */
    private static final double WORTH_A_CLOCK_K = 2;

    private final ProcessDraft draft;
    private final Filling filling;
    private final double scale;
    private final Cooked cooked;

    private final Around around;
    private final RecipeWords words;

    /**
     * Where it is made.
     *
     * @param roomC the room, °C
     * @param keepCold whether it must be kept cold, by the verdict of its sheet
     */
    public record Around(double roomC, boolean keepCold) {}

    private RecipeTasks(
            final ProcessDraft draft,
            final Filling filling,
            final double weighedG,
            final Around around) {
        this.around = around;
        this.draft = draft;
        this.filling = filling;
        scale = weighedG / filling.mixture().massG();
        cooked = filling.cooked();
        words = new RecipeWords(filling, cooked, scale, around);
    }

    /**
     * Writes the cooking of a filling into a process.
     *
     * @param makeG what is to come out, g
     * @param weighedG what is weighed in for that, g
     * @param frame writes the pouring into a frame, which comes before its last rest while it still
     *     runs; cut it is then as the piece says and not as the recipe does. Empty where there is
     *     none
     * @return number of the last task
     */
    public static int lay(
            final ProcessDraft draft,
            final Filling filling,
            final double makeG,
            final double weighedG,
            final Around around,
            final Optional<Runnable> frame) {
        return new RecipeTasks(draft, filling, weighedG, around).all(makeG, frame);
    }

    /**
     * Writes a flavour: its part of a base that is warm in its pot, what is stirred in, and how it
     * stands afterwards.
     *
     * @param base number of the task that ends the base
     * @param makeG of the flavoured filling, g
     * @param weighedG what is weighed in for that, its part of the base included, g
     * @param frame as above
     * @return number of the last task
     */
    public static int flavour(
            final ProcessDraft draft,
            final Filling filling,
            final int base,
            final double makeG,
            final double weighedG,
            final Around around,
            final Optional<Runnable> frame) {
        return new RecipeTasks(draft, filling, weighedG, around).part(base, makeG, frame);
    }

    private int part(final int base, final double makeG, final Optional<Runnable> frame) {
        final Filling.Flavour flavour = filling.flavour().orElseThrow();
        // What is stirred in is the last before it stands.
        final Operation stirred = filling.operations().get(filling.standsFrom() - 1);
        final List<RecipeLine> in = flavour.added().isEmpty() ? List.of() : stirred.asWritten();
        draft.part(filling.name());
        draft.task(TaskKind.COOK)
                .title("Part the base")
                .after(
                        After.done(base)
                                .within(
                                        SOFT_S,
                                        "The base has firmed: warm it gently until it is soft, or"
                                                + " what is stirred in stays in streaks."))
                .say(
                        words.listed(
                                        "While "
                                                + flavour.base().name()
                                                + (flavour.added().isEmpty()
                                                        ? " is still soft and warm: take {base} of"
                                                                + " it into a bowl; it stays as it"
                                                                + " is."
                                                        : in.isEmpty()
                                                                ? " is still soft and warm: take"
                                                                        + " {base} of it into a"
                                                                        + " bowl."
                                                                : " is still soft and warm: take"
                                                                        + " {base} of it into a bowl"
                                                                        + " and stir in {0} until it"
                                                                        + " is one. {make} of "
                                                                        + filling.name()
                                                                        + "."),
                                        in,
                                        Optional.empty())
                                .with("base", makeG * flavour.baseShare(), Unit.GRAM)
                                .with("make", makeG, Unit.GRAM))
                .caution(flavour.added().isEmpty() ? "" : caution(stirred))
                .occupies(Occupies.POT)
                .done();
        if (!flavour.added().isEmpty()) {
            stirred.toTaste().forEach(line -> dose(stirred, line));
        }
        final int stands = filling.standsFrom();
        final List<Operation> after =
                filling.operations().subList(stands, filling.operations().size());
        // Into the frame before its last rest, as for any filling.
        final int into = frame.isPresent() ? restsAtTheEnd(after) : after.size();
        for (int i = 0; i < after.size(); i++) {
            if (i == into) {
                frame.get().run();
            }
            if (frame.isEmpty() || after.get(i).kind() != OperationKind.CUT) {
                task(after.get(i));
            }
        }
        if (into == after.size()) {
            frame.ifPresent(Runnable::run);
        }
        return draft.last();
    }

    private int all(final double makeG, final Optional<Runnable> frame) {
        draft.part(filling.name());
        draft.task(TaskKind.WEIGH_OUT)
                .say(
                        words.listed(
                                        "Weigh out for {make} of " + filling.name() + ": {0}.",
                                        filling.lines(),
                                        Optional.empty())
                                .with("make", makeG, Unit.GRAM))
                .occupies(Occupies.PERSON)
                .done();
        final List<Operation> operations = filling.operations();
        final int into = frame.isPresent() ? restsAtTheEnd(operations) : operations.size();
        for (int i = 0; i < operations.size(); i++) {
            if (i == into) {
                frame.get().run();
            }
            if (frame.isEmpty() || operations.get(i).kind() != OperationKind.CUT) {
                if (words.byActs(operations.get(i))) {
                    yolks(operations.get(i));
                }
                final Operation op = operations.get(i);
                if (!op.onlyToTaste()) {
                    task(op);
                }
                op.toTaste().forEach(line -> dose(op, line));
            }
        }
        if (into == operations.size()) {
            frame.ifPresent(Runnable::run);
        }
        return draft.last();
    }

    /** So long a base stays soft in its pot; common practice, no source. */
    private static final int SOFT_S = 45 * 60;

    /** Half first: how strong it is, no packet says. */
    private void dose(final Operation op, final RecipeLine line) {
        final double wholeG = line.massG() * scale;
        final String name = line.ingredient().name();
        draft.task(TaskKind.TO_TASTE)
                .next()
                .say(
                        Sentence.of(
                                        "Stir in {half} of "
                                                + name
                                                + ", half of what is written. Taste it with a clean"
                                                + " spoon, then go on by drops until it is right, and"
                                                + " note what went in in all: the recipe learns it.")
                                .with("half", wholeG / 2, Unit.GRAM))
                .amount(Amount.DOSE, wholeG)
                .read(
                        "all that went in",
                        Unit.GRAM,
                        wholeG,
                        new Band(0, wholeG * 0.5, wholeG * 1.5, wholeG * 3))
                .caution(caution(op))
                .occupies(Occupies.POT)
                .done();
    }

    /** Place of the rest it ends with, but for cutting; behind the last where it does not rest. */
    private static int restsAtTheEnd(final List<Operation> operations) {
        for (int i = operations.size() - 1; i >= 0; i--) {
            final OperationKind kind = operations.get(i).kind();
            if (kind == OperationKind.REST) {
                return i;
            }
            if (kind != OperationKind.CUT) {
                break;
            }
        }
        return operations.size();
    }

    private int task(final Operation op) {
        final ProcessDraft.TaskDraft task =
                draft.task(TaskKind.COOK)
                        .title(words.title(op))
                        .next()
                        .say(words.say(op))
                        .caution(caution(op))
                        .occupies(Occupies.POT);
        read(task, op);
        time(task, op);
        return task.done();
    }

    /** Whisked, and warmed with some of what is hot: poured on at once they scramble. */
    private void yolks(final Operation op) {
        draft.task(TaskKind.COOK)
                .title("Whisk the yolks")
                .next()
                .say(
                        words.listed(
                                "Whisk {0} in a bowl, even and a little paler, when the pot is ready"
                                        + " and not before.",
                                op))
                .caution(words.egg(op) ? Cautions.YOLK : "")
                .done();
        final double potC = before(op);
        if (!YolkWarming.wanted(potC)) {
            return;
        }
        final YolkWarming warming = YolkWarming.of(pot(op, potC), warm(op.lines(), around.roomC()));
        draft.task(TaskKind.COOK)
                .title("Warm the yolks")
                .next()
                .say(
                        Sentence.of(
                                        "Stir {hot} of what is in the pot into the bowl, a ladle at a"
                                                + " time, until it reads {reached}: poured in at once it"
                                                + " scrambles.")
                                .with("hot", warming.hotG(), Unit.GRAM)
                                .with("reached", warming.reachedC(), Unit.CELSIUS))
                .read(
                        "temperature in the bowl",
                        Unit.CELSIUS,
                        warming.reachedC(),
                        new Band(
                                warming.reachedC() - 12,
                                warming.reachedC() - 6,
                                YolkWarming.SETS_FROM_C - 2,
                                YolkWarming.SETS_FROM_C))
                .caution(Cautions.STEAM_POT + (words.egg(op) ? " " + Cautions.YOLK : ""))
                .occupies(Occupies.POT)
                .source(YolkWarming.SOURCE)
                .done();
    }

    /** What is in its pot by then, by what was put in. */
    private YolkWarming.Warm pot(final Operation op, final double celsius) {
        final List<RecipeLine> in = new ArrayList<>();
        int at = 0;
        for (int i = 0; filling.operations().get(i) != op; i++) {
            if (filling.operations().get(i).pot() == op.pot()) {
                in.addAll(filling.operations().get(i).lines());
                at = i;
            }
        }
        final double massG = cooked.stages().get(at).massG() * scale;
        return in.isEmpty()
                ? new YolkWarming.Warm(massG, WET_J_PER_GK, celsius)
                : new YolkWarming.Warm(massG, warm(in, celsius).jPerGK(), celsius);
    }

    private YolkWarming.Warm warm(final List<RecipeLine> lines, final double celsius) {
        double massG = 0;
        double jPerK = 0;
        for (final RecipeLine line : lines) {
            massG += line.massG() * scale;
            jPerK +=
                    line.massG()
                            * scale
                            * ChoiOkos1986.cpJPerGK(line.ingredient().composition(), celsius);
        }
        return new YolkWarming.Warm(massG, jPerK / massG, celsius);
    }

    private void read(final ProcessDraft.TaskDraft task, final Operation op) {
        switch (op.kind()) {
            case HEAT -> pot(task, op, 4, 1.5, 3, 8);
            case TEMPER_YOLKS -> pot(task, op, 0, 0, 2, 4);
            case COOK_SUGAR -> pot(task, op, 2, 0.7, 0.7, 2);
            case CARAMELISE -> pot(task, op, 8, 4, 4, 8);
            case COOL, BUTTER -> pot(task, op, 6, 2, 1.5, 4);
            case DRAIN -> {
                final double massG = words.leftG(op) * scale;
                task.read(
                        "juice that ran off",
                        Unit.GRAM,
                        massG,
                        new Band(massG * 0.7, massG * 0.88, massG * 1.12, massG * 1.3));
            }
            case BOIL_DOWN -> {
                final double massG = words.leftG(op) * scale;
                task.read(
                        "what is left in the pot",
                        Unit.GRAM,
                        massG,
                        new Band(massG * 0.94, massG * 0.98, massG * 1.02, massG * 1.06));
            }
            default -> {
                // Nothing is read.
            }
        }
    }

    /** Around the recipe's temperature; where there is egg, nothing below it will do. */
    private void pot(
            final ProcessDraft.TaskDraft task,
            final Operation op,
            final double offBelow,
            final double below,
            final double above,
            final double offAbove) {
        final double celsius = op.value(OperationSetting.TEMPERATURE_C);
        final boolean safe = celsius > 45 && words.egg(op);
        final double under = safe ? 0 : below;
        final double offUnder = safe ? 0 : offBelow;
        task.read(
                "temperature in the pot",
                Unit.CELSIUS,
                celsius,
                new Band(celsius - offUnder, celsius - under, celsius + above, celsius + offAbove));
    }

    private void time(final ProcessDraft.TaskDraft task, final Operation op) {
        final double minutes = op.value(OperationSetting.MINUTES);
        final double hours = op.value(OperationSetting.HOURS);
        if (!Double.isNaN(hours) && hours * 3600 >= 1) {
            task.clock(Clock.about(hours * 3600)).handsOn(0);
        } else if (!Double.isNaN(minutes) && minutes >= BRIEF_MIN) {
            final Clock about = Clock.about(minutes * 60);
            // Heat that makes egg safe counts in minutes: no shorter than the recipe says.
            task.clock(
                    op.value(OperationSetting.TEMPERATURE_C) > 45 && words.egg(op)
                            ? new Clock(about.targetS(), about.targetS(), about.longestS())
                            : about);
        }
        if (op.kind() == OperationKind.COOL || op.kind() == OperationKind.BUTTER) {
            coolsTo(task, op);
        }
    }

    /** Nothing is read off a pot before it can be: how long it stands until it is so cool. */
    private void coolsTo(final ProcessDraft.TaskDraft task, final Operation op) {
        final double before = before(op);
        final double to = op.value(OperationSetting.TEMPERATURE_C);
        if (before - to < WORTH_A_CLOCK_K) {
            return;
        }
        final UntilReady until =
                UntilReady.falling(
                        FillingProperties.of(cooked, Conditions.USUAL),
                        cooked.yieldG() * scale,
                        around.roomC(),
                        before,
                        to,
                        op.kind() == OperationKind.BUTTER);
        if (until.waits()) {
            task.clock(Clock.untilRead(until.minutes() * 60)).handsOn(0.1);
        }
    }

    /** How warm its pot was before it, °C. */
    private double before(final Operation op) {
        double celsius = op.value(OperationSetting.TEMPERATURE_C);
        for (int i = 0; filling.operations().get(i) != op; i++) {
            if (filling.operations().get(i).pot() == op.pot()) {
                celsius = cooked.stages().get(i).temperatureC();
            }
        }
        return celsius;
    }

    /** By what is in the pot, before and after: the name of the operation says little. */
    private String caution(final Operation op) {
        final Cooked.Hazard state = words.stage(op).state();
        final List<String> said = new ArrayList<>();
        if (state.boilsUp()) {
            said.add(Cautions.BOILS_UP);
        }
        if (state.burns()) {
            said.add(Cautions.HOT_SUGAR);
        } else if (STEAMING.contains(op.kind()) && !state.boilsUp()) {
            said.add(Cautions.STEAM_POT);
        }
        if (state.egg() && (HEATING.contains(op.kind()) || bringsEgg(op))) {
            said.add(Cautions.YOLK);
        }
        if (state.spirit()) {
            said.add(Cautions.ALCOHOL);
        }
        return String.join(" ", said);
    }

    private static boolean bringsEgg(final Operation op) {
        return op.lines().stream().anyMatch(l -> l.ingredient().is(FunctionalClass.RAW_EGG));
    }
}
