package palintone.core.temper;

import palintone.core.figure.Band;

/**
 * What chocolate is used for, and how thick it may be molten for that: against a couverture of 36 %
 * fat, which is 1. Common practice, no source; calibrated by what bags of known fat are sold for.
 */
public enum ChocolateJob {
    SHELLS("shells in moulds", true, new Band(0.25, 0.4, 1.7, 2.7)),
    DIPPING("dipping and coating", true, new Band(0.1, 0.15, 1.5, 2.3)),
    FIGURES("bars and hollow figures", true, new Band(0.35, 0.6, 2.6, 4.2)),
    DETAILS("lines and fine details", true, new Band(0.1, 0.15, 1.8, 3.5)),
    GANACHE("ganache and fillings", false, new Band(0.1, 0.2, 12, 40)),
    KEEPS_SHAPE("baked in, to keep its shape", false, new Band(1.4, 2.4, 1000, 10_000));

    private final String words;
    private final boolean tempered;
    private final Band thickness;

    ChocolateJob(final String words, final boolean tempered, final Band thickness) {
        this.words = words;
        this.tempered = tempered;
        this.thickness = thickness;
    }

    public String words() {
        return words;
    }

    /** Whether couverture is tempered for it: what melts into something else is not. */
    public boolean tempered() {
        return tempered;
    }

    Band thickness() {
        return thickness;
    }
}
