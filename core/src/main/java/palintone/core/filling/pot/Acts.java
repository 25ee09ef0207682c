package palintone.core.filling.pot;

import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.BoilingPoint;
import palintone.core.substance.Component;
import palintone.core.substance.FunctionalClass;

/**
 * What each operation does to the pot. Every gram that leaves is water, alcohol or a named loss.
 */
final class Acts {

    private static final int SUCROSE = Component.SUCROSE.ordinal();
    private static final int HIGHER = Component.HIGHER_SACCHARIDES.ordinal();

    /** Moister than this, pieces are not apart from the syrup around them. */
    static final double DRY_PIECES = 0.1;

    private static final int FIBRE = Component.FIBRE.ordinal();

    /** Sugar above this is caramel, not syrup, °C. */
    static final double CARAMEL_FROM_C = 155;

    /** Of a pan of a pound or two on a kitchen's flame; common practice, no source. */
    private static final double BOILS_OFF_G_PER_S = 0.25;

    private static final int BOIL_STEPS = 4;

    private Acts() {}

    static void add(final Pot pot, final Operation op, final double[] grams) {
        pot.stirIn(op, grams);
    }

    static void pour(final Pot pot, final Operation op, final double[] grams) {
        // Hot cream over chocolate, whichever of the two stands in the pot.
        pot.did.pouredAtC =
                Math.max(
                        pot.temperatureC,
                        pot.coming.map(came -> came.temperatureC).orElse(pot.temperatureC));
        pot.stirIn(op, grams);
    }

    /** Heats to the boil and keeps it there: a stated share of the water goes every minute. */
    static void boil(final Pot pot, final Operation op, final double[] grams) {
        pot.stirIn(op, grams);
        final double minutes = op.value(OperationSetting.MINUTES);
        final double left = Math.pow(1 - op.value(OperationSetting.PERCENT) / 100, minutes);
        pot.boilOffWater(pot.waterG() * (1 - left));
        pot.heated(pot.boilingC(), Math.max(5, minutes * 60));
        pot.invert(pot.temperatureC, minutes * 60);
    }

    /** What is infused gives its taste and takes liquid with it when it is strained out. */
    static void infuse(final Pot pot, final Operation op, final double[] grams) {
        double solids = 0;
        for (int i = 0; i < grams.length; i++) {
            solids += grams[i];
            // Weighed and paid for, and its allergens stay; its body goes out again.
            pot.weighed.merge(op.lines().get(i).ingredient(), grams[i], Double::sum);
            if (op.lines().get(i).ingredient().is(FunctionalClass.RAW_EGG)) {
                pot.egg();
            }
        }
        pot.strainedG += solids;
        stands(pot, op);
        final double liquid = pot.massG();
        final double held = solids * op.value(OperationSetting.RETENTION);
        if (held > 0.9 * liquid) {
            throw new OutOfRangeException(
                    "infuse and strain",
                    Math.round(held) + " g held back",
                    "less than nine tenths of the " + Math.round(liquid) + " g in the pot");
        }
        if (liquid > 0) {
            pot.strain(held / liquid);
        }
    }

    /**
     * What is weighed in is the fruit as it is bought; its edible part goes in. An ingredient that
     * says nothing of its edible part is weighed ready.
     */
    static void trim(final Pot pot, final Operation op, final double[] grams) {
        final double[] edible = grams.clone();
        double waste = 0;
        for (int i = 0; i < edible.length; i++) {
            edible[i] *= op.lines().get(i).ingredient().traits().ediblePart().orElse(1);
            waste += grams[i] - edible[i];
        }
        pot.stirIn(op, edible);
        // Weighed and paid for with all that is cut away.
        for (int i = 0; i < edible.length; i++) {
            pot.weighed.merge(op.lines().get(i).ingredient(), grams[i] - edible[i], Double::sum);
        }
        pot.stuckG += waste;
    }

    static void blend(final Pot pot, final Operation op, final double[] grams) {
        pot.stirIn(op, grams);
        pot.did.blended = true;
        pot.did.mixedC = pot.temperatureC;
        pot.stick(op.value(OperationSetting.PERCENT) / 100);
    }

    /**
     * Seeds and skins are fibre, with pulp that clings to them. Calibrated here, so that a fifth of
     * raspberries, a tenth of gooseberries and a twentieth of plums stay in the sieve, and a
     * hundredth of what has none (common practice, no source).
     *
     * @param fibre share of what is in the pot
     * @return share that does not pass
     */
    private static double heldBack(final double fibre) {
        return Math.min(0.3, 0.01 + 3 * fibre);
    }

    /** Three times its share of the loss is fibre, as far as there is any: calibrated here. */
    static void sieve(final Pot pot, final Operation op, final double[] grams) {
        final double total = pot.massG();
        final double lost =
                op.settings().containsKey(OperationSetting.PERCENT)
                        ? 1 - op.value(OperationSetting.PERCENT) / 100
                        : total > 0 ? heldBack(pot.matrix.g[FIBRE] / total) : 0;
        final double fibreLost = pot.matrix.g[FIBRE] * Math.min(1, 3 * lost);
        final double others = total - pot.matrix.g[FIBRE];
        if (others <= 0 || lost >= 1) {
            pot.strain(lost);
            return;
        }
        final double share = Math.max(0, lost * total - fibreLost) / others;
        final double fibre = pot.matrix.g[FIBRE] - fibreLost;
        pot.matrix.g[FIBRE] = 0;
        pot.strain(share);
        pot.strainedG += fibreLost;
        pot.matrix.g[FIBRE] = fibre;
    }

    /** A gram of skins and pulp that nobody presses keeps so much juice; see {@link #drain}. */
    private static final double KEPT_PER_FIBRE = 9.5;

    /** Of what is drained so much of the fibre comes along; common practice, no source. */
    private static final double CLOUDY = 0.04;

    /** However much pulp there is, so much runs off. */
    private static final double LEAST_RUN_OFF = 0.05;

    /**
     * What runs off by itself through a cloth. Pulp keeps juice by its fibre, calibrated so that
     * stewed berries with six parts of fibre in a hundred give 35 to 40 of juice (common practice,
     * no source); stewed in more water they give more.
     */
    static void drain(final Pot pot, final Operation op, final double[] grams) {
        final double total = pot.massG();
        final double fibre = pot.matrix.g[FIBRE];
        final double others = total - fibre;
        final double runs =
                op.settings().containsKey(OperationSetting.PERCENT)
                        ? op.value(OperationSetting.PERCENT) / 100 * total
                        : Math.max(LEAST_RUN_OFF * total, others - KEPT_PER_FIBRE * fibre);
        if (others <= 0 || fibre <= 0) {
            pot.strain(total > 0 ? 1 - Math.min(1, runs / total) : 0);
            return;
        }
        final double fibreOff = Math.min(fibre, CLOUDY * fibre * runs / total);
        pot.matrix.g[FIBRE] = 0;
        pot.strain(1 - Math.min(1, Math.max(0, runs - fibreOff) / others));
        pot.strainedG += fibre - fibreOff;
        pot.matrix.g[FIBRE] = fibreOff;
    }

    static void boilDown(final Pot pot, final Operation op, final double[] grams) {
        pot.stirIn(op, grams);
        final double now = pot.massG();
        final double share = op.value(OperationSetting.PERCENT);
        final double target =
                Double.isNaN(share) ? op.value(OperationSetting.MASS_G) : now * (1 - share / 100);
        final double dry = now - pot.waterG();
        if (!(target <= now && target > dry)) {
            throw new OutOfRangeException(
                    "boil down: down to",
                    round(target) + " g",
                    "less than the "
                            + round(now)
                            + " g in the pot and more than the "
                            + round(dry)
                            + " g that cannot boil away");
        }
        // Alcohol goes along with the water: find the water that makes up the whole loss.
        final double others = now - pot.waterG() - pot.alcoholLeft(pot.waterG());
        double low = 0;
        double high = pot.waterG();
        for (int k = 0; k < 50; k++) {
            final double left = (low + high) / 2;
            if (others + left + pot.alcoholLeft(left) > target) {
                high = left;
            } else {
                low = left;
            }
        }
        final double boiledOff = pot.waterG() - (low + high) / 2;
        pot.boilOffWater(boiledOff);
        pot.heated(pot.boilingC(), 120);
        pot.invert(pot.temperatureC, boiledOff / BOILS_OFF_G_PER_S);
        pot.boiledSucroseG = pot.matrix.g[SUCROSE];
    }

    /** Boils water off until the syrup boils at the wanted temperature. */
    static void cookSugar(final Pot pot, final Operation op, final double[] grams) {
        pot.stirIn(op, grams);
        final double target = op.value(OperationSetting.TEMPERATURE_C);
        if (pot.waterG() > 0 && pot.boilingC() < target) {
            final double left =
                    BoilingPoint.waterLeft(
                            AqueousPhase.dissolvedWhole(pot.matrix.g),
                            target,
                            pot.altitudePressureHPa);
            boilUp(pot, left);
        }
        pot.heated(target, 60);
        pot.invert(target, 60);
        pot.did.cookedSugarC = Math.max(pot.did.cookedSugarC, target);
    }

    /** Water leaves as fast as the flame drives it, and the syrup grows hotter on its way. */
    private static void boilUp(final Pot pot, final double leftG) {
        final double step = (pot.waterG() - leftG) / BOIL_STEPS;
        for (int i = 0; i < BOIL_STEPS; i++) {
            pot.boilOffWater(step);
            pot.invert(pot.boilingC(), step / BOILS_OFF_G_PER_S);
        }
    }

    /**
     * Sugar browns: from 155 °C a growing part of the sucrose turns to coloured larger bodies and
     * loses a tenth of its mass as water. Shares calibrated here to common practice (light at 165,
     * deep at 185 °C).
     */
    static void caramelise(final Pot pot, final Operation op, final double[] grams) {
        pot.stirIn(op, grams);
        final double target = op.value(OperationSetting.TEMPERATURE_C);
        if (target < CARAMEL_FROM_C) {
            throw new OutOfRangeException(
                    "caramelise: temperature",
                    round(target) + " °C",
                    "155 to 200 °C; below that, cook sugar");
        }
        pot.boilOffWater(Math.max(0, pot.waterG() - 0.006 * pot.massG()));
        final double turned = pot.matrix.g[SUCROSE] * Math.min(0.6, 0.4 * (target - 155) / 30);
        pot.matrix.g[SUCROSE] -= turned;
        pot.matrix.g[HIGHER] += 0.9 * turned;
        pot.steamG += 0.1 * turned;
        pot.caramelisedG += turned;
        pot.did.cookedSugarC = Math.max(pot.did.cookedSugarC, target);
        pot.heated(target, 60);
    }

    /** Cooled hard first. */
    static void crush(final Pot pot, final Operation op, final double[] grams) {
        pot.temperatureC = Math.min(pot.temperatureC, Pot.ROOM_C);
        pot.onTopG = 0;
        pot.crushed = true;
        pot.stick(op.value(OperationSetting.PERCENT) / 100);
    }

    /** Warms to below the boil, or to the boil where that is lower; no water is counted as lost. */
    static void heat(final Pot pot, final Operation op, final double[] grams) {
        pot.stirIn(op, grams);
        final double wanted = op.value(OperationSetting.TEMPERATURE_C);
        final double reached = pot.waterG() > 0 ? Math.min(wanted, pot.boilingC()) : wanted;
        pot.heated(reached, op.value(OperationSetting.MINUTES) * 60);
    }

    static void temperYolks(final Pot pot, final Operation op, final double[] grams) {
        heat(pot, op, grams);
    }

    static void emulsify(final Pot pot, final Operation op, final double[] grams) {
        pot.stirIn(op, grams);
        pot.did.emulsifiedWidthMm = op.value(OperationSetting.WIDTH_MM);
        pot.did.mixedC = pot.temperatureC;
    }

    static void cool(final Pot pot, final Operation op, final double[] grams) {
        pot.temperatureC = Math.min(pot.temperatureC, op.value(OperationSetting.TEMPERATURE_C));
    }

    static void butter(final Pot pot, final Operation op, final double[] grams) {
        pot.temperatureC = Math.min(pot.temperatureC, op.value(OperationSetting.TEMPERATURE_C));
        pot.did.butterC = pot.temperatureC;
        pot.stirIn(op, grams);
    }

    /**
     * What is dry lies in it in pieces: it dissolves in nothing and is no part of the syrup. What
     * is moist, as fresh fruit, shares its water with the rest and is counted with it.
     */
    static void fold(final Pot pot, final Operation op, final double[] grams) {
        final Optional<Pot> coming = pot.coming;
        pot.coming = Optional.empty();
        for (int line = 0; line < grams.length; line++) {
            final double[] had = pot.matrix.g.clone();
            final double[] only = new double[grams.length];
            only[line] = grams[line];
            pot.stirIn(op, only);
            final double water =
                    op.lines().get(line).ingredient().composition().fraction(Component.WATER);
            if (water > DRY_PIECES) {
                continue;
            }
            pot.matrix.buffers.moveTo(
                    pot.pieces.buffers, op.lines().get(line).ingredient(), grams[line]);
            for (int i = 0; i < had.length; i++) {
                pot.pieces.g[i] += pot.matrix.g[i] - had[i];
                pot.matrix.g[i] = had[i];
            }
            pot.pieces.lieLoose(grams[line], op.lines().get(line).ingredient().densityGPerMl());
        }
        coming.ifPresent(other -> Joining.fold(pot, other));
        for (int line = 0; line < grams.length; line++) {
            if (Pot.isCoat(op.lines().get(line).ingredient())) {
                pot.coatG += grams[line];
            }
        }
        pot.meltCoat();
        pot.pieceMm = smallest(pot, op.value(OperationSetting.SIZE_MM));
    }

    /** Of pieces of several sizes the smallest go soft first. */
    private static double smallest(final Pot pot, final double sizeMm) {
        return pot.pieceMm > 0 ? Math.min(pot.pieceMm, sizeMm) : sizeMm;
    }

    static void rest(final Pot pot, final Operation op, final double[] grams) {
        final double place = op.value(OperationSetting.TEMPERATURE_C);
        if (place < 12) {
            pot.did.coldRestHours += op.value(OperationSetting.HOURS);
        } else {
            pot.did.restHours += op.value(OperationSetting.HOURS);
        }
        stands(pot, op);
    }

    /** Of a pot, lid on; calibrated, as below. */
    private static final double COVERED_W_PER_M2K = 14;

    private static final double POT_ACROSS_M = 0.16;
    private static final double WET_J_PER_KGK = 3500;
    private static final double WET_KG_PER_M3 = 1050;

    /**
     * Cools towards the place it stands in, by Newton's law: a covered pot of 16 cm loses 14 W/m²K
     * of what it wets (its bare steel loses too), so that half a litre of boiled cream is at about
     * 70 °C after half an hour (calibrated, common practice).
     */
    private static void stands(final Pot pot, final Operation op) {
        final double kg = pot.massG() / 1000;
        if (kg <= 0) {
            return;
        }
        final double topM2 = Math.PI / 4 * POT_ACROSS_M * POT_ACROSS_M;
        final double sideM2 = 4 * kg / WET_KG_PER_M3 / POT_ACROSS_M;
        final double tau = kg * WET_J_PER_KGK / (COVERED_W_PER_M2K * (topM2 + sideM2));
        final double place = op.value(OperationSetting.TEMPERATURE_C);
        pot.temperatureC =
                place
                        + (pot.temperatureC - place)
                                * Math.exp(-op.value(OperationSetting.HOURS) * 3600 / tau);
    }

    static void cut(final Pot pot, final Operation op, final double[] grams) {
        pot.did.cutMm = op.value(OperationSetting.WIDTH_MM);
        pot.stick(op.value(OperationSetting.PERCENT) / 100);
    }

    private static double round(final double value) {
        return Math.round(value * 10) / 10.0;
    }
}
