package palintone.core.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.Allergen;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;
import palintone.core.substance.Mixture;
import palintone.core.substance.Portion;
import palintone.core.substance.Traits;

/**
 * Something whole in a piece: nuts, dried fruit, nibs.
 *
 * @param ingredient what
 * @param eachG in one piece, 0.01 to 2000 g
 * @param placing where it goes
 * @param plate how large it is, where it is a decoration plate of this house and not an ingredient
 */
public record Inclusion(
        Ingredient ingredient, double eachG, Placing placing, Optional<Plate> plate) {

    /**
     * A plate cut from a sheet.
     *
     * @param longMm its longer side
     * @param wideMm the other
     * @param thickMm how thick
     * @param wetShare water and spirit of the wettest thing on it, 0 to 1: that spoils, however
     *     little of the plate it is
     */
    public record Plate(double longMm, double wideMm, double thickMm, double wetShare) {

        /** Whether it lies on something so long and wide, edge within edge. */
        boolean liesOn(final double lengthMm, final double widthMm) {
            return longMm <= Math.max(lengthMm, widthMm) + ROUNDING_MM
                    && wideMm <= Math.min(lengthMm, widthMm) + ROUNDING_MM;
        }

        private static final double ROUNDING_MM = 1e-9;
    }

    /** Something of the larder. */
    public Inclusion(final Ingredient ingredient, final double eachG, final Placing placing) {
        this(ingredient, eachG, placing, Optional.empty());
    }

    /** One plate or round of a sheet, made before and laid on the back while that is wet. */
    public static Inclusion plate(final SheetPiece sheet) {
        final List<Portion> all = new ArrayList<>(sheet.chocolate());
        sheet.inclusions().forEach(i -> all.add(new Portion(i.ingredient(), i.eachG())));
        final Mixture whole = Mixture.of(all);
        final Set<Allergen> holds = EnumSet.noneOf(Allergen.class);
        holds.addAll(whole.allergens());
        holds.addAll(sheet.dress().allergens());
        return new Inclusion(
                new Ingredient(
                        sheet.id(),
                        sheet.name(),
                        whole.composition(),
                        ChoiOkos1986.densityGPerMl(whole.composition(), ROOM_C),
                        holds,
                        Source.definition("what the sheet is made of"),
                        new Traits(
                                OptionalDouble.empty(),
                                OptionalDouble.of(sheet.masses().whole().value()),
                                price(all, whole.massG()),
                                Set.of(),
                                false)),
                sheet.masses().whole().value(),
                Placing.ON_THE_BACK,
                Optional.of(
                        new Plate(
                                sheet.cut().longMm(),
                                sheet.cut().wideMm(),
                                sheet.thickMm(),
                                sheet.inclusions().stream()
                                        .mapToDouble(Inclusion::wetShare)
                                        .max()
                                        .orElse(0))));
    }

    /** Of a kilogram, where every part has one. */
    private static OptionalDouble price(final List<Portion> all, final double massG) {
        double sum = 0;
        for (final Portion each : all) {
            final OptionalDouble perKg = each.ingredient().traits().pricePerKg();
            if (perKg.isEmpty()) {
                return OptionalDouble.empty();
            }
            sum += perKg.getAsDouble() * each.massG();
        }
        return OptionalDouble.of(sum / massG);
    }

    /** What is laid on sinks in by about half; common practice, no source. */
    private static final double SUNK = 0.5;

    private static final double ROOM_C = 20;

    /** Dried fruit with up to so much water has been stirred in without harm; practice. */
    private static final double SEIZES = 0.25;

    /** Where an inclusion goes. */
    public enum Placing {
        STIRRED_IN,
        ON_THE_BACK,
        /** Whole, in a layer of filling or in the middle of a centre. */
        SET_IN,
        /** Sticks all round, before the coat has set. */
        ROLLED_IN,
        /** Couverture under a slab, before it is cut. */
        BRUSHED_BELOW
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when the mass is impossible, or it would be
     *     stirred in and seize the bowl
     */
    public Inclusion {
        Require.between(ingredient.name(), eachG, 0.01, 2000, "g");
        final double wet =
                ingredient.composition().fraction(Component.WATER)
                        + ingredient.composition().fraction(Component.ETHANOL);
        if (placing == Placing.STIRRED_IN && wet > SEIZES) {
            throw new OutOfRangeException(
                    ingredient.name() + " stirred in",
                    Math.round(wet * 100) + " % water and spirit",
                    "up to "
                            + Math.round(SEIZES * 100)
                            + " %; more seizes the bowl: lay it on the back, or make it a filling");
        }
    }

    /** Refuses a place that a kind of piece does not have. */
    void placed(final Placing... allowed) {
        if (!Arrays.asList(allowed).contains(placing)) {
            throw new OutOfRangeException(
                    "place of " + ingredient.name(),
                    placing.name(),
                    Arrays.stream(allowed).map(Enum::name).collect(Collectors.joining(", ")));
        }
    }

    /** Whether it lies in the middle of a filling, whole. */
    public boolean setIn() {
        return placing == Placing.SET_IN;
    }

    /** How thick it is where it is about as long as wide, mm. */
    double acrossMm() {
        return 2 * Math.cbrt(volumeMl() * 1000 * 3 / (4 * Math.PI));
    }

    /** What all of it takes up, by its own density without the air between, ml. */
    public double volumeMl() {
        return eachG / ChoiOkos1986.densityGPerMl(ingredient.composition(), ROOM_C);
    }

    /** The chocolate it pushes aside, ml. */
    public double displacedMl() {
        if (plate.isPresent()) {
            // It lies flat on what is wet and pushes nothing aside.
            return 0;
        }
        return placing == Placing.ON_THE_BACK ? SUNK * volumeMl() : volumeMl();
    }

    /** Water and spirit in it, share of its mass, 0 to 1. */
    public double wetShare() {
        if (plate.isPresent()) {
            return plate.get().wetShare();
        }
        return ingredient.composition().fraction(Component.WATER)
                + ingredient.composition().fraction(Component.ETHANOL);
    }

    /** By itself, so that its water is judged as that of any filling. */
    Filling alone() {
        return Filling.stirred(
                ingredient.id(),
                ingredient.name(),
                List.of(new RecipeLine(ingredient, eachG, KitchenUnit.GRAM)));
    }
}
