package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import palintone.core.figure.Band;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;

/** Wishes a maker has in a word. Each moves one quality and keeps the others where they were. */
public enum ReadyConstraint {
    FIRM_IT("Firm it"),
    SOFTEN_IT("Soften it"),
    KEEP_LONGER("Keep longer"),
    LESS_SWEET("Less sweet"),
    LESS_WATER("Less water"),
    NOT_SPLIT("Safe from splitting");

    /** The margin itself moves a little as the recipe does. */
    private static final double SAFELY_INSIDE = 0.006;

    private final String words;

    ReadyConstraint(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /**
     * The wish in numbers, from where the filling stands; bands it meets now are kept.
     *
     * @param now the filling as it is
     * @param bands of its style
     */
    public List<PropertyConstraint> from(
            final FillingProperties now, final Map<Quality, Band> bands) {
        final Map<Quality, PropertyConstraint> wishes = new EnumMap<>(Quality.class);
        bands.forEach(
                (quality, band) -> {
                    final double value = now.value(quality);
                    if (band.low() <= value && value <= band.high()) {
                        wishes.put(
                                quality, new PropertyConstraint(quality, band.low(), band.high()));
                    } else if (quality == Quality.WATER_ACTIVITY && value > band.high()) {
                        // What keeps badly already is not made to keep worse for the sake of a
                        // taste.
                        wishes.put(quality, new PropertyConstraint(quality, band.low(), value));
                    }
                });
        final double yield = now.value(Quality.YIELD);
        wishes.put(
                Quality.YIELD, new PropertyConstraint(Quality.YIELD, 0.97 * yield, 1.03 * yield));
        final double firm = now.value(Quality.FIRMNESS);
        final double aw = now.value(Quality.WATER_ACTIVITY);
        switch (this) {
            case FIRM_IT -> set(wishes, Quality.FIRMNESS, firm + 0.8, firm + 1.6);
            case SOFTEN_IT ->
                    set(
                            wishes,
                            Quality.FIRMNESS,
                            Math.max(0, firm - 1.6),
                            Math.max(0.1, firm - 0.8));
            case KEEP_LONGER -> set(wishes, Quality.WATER_ACTIVITY, 0.02, keepsLonger(now, aw));
            case LESS_SWEET ->
                    set(wishes, Quality.SWEETNESS, 0, 0.87 * now.value(Quality.SWEETNESS));
            case LESS_WATER -> set(wishes, Quality.WATER, 0, 0.85 * now.value(Quality.WATER));
            case NOT_SPLIT -> set(wishes, Quality.OIL_SHARE, 0, 0.58);
        }
        if (this == KEEP_LONGER || this == LESS_WATER || this == LESS_SWEET) {
            wishes.putIfAbsent(
                    Quality.FIRMNESS,
                    new PropertyConstraint(Quality.FIRMNESS, Math.max(0, firm - 1), firm + 1));
        }
        return new ArrayList<>(wishes.values());
    }

    /**
     * First out of the region where the food code asks for an assessment, with the margins the
     * numbers have; then a step drier still.
     */
    private static double keepsLonger(final FillingProperties now, final double aw) {
        return Math.max(0.05, Math.min(now.standsFrom() - SAFELY_INSIDE, aw - 0.03));
    }

    private static void set(
            final Map<Quality, PropertyConstraint> wishes,
            final Quality quality,
            final double low,
            final double high) {
        wishes.put(quality, new PropertyConstraint(quality, low, high));
    }
}
