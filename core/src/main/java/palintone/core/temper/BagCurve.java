package palintone.core.temper;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/**
 * The temperatures printed on a bag of couverture; each may be missing.
 *
 * @param meltC to melt, 35 to 60 °C
 * @param coolC to cool to, 22 to 32 °C
 * @param workC to work at, 25 to 36 °C
 */
public record BagCurve(OptionalDouble meltC, OptionalDouble coolC, OptionalDouble workC) {

    /** Melted so little above where it is worked nothing has melted. */
    private static final double LEAST_FALL_K = 4;

    /** Warmer than this no couverture gathers crystals while one waits. */
    private static final double WARMEST_COLD_C = 29;

    /** A bag that prints none. */
    public static final BagCurve NONE =
            new BagCurve(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());

    /**
     * @throws palintone.core.figure.OutOfRangeException when a temperature is impossible
     */
    public BagCurve {
        meltC.ifPresent(c -> Require.between("bag: melt to", c, 35, 60, "°C"));
        coolC.ifPresent(c -> Require.between("bag: cool to", c, 22, 32, "°C"));
        workC.ifPresent(c -> Require.between("bag: work at", c, 25, 36, "°C"));
        if (meltC.isPresent()
                && workC.isPresent()
                && workC.getAsDouble() > meltC.getAsDouble() - LEAST_FALL_K) {
            throw new OutOfRangeException(
                    "bag: work at",
                    workC.getAsDouble() + " °C",
                    "at least "
                            + LEAST_FALL_K
                            + " K below what it is melted to, "
                            + meltC.getAsDouble()
                            + " °C");
        }
    }

    /** Where it says to cool to, if crystals come there; else ours is the one to cool to. */
    public OptionalDouble coldC() {
        return coolC.isPresent()
                        && coolC.getAsDouble() <= WARMEST_COLD_C
                        && coolC.getAsDouble() < workC.orElse(Double.MAX_VALUE)
                ? coolC
                : OptionalDouble.empty();
    }

    /** Where it differs from ours, and our reason. */
    public List<Sentence> against(final TemperTargets ours) {
        final List<Sentence> notes = new ArrayList<>();
        meltC.ifPresent(
                c ->
                        differs(
                                notes,
                                "melts to",
                                c,
                                ours.melt(),
                                "below it crystals may survive, above it it scorches"));
        workC.ifPresent(
                c ->
                        differs(
                                notes,
                                "works at",
                                c,
                                ours.work(),
                                "ours is the window of its kind; the bag knows its own fat, so try"
                                        + " the paper test at both"));
        if (coolC.isPresent() && workC.isPresent() && coolC.getAsDouble() > workC.getAsDouble()) {
            notes.add(
                    Sentence.of("The bag cools to {cool}, above where it works: read it again.")
                            .with("cool", coolC.getAsDouble(), Unit.CELSIUS));
        } else if (coolC.isPresent() && coldC().isEmpty()) {
            notes.add(
                    Sentence.of(
                                    "The bag cools to {cool}: so warm crystals hardly come, and we cool"
                                            + " as our own curve does.")
                            .with("cool", coolC.getAsDouble(), Unit.CELSIUS));
        }
        return notes;
    }

    private static void differs(
            final List<Sentence> notes,
            final String does,
            final double bagC,
            final Band ours,
            final String reason) {
        if (bagC < ours.low() || bagC > ours.high()) {
            notes.add(
                    Sentence.of(
                                    "The bag "
                                            + does
                                            + " {bag}, we at {low} to {high}: "
                                            + reason
                                            + ".")
                            .with("bag", bagC, Unit.CELSIUS)
                            .with("low", ours.low(), Unit.CELSIUS)
                            .with("high", ours.high(), Unit.CELSIUS));
        }
    }
}
