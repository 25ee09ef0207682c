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
import palintone.core.filling.life.RestPlace;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.FromPot;
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
                        listed(
                                        "While "
                                                + flavour.base().name()
                                                + (plain(flavour.added()).isEmpty()
                                                        ? " is still soft and warm: take {base} of"
                                                                + " it into a bowl; it stays as it"
                                                                + " is."
                                                        : " is still soft and warm: take {base} of"
                                                                + " it into a bowl and stir in {0}"
                                                                + " until it is one. {make} of "
                                                                + filling.name()
                                                                + "."),
                                        plain(flavour.added()),
                                        Optional.empty())
                                .with("base", makeG * flavour.baseShare(), Unit.GRAM)
                                .with("make", makeG, Unit.GRAM))
                .occupies(Occupies.POT)
                .done();
        Filling.toTaste(flavour.added()).forEach(this::dose);
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
                        listed(
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
                if (byActs(operations.get(i))) {
                    yolks(operations.get(i));
                }
                // What is nothing but to taste is no task of its own.
                if (!plain(operations.get(i).lines()).isEmpty()
                        || operations.get(i).lines().isEmpty()) {
                    task(operations.get(i));
                }
                Filling.toTaste(operations.get(i).lines()).forEach(this::dose);
            }
        }
        if (into == operations.size()) {
            frame.ifPresent(Runnable::run);
        }
        return draft.last();
    }

    /** So long a base stays soft in its pot; common practice, no source. */
    private static final int SOFT_S = 45 * 60;

    /** Longer than that lukewarm is long enough for what spoils; common practice, no source. */
    private static final double LUKEWARM_H = 2;

    private static final double COLD_C = 7;

    /** Kept hotter than this it does not spoil while it stands; from memory. */
    private static final double HOT_C = 60;

    private Sentence infused(final Operation op, final double celsius, final double hours) {
        final double endC = cooked.stages().get(filling.operations().indexOf(op)).temperatureC();
        final Sentence said =
                listed(
                                celsius <= COLD_C
                                        ? "Infuse {0} for {hours} at {celsius}, covered; strain and"
                                                + " press out."
                                        : celsius >= HOT_C
                                                ? "Infuse {0} for {hours}, kept at {celsius}, lid on;"
                                                        + " strain and press out."
                                                : "Off the heat, lid on: infuse {0} for {hours};"
                                                        + " strain and press out. It is at about"
                                                        + " {ends} then: what has to melt or boil in"
                                                        + " it wants it warmed again.",
                                op)
                        .with("ends", endC, Unit.CELSIUS);
        return hours > LUKEWARM_H && celsius > COLD_C && celsius < HOT_C
                ? said.and(
                        Sentence.of(
                                "It stands lukewarm for hours, and what holds milk or egg spoils so,"
                                        + " whatever is done with it later: infuse it cold, overnight,"
                                        + " instead; the local code decides."))
                : said;
    }

    /** Without what goes in by taste. */
    private static List<RecipeLine> plain(final List<RecipeLine> lines) {
        return lines.stream().filter(l -> !l.ingredient().is(FunctionalClass.EXTRACT)).toList();
    }

    /** Half first: how strong it is, no packet says. */
    private void dose(final RecipeLine line) {
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
                        .title(title(op))
                        .next()
                        .say(say(op))
                        .caution(caution(op))
                        .occupies(Occupies.POT);
        read(task, op);
        time(task, op);
        return task.done();
    }

    /**
     * Whether yolks are whisked apart from a pot there is something in; else they are its first.
     */
    private boolean byActs(final Operation op) {
        return op.kind() == OperationKind.TEMPER_YOLKS
                && !op.lines().isEmpty()
                && op.from().isEmpty()
                && filling.operations().stream()
                        .takeWhile(before -> before != op)
                        .anyMatch(before -> before.pot() == op.pot());
    }

    /** Whisked, and warmed with some of what is hot: poured on at once they scramble. */
    private void yolks(final Operation op) {
        draft.task(TaskKind.COOK)
                .title("Whisk the yolks")
                .next()
                .say(
                        listed(
                                "Whisk {0} in a bowl, even and a little paler, when the pot is ready"
                                        + " and not before.",
                                op))
                .caution(egg(op) ? Cautions.YOLK : "")
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
                .caution(Cautions.STEAM_POT + (egg(op) ? " " + Cautions.YOLK : ""))
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

    private String title(final Operation op) {
        final String words = op.kind().words();
        final String what = Character.toUpperCase(words.charAt(0)) + words.substring(1);
        return filling.severalPots() ? what + ", " + filling.potName(op.pot()) : what;
    }

    private Sentence say(final Operation op) {
        final Operation in = op;
        final double celsius = op.value(OperationSetting.TEMPERATURE_C);
        final double minutes = op.value(OperationSetting.MINUTES);
        final double hours = op.value(OperationSetting.HOURS);
        final Sentence said =
                switch (op.kind()) {
                    case ADD -> listed("Put in {0} and stir together.", in);
                    case BOIL ->
                            with(
                                    in,
                                    minutes < BRIEF_MIN
                                            ? "Bring to the boil."
                                            : "Bring to the boil and boil for {minutes}.");
                    case HEAT ->
                            with(
                                    in,
                                    minutes < BRIEF_MIN && !egg(in)
                                            ? "Heat to {celsius}."
                                            : "Heat to {celsius} and keep it there for"
                                                    + " {minutes}.");
                    case POUR ->
                            listed(
                                    "Pour over {0}; wait {minutes}, then stir from the middle"
                                            + " outwards.",
                                    in);
                    case INFUSE -> infused(in, celsius, hours);
                    case TRIM ->
                            listed("Weigh {0} whole; peel, stone and trim, and put it in.", in);
                    case COOK_FRUIT -> with(in, "Cook for {minutes}, stirring.");
                    case BLEND ->
                            with(in, "Blend until smooth and shiny, the blade under the surface.");
                    case DRAIN ->
                            Sentence.of(
                                    "Into a cloth over a bowl, and let it drain by itself: pressed it"
                                            + " turns cloudy. About {juice} runs off; weigh it, and"
                                            + " where yours is another, write it into the recipe.");
                    case SIEVE -> Sentence.of("Pass it through a sieve.");
                    case BOIL_DOWN -> with(in, "Boil down to {mass}; weigh pot and all.");
                    case COOK_SUGAR -> with(in, "Cook to {celsius}.");
                    case CARAMELISE -> with(in, "Caramelise to {celsius}, without stirring.");
                    case CRUSH -> Sentence.of("Let it cool hard, then crush it.");
                    case TEMPER_YOLKS ->
                            byActs(in)
                                    ? Sentence.of(
                                            "All of it back into the pot, to {celsius}, and keep it"
                                                    + " there for {minutes}, stirring over the floor"
                                                    + " without a pause.")
                                    : listed(
                                            "Stir {0} together, bring it to {celsius}, and keep it"
                                                    + " there for {minutes}, stirring over the floor"
                                                    + " without a pause.",
                                            in);
                    case EMULSIFY ->
                            with(in, "Emulsify from the middle until it shines and holds.");
                    case COOL -> Sentence.of("Cool to {celsius}, film on the surface.");
                    case BUTTER -> listed("At {celsius}, blend in {0}.", in);
                    case FOLD -> listed("Fold in {0}, in pieces, and not a stir more.", in);
                    case REST -> Sentence.of("Leave it for {hours} at {celsius}, film on it.");
                    case CUT -> Sentence.of("Cut; trim the edges.");
                    case FREEZE -> Sentence.of("Freeze for {hours} at {celsius}, covered.");
                };
        Sentence full = said;
        if (!Double.isNaN(celsius)) {
            full = full.with("celsius", celsius, Unit.CELSIUS);
        }
        if (!Double.isNaN(minutes)) {
            full = full.with("minutes", minutes, Unit.MINUTE);
        }
        if (!Double.isNaN(hours)) {
            full = full.with("hours", hours, Unit.HOUR);
        }
        if (op.kind() == OperationKind.REST
                && RestPlace.partsInTheCold(around.keepCold(), celsius, hours)) {
            full = full.and(RestPlace.says());
        }
        if (op.kind() == OperationKind.DRAIN) {
            full = full.with("juice", leftG(op) * scale, Unit.GRAM);
        }
        if (op.kind() == OperationKind.BOIL_DOWN) {
            full = full.with("mass", leftG(op) * scale, Unit.GRAM);
        }
        return full;
    }

    /** What is left of the recipe's own size when it has boiled down, however that was said. */
    private double leftG(final Operation op) {
        return stage(op).massG();
    }

    /** What goes in by it, where something does, before what is done. */
    private Sentence with(final Operation op, final String then) {
        return op.lines().isEmpty() && op.from().isEmpty()
                ? Sentence.of(then)
                : listed("Put in {0}. " + then, op);
    }

    /** Words with the lines and their masses, scaled, where {0} stands. */
    private Sentence listed(final String template, final Operation op) {
        return listed(template, plain(op.lines()), op.from());
    }

    private Sentence listed(
            final String template, final List<RecipeLine> lines, final Optional<FromPot> from) {
        final List<String> words = new ArrayList<>();
        Sentence sentence = Sentence.of("");
        for (int i = 0; i < lines.size(); i++) {
            final RecipeLine line = lines.get(i);
            words.add("{m" + i + "} " + line.ingredient().name());
            sentence = sentence.with("m" + i, line.massG() * scale, Unit.GRAM);
        }
        if (from.isPresent()) {
            final String pot = filling.potName(from.get().pot());
            if (from.get().massG().isPresent()) {
                words.add("{taken} of what is in " + pot);
                sentence =
                        sentence.with("taken", from.get().massG().getAsDouble() * scale, Unit.GRAM);
            } else if (from.get().share().isPresent()) {
                words.add("{taken} of what is in " + pot);
                sentence =
                        sentence.with(
                                "taken", from.get().share().getAsDouble() * 100, Unit.PERCENT);
            } else {
                words.add("all that is in " + pot);
            }
        }
        return new Sentence(template.replace("{0}", String.join(", ", words)), sentence.values());
    }

    private void read(final ProcessDraft.TaskDraft task, final Operation op) {
        switch (op.kind()) {
            case HEAT -> pot(task, op, 4, 1.5, 3, 8);
            case TEMPER_YOLKS -> pot(task, op, 0, 0, 2, 4);
            case COOK_SUGAR -> pot(task, op, 2, 0.7, 0.7, 2);
            case CARAMELISE -> pot(task, op, 8, 4, 4, 8);
            case COOL, BUTTER -> pot(task, op, 6, 2, 1.5, 4);
            case DRAIN -> {
                final double massG = leftG(op) * scale;
                task.read(
                        "juice that ran off",
                        Unit.GRAM,
                        massG,
                        new Band(massG * 0.7, massG * 0.88, massG * 1.12, massG * 1.3));
            }
            case BOIL_DOWN -> {
                final double massG = leftG(op) * scale;
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
        final boolean safe = celsius > 45 && egg(op);
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
                    op.value(OperationSetting.TEMPERATURE_C) > 45 && egg(op)
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
        final Cooked.Hazard state = stage(op).state();
        final List<String> words = new ArrayList<>();
        if (state.boilsUp()) {
            words.add(Cautions.BOILS_UP);
        }
        if (state.burns()) {
            words.add(Cautions.HOT_SUGAR);
        } else if (STEAMING.contains(op.kind()) && !state.boilsUp()) {
            words.add(Cautions.STEAM_POT);
        }
        if (state.egg() && (HEATING.contains(op.kind()) || bringsEgg(op))) {
            words.add(Cautions.YOLK);
        }
        if (state.spirit()) {
            words.add(Cautions.ALCOHOL);
        }
        return String.join(" ", words);
    }

    private static boolean bringsEgg(final Operation op) {
        return op.lines().stream().anyMatch(l -> l.ingredient().is(FunctionalClass.RAW_EGG));
    }

    /** Whether there is egg in its pot that went in raw: then no heat is cut short. */
    private boolean egg(final Operation op) {
        return stage(op).state().egg();
    }

    private Cooked.Stage stage(final Operation op) {
        int at = 0;
        while (filling.operations().get(at) != op) {
            at++;
        }
        return cooked.stages().get(at);
    }
}
