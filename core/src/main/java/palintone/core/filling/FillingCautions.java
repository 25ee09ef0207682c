package palintone.core.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.life.Lethality;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.OperationKind;
import palintone.core.process.Cautions;
import palintone.core.substance.Alcohol;
import palintone.core.substance.Component;

/** Where a recipe can hurt somebody; each defers to those who decide. */
final class FillingCautions {

    /** Wetter than this it melts sugar that lies in it; ours. */
    private static final double WET = 0.05;

    /** Ganache is made one at about this; common practice, no source. */
    private static final double MIXED_WARM_C = 38;

    private FillingCautions() {}

    private static boolean any(final Cooked cooked, final Predicate<Cooked.Hazard> what) {
        return cooked.stages().stream().anyMatch(stage -> what.test(stage.state()));
    }

    static List<Sentence> of(final Cooked cooked) {
        final List<Sentence> words = new ArrayList<>();
        switch (Lethality.egg(cooked.eggs())) {
            case RAW ->
                    words.add(
                            Sentence.of(
                                    "Raw egg, never heated to a safe temperature. Give it a heat step;"
                                            + " many local codes forbid it otherwise."));
            case SHORT, HEATED -> words.add(eggStep(cooked));
            case NONE -> {
                // Nothing to say.
            }
        }
        if (any(cooked, Cooked.Hazard::burns)) {
            words.add(
                    Sentence.of(
                            "Cooked sugar sticks and burns deep: long sleeves, cold water within"
                                    + " reach, nobody else at the stove."));
        }
        if (any(cooked, Cooked.Hazard::boilsUp)) {
            words.add(Sentence.of(Cautions.BOILS_UP));
        }
        if (any(cooked, Cooked.Hazard::spirit)) {
            words.add(
                    Sentence.of(
                                    "Spirit: no flame near it; add it below {warm} and away from the"
                                            + " stove.")
                            .with("warm", 45, Unit.CELSIUS));
        }
        final double alcohol = Alcohol.percent(cooked.composition());
        if (Alcohol.declared(alcohol)) {
            words.add(
                    Sentence.of(
                                    "Holds {alcohol} alcohol by mass: name it to whoever eats it, on"
                                            + " the label too, and keep it from children.")
                            .with("alcohol", alcohol, Unit.PERCENT));
        }
        if (cooked.stages().stream().anyMatch(s -> s.kind() == OperationKind.BOIL_DOWN)) {
            words.add(Sentence.of("Boiling down: steam and spatter; a wide pot, a long spoon."));
        }
        if (cooked.folded().sugarG() > 0 && cooked.matrix().fraction(Component.WATER) > WET) {
            words.add(
                    Sentence.of(
                            "Pieces with sugar draw water out of a moist filling and melt away within"
                                    + " days: coat them with cocoa butter, fold them in last, and bite"
                                    + " one after a day and after three."));
        }
        cooked.unmelted().ifPresent(left -> words.add(unmelted(left)));
        if (cooked.stages().stream().anyMatch(s -> s.kind() == OperationKind.FREEZE)) {
            words.add(
                    Sentence.of(
                            "Out of the freezer wrapped, and unwrapped only at room temperature:"
                                    + " what condenses on it melts sugar."));
        }
        return words;
    }

    private static Sentence unmelted(final Cooked.Unmelted left) {
        return Sentence.of(
                        "What is poured does not melt the chocolate through: together they come to"
                                + " {together}, and {solid} of the cocoa butter stays solid. Warm them"
                                + " gently to {warm} before they are mixed, or melt the chocolate"
                                + " first.")
                .with("together", left.celsius(), Unit.CELSIUS)
                .with("solid", 100 * left.solid(), Unit.PERCENT)
                .with("warm", MIXED_WARM_C, Unit.CELSIUS);
    }

    /**
     * What the step reached and what the code asks, both as temperature and time. The comparison by
     * lethality is our own arithmetic and said to be.
     */
    private static Sentence eggStep(final Cooked cooked) {
        final List<Cooked.HeatStep> heat = Lethality.least(cooked.eggs());
        final Cooked.HeatStep step = Lethality.strongest(heat);
        final double reached = Lethality.reduction(heat);
        final Sentence said =
                Sentence.of(
                                "Egg: its strongest heat step reaches {reached} for {held}; the"
                                        + " United States ask {asked} for {asking} of sugared yolk."
                                        + " Counted by us in decimal reductions: {ours} against"
                                        + " {theirs}.")
                        .with("reached", step.celsius(), Unit.CELSIUS)
                        .with("held", step.seconds(), Unit.SECOND)
                        .with("asked", Lethality.STEP_C, Unit.CELSIUS)
                        .with("asking", Lethality.STEP_S, Unit.SECOND)
                        .with("ours", Lethality.said(heat), Unit.LOG10)
                        .with("theirs", Lethality.ofTheCode(), Unit.LOG10);
        return said.and(
                Sentence.of(
                        reached < Lethality.ofTheCode()
                                ? "Hold it longer or hotter; ask your local authority."
                                : "Measure in the coldest place; your local authority decides."));
    }
}
