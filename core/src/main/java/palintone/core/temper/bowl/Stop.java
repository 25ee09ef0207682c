package palintone.core.temper.bowl;

/**
 * Something to stop a simulation at: the moment a function of the bowl crosses nothing.
 *
 * @param words what it is
 * @param crossing negative before, positive after, or the other way round
 */
public record Stop(String words, Crossing crossing) {

    /** A function of the bowl. */
    @FunctionalInterface
    public interface Crossing {
        double at(double temperatureC, double stable, double unstable);
    }

    /**
     * Whether it lies ahead for a bowl that has to fall to it: false where it has passed already.
     */
    public boolean notYet(final BowlState bowl) {
        return crossing.at(
                        bowl.temperatureC(), bowl.crystals().stable(), bowl.crystals().unstable())
                > 0;
    }

    /** When it comes to a temperature, °C, from either side. */
    public static Stop atTemperature(final double temperatureC) {
        return new Stop("temperature reached", (t, s, u) -> t - temperatureC);
    }

    /** When so much of the fat, 0 to 1, is stable seed. */
    public static Stop atStable(final double share) {
        return new Stop("crystals reached", (t, s, u) -> s - share);
    }

    /**
     * Leaves the window below or by growing too thick, whichever is first.
     *
     * @param thick share of the fat that is solid, 0 to 1
     */
    public static Stop outOfWindow(final double lowC, final double thick) {
        return new Stop("window closes", (t, s, u) -> Math.min(t - lowC, thick - s - u));
    }
}
