package palintone.core.mould;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * What a cavity holds, from the water that fills it to the brim. Density of water after Kell
 * (1975), "Density, thermal expansivity, and compressibility of liquid water from 0 to 150 °C", J.
 * Chem. Eng. Data 20, 97–105, at one atmosphere; checked against a published steam table
 * (IAPWS-IF97) in the tests.
 */
public final class WaterWeighing {

    /** Where the density of water comes from. */
    public static final Source SOURCE =
            Source.published("Kell 1975, density of water, J. Chem. Eng. Data 20, 97");

    private WaterWeighing() {}

    /**
     * Millilitres of a cavity.
     *
     * @param waterG in it, brim-full, 0.2 to 20000 g
     * @param waterC how warm the water is, 4 to 40 °C
     * @throws palintone.core.figure.OutOfRangeException when mass or temperature is impossible
     */
    public static double ml(final double waterG, final double waterC) {
        Require.between("water", waterG, 0.2, 20_000, "g");
        return waterG / densityGPerMl(waterC);
    }

    /**
     * Density of water, g/ml.
     *
     * @param c how warm it is, 4 to 40 °C
     * @throws palintone.core.figure.OutOfRangeException outside of that
     */
    public static double densityGPerMl(final double c) {
        Require.between("temperature of the water", c, 4, 40, "°C");
        final double top =
                999.83952
                        + c
                                * (16.945176
                                        + c
                                                * (-7.9870401e-3
                                                        + c
                                                                * (-46.170461e-6
                                                                        + c
                                                                                * (105.56302e-9
                                                                                        - c
                                                                                                * 280.54253e-12))));
        return top / (1 + 16.879850e-3 * c) / 1000;
    }
}
