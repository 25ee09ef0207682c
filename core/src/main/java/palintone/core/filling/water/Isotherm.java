package palintone.core.filling.water;

/** How much water a layer holds at a water activity, and the other way round. */
public interface Isotherm {

    /**
     * @param moisture g of water per g of everything else, 0 or more
     * @return water activity, 0 to 1
     */
    double activity(double moisture);
}
