package palintone.core.casting.film;

/** How thick the chocolate is at a distance from the wall it stands on. */
public interface Consistency {

    /** Yield value there as it drains, vibration included, Pa. */
    double yieldPa(double fromWallM);

    /** Plastic viscosity there, Pa·s. */
    double plasticPaS(double fromWallM);

    /** The same everywhere: a bowl just poured. */
    static Consistency even(final double yieldPa, final double plasticPaS) {
        return new Consistency() {
            @Override
            public double yieldPa(final double fromWallM) {
                return yieldPa;
            }

            @Override
            public double plasticPaS(final double fromWallM) {
                return plasticPaS;
            }
        };
    }
}
