package palintone.core.casting.pour;

import java.util.List;

/**
 * Every constant of casting that was set here against common practice (no source), in one place.
 * What they come to is printed beside the trade's bands by {@code CalibrationTest}; a value that
 * follows from physics or a publication stands in the class that uses it.
 */
public final class CalibratedCasting {

    /**
     * What is weighed or turned out in one size of a form holds for another less surely by so much,
     * one standard deviation of the logarithm.
     */
    public static final double SIZES_DIFFER = 0.15;

    private CalibratedCasting() {}

    // Casting: small shells come to 1.3 to 2.1 mm within a minute.

    /** What emptying leaves everywhere before it drains, m; of account on a level floor. */
    public static final double LEFT_BY_EMPTYING_M = 5e-3;

    /** While it is turned over, a level floor stands steep, s. */
    public static final double TURNING_S = 1.5;

    /** A crust is what carries so much film of its own, m. */
    public static final double OVER_CRUST_M = 1.5e-3;

    /** Of the way to the middle: set further than this nothing comes out. */
    public static final double FULL_SHARE = 0.85;

    /** What tapping leaves of the yield value of a film. */
    public static final double TAPPED_YIELD_SHARE = 0.75;

    /** And the vibrating table. */
    public static final double TABLE_YIELD_SHARE = 0.5;

    /**
     * Every knock shears what lies round a bubble far past its yield; between knocks so little of
     * it is left. Bubbles of 1.5 to 4 mm, those that show, are seen to pop within a minute.
     */
    public static final double TAPPED_KNOCKS = 60;

    /** And the vibrating table. */
    public static final double TABLE_KNOCKS = 90;

    // Standing in the room: five minutes until a small shell has lost its shine.

    /** Its shine goes when so much of its fat is solid; against .18 of the smear test. */
    public static final double BEGINS_SOLID = 0.10;

    /** Of what sets in a room: set further, too little of a face melts to grow into. */
    public static final double BONDS_SHARE = 0.7;

    /** Of what sets in a room: cut later, the rim breaks; five minutes of practice. */
    public static final double BREAKS_SHARE = 0.42;

    /** Of what runs on over paper: it hangs at the rim as a lip. */
    public static final double HANGS_SHARE = 0.25;

    /** Of what sets in a room: two rims hold each other. */
    public static final double HALVES_HOLD_SHARE = 0.58;

    // Moulds: two to four kelvin under the chocolate.

    /** How deep a skin counts on the wall, m. */
    public static final double SKIN_M = 3e-4;

    /** Until its bubbles are up, s. */
    public static final double VIBRATED_S = 50;

    /** A skin so many times stiffer holds bubbles and shows. */
    public static final double STIFFER = 1.25;

    /** A skin must meet the wall so much cooler than the bowl to set in time, K. */
    public static final double SKIN_COOLER_K = 1;

    // Cold: 15 to 20 min at 8 to 10 °C, a first fix after two, large figures 30 min at 14 to 16 °C.

    /** Gap at which a shell lets go, mm: eager, usual, careful. */
    public static final List<Double> GAP_MM = List.of(0.03, 0.05, 0.08);

    /** Of what will set, as it lets go: eager, usual, careful. */
    public static final List<Double> SET_SHARE = List.of(0.88, 0.94, 0.98);

    /** Of what sets in a room: moved later, it has set unevenly. */
    public static final double LATE_SHARE = 0.58;

    /** Of what sets in a room: it is firm. */
    public static final double FIRM_SHARE = 0.9;

    /** Of what will set of a cap, as it is firm: eager, usual, careful. */
    public static final List<Double> CAP_SET_SHARE = List.of(0.82, 0.88, 0.94);

    /** A seam melted as deep as this holds, mm. */
    public static final double WELD_MM = 0.05;

    /** Slower than this for a millimetre risks grey, min. */
    public static final double GREY_MIN_PER_MM = 9;

    /** And no less, min. */
    public static final double GREY_LEAST_MIN = 20;

    /** A skin that cools faster spots and cracks, K/min; 8 °C is still common. */
    public static final double FAST_K_PER_MIN = 5;

    /** Left so much longer than it takes, min, it only gathers cold. */
    public static final double OVERLONG_MIN = 20;

    /** A cabinet gives all its power so far over what it is set to, K. */
    public static final double COOLING_GIVEN_OVER_K = 4;

    /** Air, shelves and lining that warm with it, J/K. */
    public static final double CABINET_J_PER_K = 6000;

    /** Air that passes the shelves for each m/s, W/K: a tenth of a square metre open. */
    public static final double SHELF_PASSES_W_PER_K = 60;

    /** And without a fan, W/K. */
    public static final double STILL_PASSES_W_PER_K = 8;

    // Filling: 28 to 30 °C into a shell.

    /** What is solid of cocoa butter at 30 °C: softer, a shell loses its temper there. */
    public static final double SOFT_SOLID = 0.44;

    /** Of its thickness a shell bears to be softened. */
    public static final double BEARS_SHARE = 0.1;

    /** Unevenness a cap hides, mm. */
    public static final double LEVEL_MM = 0.5;

    // Colour: a few minutes in a cool room.

    /** So much solid, the next coat no longer smears it. */
    public static final double COLOUR_SMEARS_NO_MORE = 0.25;

    /** So much stable, chocolate does not wash it off. */
    public static final double COLOUR_HOLDS = 0.5;

    // Workshops differ: what is known before anything is weighed or turned out.

    /** When cavities of one mould let go, one standard deviation of the logarithm. */
    public static final double CAVITIES_DIFFER = 0.2;

    /** More cavities of one mould teach no more than so many. */
    public static final double COUNT_AS = 6;

    /** Shells of one mould differ by so much, one standard deviation. */
    public static final double AMONG_SHARE = 0.06;

    /** And one casting from the next. */
    public static final double BETWEEN_SHARE = 0.04;

    /** A yield value before anything is weighed, one standard deviation of the logarithm. */
    public static final double YIELD_UNKNOWN = 0.35;

    /** And how fast it sets. */
    public static final double SETTING_UNKNOWN = 0.25;

    /** Under a thumb a wall bears so much, Pa. */
    public static final double FIGURE_BEARS_PA = 0.6e6;
}
