package palintone.core.temper;

import java.util.List;
import java.util.Map;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** What the bag of a couverture says in numbers, and the composition that follows from it. */
public sealed interface BagNumbers permits CouvertureLabel, WhiteBag {

    /** Rules of composition by the name it is sold under. */
    Source RULES = Source.remembered("Directive 2000/36/EC, annex I; Codex CXS 87-1981");

    /**
     * In 100 g, each component. What the bag says comes out as it says it; what it leaves open is
     * counted as solids that do nothing.
     *
     * @throws palintone.core.figure.OutOfRangeException when its numbers cannot all be true
     */
    Map<Component, Double> gramsPer100();

    /**
     * What the composition rules say of its name; notes, never a refusal.
     *
     * @throws palintone.core.figure.OutOfRangeException when its numbers cannot all be true
     */
    List<Sentence> rules();

    /** Composition as every model reads it. */
    default Composition composition() {
        return Composition.per100(gramsPer100());
    }

    /**
     * To 100 g: what is left open as inert solids; what is too much off the water, then off all.
     */
    static Map<Component, Double> filled(final Map<Component, Double> grams, final double sum) {
        if (sum <= 100) {
            grams.merge(Component.FIBRE, 100 - sum, Double::sum);
            return grams;
        }
        final double dry = Math.min(sum - 100, grams.getOrDefault(Component.WATER, 0.0));
        grams.merge(Component.WATER, -dry, Double::sum);
        grams.replaceAll((component, g) -> g * 100 / (sum - dry));
        return grams;
    }

    /** Notes where there is less than the rules ask for. */
    static void least(
            final List<Sentence> notes, final String what, final double has, final double asked) {
        if (has < asked) {
            notes.add(
                    Sentence.of(
                                    "The rules ask for {asked} "
                                            + what
                                            + ", this has {has}: it may not carry the name.")
                            .with("asked", asked, Unit.PERCENT)
                            .with("has", has, Unit.PERCENT));
        }
    }
}
