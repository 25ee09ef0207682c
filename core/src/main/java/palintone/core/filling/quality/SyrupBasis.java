package palintone.core.filling.quality;

import java.util.Map;
import palintone.core.figure.Basis;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.Solute;

/** What several qualities of a syrup rest on. */
final class SyrupBasis {

    private static final double SYRUP_C = 20;

    private SyrupBasis() {}

    /** What the syrup holds, where there is one. */
    static Basis basis(final FillingProperties of, final String formula) {
        Basis basis = Basis.of(formula);
        if (of.wet()) {
            final AqueousPhase phase = of.syrup();
            basis = basis.with("water in 100 g", phase.waterG(), Unit.GRAM);
            for (final Map.Entry<Solute, Double> each : phase.dissolvedG().entrySet()) {
                basis =
                        basis.with(
                                each.getKey().component().words() + " dissolved",
                                each.getValue(),
                                Unit.GRAM);
            }
            basis = basis.from(AqueousPhase.SOLUBILITY).validFor(SYRUP_C + " °C, at rest", true);
        } else {
            basis =
                    basis.from(
                            Source.definition("fat is outside: no syrup that could dissolve it"));
        }
        return basis;
    }
}
