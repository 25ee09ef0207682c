package palintone.core.coat;

/**
 * Every constant of coats that was set here against common practice (no source), in one place. What
 * they come to is printed beside the trade's bands by {@code CoatCalibrationTest}.
 */
final class CalibratedCoat {

    private CalibratedCoat() {}

    /** A fork is drawn up so fast, m/s. */
    static final double LIFTED_M_PER_S = 0.1;

    /** What tapping the fork leaves of the yield value. */
    static final double TAPPED_YIELD_SHARE = 0.5;

    /** What blowing leaves of a film. */
    static final double BLOWN_SHARE = 0.75;

    /** A flat top under tapping runs off as if it lay so steep, share of gravity. */
    static final double TOP_SLOPE = 0.35;

    /** Of the film of its sides, what is left below after the rim of the bowl. */
    static final double BOTTOM_SHARE = 0.6;

    /** So much of its fat solid, a skin takes no powder any more; the smear test's. */
    static final double SKIN_SOLID = 0.18;

    /** So much, and powder no longer sinks in and drowns. */
    static final double TACKY_SOLID = 0.06;

    /** Of what sets in a room: it may be lifted off its foil. */
    static final double LIFTS_SHARE = 0.7;

    /** A coat stretched further than this tears, share of its length. */
    static final double TEARS_SHARE = 0.002;

    /** A filling's length by warmth, a kelvin; its fat melts as it warms. */
    static final double CENTRE_PER_K = 1.3e-4;

    /**
     * Of the film the model draws out so much is left where nobody has weighed: then a coat is a
     * quarter to a third of a piece, as common practice has it.
     */
    static final double UNWEIGHED_FILM = 0.75;

    /** Of a palm, °C. */
    static final double PALM_C = 33;

    /** So deep a centre may melt in the hand, m. */
    static final double MELTS_AT_HAND_M = 1e-3;

    /** From a palm into what rolls in it, and leaves it again, W/m²K. */
    static final double PALM_W_PER_M2K = 400;

    /** Of its height a fork needs below and above the centre. */
    static final double DIVES_HEIGHTS = 1.4;

    /** And no less above a flat centre: fork, fingers and a hand's breadth of stirring, mm. */
    static final double DIVES_OVER_MM = 18;

    /** Nobody dips out of a smaller bowl, mm across. */
    static final double SMALLEST_BOWL_MM = 160;

    /** Of what sets in a room: a sheet holds the mark of a cutter. */
    static final double CUTS_SHARE = 0.35;

    /** Of what sets in a room: a sheet breaks under the cutter. */
    static final double BREAKS_SHARE = 0.6;

    /** The same of a coating: its one hard form locks with less of it. */
    static final double COATING_CUTS_SHARE = 0.2;

    /** The same of a coating: it is brittle as soon as it locks. */
    static final double COATING_BREAKS_SHARE = 0.3;

    /** Of what sets in a room: a sheet comes off its film flat. */
    static final double PEELS_SHARE = 0.9;

    /** By so much the open half of a sheet is shorter than the one on its film. */
    static final double CURLS_STRAIN = 0.0018;
}
