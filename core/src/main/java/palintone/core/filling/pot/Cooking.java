package palintone.core.filling.pot;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Source;

/** Plays a recipe through, one operation after the other, each in its pot. */
public final class Cooking {

    public static final Source PRACTICE =
            Source.practice("what boils off, sticks and is held back at each operation");

    /** Pressure of the air at sea level, hPa. */
    public static final double SEA_LEVEL_HPA = PhysicalConstants.SEA_LEVEL_HPA;

    private Cooking() {}

    /**
     * At sea level.
     *
     * @throws OutOfRangeException when an operation cannot be done with what is in the pot
     */
    public static Cooked cook(final List<Operation> operations) {
        return cook(operations, grams(operations), SEA_LEVEL_HPA);
    }

    /** Grams of every line, in the order of the recipe. */
    public static double[] grams(final List<Operation> operations) {
        return operations.stream()
                .flatMap(op -> op.lines().stream())
                .mapToDouble(RecipeLine::massG)
                .toArray();
    }

    /**
     * The same operations with other amounts; this is what a balance tries hundreds of times.
     *
     * @param grams of every line in the order of the recipe, 0 or more
     * @param pressureHPa of the air
     * @throws OutOfRangeException when an operation cannot be done with what is in the pot; the
     *     field names the operation by its place
     */
    public static Cooked cook(
            final List<Operation> operations, final double[] grams, final double pressureHPa) {
        return cook(operations, grams, pressureHPa, 0);
    }

    /**
     * The same, looking into one of its pots at the end.
     *
     * @param outOf number of the pot, counted from 0
     * @throws OutOfRangeException when an operation cannot be done with what is in its pot, or
     *     nothing is in the pot looked into
     */
    public static Cooked cook(
            final List<Operation> operations,
            final double[] grams,
            final double pressureHPa,
            final int outOf) {
        final Stove stove = new Stove(pressureHPa);
        final List<Cooked.Stage> stages = new ArrayList<>(operations.size());
        int next = 0;
        for (int i = 0; i < operations.size(); i++) {
            final Operation op = operations.get(i);
            final double[] mine = new double[op.lines().size()];
            for (int k = 0; k < mine.length; k++) {
                mine[k] = grams[next++];
            }
            final Pot pot = stove.pot(op.pot());
            final double takenG;
            final Hazards hazards;
            try {
                pot.coming = op.from().map(stove::take);
                takenG = pot.coming.map(Pot::massG).orElse(0.0);
                hazards = Hazards.before(pot, op, mine);
                op.kind().act(pot, op, mine);
            } catch (OutOfRangeException e) {
                throw e.inside("operation " + (i + 1) + ",");
            }
            stages.add(
                    new Cooked.Stage(
                            op.kind(),
                            op.pot(),
                            op.from().map(FromPot::pot).orElse(-1),
                            takenG,
                            pot.massG(),
                            pot.waterG(),
                            pot.temperatureC,
                            pot.losses(),
                            hazards.after(pot, op)));
        }
        final Pot pot = stove.pot(outOf);
        if (pot.massG() <= 0) {
            throw new OutOfRangeException(
                    "recipe",
                    "nothing in " + (outOf == 0 ? "the pot" : "pot " + (outOf + 1)),
                    "something in it at the end: what is cooked in other pots must go into it");
        }
        return new Cooked(
                pot.composition(),
                pot.folded(),
                pot.massG(),
                Collections.unmodifiableMap(new LinkedHashMap<>(pot.weighed)),
                Collections.unmodifiableSet(new LinkedHashSet<>(pot.inIt)),
                List.copyOf(stages),
                stove.left(outOf),
                pot.eggs.stream().map(List::copyOf).toList(),
                pot.everHeated,
                pot.ph(),
                List.copyOf(pot.rawSinceHeat),
                Map.copyOf(pot.gelling),
                new Cooked.History(
                        pot.did.cookedSugarC,
                        pot.boiledClear(),
                        pot.caramelisedG,
                        pot.invertedG,
                        pot.did.highestC,
                        pot.did.blended,
                        pot.did.emulsifiedWidthMm,
                        pot.did.mixedC,
                        pot.did.butterC,
                        pot.did.pouredAtC,
                        pot.did.cutMm,
                        pot.did.restHours,
                        pot.did.coldRestHours));
    }
}
