package palintone.server.figure;

import palintone.core.figure.Band;

/** The two limits and the good stretch between them. */
public record BandView(double lowLimit, double low, double high, double highLimit) {

    public static BandView of(final Band band) {
        return new BandView(band.lowLimit(), band.low(), band.high(), band.highLimit());
    }

    public Band band() {
        return new Band(lowLimit, low, high, highLimit);
    }
}
