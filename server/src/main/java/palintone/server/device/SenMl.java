package palintone.server.device;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import palintone.core.figure.OutOfRangeException;
import tools.jackson.databind.JsonNode;

/**
 * Temperatures from a SenML pack (RFC 8428, JSON): base name, base time, base unit and base value
 * are carried on from record to record, times below 2^28 are relative to now. What is not a
 * temperature is named and left, never the whole pack.
 */
final class SenMl {

    private static final double RELATIVE_BELOW = 268_435_456.0;
    private static final double KELVIN = 273.15;
    private static final int LONGEST_NAME = 120;
    private static final int MOST_RECORDS = 10_000;
    private static final double LATEST_S = 4_102_444_800.0;

    /** Clocks of devices differ a little. */
    private static final Duration AHEAD = Duration.ofMinutes(2);

    private static final double IMPOSSIBLE = 1e6;

    private SenMl() {}

    /** One temperature, °C; not a number where the device sent a record without one. */
    record Reading(String probe, Instant at, double celsius) {}

    /** A record that could not be read, and why. */
    public record Rejected(int record, String why) {}

    /** What came of a pack. */
    record Pack(List<Reading> readings, List<Rejected> rejected) {}

    /**
     * @param now what relative times are relative to
     * @param latest until when a probe may have read: a simulated one has a clock of its own
     */
    static Pack read(
            final JsonNode pack, final Instant now, final Function<String, Instant> latest) {
        if (!pack.isArray()) {
            throw new OutOfRangeException("pack", "not a list", "a SenML list of records");
        }
        if (pack.size() > MOST_RECORDS) {
            throw new OutOfRangeException("pack", pack.size() + " records", "up to 10000 records");
        }
        final List<Reading> readings = new ArrayList<>();
        final List<Rejected> rejected = new ArrayList<>();
        final Base base = new Base();
        for (int i = 0; i < pack.size(); i++) {
            final JsonNode record = pack.get(i);
            if (!record.isObject()) {
                rejected.add(new Rejected(i + 1, "not a record"));
                continue;
            }
            final String wrong = base.take(record);
            if (!wrong.isEmpty()) {
                rejected.add(new Rejected(i + 1, wrong));
                continue;
            }
            one(record, base, now, latest, i + 1, readings, rejected);
        }
        return new Pack(readings, rejected);
    }

    /** Base fields as they stand. */
    private static final class Base {
        private String name = "";
        private double time;
        private String unit = "";
        private double value;

        String take(final JsonNode record) {
            for (final String field : new String[] {"bt", "bv"}) {
                if (record.has(field) && !record.get(field).isNumber()) {
                    return field + " is not a number";
                }
            }
            name = record.has("bn") ? record.get("bn").asString() : name;
            unit = record.has("bu") ? record.get("bu").asString() : unit;
            time = record.has("bt") ? record.get("bt").asDouble() : time;
            value = record.has("bv") ? record.get("bv").asDouble() : value;
            return "";
        }
    }

    private static void one(
            final JsonNode record,
            final Base base,
            final Instant now,
            final Function<String, Instant> latest,
            final int number,
            final List<Reading> readings,
            final List<Rejected> rejected) {
        final String name = base.name + (record.has("n") ? record.get("n").asString() : "");
        final String unit = record.has("u") ? record.get("u").asString() : base.unit;
        final JsonNode v = record.get("v");
        final JsonNode t = record.get("t");
        String wrong = "";
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            wrong = "name is missing or longer than 120 characters";
        } else if (t != null && !t.isNumber()) {
            wrong = "t is not a number";
        } else if (v == null && record.has("n")) {
            wrong = "no numeric value v";
        } else if (v == null) {
            return; // a record of base fields only
        } else if (!v.isNumber()) {
            wrong = "v is not a number";
        } else if (!unit.equals("Cel") && !unit.equals("K")) {
            wrong = "unit is \"" + unit + "\"; allowed: Cel, K";
        }
        final double time = base.time + (t != null && t.isNumber() ? t.asDouble() : 0);
        if (wrong.isEmpty() && !(time > -1e9 && time < LATEST_S)) {
            wrong = "time is out of this century";
        }
        if (wrong.isEmpty() && moment(time, now).isAfter(latest.apply(name).plus(AHEAD))) {
            wrong = "time lies in the future: set the device's clock";
        }
        final double value = wrong.isEmpty() ? base.value + v.asDouble() : 0;
        if (wrong.isEmpty() && !(Math.abs(value) < IMPOSSIBLE)) {
            wrong = "v is no temperature";
        }
        if (!wrong.isEmpty()) {
            rejected.add(new Rejected(number, wrong));
            return;
        }
        readings.add(
                new Reading(name, moment(time, now), unit.equals("K") ? value - KELVIN : value));
    }

    private static Instant moment(final double time, final Instant now) {
        final long micros = Math.round((time - Math.floor(time)) * 1e6);
        return time < RELATIVE_BELOW
                ? now.plusNanos(Math.round(time * 1e9))
                : Instant.ofEpochSecond((long) Math.floor(time), micros * 1000);
    }
}
