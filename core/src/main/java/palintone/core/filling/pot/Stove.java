package palintone.core.filling.pot;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;

/** Every pot of a recipe while it is played, as they are asked for. */
final class Stove {

    private final double pressureHPa;
    private final List<Pot> pots = new ArrayList<>();

    Stove(final double pressureHPa) {
        this.pressureHPa = pressureHPa;
    }

    Pot pot(final int number) {
        while (pots.size() <= number) {
            pots.add(new Pot(pressureHPa));
        }
        return pots.get(number);
    }

    /** Out of a pot; it is clean again where all was taken. */
    Pot take(final FromPot from) {
        final Pot there = pot(from.pot());
        final double share = from.shareOf(there.massG());
        if (share < 1) {
            return Joining.portion(there, share);
        }
        pots.set(from.pot(), new Pot(pressureHPa));
        return there;
    }

    /** What still stands in the other pots at the end. */
    List<Cooked.Left> left(final int but) {
        final List<Cooked.Left> left = new ArrayList<>();
        for (int i = 0; i < pots.size(); i++) {
            final Pot pot = pots.get(i);
            if (i != but && pot.massG() > 0) {
                left.add(new Cooked.Left(i, pot.massG(), new LinkedHashMap<>(pot.weighed)));
            }
        }
        return left;
    }
}
