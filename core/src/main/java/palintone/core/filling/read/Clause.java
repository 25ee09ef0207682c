package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import palintone.core.figure.Require;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.Setting;

/**
 * One thing to do, taken apart: its kind, the numbers that set it, and whatever of the text set
 * nothing.
 */
final class Clause {

    /** Degrees of either scale; without a letter they are Celsius. */
    static final Pattern DEGREES =
            Pattern.compile(
                    "(-?\\d+(?:[.,]\\d+)?)\\s*(?:(?:[°º]|degrees?)\\s*([cf])?\\b|([cf])\\b|[°º])");

    static final Pattern MINUTES = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*min(?:ute)?s?\\b");
    private static final Pattern HOURS =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*h(?:ours?|rs?)?\\b");
    private static final Pattern GRAMS = Pattern.compile("to\\s+(\\d+(?:[.,]\\d+)?)\\s*g\\b");

    /** A share of the operation, not the fat of the cream that is named in it. */
    private static final Pattern PERCENT =
            Pattern.compile(
                    "\\b(?:sieved?|strain(?:ed)?|blend(?:ed)?|crush(?:ed)?|cut|trim\\w*|los[st]\\w*|left"
                            + "|pass\\w*|yield\\w*)\\b[^\\d%]{0,4}(\\d+(?:[.,]\\d+)?)\\s*%");

    private static final Pattern PERCENT_A_MINUTE =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*%\\s*(?:a|per|/)\\s*min(?:ute)?\\b");
    private static final Pattern MILLIMETRES = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*mm");

    /** An amount with what it is an amount of. */
    private static final Pattern LEFT_NUMBER =
            Pattern.compile(
                    "-?\\d+(?:[.,]\\d+)?\\s*(?:[°º]\\s*[cf]?\\b|[°º]|%|degrees?(?:\\s*[cf]\\b)?|\\p{L}+)?"
                            + "|\\b(?:a|one|two)\\s+(?:third|half|quarter)s?\\b");

    private static final Pattern WORD = Pattern.compile("\\p{L}{4,}");

    /** Words that hold other words together and say nothing a recipe could be set by. */
    private static final Set<String> SAYS_NOTHING =
            Set.of(
                    "with",
                    "from",
                    "into",
                    "onto",
                    "over",
                    "until",
                    "them",
                    "this",
                    "that",
                    "then",
                    "have",
                    "your",
                    "well",
                    "about",
                    "gently",
                    "while",
                    "when",
                    "they",
                    "once",
                    "just",
                    "back",
                    "boil",
                    "minutes",
                    "minute",
                    "hours",
                    "hour",
                    "degrees",
                    "each",
                    "everything",
                    "together",
                    "rest",
                    "some",
                    "more",
                    "less",
                    "very",
                    "through",
                    "again",
                    "slowly",
                    "take",
                    "make",
                    "place",
                    "keep",
                    "bring",
                    "allow",
                    "sure",
                    "stand",
                    "same",
                    "after",
                    "before",
                    "another",
                    "down");

    /** Nothing but sugar gets as hot as this in a pot. */
    private static final double SUGAR_COOKS_FROM_C = 104;

    /** "Chill" without a temperature; a usual refrigerator, common practice, no source. */
    private static final double CHILLED_C = 4;

    final String text;
    final OperationKind kind;
    final String verb;
    final Map<Setting, Double> settings = new EnumMap<>(Setting.class);
    final List<WrittenLine> lines = new ArrayList<>();

    /** What of the text, lower case, set nothing yet. */
    private final StringBuilder left;

    private final List<String> unread = new ArrayList<>();

    private Clause(final String text, final String verb, final OperationKind kind, String low) {
        this.text = text;
        this.verb = verb;
        this.kind = kind;
        this.left = new StringBuilder(low);
    }

    /** The clause, if it has a verb of the bench. */
    static Optional<Clause> read(final String text) {
        final int colon = text.indexOf(':');
        final String low = (colon > 0 ? text.substring(0, colon) : text).toLowerCase(Locale.ROOT);
        return Verbs.first(low)
                .map(
                        found -> {
                            final Clause clause =
                                    new Clause(text, found.word(), meant(found, low), low);
                            clause.take(found.word());
                            clause.set(low);
                            if (colon > 0) {
                                clause.readLines(text.substring(colon + 1));
                            }
                            return clause;
                        });
    }

    /** What a verb means depends on how hot it gets and what is in the pot. */
    private static OperationKind meant(final Verbs.Found found, final String text) {
        final Optional<Double> celsius = degrees(text);
        return switch (found.word()) {
            case "cook" -> cooked(text, celsius);
            case "heat", "heat to", "bring" -> heated(text, celsius);
            case "boil", "simmer", "bring to the boil", "bring to a boil" ->
                    celsius.isPresent() || browns(text) ? heated(text, celsius) : found.kind();
            case "add", "stir in", "mix" ->
                    celsius.isPresent() && text.contains("butter")
                            ? OperationKind.BUTTER
                            : found.kind();
            case "temper" -> OperationKind.TEMPER_YOLKS;
            default -> found.kind();
        };
    }

    private static boolean browns(final String text) {
        return text.matches(".*\\b(golden|amber|caramel colour|brown)\\b.*");
    }

    private static OperationKind heated(final String text, final Optional<Double> celsius) {
        if (browns(text)) {
            return OperationKind.CARAMELISE;
        }
        if (celsius.isEmpty()) {
            return OperationKind.BOIL;
        }
        return celsius.get() >= SUGAR_COOKS_FROM_C ? OperationKind.COOK_SUGAR : OperationKind.HEAT;
    }

    /** What "cook" alone means: it may be said of sugar, of fruit, or of a custard. */
    private static OperationKind cooked(final String text, final Optional<Double> celsius) {
        if (text.contains("yolk") || text.contains("egg")) {
            return OperationKind.TEMPER_YOLKS;
        }
        if (browns(text)) {
            return OperationKind.CARAMELISE;
        }
        if (celsius.isPresent() && celsius.get() < SUGAR_COOKS_FROM_C) {
            return OperationKind.HEAT;
        }
        final boolean sugary =
                celsius.isEmpty() && text.matches(".*\\b(sugar|syrup|caramel|toffee).*");
        return sugary || celsius.orElse(0.0) >= SUGAR_COOKS_FROM_C
                ? OperationKind.COOK_SUGAR
                : OperationKind.COOK_FRUIT;
    }

    private static Optional<Double> degrees(final String text) {
        final Matcher m = DEGREES.matcher(text);
        if (!m.find()) {
            return Optional.empty();
        }
        final boolean fahrenheit = "f".equals(m.group(2)) || "f".equals(m.group(3));
        return Optional.of(fahrenheit ? Math.round((number(m) - 32) / 1.8 * 10) / 10.0 : number(m));
    }

    private void set(final String low) {
        if (kind.defaults().containsKey(Setting.TEMPERATURE_C)) {
            degrees(low).ifPresent(c -> put(Setting.TEMPERATURE_C, c));
            final Matcher m = DEGREES.matcher(left);
            if (m.find()) {
                blank(m);
            }
        }
        final boolean boiling = kind == OperationKind.BOIL || kind == OperationKind.COOK_FRUIT;
        by(Setting.PERCENT, boiling ? PERCENT_A_MINUTE : PERCENT, 1, low);
        by(Setting.MINUTES, MINUTES, 1);
        if (kind.defaults().containsKey(Setting.MINUTES)) {
            by(Setting.MINUTES, HOURS, 60);
        }
        by(Setting.HOURS, HOURS, 1);
        by(Setting.HOURS, MINUTES, 1 / 60.0);
        by(Setting.MASS_G, GRAMS, 1);
        by(Setting.WIDTH_MM, MILLIMETRES, 1);
        if (verb.equals("chill")) {
            settings.putIfAbsent(Setting.TEMPERATURE_C, CHILLED_C);
        }
    }

    private void by(final Setting setting, final Pattern pattern, final double factor) {
        by(setting, pattern, factor, left.toString());
    }

    private void by(
            final Setting setting, final Pattern pattern, final double factor, final String in) {
        final Matcher m = pattern.matcher(in);
        if (kind.defaults().containsKey(setting) && !settings.containsKey(setting) && m.find()) {
            put(setting, number(m) * factor);
            blank(m);
        }
    }

    /** What no pot does is refused with the words it stands in. */
    private void put(final Setting setting, final double value) {
        final String where = text.strip().toLowerCase(Locale.ROOT);
        settings.put(
                setting,
                Require.between(
                        "recipe text, \u201c"
                                + where.substring(0, Math.min(60, where.length()))
                                + "\u201d: "
                                + setting.words(),
                        value,
                        setting.low(),
                        setting.high(),
                        setting.unit().symbol()));
    }

    private static String[] parts(final String after) {
        return after.split(",\\s+(?=[\\d½¼¾⅓⅔⅛])|\\s+and\\s+(?=\\d)");
    }

    /** Whether ingredients with amounts stand in a text. */
    static boolean holdsLines(final String after) {
        return Arrays.stream(parts(after)).anyMatch(part -> WrittenLine.read(part).isPresent());
    }

    private void readLines(final String after) {
        for (final String part : parts(after)) {
            final Optional<WrittenLine> line = WrittenLine.read(part.replaceFirst("\\.$", ""));
            line.ifPresentOrElse(lines::add, () -> unread.add(part.strip()));
        }
    }

    /** Numbers that ought to be said of this kind and were not: nobody guesses how hot egg got. */
    List<Setting> asks() {
        final List<Setting> asked = new ArrayList<>();
        final boolean byHeat =
                switch (kind) {
                    case COOK_SUGAR, CARAMELISE, TEMPER_YOLKS, HEAT -> true;
                    default -> false;
                };
        if (byHeat && !settings.containsKey(Setting.TEMPERATURE_C)) {
            asked.add(Setting.TEMPERATURE_C);
        }
        if (kind == OperationKind.BOIL_DOWN && !settings.containsKey(Setting.MASS_G)) {
            asked.add(Setting.MASS_G);
        }
        return asked;
    }

    /** A wait after pouring is part of the pouring. */
    boolean isWaitFor(final Clause before) {
        return verb.equals("wait")
                && before.kind == OperationKind.POUR
                && !before.settings.containsKey(Setting.MINUTES)
                && settings.containsKey(Setting.HOURS);
    }

    void waited(final Clause wait) {
        put(Setting.MINUTES, wait.settings.get(Setting.HOURS) * 60);
    }

    /** Takes words out of what is left. */
    void take(final String words) {
        final int at = left.indexOf(words);
        if (at >= 0) {
            blank(at, at + words.length());
        }
    }

    /**
     * Numbers, other verbs and names that ended nowhere.
     *
     * @param named whether a word names something of the recipe
     */
    List<String> unused(final Predicate<String> named) {
        final List<String> unused = new ArrayList<>(unread);
        final Matcher numbers = LEFT_NUMBER.matcher(left.toString());
        while (numbers.find()) {
            unused.add(numbers.group().strip());
            blank(numbers);
        }
        final Matcher words = WORD.matcher(left);
        while (words.find()) {
            final String word = words.group();
            if (!SAYS_NOTHING.contains(word) && !named.test(word)) {
                unused.add(word);
            }
        }
        return unused;
    }

    private void blank(final Matcher m) {
        blank(m.start(), m.end());
    }

    private void blank(final int from, final int to) {
        left.replace(from, to, " ".repeat(to - from));
    }

    private static double number(final Matcher m) {
        return Double.parseDouble(m.group(1).replace(',', '.'));
    }
}
