package palintone.core.filling;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.life.Lethality;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.OperationKind;
import palintone.core.substance.Component;
import palintone.core.substance.FunctionalClass;

/** Where a recipe can hurt somebody; each defers to those who decide. */
final class Cautions {

    /** Wetter than this it melts sugar that lies in it; ours. */
    private static final double WET = 0.05;

    private static final double FLAMMABLE_SHARE = 0.15;

    private Cautions() {}

    static List<Sentence> of(final Cooked cooked) {
        final List<Sentence> words = new ArrayList<>();
        if (cooked.rawEgg()) {
            words.add(
                    Sentence.of(
                            "Raw egg, never heated to a safe temperature. Give it a heat step; many"
                                    + " local codes forbid it otherwise."));
        } else if (cooked.hasEgg()) {
            words.add(eggStep(cooked));
        }
        final HotSugar sugar = HotSugar.of(cooked.stages());
        if (sugar.cooked()) {
            words.add(
                    Sentence.of(
                            "Cooked sugar sticks and burns deep: long sleeves, cold water within"
                                    + " reach, nobody else at the stove."));
        }
        if (sugar.meetsLiquid()) {
            words.add(
                    Sentence.of(
                            "Liquid into hot caramel throws steam and sugar: warm it, pour in thin"
                                    + " parts, hands and face away, pot no more than a third full."));
        }
        if (cooked.weighed().keySet().stream()
                .anyMatch(
                        i ->
                                i.is(FunctionalClass.SPIRIT)
                                        || i.composition().fraction(Component.ETHANOL)
                                                > FLAMMABLE_SHARE)) {
            words.add(
                    Sentence.of(
                                    "Spirit: no flame near it; add it below {warm} and away from the stove."
                                            + " Alcohol in the piece must be declared; keep it from"
                                            + " children.")
                            .with("warm", 45, Unit.CELSIUS));
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
        if (cooked.stages().stream().anyMatch(s -> s.kind() == OperationKind.FREEZE)) {
            words.add(
                    Sentence.of(
                            "Out of the freezer wrapped, and unwrapped only at room temperature:"
                                    + " what condenses on it melts sugar."));
        }
        return words;
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
                        .with("ours", Math.min(99, reached), Unit.LOG10)
                        .with("theirs", Lethality.ofTheCode(), Unit.LOG10);
        return said.and(
                Sentence.of(
                        reached < Lethality.ofTheCode()
                                ? "Hold it longer or hotter; ask your local authority."
                                : "Measure in the coldest place; your local authority decides."));
    }
}
