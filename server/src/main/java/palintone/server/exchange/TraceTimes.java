package palintone.server.exchange;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/**
 * Ways loggers write the time. The first under which nine in ten of the first rows can be read is
 * taken; day before month where both would do.
 */
enum TraceTimes {
    ISO_OFFSET("date and time with zone", (s, z) -> offset(s), true),
    ISO_LOCAL("2026-11-23T14:05:09", (s, z) -> local(s.replace(' ', 'T'), null, z), true),
    DAY_MONTH_DOTS("23.11.2026 14:05:09", (s, z) -> local(s, "d.M.yyyy H:mm[:ss][.SSS]", z), true),
    DAY_MONTH_SLASH("23/11/2026 14:05:09", (s, z) -> local(s, "d/M/yyyy H:mm[:ss][.SSS]", z), true),
    MONTH_DAY_SLASH("11/23/2026 14:05:09", (s, z) -> local(s, "M/d/yyyy H:mm[:ss][.SSS]", z), true),
    MONTH_DAY_AM_PM("11/23/2026 2:05:09 PM", (s, z) -> local(s, "M/d/yyyy h:mm[:ss] a", z), true),
    CLOCK("14:05:09", (s, z) -> clock(s), false),
    EPOCH_MILLIS("milliseconds since 1970", (s, z) -> ranged(s, 1e11, 1e14) / 1000, true),
    EPOCH_SECONDS("seconds since 1970", (s, z) -> ranged(s, 1e8, 1e11), true),
    SECONDS("seconds", (s, z) -> ranged(s, -1e7, 1e8), false),
    MINUTES("minutes", (s, z) -> ranged(s, -1e6, 1e6) * 60, false);

    /** Seconds of a text; where it names no zone, its clock is that of the house. */
    private interface Reader {
        double seconds(String text, ZoneId zone);
    }

    private static final double ENOUGH = 0.9;

    private final String words;
    private final Reader reader;
    private final boolean absolute;

    TraceTimes(final String words, final Reader reader, final boolean absolute) {
        this.words = words;
        this.reader = reader;
        this.absolute = absolute;
    }

    String words() {
        return words;
    }

    /** True where the day is known. */
    boolean absolute() {
        return absolute;
    }

    /** Seconds, since 1970 where the day is known; not a number where it cannot be read. */
    double read(final String text, final ZoneId zone) {
        try {
            return reader.seconds(text.strip(), zone);
        } catch (final DateTimeException | NumberFormatException e) {
            return Double.NaN;
        }
    }

    /** Share of texts that can be read this way. */
    double share(final List<String> texts) {
        final long good =
                texts.stream().filter(t -> !Double.isNaN(read(t, ZoneOffset.UTC))).count();
        return texts.isEmpty() ? 0 : good / (double) texts.size();
    }

    /** The way that suits, SECONDS where none does. */
    static TraceTimes of(final List<String> texts, final String header) {
        final boolean minutes =
                header.toLowerCase(Locale.ROOT).matches(".*\\b(min|minutes|minuten)\\b.*");
        for (final TraceTimes way : values()) {
            if (way.share(texts) >= ENOUGH) {
                return way == SECONDS && minutes ? MINUTES : way;
            }
        }
        return SECONDS;
    }

    private static double offset(final String text) {
        final OffsetDateTime t = OffsetDateTime.parse(text.replace(' ', 'T'));
        return t.toEpochSecond() + t.getNano() / 1e9;
    }

    private static double local(final String text, final String pattern, final ZoneId zone) {
        final LocalDateTime t =
                pattern == null
                        ? LocalDateTime.parse(text)
                        : LocalDateTime.parse(
                                text, DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH));
        return t.atZone(zone).toEpochSecond() + t.getNano() / 1e9;
    }

    private static double clock(final String text) {
        final LocalTime t =
                LocalTime.parse(text, DateTimeFormatter.ofPattern("H:mm:ss[.SSS][.SS][.S]"));
        return t.toNanoOfDay() / 1e9;
    }

    private static double ranged(final String text, final double low, final double high) {
        final double value = Double.parseDouble(text.replace(',', '.'));
        return value >= low && value < high ? value : Double.NaN;
    }

    /** A day alone, as some loggers write in a column of its own; empty where it is none. */
    static boolean isDay(final String text) {
        for (final String pattern : new String[] {"d.M.yyyy", "yyyy-MM-dd", "d/M/yyyy"}) {
            try {
                LocalDate.parse(text.strip(), DateTimeFormatter.ofPattern(pattern));
                return true;
            } catch (final DateTimeException next) {
                continue;
            }
        }
        return false;
    }
}
