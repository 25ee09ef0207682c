package palintone.core.filling;

import java.util.List;
import palintone.core.fat.FatBlend;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.sugar.Graining;
import palintone.core.filling.water.Inversion;

/** What may go wrong with a filling, in percent. */
final class FillingRisks {

    /** Poured together and left so, three in ten do not become one; common practice, calibrated. */
    private static final double UNMIXED = 0.3;

    /** A vessel too wide for the batch shears it badly; calibrated. */
    private static final double TOO_WIDE = 0.06;

    /** So much of the fat may be solid while it is mixed; then drops grow together (calibrated). */
    private static final double SOLID_BORNE = 0.06;

    private static final double PER_SOLID = 2;
    private static final double COLD_AT_MOST = 0.8;

    private FillingRisks() {}

    /** How likely it splits; nothing can split where fat is outside. */
    static Figure ofSplitting(final FillingProperties properties) {
        final Cooked cooked = properties.cooked();
        final Cooked.History history = cooked.history();
        final double width = history.emulsifiedWidthMm();
        final double depthMm =
                width > 0 ? cooked.yieldG() / 1.1 * 1000 / (Math.PI * width * width / 4) : 0;
        final boolean tooWide = width > 0 && depthMm < Emulsion.DEEP_ENOUGH * width;
        final boolean drops = properties.wet() && cooked.matrix().fatFraction() > 0.05;
        final boolean mixed = !Double.isNaN(history.mixedC());
        final double solid =
                mixed ? FatBlend.of(cooked.matrix()).solidAt(Math.min(60, history.mixedC())) : 0;
        final double packed = Emulsion.of(cooked.matrix()).splitRisk(history.blended(), tooWide);
        final double handled =
                cooked.pouredAndLeft()
                        ? UNMIXED
                        : Math.min(COLD_AT_MOST, PER_SOLID * Math.max(0, solid - SOLID_BORNE))
                                + (tooWide && !history.blended() ? TOO_WIDE : 0);
        Basis why =
                Basis.of(
                                "by the fat phase share; a blender helps, a wide vessel harms, and so"
                                        + " does mixing it when its fat begins to set, or not at all")
                        .with("fat phase share", properties.value(Quality.OIL_SHARE), Unit.ONE)
                        .with("depth in the vessel", depthMm, Unit.MILLIMETRE)
                        .with("width of the vessel", width, Unit.MILLIMETRE);
        if (mixed) {
            why =
                    why.with("last mixed at", history.mixedC(), Unit.CELSIUS)
                            .with("of its fat solid then", 100 * solid, Unit.PERCENT);
        }
        return Figure.of(
                        "risk of splitting",
                        drops ? 100 * (1 - (1 - packed) * (1 - Math.min(1, handled))) : 0,
                        Unit.PERCENT,
                        why.from(Emulsion.SOURCE)
                                .from(
                                        Source.calibrated(
                                                "risk between the packing marks, and by how it is"
                                                        + " mixed")))
                .within(new Band(0, 0, 15, 50));
    }

    /** How likely a cooked sugar turns to grain; nothing to say where none was cooked. */
    static List<Figure> ofGraining(final FillingProperties properties) {
        if (!properties.wet() || !properties.texture().cookedSugar()) {
            return List.of();
        }
        final Graining graining = Graining.of(properties.cooked());
        return List.of(
                Figure.of(
                                "risk of graining",
                                100 * graining.risk(),
                                Unit.PERCENT,
                                Basis.of(
                                                "sucrose beyond what its water dissolves, held back by the"
                                                        + " other sugars")
                                        .with(
                                                "sucrose held / soluble",
                                                graining.supersaturation(),
                                                Unit.ONE)
                                        .with(
                                                "other sugars",
                                                100 * graining.otherShare(),
                                                Unit.PERCENT)
                                        .with("clear from", 100 * Graining.CLEAR_FROM, Unit.PERCENT)
                                        .from(Graining.SOURCE)
                                        .from(Inversion.SOURCE))
                        .within(new Band(0, 0, 15, 50)));
    }
}
