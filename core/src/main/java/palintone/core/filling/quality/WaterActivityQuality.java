package palintone.core.filling.quality;

import java.util.List;
import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Range;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.record.Correction;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.Gab;
import palintone.core.filling.water.Grover1947;
import palintone.core.filling.water.MoneyBorn1951;
import palintone.core.filling.water.Norrish1966;
import palintone.core.filling.water.Ross1975;
import palintone.core.filling.water.RossProduct;
import palintone.core.filling.water.WaterActivityModel;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/** How free its water is: what mould and microbes go by. */
final class WaterActivityQuality implements QualityModel {

    /** First the default, then those shown beside it. */
    static final List<WaterActivityModel> MODELS =
            List.of(new Norrish1966(), new RossProduct(), new Grover1947(), new MoneyBorn1951());

    @Override
    public double value(final FillingProperties of) {
        return by(MODELS.get(0), of);
    }

    /** Water activity by one model; by the sorption of its dry bodies where there is no syrup. */
    static double by(final WaterActivityModel model, final FillingProperties of) {
        final double computed =
                of.wet()
                        ? model.waterActivity(of.syrup()) * Ross1975.saltsAndEthanol(of.syrup())
                        : Math.max(0.05, dryActivity(of.cooked()));
        return Math.max(
                0.01,
                Math.min(1, computed + of.conditions().own().offset(Correction.Of.WATER_ACTIVITY)));
    }

    @Override
    public Basis basis(final FillingProperties of) {
        final Correction own = of.conditions().own().of(Correction.Of.WATER_ACTIVITY);
        final double value = value(of);
        if (!of.wet()) {
            final Composition c = of.cooked().composition();
            return own.moves(
                            Unit.ONE,
                            Basis.of("GAB isotherm of the dry bodies, the fat being outside"))
                    .with("water", 100 * c.fraction(Component.WATER), Unit.PERCENT)
                    .with("dry bodies", 100 * dryBodies(c), Unit.PERCENT)
                    .from(Gab.SOURCE)
                    .validFor("aw 0.05 to 0.9, little water", value < 0.9);
        }
        final AqueousPhase phase = of.syrup();
        Basis basis =
                SyrupBasis.basis(of, MODELS.get(0).formula() + " · factor of salts and ethanol")
                        .with("minerals", phase.saltsG(), Unit.GRAM)
                        .with("ethanol", phase.ethanolG(), Unit.GRAM);
        for (final WaterActivityModel model : MODELS) {
            basis = basis.with(model.words(), by(model, of), Unit.ONE).from(model.source());
        }
        return own.moves(Unit.ONE, basis)
                .from(Ross1975.SOURCE)
                .validFor(
                        "water activity above 0.6, 20 to 30 °C, little ethanol",
                        value > 0.6 && phase.ethanolG() < 5);
    }

    @Override
    public Optional<Range> spread(final FillingProperties of) {
        return Optional.of(of.waterActivityRange());
    }

    private static double dryActivity(final Cooked cooked) {
        final double dry = dryBodies(cooked.matrix());
        final double water = cooked.matrix().fraction(Component.WATER);
        return dry > 0 ? Gab.BAKED.activity(water / dry) : water > 0 ? 0.5 : 0.05;
    }

    /**
     * What takes up water in a fat filling: all but fat, water and the bulk of crystalline sugar.
     */
    private static double dryBodies(final Composition c) {
        return c.fraction(Component.PROTEIN)
                + c.fraction(Component.STARCH)
                + c.fraction(Component.FIBRE)
                + c.fraction(Component.COCOA_SOLIDS)
                + c.fraction(Component.MILK_SOLIDS)
                + c.fraction(Component.HIGHER_SACCHARIDES)
                + c.fraction(Component.ASH)
                + c.fraction(Component.BOUND_ASH)
                + 0.03 * c.fraction(Component.SUCROSE);
    }
}
