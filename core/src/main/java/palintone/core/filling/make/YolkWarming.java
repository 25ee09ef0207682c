package palintone.core.filling.make;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * How much out of the hot pot warms whisked yolks so far that they bear the rest of it: the heat
 * the one gives is the heat the other takes. m·c·(T − aim) = my·cy·(aim − Ty).
 *
 * @param hotG out of the pot, g; all of it where it holds no more
 * @param reachedC what both come to, °C
 */
record YolkWarming(double hotG, double reachedC) {

    /** Thick from 65 °C on, scrambled at 70; warmed to 50 it bears the pot. */
    static final double AIM_C = 50;

    /** From here on yolk begins to set. */
    static final double SETS_FROM_C = 62;

    static final Source SOURCE =
            Source.practice("yolks are warmed to about 50 °C first; they set from 62 to 65 °C on");

    /** A pot that is hardly warmer than that warms nothing. */
    private static final double WORTH_K = 5;

    /**
     * Something with its heat; a number that is impossible is refused by name.
     *
     * @param massG above 0
     * @param jPerGK 0.5 to 4.5
     * @param celsius −5 to 200
     */
    record Warm(double massG, double jPerGK, double celsius) {

        Warm {
            Require.positive("mass", massG, 1e7, "g");
            Require.between("heat it holds", jPerGK, 0.5, 4.5, "J/gK");
            Require.between("temperature", celsius, -5, 200, "°C");
        }
    }

    /** Whether the pot is hot enough that they must be warmed first. */
    static boolean wanted(final double potC) {
        return potC > AIM_C + WORTH_K;
    }

    /**
     * @param pot hotter than the yolks are to become
     */
    static YolkWarming of(final Warm pot, final Warm yolks) {
        final double takes = yolks.massG() * yolks.jPerGK();
        final double asked =
                takes
                        * Math.max(0, AIM_C - yolks.celsius())
                        / (pot.jPerGK() * (pot.celsius() - AIM_C));
        final double hotG = Math.min(asked, pot.massG());
        final double gives = hotG * pot.jPerGK();
        return new YolkWarming(
                hotG, (takes * yolks.celsius() + gives * pot.celsius()) / (takes + gives));
    }
}
