package palintone.core.filling.cool;

import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.texture.TextureClass;

/** How long and where a ganache rests; makers differ. The first is our default. */
public enum RestPractice {
    ROOM_24_H(
            "24 h at room temperature",
            18,
            24,
            "Sets slowly in few, stable crystals: even, shiny, holds its water. Our default: the"
                    + " texture piped is the texture eaten."),
    UNTIL_IT_PIPES(
            "until it pipes",
            18,
            12,
            "Piped while half set: fills shells level and sets in them. Must be piped in its window."),
    COLD_2_H(
            "1 to 2 h in the cold",
            5,
            2,
            "Quick, but sets hard in many small crystals; may break when it is piped chilled."),
    COLD_3_DAYS(
            "up to three days in the cold",
            5,
            72,
            "Convenient; let it come to the room under film before it is piped, and stir it little.");

    private final String words;
    private final double celsius;
    private final double hours;
    private final String says;

    RestPractice(final String words, final double celsius, final double hours, final String says) {
        this.words = words;
        this.celsius = celsius;
        this.hours = hours;
        this.says = says;
    }

    public String words() {
        return words;
    }

    public double celsius() {
        return celsius;
    }

    public double hours() {
        return hours;
    }

    /** What differs, in words. */
    public String says() {
        return says;
    }

    /** How it stands when the rest is over; where it is to pipe, as soon as it does. */
    public Cooling.At end(
            final FillingProperties properties,
            final CoolingVessel vessel,
            final double depthMm,
            final double fromC) {
        final Cooling cooling =
                Cooling.of(
                        properties,
                        new Cooling.Where(vessel, depthMm, celsius, Math.max(fromC, celsius), 28));
        Cooling.At last = cooling.path().get(0);
        for (final Cooling.At at : cooling.path()) {
            if (at.minutes() <= hours * 60) {
                last = at;
            }
            if (this == UNTIL_IT_PIPES && at.pascal() >= TextureClass.POURABLE.toPa()) {
                break;
            }
        }
        return last;
    }
}
