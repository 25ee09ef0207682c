package palintone.core.filling.water;

import palintone.core.figure.Source;

/** Water activity of a water phase from what is dissolved in it: one class per published model. */
public interface WaterActivityModel {

    /** Molar mass of water, g/mol. */
    double WATER_MOLAR_MASS = 18.015;

    /**
     * Of sugars, polyols and acids only; salts and ethanol come in through {@link Ross1975}.
     *
     * @param phase water and dissolved solutes
     * @return water activity, above 0, up to 1
     */
    double waterActivity(AqueousPhase phase);

    /** Where the equation comes from. */
    Source source();

    /** The equation as a maker with some schooling can read it. */
    String formula();

    /** Author and year. */
    String words();
}
