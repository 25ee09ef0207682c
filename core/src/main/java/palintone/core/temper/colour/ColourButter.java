package palintone.core.temper.colour;

import java.util.List;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * Coloured cocoa butter: how much for so many moulds, and how it is brought onto them.
 *
 * @param needed to be melted, what goes past the mould included
 * @param colour fat-soluble powder in it
 * @param cocoaButter the rest
 * @param melt where it is melted
 * @param spray where it is sprayed
 * @param steps in order
 * @param cautions that stand beside it
 */
public record ColourButter(
        Figure needed,
        Figure colour,
        Figure cocoaButter,
        Figure melt,
        Figure spray,
        List<Sentence> steps,
        List<Sentence> cautions) {

    public static final Source PRACTICE =
            Source.practice(
                    "coloured cocoa butter: a tenth colour, melted at 45 °C, strained, tempered to"
                            + " 29 °C, 0.8 mm nozzle, dried overnight");

    /** Melted, with a little pigment, from memory. */
    public static final double BUTTER_G_PER_ML = 0.93;

    /** Where it is melted, cooled to and used, °C; common practice, no source. */
    public static final double MELT_C = 45;

    public static final double COOL_C = 27;
    public static final double USE_C = 29;

    /** Where it is melted, what will do. */
    public static final Band MELT = new Band(38, 42, 48, 55);

    /** Under so much a gun sucks air; common practice, no source. */
    public static final double GUN_LEAST_G = 40;

    /** Of what is sprayed, this much stays in the cavity; practice. */
    public static final double CAUGHT = 0.6;

    /**
     * What leaves the nozzle to leave a film on a wall.
     *
     * @param areaMm2 wall of all cavities of all moulds, mm²
     * @param filmMm thickness of all coats, mm
     * @return g
     */
    public static double sprayedG(final double areaMm2, final double filmMm) {
        return brushedG(areaMm2, filmMm) / CAUGHT;
    }

    /**
     * What lies on a wall in a film.
     *
     * @param areaMm2 of the wall, mm²
     * @param filmMm thickness, mm
     * @return g
     */
    public static double brushedG(final double areaMm2, final double filmMm) {
        return areaMm2 * filmMm / 1000 * BUTTER_G_PER_ML;
    }

    /**
     * Allowed: wall area of the moulds above 0 to 10000000 cm²; share of colour 2 to 20 %.
     *
     * @param areaMm2 wall of all cavities of all moulds
     * @param coats of this colour, 1 to 6
     * @param filmMm thickness of one, 0.01 to 0.5 mm
     * @param share of colour by mass, 0.02 to 0.2
     * @param overnight whether this house leaves it overnight before it casts, or until it holds
     */
    public static ColourButter plan(
            final double areaMm2,
            final int coats,
            final double filmMm,
            final double share,
            final boolean overnight) {
        Require.positive("wall area of the moulds", areaMm2 / 100, 10_000_000, "cm²");
        Require.between("coats", coats, 1, 6, "");
        Require.between("film", filmMm, 0.01, 0.5, "mm");
        Require.between("share of colour", share * 100, 2, 20, "%");
        final double sprayedG = sprayedG(areaMm2, filmMm * coats);
        final double grams = Math.max(GUN_LEAST_G, sprayedG);
        final Basis basis =
                Basis.of(
                                "larger of wall area · film · coats · density / share caught, and the least in a gun")
                        .with("wall area (cm²)", areaMm2 / 100, Unit.ONE)
                        .with("film", filmMm, Unit.MILLIMETRE)
                        .with("coats", coats, Unit.ONE)
                        .with("density", BUTTER_G_PER_ML, Unit.GRAM_PER_ML)
                        .with("caught by the mould", CAUGHT * 100, Unit.PERCENT)
                        .with("sprayed", sprayedG, Unit.GRAM)
                        .with("least in a gun", GUN_LEAST_G, Unit.GRAM)
                        .from(PRACTICE);
        return new ColourButter(
                Figure.of("coloured cocoa butter to melt", grams, Unit.GRAM, basis),
                Figure.of("fat-soluble colour", grams * share, Unit.GRAM, basis),
                Figure.of("cocoa butter", grams * (1 - share), Unit.GRAM, basis),
                Figure.of("melt at", MELT_C, Unit.CELSIUS, Basis.of("practice").from(PRACTICE))
                        .within(MELT),
                Figure.of("spray at", USE_C, Unit.CELSIUS, Basis.of("practice").from(PRACTICE))
                        .within(new Band(27, 28.5, 30, 32)),
                steps(coats, overnight),
                List.of(
                        Sentence.of(
                                "Only fat-soluble colour, permitted for food where you sell:"
                                        + " water-based colour beads up, stays wet and seizes the"
                                        + " bowl."),
                        Sentence.of(
                                "Spray under extraction and with a mask; no flame near the mist.")));
    }

    private static List<Sentence> steps(final int coats, final boolean overnight) {
        return List.of(
                Sentence.of("Melt the cocoa butter to {melt}, blend the colour in, strain it.")
                        .with("melt", MELT_C, Unit.CELSIUS),
                Sentence.of(
                                "Cool it stirring to about {cool}, then bring it to {spray}: in temper"
                                        + " it shines and lets go of the mould.")
                        .with("cool", COOL_C, Unit.CELSIUS)
                        .with("spray", USE_C, Unit.CELSIUS),
                Sentence.of(
                                "Spray thinly through a {nozzle} nozzle into polished moulds at room"
                                        + " temperature"
                                        + (coats > 1
                                                ? ", {coats} coats with a few minutes between."
                                                : ", one coat."))
                        .with("coats", coats, Unit.ONE)
                        .with("nozzle", 0.8, Unit.MILLIMETRE),
                overnight
                        ? Sentence.of(
                                "Leave it overnight, eight hours at least, before the shell; a few"
                                        + " minutes before the next colour.")
                        : Sentence.of(
                                "A few minutes before the next colour; before the shell until it holds:"
                                        + " Shells says from when, for the film and the room."));
    }
}
