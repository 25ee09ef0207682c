package palintone.core.filling.pot;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import palintone.core.substance.Alcohol;

/**
 * What can hurt at an operation, read off the pots before and after it. The name of the operation
 * says nothing: cream is as dangerous in what was heated to 175 °C as in what was caramelised.
 */
final class Hazards {

    private static final Set<OperationKind> HEATING =
            EnumSet.of(
                    OperationKind.HEAT,
                    OperationKind.COOK_SUGAR,
                    OperationKind.CARAMELISE,
                    OperationKind.TEMPER_YOLKS);

    /** Warmer than a hand bears, spirit gives off vapour that burns, °C; ours. */
    private static final double VAPOUR_FROM_C = 40;

    private final double hotC;
    private final boolean boilsUp;
    private final boolean spirit;

    /** What the pot would be told to be with what came into it, °C; 0 where it was told nothing. */
    private final double toldC;

    private Hazards(
            final double hotC, final boolean boilsUp, final boolean spirit, final double toldC) {
        this.hotC = hotC;
        this.boilsUp = boilsUp;
        this.spirit = spirit;
        this.toldC = toldC;
    }

    /** Before anything goes in. */
    static Hazards before(final Pot pot, final Operation op, final double[] grams) {
        boolean wet = false;
        boolean spirit = false;
        for (int i = 0; i < grams.length; i++) {
            if (grams[i] > 0) {
                wet |= Pot.wet(op.lines().get(i).ingredient());
                spirit |= Alcohol.burns(op.lines().get(i).ingredient().composition());
            }
        }
        final boolean stands = pot.massG() > 0;
        // Butter goes in when the pot has come down to where it is wanted.
        final boolean potHot =
                stands
                        && hot(pot)
                        && !(op.kind() == OperationKind.BUTTER
                                && op.value(OperationSetting.TEMPERATURE_C)
                                        <= Cooked.Hazard.BOILS_UP_FROM_C);
        boolean meets = potHot && wet;
        double hottestC = stands ? pot.hottestC() : Pot.ROOM_C;
        if (pot.coming.isPresent()) {
            final Pot came = pot.coming.get();
            hottestC = Math.max(hottestC, came.hottestC());
            meets |= potHot && came.wet();
            // What stands in the pot, and what goes in before the rest comes.
            meets |= hot(came) && (stands && pot.wet() || wet);
        }
        return new Hazards(hottestC, meets, spirit, told(pot, Arrays.stream(grams).sum()));
    }

    /** A pinch of salt does not cool a caramel: told warmths meet by mass, at the safe side. */
    private static double told(final Pot pot, final double addedG) {
        final double standsG = pot.massG();
        final double comesG = pot.coming.map(Pot::massG).orElse(0.0);
        final boolean told =
                pot.did.toldC > 0 || pot.coming.map(c -> c.did.toldC > 0).orElse(false);
        final double allG = standsG + comesG + addedG;
        return told && allG > 0
                ? (standsG * pot.hottestC()
                                + comesG * pot.coming.map(Pot::hottestC).orElse(0.0)
                                + addedG * Pot.ROOM_C)
                        / allG
                : 0;
    }

    private static boolean hot(final Pot pot) {
        return pot.hottestC() > Cooked.Hazard.BOILS_UP_FROM_C;
    }

    /** When it is done. */
    Cooked.Hazard after(final Pot pot, final Operation op) {
        if (HEATING.contains(op.kind())) {
            pot.did.toldC = op.value(OperationSetting.TEMPERATURE_C);
        } else {
            pot.did.toldC = cooled(op) && pot.temperatureC < toldC - 1 ? 0 : toldC;
        }
        return new Cooked.Hazard(
                Math.max(hotC, pot.hottestC()),
                boilsUp,
                !pot.eggs.isEmpty(),
                spirit || pot.temperatureC > VAPOUR_FROM_C && Alcohol.burns(pot.composition()));
    }

    private static boolean cooled(final Operation op) {
        return switch (op.kind()) {
            case COOL, CRUSH, REST, FREEZE, BUTTER, CUT -> true;
            default -> false;
        };
    }
}
