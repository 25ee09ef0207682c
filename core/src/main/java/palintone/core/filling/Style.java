package palintone.core.filling;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import palintone.core.figure.Band;
import palintone.core.figure.Source;

/** What a filling is meant to be, and the bands that follow from it. */
public enum Style {
    SOFT_SHELL("soft shell filling", 2.0, 4.4, 0.60, 0.86),
    PIPED_TRUFFLE("truffle to pipe or roll", 4.6, 6.6, 0.60, 0.88),
    CUT_SLAB("slab to cut and dip", 5.6, 7.8, 0.60, 0.86),
    FLOWING_CARAMEL("flowing caramel", 1.5, 4.6, 0.40, 0.76),
    CHEWY_CARAMEL("caramel to cut", 7.0, 10.6, 0.30, 0.66),
    NUT_LAYER("nut paste or praline", 2.0, 6.2, 0.15, 0.60),
    CRISP_LAYER("crisp layer", 3.0, 8.2, 0.10, 0.40),
    SUGAR_PASTE("marzipan or sugar paste", 6.0, 9.4, 0.60, 0.82),
    FRUIT_LAYER("fruit layer", 1.0, 6.4, 0.60, 0.84);

    public static final Source SOURCE =
            Source.practice(
                    "what each kind of filling ought to be; water activity by growth limits");

    private final String words;
    private final Map<Quality, Band> bands;

    Style(
            final String words,
            final double soft,
            final double firm,
            final double dry,
            final double moist) {
        this.words = words;
        final Map<Quality, Band> map = new EnumMap<>(Quality.class);
        map.put(Quality.FIRMNESS, new Band(Math.max(0, soft - 1.5), soft, firm, firm + 1.5));
        map.put(
                Quality.WATER_ACTIVITY,
                new Band(Math.max(0.02, dry - 0.1), dry, moist, Math.min(0.95, moist + 0.05)));
        map.put(Quality.CRYSTAL_SUGAR, crystals(soft, moist));
        if (moist > 0.6 && soft < 6.9 && dry >= 0.4) {
            map.put(Quality.OIL_SHARE, new Band(0, 0.05, 0.60, 0.66));
        }
        map.put(Quality.SWEETNESS, new Band(0, 12, 40, 62));
        bands = Collections.unmodifiableMap(map);
    }

    /**
     * Sugar paste and nut layers are made of undissolved sugar; creams and caramels must have none.
     */
    private static Band crystals(final double soft, final double moist) {
        if (moist < 0.62 && soft < 6.9) {
            return new Band(0, 0, 60, 80);
        }
        return soft == 6.0 ? new Band(0, 5, 60, 75) : new Band(0, 0, 4, 12);
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }

    public Map<Quality, Band> bands() {
        return bands;
    }
}
