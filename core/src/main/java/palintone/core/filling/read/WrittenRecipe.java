package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Style;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.Setting;

/**
 * A recipe read from text: lines that begin with an amount are ingredients, sentences with a verb
 * of the bench are operations. An ingredient goes in by the operation it stands behind ("boil: 200
 * g cream, 30 g honey"), or else by the first sentence that names it, or else at the beginning.
 *
 * @param doings operations in order, with what goes in
 * @param notUnderstood text that is neither, kept as it was
 */
public record WrittenRecipe(List<Doing> doings, List<String> notUnderstood) {

    private static final int LONGEST = 20_000;
    private static final int MOST_LINES = 200;

    private static final Map<String, OperationKind> VERBS = verbs();

    /** A recipe weighs in one and pours over the other. */
    private static final Map<String, String> SAME_THING =
            Map.of("couverture", "chocolate", "chocolate", "couverture", "purée", "puree");

    /** "Cook to 116 °C, then add the butter" is two things to do. */
    private static final String SENTENCE_ENDS = "(?<=[.;])\\s+|,?\\s+then\\s+";

    /** Degrees of either scale; without a letter they are Celsius. */
    private static final Pattern DEGREES =
            Pattern.compile(
                    "(-?\\d+(?:[.,]\\d+)?)\\s*(?:(?:[°º]|degrees?)\\s*([cf])?\\b|([cf])\\b|[°º])");

    private static final Pattern MINUTES = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*min");
    private static final Pattern HOURS = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*h(?:ours?)?\\b");
    private static final Pattern GRAMS = Pattern.compile("to\\s+(\\d+(?:[.,]\\d+)?)\\s*g\\b");

    /** A share of the operation, not the fat of the cream that is named in it. */
    private static final Pattern PERCENT =
            Pattern.compile(
                    "\\b(?:sieved?|strain(?:ed)?|blend(?:ed)?|crush(?:ed)?|cut|trim\\w*|los[st]\\w*|left"
                            + "|pass\\w*|yield\\w*)\\b[^\\d%]{0,4}(\\d+(?:[.,]\\d+)?)\\s*%");

    private static final Pattern PERCENT_A_MINUTE =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*%\\s*(?:a|per|/)\\s*min");
    private static final Pattern MILLIMETRES = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*mm");

    /** A caramel cooked hotter than this is cut, not piped; common practice, no source. */
    private static final double CHEWS_C = 117;

    /** Nothing but sugar gets as hot as this in a pot. */
    private static final double SUGAR_COOKS_FROM_C = 104;

    /** One operation as it was read. */
    public record Doing(
            OperationKind kind, List<WrittenLine> lines, Map<Setting, Double> settings) {}

    /**
     * @throws OutOfRangeException when the text is empty, an essay, or has no line with an amount
     */
    public static WrittenRecipe read(final String text) {
        Require.text("recipe text", text, LONGEST);
        final String[] rows = text.split("\\R");
        if (rows.length > MOST_LINES) {
            throw new OutOfRangeException(
                    "recipe text", rows.length + " lines", "up to " + MOST_LINES + " lines");
        }
        final List<Doing> doings = new ArrayList<>();
        final List<String> sentences = new ArrayList<>();
        final List<WrittenLine> loose = new ArrayList<>();
        final List<String> lost = new ArrayList<>();
        for (final String row : rows) {
            final String line = row.strip().replaceFirst("^[-•*·]\\s*|^\\d+[.)]\\s+(?=\\p{L})", "");
            if (line.isEmpty()) {
                continue;
            }
            final Optional<WrittenLine> ingredient = WrittenLine.read(line);
            if (ingredient.isPresent()) {
                loose.add(ingredient.get());
                continue;
            }
            boolean any = false;
            for (final String sentence : line.split(SENTENCE_ENDS)) {
                final Optional<Doing> doing = doing(sentence);
                if (doing.isPresent()) {
                    doings.add(doing.get());
                    sentences.add(sentence.toLowerCase(Locale.ROOT));
                    any = true;
                }
            }
            if (!any) {
                lost.add(line);
            }
        }
        if (loose.isEmpty() && doings.stream().allMatch(d -> d.lines().isEmpty())) {
            throw new OutOfRangeException(
                    "recipe text",
                    "no line with an amount",
                    "lines such as \"200 g cream\" or \"boil: 200 g cream\"");
        }
        return new WrittenRecipe(settle(doings, sentences, loose), lost);
    }

    /** What it is most likely meant to be, by what is done and what goes in. */
    public Style likely() {
        boolean cut = false;
        boolean cooked = false;
        boolean hard = false;
        boolean chocolate = false;
        for (final Doing doing : doings) {
            cut |= doing.kind() == OperationKind.CUT;
            cooked |=
                    doing.kind() == OperationKind.COOK_SUGAR
                            || doing.kind() == OperationKind.CARAMELISE;
            hard |=
                    doing.kind() == OperationKind.COOK_SUGAR
                            && doing.settings().getOrDefault(Setting.TEMPERATURE_C, 0.0) >= CHEWS_C;
            chocolate |=
                    doing.lines().stream()
                            .anyMatch(l -> l.plain().matches(".*(chocolate|couverture|house ).*"));
        }
        if (cooked && !chocolate) {
            return cut || hard ? Style.CHEWY_CARAMEL : Style.FLOWING_CARAMEL;
        }
        return cut ? Style.CUT_SLAB : Style.SOFT_SHELL;
    }

    private static Optional<Doing> doing(final String sentence) {
        final int colon = sentence.indexOf(':');
        final String head = colon > 0 ? sentence.substring(0, colon) : sentence;
        final String low = head.toLowerCase(Locale.ROOT);
        OperationKind kind = null;
        int first = Integer.MAX_VALUE;
        int longest = 0;
        for (final Map.Entry<String, OperationKind> verb : VERBS.entrySet()) {
            final int at = find(low, verb.getKey());
            if (at >= 0 && (at < first || at == first && verb.getKey().length() > longest)) {
                first = at;
                longest = verb.getKey().length();
                kind = verb.getValue();
            }
        }
        if (kind == null) {
            return Optional.empty();
        }
        if (kind == OperationKind.COOK_SUGAR && !low.contains("cook sugar")) {
            kind = cooked(low);
        }
        final List<WrittenLine> lines = new ArrayList<>();
        if (colon > 0) {
            for (final String part :
                    sentence.substring(colon + 1)
                            .split(",\\s+(?=[\\d½¼¾⅓⅔⅛])|\\s+and\\s+(?=\\d)")) {
                WrittenLine.read(part.replaceFirst("\\.$", "")).ifPresent(lines::add);
            }
        }
        return Optional.of(new Doing(kind, lines, settings(kind, low)));
    }

    /** What "cook" alone means: it may be said of sugar, of fruit, or of a custard. */
    private static OperationKind cooked(final String text) {
        if (text.contains("yolk") || text.contains("egg")) {
            return OperationKind.TEMPER_YOLKS;
        }
        final Map<Setting, Double> heat = new EnumMap<>(Setting.class);
        setTemperature(heat, OperationKind.COOK_SUGAR, text);
        final boolean sugary = heat.isEmpty() && text.matches(".*\\b(sugar|caramel|toffee).*");
        return sugary || heat.getOrDefault(Setting.TEMPERATURE_C, 0.0) >= SUGAR_COOKS_FROM_C
                ? OperationKind.COOK_SUGAR
                : OperationKind.COOK_FRUIT;
    }

    /** Where a verb stands as a word of its own, −1 where it does not. */
    private static int find(final String text, final String verb) {
        final Matcher m = Pattern.compile("\\b" + verb + "(?:s|ed|ing)?\\b").matcher(text);
        return m.find() ? m.start() : -1;
    }

    private static Map<Setting, Double> settings(final OperationKind kind, final String text) {
        final Map<Setting, Double> settings = new EnumMap<>(Setting.class);
        setTemperature(settings, kind, text);
        set(settings, kind, Setting.MINUTES, MINUTES, text);
        set(settings, kind, Setting.HOURS, HOURS, text);
        set(settings, kind, Setting.MASS_G, GRAMS, text);
        final boolean boiling = kind == OperationKind.BOIL || kind == OperationKind.COOK_FRUIT;
        set(settings, kind, Setting.PERCENT, boiling ? PERCENT_A_MINUTE : PERCENT, text);
        set(settings, kind, Setting.WIDTH_MM, MILLIMETRES, text);
        return settings;
    }

    private static void set(
            final Map<Setting, Double> settings,
            final OperationKind kind,
            final Setting setting,
            final Pattern pattern,
            final String text) {
        final Matcher m = pattern.matcher(text);
        if (kind.defaults().containsKey(setting) && m.find()) {
            settings.put(setting, possible(setting, text, number(m)));
        }
    }

    private static void setTemperature(
            final Map<Setting, Double> settings, final OperationKind kind, final String text) {
        final Matcher m = DEGREES.matcher(text);
        if (kind.defaults().containsKey(Setting.TEMPERATURE_C) && m.find()) {
            final boolean fahrenheit = "f".equals(m.group(2)) || "f".equals(m.group(3));
            final double celsius =
                    fahrenheit ? Math.round((number(m) - 32) / 1.8 * 10) / 10.0 : number(m);
            settings.put(Setting.TEMPERATURE_C, possible(Setting.TEMPERATURE_C, text, celsius));
        }
    }

    private static double number(final Matcher m) {
        return Double.parseDouble(m.group(1).replace(',', '.'));
    }

    /** What no pot does is refused with the words it stands in. */
    private static double possible(final Setting setting, final String text, final double value) {
        final String where = text.strip();
        return Require.between(
                "recipe text, \u201c"
                        + where.substring(0, Math.min(60, where.length()))
                        + "\u201d: "
                        + setting.words(),
                value,
                setting.low(),
                setting.high(),
                setting.unit().symbol());
    }

    /** Puts loose ingredients where they are named, and drops what cannot be done without any. */
    private static List<Doing> settle(
            final List<Doing> doings, final List<String> sentences, final List<WrittenLine> loose) {
        final List<List<WrittenLine>> into = new ArrayList<>();
        doings.forEach(d -> into.add(new ArrayList<>(d.lines())));
        final List<WrittenLine> first = new ArrayList<>();
        for (final WrittenLine line : loose) {
            int place = -1;
            for (int i = 0; i < sentences.size() && place < 0; i++) {
                if (doings.get(i).kind().lines() != OperationKind.Lines.NONE
                        && names(sentences.get(i), line)) {
                    place = i;
                }
            }
            (place < 0 ? first : into.get(place)).add(line);
        }
        final List<Doing> settled = new ArrayList<>();
        if (!first.isEmpty()) {
            settled.add(new Doing(OperationKind.ADD, first, Map.of()));
        }
        for (int i = 0; i < doings.size(); i++) {
            final Doing d = doings.get(i);
            final boolean wants =
                    d.kind().lines() == OperationKind.Lines.WANTED && into.get(i).isEmpty();
            final boolean unsaid = d.kind() == OperationKind.BOIL_DOWN && d.settings().isEmpty();
            if (!wants && !unsaid) {
                settled.add(new Doing(d.kind(), List.copyOf(into.get(i)), d.settings()));
            }
        }
        return settled;
    }

    private static boolean names(final String sentence, final WrittenLine line) {
        for (final String word : line.plain().split("[^\\p{L}]+")) {
            if (word.length() > 3 && sentence.contains(SAME_THING.getOrDefault(word, word))
                    || word.length() > 3 && sentence.contains(word)) {
                return true;
            }
        }
        return false;
    }

    private static Map<String, OperationKind> verbs() {
        final Map<String, OperationKind> verbs = new java.util.LinkedHashMap<>();
        for (final OperationKind kind : OperationKind.values()) {
            verbs.put(kind.words().replaceFirst(",.*$", ""), kind);
        }
        verbs.put("bring to the boil", OperationKind.BOIL);
        verbs.put("heat", OperationKind.BOIL);
        verbs.put("simmer", OperationKind.BOIL);
        verbs.put("pour", OperationKind.POUR);
        verbs.put("infuse", OperationKind.INFUSE);
        verbs.put("steep", OperationKind.INFUSE);
        verbs.put("reduce", OperationKind.BOIL_DOWN);
        verbs.put("strain", OperationKind.SIEVE);
        verbs.put("caramelize", OperationKind.CARAMELISE);
        verbs.put("mix", OperationKind.ADD);
        verbs.put("stir in", OperationKind.ADD);
        verbs.put("fold", OperationKind.ADD);
        verbs.put("melt", OperationKind.ADD);
        verbs.put("combine", OperationKind.ADD);
        verbs.put("dissolve", OperationKind.ADD);
        verbs.put("whip", OperationKind.ADD);
        verbs.put("beat", OperationKind.ADD);
        verbs.put("weigh", OperationKind.ADD);
        verbs.put("yolk", OperationKind.TEMPER_YOLKS);
        verbs.put("cook", OperationKind.COOK_SUGAR);
        verbs.put("chill", OperationKind.REST);
        verbs.put("leave", OperationKind.REST);
        verbs.put("whisk", OperationKind.EMULSIFY);
        verbs.put("stir", OperationKind.EMULSIFY);
        return verbs;
    }
}
