package palintone.core.filling;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import palintone.core.figure.Band;
import palintone.core.figure.Source;
import palintone.core.filling.quality.Quality;

/** What a filling is meant to be, and the bands that follow from it. */
public enum Style {
    SOFT_SHELL(
            "soft shell filling",
            firmness(2.0, 4.4),
            water(0.60, 0.86),
            Shared.CLEAR,
            Shared.EMULSION,
            40),
    PIPED_TRUFFLE(
            "truffle to pipe or roll",
            firmness(4.6, 6.6),
            water(0.60, 0.88),
            Shared.CLEAR,
            Shared.EMULSION,
            40),
    CUT_SLAB(
            "slab to cut and dip",
            firmness(5.6, 7.8),
            water(0.60, 0.86),
            Shared.CLEAR,
            Shared.EMULSION,
            40),
    FLOWING_CARAMEL(
            "flowing caramel",
            firmness(1.5, 4.6),
            water(0.40, 0.76),
            Shared.CLEAR,
            Shared.EMULSION,
            50),
    CHEWY_CARAMEL(
            "caramel to cut",
            firmness(7.0, 10.6),
            water(0.30, 0.66),
            Shared.CLEAR,
            Shared.NO_MATTER,
            55),
    NUT_LAYER(
            "nut paste or praline",
            firmness(2.0, 6.2),
            water(0.15, 0.60),
            Shared.SUGAR_IN_FAT,
            Shared.NO_MATTER,
            50),
    CRISP_LAYER(
            "crisp layer",
            firmness(3.0, 8.2),
            water(0.10, 0.40),
            Shared.SUGAR_IN_FAT,
            Shared.NO_MATTER,
            50),
    SUGAR_PASTE(
            "marzipan or sugar paste",
            firmness(6.0, 9.4),
            water(0.60, 0.82),
            Shared.PASTE,
            Shared.FAT_IF_ANY,
            88),
    FRUIT_LAYER(
            "fruit layer",
            firmness(1.0, 6.4),
            water(0.60, 0.84),
            Shared.CLEAR,
            Shared.FAT_IF_ANY,
            60);

    public static final Source SOURCE =
            Source.practice(
                    "what each kind of filling ought to be; water activity by growth limits");

    private final String words;
    private final Map<Quality, Band> bands;

    Style(
            final String words,
            final Band firmness,
            final Band waterActivity,
            final Band crystals,
            final Optional<Band> oilShare,
            final double sweetTo) {
        this.words = words;
        final Map<Quality, Band> map = new EnumMap<>(Quality.class);
        map.put(Quality.FIRMNESS, firmness);
        map.put(Quality.WATER_ACTIVITY, waterActivity);
        map.put(Quality.CRYSTAL_SUGAR, crystals);
        oilShare.ifPresent(band -> map.put(Quality.OIL_SHARE, band));
        map.put(Quality.SWEETNESS, new Band(0, 12, sweetTo, Math.max(62, sweetTo + 12)));
        bands = Collections.unmodifiableMap(map);
    }

    private static Band firmness(final double soft, final double firm) {
        return new Band(Math.max(0, soft - 1.5), soft, firm, firm + 1.5);
    }

    private static Band water(final double dry, final double moist) {
        return new Band(Math.max(0.02, dry - 0.1), dry, moist, Math.min(0.95, moist + 0.05));
    }

    /** Bands several styles share; in a class of their own, since they are wanted by the styles. */
    private static final class Shared {
        /** Creams, caramels and jellies have no sugar undissolved. */
        private static final Band CLEAR = new Band(0, 0, 4, 12);

        /** What is ground into fat stays crystals. */
        private static final Band SUGAR_IN_FAT = new Band(0, 0, 60, 80);

        /** Sugar pastes are made of crystals. */
        private static final Band PASTE = new Band(0, 5, 60, 75);

        private static final Optional<Band> EMULSION = Optional.of(new Band(0, 0.05, 0.60, 0.66));
        private static final Optional<Band> FAT_IF_ANY = Optional.of(new Band(0, 0, 0.60, 0.66));
        private static final Optional<Band> NO_MATTER = Optional.empty();
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }

    public Map<Quality, Band> bands() {
        return bands;
    }
}
