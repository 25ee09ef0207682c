package palintone.core.filling.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.life.RestPlace;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;

/** What is said of the operations of a recipe, scaled to a batch. */
final class RecipeWords {

    /** Shorter than this is not a time anybody takes, min. */
    private static final double BRIEF_MIN = 0.5;

    private final Filling filling;
    private final Cooked cooked;
    private final double scale;
    private final RecipeTasks.Around around;

    RecipeWords(
            final Filling filling,
            final Cooked cooked,
            final double scale,
            final RecipeTasks.Around around) {
        this.filling = filling;
        this.cooked = cooked;
        this.scale = scale;
        this.around = around;
    }

    String title(final Operation op) {
        final String words = op.kind().words();
        final String what = Character.toUpperCase(words.charAt(0)) + words.substring(1);
        return filling.severalPots() ? what + ", " + filling.potName(op.pot()) : what;
    }

    Sentence say(final Operation op) {
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
    double leftG(final Operation op) {
        return stage(op).massG();
    }

    /** What goes in by it, where something does, before what is done. */
    private Sentence with(final Operation op, final String then) {
        return op.asWritten().isEmpty() && op.from().isEmpty()
                ? Sentence.of(then)
                : listed("Put in {0}. " + then, op);
    }

    /** Words with the lines and their masses, scaled, where {0} stands. */
    Sentence listed(final String template, final Operation op) {
        return listed(template, op.asWritten(), op.from());
    }

    Sentence listed(
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

    /** Longer than that lukewarm is long enough for what spoils; common practice, no source. */
    private static final double LUKEWARM_H = 2;

    private static final double COLD_C = 7;

    /** Kept hotter than this it does not spoil while it stands; from memory. */
    private static final double HOT_C = 60;

    private Sentence infused(final Operation op, final double celsius, final double hours) {
        final double endC = stage(op).temperatureC();
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

    /**
     * Whether yolks are whisked apart from a pot there is something in; else they are its first.
     */
    boolean byActs(final Operation op) {
        return op.kind() == OperationKind.TEMPER_YOLKS
                && !op.lines().isEmpty()
                && op.from().isEmpty()
                && filling.operations().stream()
                        .takeWhile(before -> before != op)
                        .anyMatch(before -> before.pot() == op.pot());
    }

    /** Whether there is egg in its pot that went in raw: then no heat is cut short. */
    boolean egg(final Operation op) {
        return stage(op).state().egg();
    }

    Cooked.Stage stage(final Operation op) {
        int at = 0;
        while (filling.operations().get(at) != op) {
            at++;
        }
        return cooked.stages().get(at);
    }
}
