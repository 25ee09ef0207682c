package palintone.core.filling.pot;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.BoilingPoint;
import palintone.core.filling.water.Inversion;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;

/**
 * What is in the pot while a recipe is played: grams of every component, a temperature, and what
 * has happened to it. Mutable and used by one {@link Cooking} only; what others see of it is {@link
 * Cooked}.
 */
final class Pot {

    private static final int WATER = Component.WATER.ordinal();
    private static final int SUCROSE = Component.SUCROSE.ordinal();
    private static final int ETHANOL = Component.ETHANOL.ordinal();

    /** Of the ash of nuts, seeds and grain. */
    private static final double DISSOLVES = 0.35;

    private static final Set<FunctionalClass> GELLING =
            EnumSet.of(
                    FunctionalClass.PECTIN,
                    FunctionalClass.LOW_METHOXYL_PECTIN,
                    FunctionalClass.GELATINE,
                    FunctionalClass.AGAR);

    /** Coarse grains of a usual shape cannot lie closer, as a share of the room. */
    private static final double PACK = 0.62;

    /** Of the room flakes take when poured out, themselves and the air in them; calibrated. */
    private static final double FILLED = 0.55;

    private static final double USUAL_BLOOM = 200;
    private static final double USUAL_GRADE = 150;
    private static final double USUAL_AGAR_G_PER_CM2 = 800;

    /**
     * What holds as much water or spirit boils up in hot sugar: butter does, roasted nuts and
     * chocolate do not; ours.
     */
    private static final double WET = 0.05;

    /** Below that nothing to speak of comes apart within an hour, °C. */
    private static final double INVERTS_FROM_C = 80;

    /** Room where ingredients stand, °C. */
    static final double ROOM_C = 20;

    /**
     * How much faster alcohol leaves a boiling pot than water: share left = (share of water
     * left)^α. From memory, for weak spirit in water (Rayleigh distillation).
     */
    static final double ETHANOL_VOLATILITY = 8;

    /** What is one with the rest. */
    final Contents matrix = new Contents();

    /** What lies in it in pieces, apart from all else. */
    final Contents pieces = new Contents();

    /** What was done to it. */
    final PotHistory did = new PotHistory();

    final double altitudePressureHPa;
    double temperatureC = ROOM_C;

    /** How hot and how long since each raw egg went in; the least heated decides. */
    final List<List<Cooked.HeatStep>> eggs = new ArrayList<>();

    boolean everHeated;
    final Map<Ingredient, Double> weighed = new LinkedHashMap<>();

    /** What is still in it: all that was weighed but what was strained out. */
    final Set<Ingredient> inIt = new LinkedHashSet<>();

    final Map<FunctionalClass, Double> gelling = new EnumMap<>(FunctionalClass.class);
    final List<Ingredient> rawSinceHeat = new ArrayList<>();
    double steamG;
    double strainedG;
    double stuckG;
    double caramelisedG;

    /** Sucrose of the composition that has come apart in the boil; counted for graining only. */
    double invertedG;

    /** Sucrose that was in the pot when it was boiled down: all of it was dissolved then. */
    double boiledSucroseG;

    double pieceMm;

    /** Whether it was crushed: what comes after that lies on pieces, before it is in them. */
    boolean crushed;

    /** Cocoa butter weighed in since it was crushed: folded in, it lies on the pieces. */
    double onTopG;

    /** Cocoa butter on what lies in it in pieces. */
    double coatG;

    /** What is on its way into it out of another pot. */
    Optional<Pot> coming = Optional.empty();

    Pot(final double pressureHPa) {
        this.altitudePressureHPa = pressureHPa;
    }

    double massG() {
        return matrix.massG() + pieces.massG();
    }

    /** What lay in pieces is molten or ground into the rest. */
    void breakPieces() {
        matrix.addAll(pieces);
        matrix.lieClose();
        coatG = 0;
        onTopG = 0;
        crushed = false;
    }

    /** A coat of cocoa butter runs off in what is warmer than this, °C. */
    private static final double COAT_MELTS_C = 33;

    /** Warm, it takes the coat off what lies in it. */
    void meltCoat() {
        if (temperatureC > COAT_MELTS_C) {
            coatG = 0;
        }
    }

    /** What is painted or sprayed on pieces so that they stay crisp. */
    static boolean isCoat(final Ingredient ingredient) {
        return ingredient.composition().fraction(Component.COCOA_BUTTER) > 0.95;
    }

    double waterG() {
        return matrix.g[WATER];
    }

    void put(final Ingredient ingredient, final double massG) {
        if (massG <= 0) {
            return;
        }
        ingredient
                .composition()
                .fractions()
                .forEach((component, share) -> matrix.put(component, share * massG));
        final double bound = boundAsh(ingredient) * massG;
        matrix.put(Component.ASH, -bound);
        matrix.put(Component.BOUND_ASH, bound);
        matrix.buffers.add(ingredient, massG);
        weighed.merge(ingredient, massG, Double::sum);
        inIt.add(ingredient);
        if (crushed && isCoat(ingredient)) {
            onTopG += massG;
        }
        if (ingredient.is(FunctionalClass.RAW_EGG)) {
            egg();
        }
        for (final FunctionalClass nature : GELLING) {
            if (ingredient.is(nature)) {
                gelling.merge(nature, massG * asUsual(nature, ingredient), Double::sum);
            }
        }
        if (ingredient.composition().fraction(Component.WATER) > 0.1) {
            rawSinceHeat.add(ingredient);
        }
    }

    /**
     * Share of it that is ash which does not dissolve. What is much fibre and starch and little
     * water, and every nut and seed, holds its lime and magnesia as phytate and oxalate: a good
     * third of the ash, the potash, goes into the syrup (from memory, of composition tables).
     */
    private static double boundAsh(final Ingredient ingredient) {
        final Composition c = ingredient.composition();
        final boolean seed =
                ingredient.is(FunctionalClass.NUT)
                        || c.fraction(Component.FIBRE) + c.fraction(Component.STARCH) > 0.15
                                && c.fraction(Component.WATER) < 0.2;
        return seed ? (1 - DISSOLVES) * c.fraction(Component.ASH) : 0;
    }

    /** A raw egg goes in: the heat it sees from now on is its own. */
    void egg() {
        eggs.add(new ArrayList<>());
    }

    /**
     * Grams of the usual strength that hold as much: by the test of Bloom and of agar the stress
     * grows with the square of the share, a grade of pectin counts by mass.
     */
    private static double asUsual(final FunctionalClass nature, final Ingredient ingredient) {
        final OptionalDouble strength = ingredient.traits().gelStrength();
        if (strength.isEmpty()) {
            return 1;
        }
        return switch (nature) {
            case GELATINE -> Math.sqrt(strength.getAsDouble() / USUAL_BLOOM);
            case AGAR -> Math.sqrt(strength.getAsDouble() / USUAL_AGAR_G_PER_CM2);
            default -> strength.getAsDouble() / USUAL_GRADE;
        };
    }

    /**
     * Puts lines in at room temperature, and what comes from another pot as warm as it is; the
     * temperature after is that of the heat balance.
     */
    void stirIn(final Operation operation, final double[] grams) {
        final double before = massG();
        final double[] had = matrix.g.clone();
        final double hotC = temperatureC;
        for (int i = 0; i < grams.length; i++) {
            put(operation.lines().get(i).ingredient(), grams[i]);
        }
        temperatureC =
                before <= 0 ? ROOM_C : MetHeat.celsius(had, hotC, less(matrix.g, had), ROOM_C);
        coming.ifPresent(other -> Joining.stir(this, other));
        coming = Optional.empty();
    }

    private static double[] less(final double[] all, final double[] part) {
        final double[] rest = new double[all.length];
        for (int i = 0; i < rest.length; i++) {
            rest[i] = all[i] - part[i];
        }
        return rest;
    }

    /** Water leaves; alcohol leaves sooner. */
    void boilOffWater(final double grams) {
        final double left = Math.max(0, matrix.g[WATER] - grams);
        final double alcoholLeft = alcoholLeft(left);
        steamG += matrix.g[WATER] - left + matrix.g[ETHANOL] - alcoholLeft;
        matrix.g[ETHANOL] = alcoholLeft;
        matrix.g[WATER] = left;
    }

    /** Alcohol that stays when this much water is left. */
    double alcoholLeft(final double waterLeftG) {
        final double share = matrix.g[WATER] > 0 ? waterLeftG / matrix.g[WATER] : 1;
        return matrix.g[ETHANOL] * Math.pow(share, ETHANOL_VOLATILITY);
    }

    /** A share of everything stays on the tools or is cut away. */
    void stick(final double share) {
        stuckG += share * massG();
        lose(share);
    }

    /** A share of everything stays in the sieve or in what is strained out. */
    void strain(final double share) {
        strainedG += share * massG();
        lose(share);
    }

    /** The losses since the last time they were asked for. */
    Cooked.Losses losses() {
        final Cooked.Losses losses = new Cooked.Losses(steamG, strainedG, stuckG);
        steamG = 0;
        strainedG = 0;
        stuckG = 0;
        return losses;
    }

    private void lose(final double share) {
        matrix.keep(1 - share);
        pieces.keep(1 - share);
        boiledSucroseG *= 1 - share;
        invertedG *= 1 - share;
        onTopG *= 1 - share;
        coatG *= 1 - share;
        gelling.replaceAll((nature, grams) -> grams * (1 - share));
    }

    double boilingC() {
        if (matrix.g[WATER] <= 0) {
            return temperatureC;
        }
        return BoilingPoint.celsius(AqueousPhase.dissolvedWhole(matrix.g), altitudePressureHPa);
    }

    /** Sucrose comes apart: the warmer, sourer and longer, the more. */
    void invert(final double celsius, final double seconds) {
        final double whole = matrix.g[SUCROSE] - invertedG;
        if (whole > 0 && matrix.g[WATER] > 0 && celsius > INVERTS_FROM_C) {
            invertedG += whole * Inversion.share(ph(), celsius, seconds);
        }
    }

    void heated(final double celsius, final double seconds) {
        temperatureC = celsius;
        did.highestC = Math.max(did.highestC, celsius);
        everHeated = true;
        eggs.forEach(steps -> steps.add(new Cooked.HeatStep(celsius, seconds)));
        if (celsius >= 72) {
            rawSinceHeat.clear();
        }
    }

    /** How hot it may be, °C: what is in it is handled as if it were. */
    double hottestC() {
        return Math.max(temperatureC, did.toldC);
    }

    /** Whether it holds so much water or spirit that hot sugar boils up in it. */
    boolean wet() {
        return matrix.g[WATER] + pieces.g[WATER] + matrix.g[ETHANOL] > WET * massG();
    }

    /** Whether an ingredient boils up in hot sugar. */
    static boolean wet(final Ingredient ingredient) {
        return ingredient.composition().fraction(Component.WATER)
                        + ingredient.composition().fraction(Component.ETHANOL)
                > WET;
    }

    /** pH of what is no pieces. */
    double ph() {
        return matrix.massG() > 0
                ? matrix.buffers.ph(matrix.g[WATER])
                : pieces.buffers.ph(pieces.g[WATER]);
    }

    /** Whether nearly all its sucrose was dissolved when it was boiled down. */
    boolean boiledClear() {
        return boiledSucroseG > 0 && matrix.g[SUCROSE] <= 1.1 * boiledSucroseG;
    }

    /** Of everything, pieces and all. */
    Composition composition() {
        return Contents.composition(Contents.together(matrix, pieces));
    }

    /** What lies in it in pieces, and what they lie in; everything where there are none. */
    Cooked.Folded folded() {
        final double grams = pieces.massG();
        if (grams <= 0 || matrix.massG() <= 0) {
            return new Cooked.Folded(composition(), composition(), 0, 0, 0, 0, 0, 0);
        }
        final Composition around = matrix.composition();
        final double piecesMl = grams / ChoiOkos1986.densityGPerMl(pieces.composition(), ROOM_C);
        final double looseMl = pieces.looseMl(piecesMl, PACK);
        final double matrixMl = matrix.massG() / ChoiOkos1986.densityGPerMl(around, ROOM_C);
        return new Cooked.Folded(
                around,
                pieces.composition(),
                grams,
                piecesMl / (piecesMl + matrixMl),
                looseMl / (matrixMl + Math.max(piecesMl, FILLED * looseMl)),
                pieces.g[SUCROSE] + pieces.g(Component.HIGHER_SACCHARIDES),
                pieceMm,
                coatG);
    }
}
