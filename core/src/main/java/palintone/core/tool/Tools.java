package palintone.core.tool;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/**
 * What a workshop has. A kind it has named nothing of sets no limit.
 *
 * @param scales to weigh on
 * @param thermometers to read by
 * @param melters to melt in
 * @param cabinets to cool in, the first one is used where none is chosen
 */
public record Tools(
        List<Scale> scales,
        List<Thermometer> thermometers,
        List<Melter> melters,
        List<Cabinet> cabinets) {

    /** A weighing that may be off by more than this is said; ours. */
    private static final double DOUBT = 0.05;

    /** The lists are copied. */
    public Tools {
        scales = List.copyOf(scales);
        thermometers = List.copyOf(thermometers);
        melters = List.copyOf(melters);
        cabinets = List.copyOf(cabinets);
    }

    /** The finest scale that bears a mass; empty where none does, or none is named. */
    public Optional<Scale> scaleFor(final double massG) {
        return scales.stream()
                .filter(scale -> scale.mostG() >= massG)
                .min(Comparator.comparingDouble(Scale::stepG));
    }

    /**
     * What no scale of the house weighs well.
     *
     * @param what is weighed
     * @param massG of it, more than 0
     */
    public Optional<Sentence> weighing(final String what, final double massG) {
        final Optional<Scale> scale = scaleFor(massG);
        if (scale.isEmpty() || scale.get().doubt(massG) <= DOUBT) {
            return Optional.empty();
        }
        final Scale finest = scale.get();
        return Optional.of(
                Sentence.of(
                                "{mass} of "
                                        + what
                                        + " may be off by {doubt} on "
                                        + finest.name()
                                        + ", which counts in steps of {step}: weigh it on a finer"
                                        + " scale, or make more at once.")
                        .with("mass", massG, Unit.GRAM)
                        .with("doubt", finest.doubt(massG) * 100, Unit.PERCENT)
                        .with("step", finest.stepG(), Unit.GRAM));
    }

    /**
     * Whether a bowl finds room.
     *
     * @param massG to melt
     */
    public Optional<Sentence> melting(final double massG) {
        return melters.stream()
                .max(Comparator.comparingDouble(Melter::holdsG))
                .filter(largest -> largest.holdsG() < massG)
                .map(
                        largest ->
                                Sentence.of(
                                                "{mass} are more than "
                                                        + largest.name()
                                                        + " holds, {holds}: melt in two, or make"
                                                        + " fewer.")
                                        .with("mass", massG, Unit.GRAM)
                                        .with("holds", largest.holdsG(), Unit.GRAM));
    }

    /**
     * Whether the moulds find room in the first cabinet.
     *
     * @param moulds to cool at once
     */
    public Optional<Sentence> cooling(final int moulds) {
        return cabinets.stream()
                .findFirst()
                .filter(cabinet -> cabinet.moulds().orElse(moulds) < moulds)
                .map(
                        cabinet ->
                                Sentence.of(
                                                "{moulds} do not go into "
                                                        + cabinet.name()
                                                        + " at once, which takes {takes}: cool them"
                                                        + " in turns.")
                                        .with("moulds", moulds, Unit.MOULD)
                                        .with("takes", cabinet.moulds().orElseThrow(), Unit.MOULD));
    }

    /**
     * Whether the best thermometer can tell the window at all.
     *
     * @param window the bowl is held in, °C
     */
    public Optional<Sentence> reading(final Band window) {
        final double wide = window.high() - window.low();
        return thermometers.stream()
                .min(
                        Comparator.comparing(Thermometer::surfaceOnly)
                                .thenComparing(Thermometer::errorK))
                .filter(best -> best.surfaceOnly() || 2 * best.errorK() > wide)
                .map(
                        best ->
                                best.surfaceOnly()
                                        ? Sentence.of(
                                                best.name()
                                                        + " reads the surface only: stir, and test"
                                                        + " on paper.")
                                        : Sentence.of(
                                                        best.name()
                                                                + " may be {error} off either way,"
                                                                + " and the window is {wide} wide:"
                                                                + " trust the paper test more.")
                                                .with("error", best.errorK(), Unit.KELVIN)
                                                .with("wide", wide, Unit.KELVIN));
    }

    /** Of several findings those there are. */
    @SafeVarargs
    public static List<Sentence> said(final Optional<Sentence>... findings) {
        final List<Sentence> said = new ArrayList<>();
        for (final Optional<Sentence> finding : findings) {
            finding.ifPresent(said::add);
        }
        return said;
    }
}
