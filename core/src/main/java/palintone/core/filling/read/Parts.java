package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.antlr.v4.runtime.BailErrorStrategy;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.atn.PredictionMode;
import org.antlr.v4.runtime.misc.ParseCancellationException;
import palintone.core.substance.KitchenUnit;

/** A text taken into its {@link Part}s by the grammar of kitchen numbers. */
final class Parts {

    private static final Map<String, Double> VULGAR =
            Map.of(
                    "½", 0.5, "¼", 0.25, "¾", 0.75, "⅓", 1 / 3.0, "⅔", 2 / 3.0, "⅛", 0.125, "⅜",
                    0.375, "⅝", 0.625, "⅞", 0.875, "⅕", 0.2);
    private static final List<String> NUMERALS =
            List.of(
                    "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine",
                    "ten", "eleven", "twelve");

    /** "1 c sugar" is a cup; nothing is done at so few degrees that stand without their sign. */
    private static final double MOST_CUPS = 12;

    private static final double FEW_MINUTES = 3;
    private static final double NIGHT_MIN = 12 * 60;

    /** A stick of butter is a quarter of a pound, by definition of those who sell it so. */
    private static final double STICK_OZ = 4;

    private Parts() {}

    static List<Part> of(final String text) {
        final List<Part> parts = new ArrayList<>();
        for (final KitchenParser.PieceContext piece : pieces(text)) {
            parts.add(part(text, piece));
        }
        return sticks(parts);
    }

    /** The quick way first; where it does not understand a text, the thorough one. */
    private static List<KitchenParser.PieceContext> pieces(final String text) {
        final KitchenParser quick = parser(text);
        quick.getInterpreter().setPredictionMode(PredictionMode.SLL);
        quick.setErrorHandler(new BailErrorStrategy());
        try {
            return quick.text().piece();
        } catch (ParseCancellationException e) {
            return parser(text).text().piece();
        }
    }

    private static KitchenParser parser(final String text) {
        final KitchenLexer lexer = new KitchenLexer(CharStreams.fromString(text));
        lexer.removeErrorListeners();
        final KitchenParser parser = new KitchenParser(new CommonTokenStream(lexer));
        parser.removeErrorListeners();
        return parser;
    }

    private static Part part(final String text, final KitchenParser.PieceContext piece) {
        if (piece.temperature() != null) {
            return temperature(text, piece.temperature());
        }
        if (piece.duration() != null) {
            return duration(text, piece.duration());
        }
        if (piece.length() != null) {
            final var length = piece.length();
            return numbers(
                    text,
                    length,
                    Part.PartKind.MILLIMETRES,
                    length.quantity(0),
                    length.CENTIMETRES() == null ? 1 : 10,
                    null);
        }
        if (piece.percentage() != null) {
            return numbers(
                    text,
                    piece.percentage(),
                    Part.PartKind.PERCENT,
                    piece.percentage().quantity(),
                    1,
                    null);
        }
        if (piece.amount() != null) {
            return amount(text, piece.amount());
        }
        if (piece.share() != null) {
            final var share = piece.share();
            final double times = share.value() == null ? 1 : number(share.value());
            return one(text, share, Part.PartKind.SHARE, times * fraction(share.fraction()));
        }
        if (piece.count() != null) {
            return numbers(
                    text, piece.count(), Part.PartKind.COUNT, piece.count().quantity(), 1, null);
        }
        if (piece.word() != null) {
            return one(text, piece.word(), Part.PartKind.WORD, 0);
        }
        final var mark = piece.mark();
        return one(
                text,
                mark,
                mark.NEWLINE() != null
                        ? Part.PartKind.BREAK
                        : mark.TAB() != null ? Part.PartKind.TAB : Part.PartKind.MARK,
                0);
    }

    private static Part temperature(
            final String text, final KitchenParser.TemperatureContext temperature) {
        final double sign = temperature.getStart().getType() == KitchenParser.DASH ? -1 : 1;
        final double low = sign * number(temperature.quantity().value(0));
        final double high = sign * last(temperature.quantity());
        if (temperature.DEGREE() == null
                && temperature.CELSIUS() != null
                && temperature.CELSIUS().getText().length() == 1
                && sign > 0
                && high <= MOST_CUPS) {
            return new Part(
                    Part.PartKind.AMOUNT,
                    from(temperature),
                    to(temperature),
                    text.substring(from(temperature), to(temperature)),
                    low,
                    high,
                    KitchenUnit.CUP);
        }
        final boolean fahrenheit = temperature.FAHRENHEIT() != null;
        return new Part(
                Part.PartKind.DEGREES,
                from(temperature),
                to(temperature),
                text.substring(from(temperature), to(temperature)),
                celsius(low, fahrenheit),
                celsius(high, fahrenheit),
                null);
    }

    private static double celsius(final double degrees, final boolean fahrenheit) {
        return fahrenheit ? Math.round((degrees - 32) / 1.8 * 10) / 10.0 : degrees;
    }

    private static Part duration(final String text, final KitchenParser.DurationContext duration) {
        if (duration.OVERNIGHT() != null) {
            return one(text, duration, Part.PartKind.MINUTES, NIGHT_MIN);
        }
        final double minutes =
                duration.SECONDS() != null
                        ? 1 / 60.0
                        : duration.HOURS() != null ? 60 : duration.DAYS() != null ? 1440 : 1;
        if (duration.quantity() != null) {
            return numbers(
                    text, duration, Part.PartKind.MINUTES, duration.quantity(), minutes, null);
        }
        final double many =
                duration.fraction() != null
                        ? fraction(duration.fraction())
                        : duration.COUPLE() == null
                                ? 1
                                : duration.COUPLE().getText().equalsIgnoreCase("few")
                                        ? FEW_MINUTES
                                        : 2;
        return one(text, duration, Part.PartKind.MINUTES, many * minutes);
    }

    private static Part amount(final String text, final KitchenParser.AmountContext amount) {
        final String word =
                amount.unit().FLUID() != null ? "fl oz" : amount.unit().UNIT().getText();
        final boolean stick = word.toLowerCase(Locale.ROOT).startsWith("stick");
        final KitchenUnit unit = stick ? null : KitchenUnit.written(word).orElse(KitchenUnit.PIECE);
        if (amount.quantity() != null) {
            final double times = amount.value() == null ? 1 : number(amount.value());
            return numbers(text, amount, Part.PartKind.AMOUNT, amount.quantity(), times, unit);
        }
        final double many = amount.fraction() == null ? 1 : fraction(amount.fraction());
        return new Part(
                Part.PartKind.AMOUNT,
                from(amount),
                to(amount),
                text.substring(from(amount), to(amount)),
                many,
                many,
                unit);
    }

    /** Sticks of butter are weighed; those of anything else are counted. */
    private static List<Part> sticks(final List<Part> parts) {
        for (int i = 0; i < parts.size(); i++) {
            final Part part = parts.get(i);
            if (part.is(Part.PartKind.AMOUNT) && part.unit() == null) {
                boolean butter = false;
                for (int k = i + 1; k < Math.min(parts.size(), i + 6); k++) {
                    butter |= parts.get(k).word().equals("butter");
                }
                parts.set(
                        i,
                        new Part(
                                part.kind(),
                                part.from(),
                                part.to(),
                                part.text(),
                                part.low() * (butter ? STICK_OZ : 1),
                                part.high() * (butter ? STICK_OZ : 1),
                                butter ? KitchenUnit.OUNCE : KitchenUnit.PIECE));
            }
        }
        return parts;
    }

    private static Part numbers(
            final String text,
            final ParserRuleContext of,
            final Part.PartKind kind,
            final KitchenParser.QuantityContext quantity,
            final double times,
            final KitchenUnit unit) {
        final double one = number(quantity.value(0)) * times;
        final double other = last(quantity) * times;
        return new Part(
                kind,
                from(of),
                to(of),
                text.substring(from(of), to(of)),
                Math.min(one, other),
                Math.max(one, other),
                unit);
    }

    private static Part one(
            final String text,
            final ParserRuleContext of,
            final Part.PartKind kind,
            final double number) {
        return new Part(
                kind, from(of), to(of), text.substring(from(of), to(of)), number, number, null);
    }

    private static int from(final ParserRuleContext of) {
        return of.getStart().getStartIndex();
    }

    private static int to(final ParserRuleContext of) {
        final Token stop = of.getStop();
        return (stop == null ? of.getStart() : stop).getStopIndex() + 1;
    }

    private static double last(final KitchenParser.QuantityContext quantity) {
        return number(quantity.value(quantity.value().size() - 1));
    }

    private static double number(final KitchenParser.ValueContext value) {
        if (value.NUMERAL() != null) {
            return NUMERALS.indexOf(value.NUMERAL().getText().toLowerCase(Locale.ROOT));
        }
        final double vulgar = value.VULGAR() == null ? 0 : VULGAR.get(value.VULGAR().getText());
        if (value.SLASH() == null) {
            return vulgar + (value.NUMBER().isEmpty() ? 0 : number(value.NUMBER(0).getText()));
        }
        final int at = value.NUMBER().size() - 2;
        final double below = number(value.NUMBER(at + 1).getText());
        return (at == 0 ? 0 : number(value.NUMBER(0).getText()))
                + (below == 0 ? 0 : number(value.NUMBER(at).getText()) / below);
    }

    /** "1,250" is a thousand and more, "0,250" a quarter. */
    private static double number(final String written) {
        return written.matches("[1-9]\\d{0,2},\\d{3}")
                ? Double.parseDouble(written.replace(",", ""))
                : Double.parseDouble(written.replace(',', '.'));
    }

    private static double fraction(final KitchenParser.FractionContext fraction) {
        return fraction.HALF() != null ? 0.5 : fraction.THIRD() != null ? 1 / 3.0 : 0.25;
    }
}
