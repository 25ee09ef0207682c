package palintone.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.time.MonthDay;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * An order as it is said: "240 Plum &amp; bay, 96 Buckwheat honey, ready Saturday 9:00". Whatever
 * is not understood is said, never left out.
 *
 * @param lines what is wanted
 * @param due when it should be ready; empty where that is not said
 * @param unread parts that could not be understood, with why
 */
public record OrderText(List<Line> lines, Optional<LocalDateTime> due, List<Unread> unread) {

    private static final int LONGEST = 4000;
    private static final int MOST_PIECES = 100_000;

    private static final Pattern READY =
            Pattern.compile("(?:ready|due|by|for|until)(?:\\s+(?:on|for|by))?\\s+(.+)");

    private static final Pattern COUNTED =
            Pattern.compile(
                    "(\\d{1,3}(?:[', ]\\d{3})+|\\d+)\\s*(?:x|×|pieces(?: of)?|pcs|of)?\\s+(.+)");

    private static final Pattern WHEN =
            Pattern.compile(
                    "(?<day>today|tomorrow|(?:next\\s+)?(?:mon|tues|wednes|thurs|fri|satur|sun)day"
                            + "|\\d{4}-\\d{2}-\\d{2}|\\d{1,2}\\.?\\s+[a-z]+(?:\\s+\\d{4})?)"
                            + "(?:[\\s,]+(?:at\\s+)?(?<time>noon|\\d{1,2}(?:[:.]\\d{2})?\\s*(?:am|pm)?))?");

    /** Where no hour is said: what is ready in the morning is ready all day. */
    private static final LocalTime MORNING = LocalTime.of(9, 0);

    /**
     * So many of one.
     *
     * @param piece id of it
     * @param pieces how many, 1 to 100000
     */
    public record Line(String piece, int pieces) {}

    /**
     * A part that is not understood.
     *
     * @param text as it was written
     * @param why it is not
     */
    public record Unread(String text, String why) {}

    /** The lists are copied. */
    public OrderText {
        lines = List.copyOf(lines);
        unread = List.copyOf(unread);
    }

    /**
     * Reads an order.
     *
     * @param text at most 4000 characters; parts stand in lines or between commas
     * @param pieces there are, names by id
     * @param now from which "Saturday" counts
     */
    public static OrderText read(
            final String text, final Map<String, String> pieces, final LocalDateTime now) {
        Require.text("order", text, LONGEST);
        final List<Line> lines = new ArrayList<>();
        final List<Unread> unread = new ArrayList<>();
        Optional<LocalDateTime> due = Optional.empty();
        for (final String part : text.split("[\\n;,]+(?!\\d{3}\\b)")) {
            final String said = part.strip().replaceAll("\\s+", " ").replaceAll("\\.$", "");
            if (said.isEmpty()) {
                continue;
            }
            final Matcher ready = READY.matcher(said.toLowerCase(Locale.ROOT));
            final Matcher counted = COUNTED.matcher(said);
            if (ready.matches()) {
                final Optional<LocalDateTime> when = when(ready.group(1), now);
                if (when.isEmpty()) {
                    unread.add(new Unread(said, "a day is wanted, as Saturday 9:00 or 2026-12-24"));
                } else if (due.isPresent()) {
                    unread.add(new Unread(said, "there is a day already"));
                } else if (!when.get().isAfter(now)) {
                    unread.add(new Unread(said, "that is past"));
                } else {
                    due = when;
                }
            } else if (counted.matches()) {
                line(said, counted, pieces, lines, unread);
            } else {
                final Optional<LocalDateTime> when = when(said.toLowerCase(Locale.ROOT), now);
                if (when.filter(now::isBefore).isPresent() && due.isEmpty()) {
                    due = when;
                } else {
                    unread.add(new Unread(said, "how many, and of which piece?"));
                }
            }
        }
        return new OrderText(lines, due, unread);
    }

    private static void line(
            final String said,
            final Matcher counted,
            final Map<String, String> pieces,
            final List<Line> lines,
            final List<Unread> unread) {
        final String digits = counted.group(1).replaceAll("[', ]", "");
        final List<String> found = found(counted.group(2), pieces);
        if (digits.length() > 6
                || Integer.parseInt(digits) < 1
                || Integer.parseInt(digits) > MOST_PIECES) {
            unread.add(new Unread(said, "1 to 100 000 pieces"));
        } else if (found.isEmpty()) {
            unread.add(new Unread(said, "no piece of that name"));
        } else if (found.size() > 1) {
            unread.add(
                    new Unread(
                            said,
                            "which one: "
                                    + String.join(", ", found.stream().map(pieces::get).toList())
                                    + "?"));
        } else {
            lines.add(new Line(found.get(0), Integer.parseInt(digits)));
        }
    }

    /**
     * Pieces a name can mean: the one of that name, else those it is the beginning or a part of.
     */
    private static List<String> found(final String said, final Map<String, String> pieces) {
        final String name = plain(said);
        final String one = name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
        for (final String wanted : List.of(name, one)) {
            final List<String> same =
                    pieces.entrySet().stream()
                            .filter(e -> plain(e.getValue()).equals(wanted))
                            .map(Map.Entry::getKey)
                            .sorted()
                            .toList();
            if (!same.isEmpty()) {
                return same;
            }
        }
        return pieces.entrySet().stream()
                .filter(e -> (" " + plain(e.getValue())).contains(" " + one))
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }

    private static String plain(final String name) {
        return name.toLowerCase(Locale.ROOT)
                .replace("&", " and ")
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }

    /**
     * A moment as it is said: "Saturday 9:00", "next Saturday", "tomorrow noon", "2026-12-24 8:30",
     * "24 December". The day that comes next, never one that is past; at nine where no hour is
     * said.
     */
    public static Optional<LocalDateTime> when(final String said, final LocalDateTime now) {
        final Matcher when = WHEN.matcher(said.toLowerCase(Locale.ROOT).strip());
        if (!when.matches()) {
            return Optional.empty();
        }
        final Optional<LocalTime> time =
                Optional.ofNullable(when.group("time")).map(OrderText::time);
        if (when.group("time") != null && time.isEmpty()) {
            return Optional.empty();
        }
        final LocalTime hour = time.orElse(MORNING);
        return day(when.group("day"), hour, now).map(day -> day.atTime(hour));
    }

    private static LocalTime time(final String said) {
        if (said.equals("noon")) {
            return LocalTime.NOON;
        }
        final String digits = said.replaceAll("[^\\d:.]", "");
        final String[] parts = digits.split("[:.]");
        int hour = Integer.parseInt(parts[0]);
        final int minute = parts.length > 1 ? Integer.parseInt(parts[1]) : 0;
        if (said.endsWith("pm") && hour < 12) {
            hour += 12;
        } else if (said.endsWith("am") && hour == 12) {
            hour = 0;
        }
        return hour > 23 || minute > 59 ? null : LocalTime.of(hour, minute);
    }

    private static Optional<LocalDate> day(
            final String said, final LocalTime hour, final LocalDateTime now) {
        final LocalDate today = now.toLocalDate();
        if (said.equals("today")) {
            return Optional.of(today);
        }
        if (said.equals("tomorrow")) {
            return Optional.of(today.plusDays(1));
        }
        if (said.endsWith("day")) {
            final boolean next = said.startsWith("next");
            final DayOfWeek day =
                    DayOfWeek.valueOf(said.replaceFirst("next\\s+", "").toUpperCase(Locale.ROOT));
            if (next) {
                // Of the week after this one.
                return Optional.of(
                        today.with(TemporalAdjusters.next(DayOfWeek.MONDAY))
                                .with(TemporalAdjusters.nextOrSame(day)));
            }
            final LocalDate on = today.with(TemporalAdjusters.nextOrSame(day));
            return Optional.of(on.atTime(hour).isAfter(now) ? on : on.plusWeeks(1));
        }
        try {
            if (said.matches("\\d{4}-\\d{2}-\\d{2}")) {
                return Optional.of(LocalDate.parse(said));
            }
            return named(said, today);
        } catch (java.time.DateTimeException | OutOfRangeException e) {
            return Optional.empty();
        }
    }

    private static Optional<LocalDate> named(final String said, final LocalDate today) {
        final String[] words = said.replace(".", "").split(" ");
        for (final Month month : Month.values()) {
            final String name = month.name().toLowerCase(Locale.ROOT);
            if (words[1].length() >= 3 && name.startsWith(words[1])) {
                final int day = Integer.parseInt(words[0]);
                if (words.length > 2) {
                    return Optional.of(LocalDate.of(Integer.parseInt(words[2]), month, day));
                }
                final LocalDate on = MonthDay.of(month, day).atYear(today.getYear());
                return Optional.of(on.isBefore(today) ? on.plusYears(1) : on);
            }
        }
        return Optional.empty();
    }
}
