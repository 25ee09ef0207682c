package palintone.core.filling.sugar;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.BoilingPoint;
import palintone.core.filling.water.Norrish1966;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Mixture;

/**
 * How far to cook a sugar here, with this thermometer.
 *
 * <p>What makes a cooked sugar soft or hard is the water left in it; the temperature only tells how
 * much that is, and does so differently up a mountain and on a thermometer that is off. So the
 * stage is turned into water at sea level, and the water into what will be read here.
 *
 * @param read what the thermometer shows when it is done
 * @param truth the temperature it then has
 * @param seaLevel what a true thermometer would show at sea level
 * @param water left in the sugar, per cent
 * @param yield of what was weighed in
 * @param stage the cold-water name
 * @param boilsHere where plain water boils
 */
public record SugarCook(
        Figure read,
        Figure truth,
        Figure seaLevel,
        Figure water,
        Figure yield,
        Figure waterActivity,
        SugarStage stage,
        Figure boilsHere,
        List<Sentence> cautions) {

    public static final Source STAGES =
            Source.practice("names and temperatures of the cold-water stages");

    private static final double HIGHEST_C = 190;

    /**
     * A thermometer and where it stands.
     *
     * @param pressureHPa of the air
     * @param offsetK what it shows too much
     */
    public record Place(double pressureHPa, double offsetK) {

        /**
         * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
         */
        public Place {
            Require.between("air pressure", pressureHPa, 500, 1100, "hPa");
            Require.between("thermometer offset", offsetK, -15, 15, "°C");
        }

        /**
         * From a check in boiling water, and one in melting ice where there was one.
         *
         * @param inBoilingWaterC shown there
         */
        public static Place checkedInBoilingWater(
                final double pressureHPa, final double inBoilingWaterC) {
            return new Place(pressureHPa, inBoilingWaterC - BoilingPoint.water(pressureHPa));
        }
    }

    /**
     * What is in the pan before it is cooked.
     *
     * @param composition with some water
     * @param massG of the whole
     */
    public record Pan(Composition composition, double massG) {

        /** Stirred together cold. */
        public static Pan of(final Mixture mixture) {
            return new Pan(mixture.composition(), mixture.massG());
        }

        /**
         * What a recipe has in the pot when its sugar is to be cooked: all that was done before,
         * and what goes in by that operation.
         *
         * @param operations with a "cook sugar" among them
         * @param pressureHPa of the air
         * @throws OutOfRangeException when no sugar is cooked in it
         */
        public static Pan before(final List<Operation> operations, final double pressureHPa) {
            final List<Operation> before = new ArrayList<>();
            for (final Operation op : operations) {
                if (op.kind() == OperationKind.COOK_SUGAR) {
                    if (!op.lines().isEmpty() || op.from().isPresent()) {
                        before.add(
                                new Operation(
                                        OperationKind.ADD,
                                        op.lines(),
                                        Map.of(),
                                        op.pot(),
                                        op.from()));
                    }
                    final Cooked pot =
                            Cooking.cook(before, Cooking.grams(before), pressureHPa, op.pot());
                    return new Pan(pot.composition(), pot.yieldG());
                }
                before.add(op);
            }
            throw new OutOfRangeException(
                    "recipe", "no sugar cooked in it", "an operation \"cook sugar\"");
        }

        double massG(final Component component) {
            return composition.fraction(component) * massG;
        }
    }

    /** What to read for a wanted stage. */
    public static SugarCook to(final SugarStage stage, final Pan pot, final Place place) {
        return cook(stage.middleC(), pot, place);
    }

    /** What was reached when this is read. */
    public static SugarCook readAt(final double shownC, final Pan pot, final Place place) {
        final double truth = shownC - place.offsetK();
        final double waterHere =
                waterLeft(phase(pot), truth, place.pressureHPa(), "temperature read", shownC);
        final double sea =
                BoilingPoint.celsius(
                        AqueousPhase.dissolvedWhole(grams(pot, waterHere)), Cooking.SEA_LEVEL_HPA);
        return cook(sea, pot, place);
    }

    private static SugarCook cook(final double seaC, final Pan pot, final Place place) {
        Require.between("temperature at sea level", seaC, 100, HIGHEST_C, "°C");
        final double water =
                waterLeft(
                        phase(pot), seaC, Cooking.SEA_LEVEL_HPA, "temperature at sea level", seaC);
        final double[] after = grams(pot, water);
        final AqueousPhase phase = AqueousPhase.dissolvedWhole(after);
        final double truth = BoilingPoint.celsius(phase, place.pressureHPa());
        final double mass = pot.massG() - (pot.massG(Component.WATER) - water);
        final Basis basis =
                Basis.of("aw(water left)·psat(T) = pressure of the air")
                        .with("air pressure", place.pressureHPa(), Unit.HECTOPASCAL)
                        .with("thermometer shows too much", place.offsetK(), Unit.KELVIN)
                        .from(BoilingPoint.SOURCE)
                        .validFor("up to 150 °C; caramel beyond is judged by colour", seaC <= 150);
        return new SugarCook(
                Figure.of("read on your thermometer", truth + place.offsetK(), Unit.CELSIUS, basis)
                        .spread(truth + place.offsetK() - 0.8, truth + place.offsetK() + 0.8),
                Figure.of("true temperature", truth, Unit.CELSIUS, basis),
                Figure.of("the same at sea level", seaC, Unit.CELSIUS, basis.from(STAGES)),
                Figure.of("water left", 100 * water / mass, Unit.PERCENT, basis),
                Figure.of("comes out", mass, Unit.GRAM, basis),
                Figure.of(
                        "water activity when cold",
                        Math.max(0.05, new Norrish1966().waterActivity(phase)),
                        Unit.ONE,
                        Basis.of("aw = xw·exp(−(Σ √Ki·xi)²), everything dissolved")
                                .from(new Norrish1966().source())
                                .validFor("above 0.6", false)),
                SugarStage.at(seaC),
                Figure.of(
                        "water boils here at",
                        BoilingPoint.water(place.pressureHPa()),
                        Unit.CELSIUS,
                        Basis.of("psat(T) = pressure of the air")
                                .from(palintone.core.heat.WagnerPruss1993.SOURCE)),
                cautions(seaC));
    }

    private static List<Sentence> cautions(final double seaC) {
        final List<Sentence> words = new ArrayList<>();
        words.add(
                Sentence.of(
                        "Sugar at this heat sticks to skin and burns deep: long sleeves, cold water"
                                + " within reach."));
        words.add(
                Sentence.of(
                        "Probe off the floor of the pan; wash crystals down the sides; do not stir"
                                + " once it boils clear."));
        if (seaC >= 145) {
            words.add(
                    Sentence.of(
                            "Cream or butter into it throws steam: warm it first, thin parts, face"
                                    + " and hands away, pan no more than a third full."));
        }
        return words;
    }

    private static AqueousPhase phase(final Pan pot) {
        final double[] grams = grams(pot, pot.massG(Component.WATER));
        if (grams[Component.WATER.ordinal()] <= 0) {
            throw new OutOfRangeException(
                    "sugar to cook", "no water in it", "sugar with water, syrup or cream");
        }
        return AqueousPhase.dissolvedWhole(grams);
    }

    private static double waterLeft(
            final AqueousPhase phase,
            final double celsius,
            final double pressureHPa,
            final String field,
            final double stated) {
        final double boils = BoilingPoint.celsius(phase, pressureHPa);
        if (celsius < boils - 0.05) {
            throw new OutOfRangeException(
                    field,
                    Math.round(stated * 10) / 10.0 + " °C",
                    "at least "
                            + Math.round(boils * 10) / 10.0
                            + " °C, where this boils before anything has boiled away");
        }
        return BoilingPoint.waterLeft(phase, celsius, pressureHPa);
    }

    private static double[] grams(final Pan pot, final double waterG) {
        final double[] grams = new double[Component.values().length];
        for (final Component component : Component.values()) {
            grams[component.ordinal()] = pot.massG(component);
        }
        grams[Component.WATER.ordinal()] = waterG;
        return grams;
    }
}
