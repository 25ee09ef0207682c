package palintone.core.temper.bowl;

import palintone.core.figure.Source;

/**
 * What chocolate is tempered in. Conductances are ours: what an open bowl of that stuff loses to
 * still air and takes up from water, the stirred chocolate inside included.
 */
public enum VesselKind {
    STEEL_BOWL("steel bowl", 9, 110, 3200),
    GLASS_BOWL("glass bowl", 8, 60, 8000),
    PLASTIC_BOWL("plastic bowl", 6, 30, 4500),
    MELTER("melter", 2, 60, 6000);

    public static final Source SOURCE =
            Source.calibrated("heat passing through vessels, set by hand; wall thickness assumed");

    private final String words;
    private final double airWPerM2K;
    private final double waterWPerM2K;
    private final double wallJPerM2K;

    VesselKind(
            final String words,
            final double airWPerM2K,
            final double waterWPerM2K,
            final double wallJPerM2K) {
        this.words = words;
        this.airWPerM2K = airWPerM2K;
        this.waterWPerM2K = waterWPerM2K;
        this.wallJPerM2K = wallJPerM2K;
    }

    public String words() {
        return words;
    }

    double airWPerM2K() {
        return airWPerM2K;
    }

    double waterWPerM2K() {
        return waterWPerM2K;
    }

    double wallJPerM2K() {
        return wallJPerM2K;
    }
}
