package palintone.core.filling;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.OperationKind;

/**
 * What hot sugar does on the stove, in whichever pot.
 *
 * @param cooked whether any is cooked
 * @param meetsLiquid whether what boils up meets it while it is hot: poured into its pot, or it
 *     into another
 */
record HotSugar(boolean cooked, boolean meetsLiquid) {

    /** From here on liquid boils up in it at once, °C. */
    private static final double BOILS_UP_FROM_C = 140;

    /**
     * What holds as much water as this boils up; nuts bring a little too, but nothing that does.
     */
    private static final double LIQUID_SHARE = 0.12;

    private static final Set<OperationKind> COLD_BY =
            EnumSet.of(
                    OperationKind.CRUSH,
                    OperationKind.COOL,
                    OperationKind.REST,
                    OperationKind.FREEZE);

    private static final double COLD_C = 90;

    static HotSugar of(final List<Cooked.Stage> stages) {
        boolean cooked = false;
        boolean meets = false;
        /* Pots with sugar as hot as that, as they were then. */
        final Map<Integer, Cooked.Stage> hot = new HashMap<>();
        for (final Cooked.Stage stage : stages) {
            if (stage.kind() == OperationKind.COOK_SUGAR
                    || stage.kind() == OperationKind.CARAMELISE) {
                cooked = true;
                if (stage.temperatureC() >= BOILS_UP_FROM_C) {
                    hot.put(stage.pot(), stage);
                }
                continue;
            }
            final Cooked.Stage own = hot.get(stage.pot());
            meets |=
                    own != null
                            && stage.waterG() - own.waterG()
                                    > LIQUID_SHARE * Math.max(1, stage.massG() - own.massG());
            meets |=
                    hot.containsKey(stage.from())
                            && stage.waterG() > LIQUID_SHARE * Math.max(1, stage.massG());
            if (COLD_BY.contains(stage.kind()) && stage.temperatureC() < COLD_C) {
                hot.remove(stage.pot());
            }
        }
        return new HotSugar(cooked, meets);
    }
}
