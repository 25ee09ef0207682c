package palintone.core.casting.crust;

/** How fast a layer sets where it stands still. */
@FunctionalInterface
public interface SettingLaw {

    /**
     * Change of both populations, shares of the fat per second.
     *
     * @param temperatureC there
     * @param stable share of the fat in form V
     * @param unstable share in the unstable forms
     * @param rates receives the stable one at 0, the unstable one at 1
     */
    void rates(double temperatureC, double stable, double unstable, double[] rates);
}
