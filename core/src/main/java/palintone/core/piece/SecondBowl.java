package palintone.core.piece;

import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.Band;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.ProcessDraft;
import palintone.core.process.TaskKind;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;

/**
 * A second bowl, of another couverture.
 *
 * @param couverture in it
 * @param toMelt at the start
 * @param keptG what of it stays in the pieces, g
 */
public record SecondBowl(Couverture couverture, Figure toMelt, double keptG) {

    /** A bowl in temper that nobody looks after; common practice, no source. */
    static final int STANDS_S = 20 * 60;

    /**
     * While it is still in temper.
     *
     * @param laid number of its task
     */
    static After whileItStands(final int laid) {
        return After.straight(laid)
                .within(STANDS_S, "The second bowl has stood long: read it and test it again.");
    }

    /**
     * What is left of it for another use.
     *
     * @param usedG taken out of it and kept, g
     */
    SecondBowl after(final double usedG) {
        return new SecondBowl(
                couverture,
                Figure.of(
                        toMelt.name(),
                        Math.max(0, toMelt.value() - usedG),
                        Unit.GRAM,
                        toMelt.basis()),
                Math.max(0, keptG - usedG));
    }

    /**
     * Tempered by hand, beside the first.
     *
     * @param what it is for, as "the caps"
     * @return number of its task
     */
    int lay(
            final ProcessDraft draft,
            final TaskKind kind,
            final String what,
            final Workplace place,
            final After after) {
        final TemperTargets targets = place.capTargets(couverture);
        final BowlAt worked = place.bowlAt(couverture);
        return draft.task(kind)
                .after(after)
                .say(
                        Sentence.of(
                                        "Temper {melt} of "
                                                + couverture.ingredient().name()
                                                + " for "
                                                + what
                                                + ": melt at {hot}, cool, bring it to"
                                                + " {work}, and test it on paper. Temper shows its"
                                                + " curve.")
                                .with("melt", toMelt.value(), Unit.GRAM)
                                .with("hot", targets.melt().middle(), Unit.CELSIUS)
                                .with("work", worked.temperatureC(), Unit.CELSIUS))
                .read(
                        "bowl for " + what,
                        Unit.CELSIUS,
                        worked.temperatureC(),
                        targets.work().outBy(worked.temperatureC()) == 0
                                ? targets.work()
                                : Band.around(
                                        worked.temperatureC() - 0.6,
                                        worked.temperatureC() + 0.6,
                                        1))
                .done();
    }
}
