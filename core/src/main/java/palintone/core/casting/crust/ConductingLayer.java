package palintone.core.casting.crust;

import java.util.Optional;
import palintone.core.fat.FusionHeat;
import palintone.core.figure.Require;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.HeatConduction;
import palintone.core.temper.Couverture;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;

/**
 * One layer of what heat passes through: a mould's wall, chocolate, a filling.
 *
 * @param thickM its thickness, m
 * @param cells it is cut into, 1 to 200
 * @param finest share of its first cell against an even cut, 0.05 to 1: finer towards the outside
 * @param conductivityWPerMK of it
 * @param heatJPerM3K density times specific heat, no melting
 * @param setting how it sets, where it does
 * @param startC its temperature at the beginning
 * @param crystals in its fat at the beginning
 */
public record ConductingLayer(
        double thickM,
        int cells,
        double finest,
        double conductivityWPerMK,
        double heatJPerM3K,
        Optional<Sets> setting,
        double startC,
        Crystals crystals) {

    /** Of chocolate, W/mK; from memory, 0.2 to 0.3. */
    public static final double CHOCOLATE_W_PER_MK = HeatConduction.CHOCOLATE_W_PER_MK;

    /**
     * How a layer sets.
     *
     * @param law of its crystals
     * @param stableJPerM3 heat of form V, were all its fat solid
     * @param unstableJPerM3 of the unstable forms
     */
    public record Sets(SettingLaw law, double stableJPerM3, double unstableJPerM3) {}

    /**
     * Allowed: thickness of a layer above 0 to 500 mm; conductivity above 0 to 1000 W/mK; heat
     * capacity above 0 to 100000000 J/m³K; temperature of a layer −30 to 120 °C.
     *
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public ConductingLayer {
        Require.positive("thickness of a layer", thickM * 1000, 500, "mm");
        Require.between("cells of a layer", cells, 1, 200, "");
        Require.between("finest cell of a layer", finest, 0.05, 1, "");
        Require.positive("conductivity", conductivityWPerMK, 1000, "W/mK");
        Require.positive("heat capacity", heatJPerM3K, 1e8, "J/m³K");
        Require.between("temperature of a layer", startC, -30, 120, "°C");
    }

    /** Something that only conducts; thickness in m, W/mK, J/m³K, °C. */
    public static ConductingLayer plain(
            final double thickM,
            final int cells,
            final double conductivityWPerMK,
            final double heatJPerM3K,
            final double startC) {
        return new ConductingLayer(
                thickM,
                cells,
                1,
                conductivityWPerMK,
                heatJPerM3K,
                Optional.empty(),
                startC,
                Crystals.NONE);
    }

    /**
     * Couverture as it comes out of the bowl, or as it stands in the mould.
     *
     * @param finest share of its first cell against an even cut, 0.05 to 1
     */
    public static ConductingLayer chocolate(
            final Couverture couverture,
            final double thickM,
            final int cells,
            final double finest,
            final double startC,
            final Crystals crystals) {
        final double kgPerM3 =
                ChoiOkos1986.densityGPerMl(couverture.ingredient().composition(), 31) * 1000;
        final CrystalLaw law = couverture.crystals();
        final double fat = couverture.ingredient().composition().fatFraction();
        return new ConductingLayer(
                thickM,
                cells,
                finest,
                CHOCOLATE_W_PER_MK,
                kgPerM3 * couverture.cpJPerGK() * 1000,
                Optional.of(
                        new Sets(
                                (t, s, u, rates) -> law.rates(t, s, u, 0, rates),
                                kgPerM3 * 1000 * fat * FusionHeat.FORM_V_J_PER_G,
                                kgPerM3 * 1000 * fat * FusionHeat.UNSTABLE_J_PER_G)),
                startC,
                crystals);
    }
}
