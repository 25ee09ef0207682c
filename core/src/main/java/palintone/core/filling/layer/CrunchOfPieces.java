package palintone.core.filling.layer;

import java.util.Optional;
import palintone.core.fat.FatDensity;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.water.Gab;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * How long what is folded in as pieces stays crisp: water comes out of the filling through the
 * whole surface of the pieces, as between layers, and softens them at the water activity at which
 * crisp things go soft.
 *
 * <p>How much water they bear until then depends on what of them takes it up: only the dry bodies
 * (sugar in crystals takes none) or the sugar as well, as a glass does. The truth lies between; the
 * range shown is that of both, and the shorter one is what is told. Cocoa butter that was put on
 * the pieces holds the water up as between layers.
 */
public final class CrunchOfPieces {

    public static final Source SOURCE =
            Source.calibrated(
                    "water between layers through the surface of cubes; permeance as for crisp"
                            + " layers, pieces of 2 to 5 mm soft within days (common practice)");

    /** Of sugar in crystals what takes up water; as in a fat filling. */
    private static final double OF_CRYSTALS = 0.03;

    private static final double AHEAD_DAYS = 120;
    private static final int PARTS = 40;

    private CrunchOfPieces() {}

    /** Days; empty where there are no pieces, or no syrup to soften them. */
    public static Optional<Figure> of(final FillingProperties properties) {
        final Cooked.Folded folded = properties.cooked().folded();
        if (folded.grams() <= 0 || folded.sizeMm() <= 0 || !properties.wet()) {
            return Optional.empty();
        }
        final double density = ChoiOkos1986.densityGPerMl(folded.pieces(), 20);
        final double areaMm2 = 6 / folded.sizeMm() * folded.grams() / density * 1000;
        final double coatMm = coatMm(folded, areaMm2);
        final MoistureBetween.Face face = new MoistureBetween.Face(areaMm2, coatMm);
        final double soonest = days(properties, face, OF_CRYSTALS, MoistureBetween.SOFT_FROM);
        final double latest = days(properties, face, 1, MoistureBetween.SOFT_TO);
        return Optional.of(
                Figure.of(
                                "pieces stay crisp",
                                soonest,
                                Unit.DAY,
                                Basis.of(
                                                "water through 6/size of surface until their water"
                                                        + " activity is .35 to .50")
                                        .with(
                                                "size of the pieces",
                                                folded.sizeMm(),
                                                Unit.MILLIMETRE)
                                        .with("their surface, cm²", areaMm2 / 100, Unit.ONE)
                                        .with(
                                                "permeance, g/(m²·day)",
                                                MoistureBetween.BARE,
                                                Unit.ONE)
                                        .with(
                                                "cocoa butter on them that counts",
                                                coatMm,
                                                Unit.MILLIMETRE)
                                        .from(SOURCE)
                                        .validFor("pieces in a filling that is kept cool", true))
                        .spread(soonest, Math.max(soonest, latest)));
    }

    /**
     * As if half of it lay evenly over all faces: what is tumbled on runs together, and edges stay
     * bare. Calibrated to the safe side.
     */
    private static double coatMm(final Cooked.Folded folded, final double areaMm2) {
        return Math.min(5, COVERS * folded.coatG() / FatDensity.SOLID_G_PER_ML * 1000 / areaMm2);
    }

    private static final double COVERS = 0.5;

    /**
     * The filling is so much more than what the pieces take that its water activity stays: dt = dry
     * · dm / (permeance · surface · (a of the filling − a of the pieces)), by Simpson's rule.
     */
    private static double days(
            final FillingProperties properties,
            final MoistureBetween.Face face,
            final double ofSugar,
            final double softAt) {
        final double outside = properties.value(Quality.WATER_ACTIVITY);
        if (outside <= softAt + 0.02) {
            return AHEAD_DAYS;
        }
        final Composition c = properties.cooked().folded().pieces();
        final double grams = properties.cooked().folded().grams();
        final double takesUp = Math.max(0.01, bodies(c, ofSugar)) * grams;
        final double from = c.fraction(Component.WATER) * grams / takesUp;
        final double to = Gab.BAKED.moisture(softAt);
        if (from >= to) {
            return 0;
        }
        final double perDay = face.gramsPerDay();
        double sum = 0;
        for (int k = 0; k <= PARTS; k++) {
            final double moisture = from + (to - from) * k / PARTS;
            final double weight = k == 0 || k == PARTS ? 1 : k % 2 == 1 ? 4 : 2;
            sum += weight / (outside - Gab.BAKED.activity(moisture));
        }
        final double days = takesUp / perDay * (to - from) / PARTS / 3 * sum;
        return Math.min(AHEAD_DAYS, days);
    }

    private static double bodies(final Composition c, final double ofSugar) {
        return c.fraction(Component.PROTEIN)
                + c.fraction(Component.STARCH)
                + c.fraction(Component.FIBRE)
                + c.fraction(Component.COCOA_SOLIDS)
                + c.fraction(Component.MILK_SOLIDS)
                + c.fraction(Component.ASH)
                + c.fraction(Component.BOUND_ASH)
                + c.fraction(Component.HIGHER_SACCHARIDES)
                + ofSugar
                        * (c.fraction(Component.SUCROSE)
                                + c.fraction(Component.GLUCOSE)
                                + c.fraction(Component.FRUCTOSE)
                                + c.fraction(Component.LACTOSE)
                                + c.fraction(Component.MALTOSE));
    }
}
