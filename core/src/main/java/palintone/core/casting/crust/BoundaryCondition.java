package palintone.core.casting.crust;

/** What lies against one side of a body: air that takes heat, or nothing. */
public interface BoundaryCondition {

    /** An insulated side: the middle of what is the same on both sides. */
    BoundaryCondition NONE = still(0, 20);

    /** Its temperature, °C, as it stands after so many seconds. */
    double temperatureC(double seconds);

    /** How well it takes heat, W/m²K. */
    double filmWPerM2K();

    /** Told after each step: heat that went into it, J over a square metre of the outside. */
    default void took(final double fromS, final double toS, final double joulePerM2) {}

    /** Air of one temperature. */
    static BoundaryCondition still(final double filmWPerM2K, final double temperatureC) {
        return new BoundaryCondition() {
            @Override
            public double temperatureC(final double seconds) {
                return temperatureC;
            }

            @Override
            public double filmWPerM2K() {
                return filmWPerM2K;
            }
        };
    }
}
