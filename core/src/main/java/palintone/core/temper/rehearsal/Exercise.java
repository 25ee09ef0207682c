package palintone.core.temper.rehearsal;

import palintone.core.temper.CouvertureKind;
import palintone.core.temper.crystal.Crystals;

/** Three bowls to bring into temper by hand, each a little harder. */
public enum Exercise {
    WARM_BOWL(
            "A bowl still warm",
            "Two kilos of dark, melted out, have cooled to 37 °C by themselves. There is seed.",
            CouvertureKind.DARK,
            2000,
            37,
            20,
            0,
            20),
    FROM_THE_MELT(
            "From the melt",
            "Three kilos of milk at 47 °C, stone and cold bath at hand, and a mould table waiting.",
            CouvertureKind.MILK,
            3000,
            47,
            20,
            0,
            32),
    WARM_ROOM(
            "Ivory in a warm room",
            "A kilo and a half of ivory, rewarmed a little too far: 31.5 °C, the room at 25 °C."
                    + " Some seed may be left.",
            CouvertureKind.WHITE,
            1500,
            31.5,
            25,
            0.002,
            30);

    private final String words;
    private final String story;
    private final CouvertureKind kind;
    private final double massG;
    private final double startC;
    private final double roomC;
    private final double stable;
    private final double parMinutes;

    Exercise(
            final String words,
            final String story,
            final CouvertureKind kind,
            final double massG,
            final double startC,
            final double roomC,
            final double stable,
            final double parMinutes) {
        this.words = words;
        this.story = story;
        this.kind = kind;
        this.massG = massG;
        this.startC = startC;
        this.roomC = roomC;
        this.stable = stable;
        this.parMinutes = parMinutes;
    }

    public String words() {
        return words;
    }

    public String story() {
        return story;
    }

    public CouvertureKind kind() {
        return kind;
    }

    public double massG() {
        return massG;
    }

    public double startC() {
        return startC;
    }

    public double roomC() {
        return roomC;
    }

    Crystals start() {
        return new Crystals(stable, 0);
    }

    /** Minutes a steady hand needs. */
    public double parMinutes() {
        return parMinutes;
    }
}
