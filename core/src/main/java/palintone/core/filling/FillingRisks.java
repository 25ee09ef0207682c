package palintone.core.filling;

import java.util.List;
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

/** What may go wrong with a filling, in percent. */
final class FillingRisks {

    private FillingRisks() {}

    /** How likely it splits; nothing can split where fat is outside. */
    static Figure ofSplitting(final FillingProperties properties) {
        final Cooked cooked = properties.cooked();
        final double width = cooked.history().emulsifiedWidthMm();
        final double depthMm =
                width > 0 ? cooked.yieldG() / 1.1 * 1000 / (Math.PI * width * width / 4) : 0;
        final boolean tooWide = width > 0 && depthMm < Emulsion.DEEP_ENOUGH * width;
        final double risk =
                properties.wet() && cooked.matrix().fatFraction() > 0.05
                        ? 100
                                * Emulsion.of(cooked.matrix())
                                        .splitRisk(cooked.history().blended(), tooWide)
                        : 0;
        return Figure.of(
                        "risk of splitting",
                        risk,
                        Unit.PERCENT,
                        Basis.of("by the fat phase share; a blender helps, a wide vessel harms")
                                .with(
                                        "fat phase share",
                                        properties.value(Quality.OIL_SHARE),
                                        Unit.ONE)
                                .with("depth in the vessel", depthMm, Unit.MILLIMETRE)
                                .with("width of the vessel", width, Unit.MILLIMETRE)
                                .from(Emulsion.SOURCE)
                                .from(Source.calibrated("risk between the packing marks")))
                .within(new Band(0, 0, 15, 50));
    }

    /** How likely a cooked sugar turns to grain; nothing to say where none was cooked. */
    static List<Figure> ofGraining(final FillingProperties properties) {
        if (!properties.wet() || !properties.texture().cookedSugar()) {
            return List.of();
        }
        final Graining graining = Graining.of(properties.cooked().matrix());
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
                                        .from(Graining.SOURCE))
                        .within(new Band(0, 0, 15, 50)));
    }
}
