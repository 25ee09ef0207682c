package palintone.core.filling.read;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.ReducedLook;
import palintone.core.filling.read.Lexicon.Verb;
import palintone.core.substance.KitchenUnit;

/** The numbers of a clause, and what of an operation they set. */
final class Numbers {

    /** "Chill" without a temperature; a usual refrigerator, common practice, no source. */
    private static final double CHILLED_C = 4;

    /** Of a liquid that is only strained so much goes through; common practice, no source. */
    private static final double STRAINED_PERCENT = 98;

    private final RecipeReading reading;
    private final ClauseWords said;
    private final List<Draft> drafts;
    private final List<WrittenLine> all;

    /**
     * @param drafts what is done so far; grows
     * @param all every line weighed in
     */
    Numbers(
            final RecipeReading reading,
            final ClauseWords said,
            final List<Draft> drafts,
            final List<WrittenLine> all) {
        this.reading = reading;
        this.said = said;
        this.drafts = drafts;
        this.all = all;
    }

    /**
     * By what its own clause says.
     *
     * @param carriedC how warm the pot is said to be, °C; not a number where nothing says it
     */
    void set(final double carriedC, final Draft draft) {
        set(carriedC, draft, draft.clause);
    }

    /** By what another clause says of it. */
    void set(final double carriedC, final Draft draft, final Clause clause) {
        final String where = said.text(clause);
        final int to = clause.to();
        final int degrees = reading.free(clause.from(), to, Part.PartKind.DEGREES);
        if (degrees >= 0 && draft.knows(OperationSetting.TEMPERATURE_C)) {
            // Of a range the lower end: what is killed by heat must not be overrated.
            final boolean kills =
                    draft.kind == OperationKind.HEAT || draft.kind == OperationKind.TEMPER_YOLKS;
            final Part part = reading.at(degrees);
            draft.set(
                    OperationSetting.TEMPERATURE_C,
                    kills ? part.low() : rounded(part.middle()),
                    where);
            reading.went(degrees, PartUse.SET);
        } else if (degrees < 0 && !Double.isNaN(carriedC) && draft.kind == OperationKind.COOL) {
            draft.set(OperationSetting.TEMPERATURE_C, carriedC, where);
        }
        if (degrees < 0
                && (draft.kind == OperationKind.CARAMELISE
                        || draft.kind == OperationKind.COOK_SUGAR)) {
            sugar(draft, clause, where);
        }
        final int rate = rate(clause);
        if (rate >= 0
                && (draft.kind == OperationKind.BOIL || draft.kind == OperationKind.COOK_FRUIT)) {
            draft.set(OperationSetting.PERCENT, reading.at(rate).middle(), where);
            reading.went(rate, PartUse.SET);
            reading.went(rate + 1, PartUse.SET);
        }
        times(draft, clause, where);
        if (draft.kind == OperationKind.BOIL_DOWN) {
            reduced(draft, clause, where);
        }
        final int width = reading.free(clause.from(), to, Part.PartKind.MILLIMETRES);
        if (width >= 0 && draft.knows(OperationSetting.WIDTH_MM)) {
            draft.set(OperationSetting.WIDTH_MM, reading.at(width).middle(), where);
            reading.went(width, PartUse.SET);
        }
        final int percent = reading.free(clause.head(), to, Part.PartKind.PERCENT);
        final boolean shares =
                switch (draft.kind) {
                    case SIEVE, DRAIN, BLEND, CRUSH, CUT -> true;
                    default -> false;
                };
        if (percent >= 0 && shares) {
            final boolean lost = said.says(clause, "los[st]|lose|left|sticks");
            final double value = reading.at(percent).middle();
            draft.set(
                    OperationSetting.PERCENT,
                    lost && (draft.kind == OperationKind.SIEVE || draft.kind == OperationKind.DRAIN)
                            ? 100 - value
                            : value,
                    where);
            reading.went(percent, PartUse.SET);
        }
        if (draft.kind == OperationKind.SIEVE
                && reading.word(clause.head()).startsWith("strain")
                && !holdsPulp()) {
            // A liquid strained leaves little behind; pulp is what a sieve keeps.
            draft.settings.putIfAbsent(OperationSetting.PERCENT, STRAINED_PERCENT);
        }
        if (clause.verb() == Verb.CHILL
                || (draft.kind == OperationKind.REST || draft.kind == OperationKind.INFUSE)
                        && said.says(clause, "fridge|refrigerator|refrigerated")) {
            draft.settings.putIfAbsent(OperationSetting.TEMPERATURE_C, CHILLED_C);
        }
    }

    /** Toffee is golden long before clear sugar is: then it is asked. */
    private boolean holdsMilk(final Draft draft) {
        return Stream.concat(drafts.stream(), Stream.of(draft))
                .filter(d -> d.pot == draft.pot)
                .flatMap(d -> d.lines.stream())
                .flatMap(line -> line.names().stream())
                .anyMatch(name -> name.matches("cream|milk|butter|ghee|dairy|crème|beurre|lait"));
    }

    /** "To amber", "to the firm ball": by what Cook sugar calls so, which is said. */
    private void sugar(final Draft draft, final Clause clause, final String where) {
        SugarLook.in(reading, clause.from(), clause.to())
                .filter(look -> !look.colour() || !holdsMilk(draft))
                .ifPresent(
                        look -> {
                            draft.set(
                                    OperationSetting.TEMPERATURE_C, rounded(look.celsius()), where);
                            for (int i = look.from(); i < look.to(); i++) {
                                reading.went(i, PartUse.SET);
                            }
                            draft.byLook = true;
                        });
    }

    private boolean holdsPulp() {
        return drafts.stream()
                        .anyMatch(
                                d ->
                                        d.kind == OperationKind.BLEND
                                                || d.kind == OperationKind.COOK_FRUIT)
                || all.stream()
                        .flatMap(l -> l.names().stream())
                        .anyMatch(name -> Lexicon.isKindOf("fruit", name) || name.equals("fruit"));
    }

    private void times(final Draft draft, final Clause clause, final String where) {
        final boolean hours = draft.knows(OperationSetting.HOURS);
        if (!hours && !draft.knows(OperationSetting.MINUTES)) {
            return;
        }
        double minutes = 0;
        int at = reading.free(clause.from(), clause.to(), Part.PartKind.MINUTES);
        while (at >= 0) {
            minutes += reading.at(at).middle();
            reading.went(at, PartUse.SET);
            final boolean goesOn =
                    at + 1 < clause.to() && reading.at(at + 1).is(Part.PartKind.MINUTES)
                            || at + 2 < clause.to()
                                    && reading.word(at + 1).equals("and")
                                    && reading.at(at + 2).is(Part.PartKind.MINUTES);
            at = goesOn ? reading.free(clause.from(), clause.to(), Part.PartKind.MINUTES) : -1;
        }
        if (minutes > 0) {
            draft.set(
                    hours ? OperationSetting.HOURS : OperationSetting.MINUTES,
                    hours ? minutes / 60 : minutes,
                    where);
        }
    }

    /** "2 % a minute". */
    private int rate(final Clause clause) {
        final int percent = reading.free(clause.from(), clause.to(), Part.PartKind.PERCENT);
        if (percent < 0 || percent + 1 >= clause.to()) {
            return -1;
        }
        final Part next = reading.at(percent + 1);
        final boolean aMinute =
                next.is(Part.PartKind.MINUTES) && next.text().toLowerCase().startsWith("a")
                        || next.word().equals("per")
                        || next.isMark("/");
        return aMinute ? percent : -1;
    }

    /** Down to grams, by a share, or to a share. */
    private void reduced(final Draft draft, final Clause clause, final String where) {
        for (int i = clause.from(); i < clause.to(); i++) {
            final Part part = reading.at(i);
            final boolean share =
                    part.is(Part.PartKind.SHARE)
                            || part.is(Part.PartKind.PERCENT)
                            || part.is(Part.PartKind.COUNT) && part.low() < 1;
            if (!reading.isFree(i) || !share && !part.is(Part.PartKind.AMOUNT)) {
                continue;
            }
            if (share) {
                final double of =
                        part.is(Part.PartKind.PERCENT) ? part.middle() : part.middle() * 100;
                final boolean to = reading.word(i - 1).equals("to");
                draft.set(OperationSetting.PERCENT, to ? 100 - of : of, where);
                reading.went(i, PartUse.SET);
                return;
            }
            final boolean metric =
                    part.unit() == KitchenUnit.GRAM || part.unit() == KitchenUnit.KILOGRAM;
            // What a recipe in ounces weighs in looks the same as what is to be left.
            if (metric || part.unit().isMass() && reading.word(i - 1).equals("to")) {
                draft.set(OperationSetting.MASS_G, part.middle() * part.unit().eachG(), where);
                reading.went(i, PartUse.SET);
                return;
            }
        }
        byLook(draft, clause, where);
    }

    /** "Reduce until syrupy": by the custom of the look, which is said. */
    private void byLook(final Draft draft, final Clause clause, final String where) {
        final int until = said.word(clause, "until|till|to");
        if (until < 0) {
            return;
        }
        ReducedLook found = null;
        for (int i = until; i < clause.to(); i++) {
            final Optional<ReducedLook> look = ReducedLook.of(reading.word(i));
            if (look.isPresent()
                    && (found == null || look.get().awayPercent() > found.awayPercent())) {
                found = look.get();
                reading.went(i, PartUse.SET);
            }
        }
        if (found != null) {
            draft.set(OperationSetting.PERCENT, found.awayPercent(), where);
            draft.byLook = true;
        }
    }

    private static double rounded(final double value) {
        return Math.round(value * 10) / 10.0;
    }
}
