package palintone.core.filling.mend;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.sugar.Graining;
import palintone.core.filling.texture.Gel;
import palintone.core.filling.texture.TextureClass;
import palintone.core.substance.Component;
import palintone.core.substance.LumpedSolids;

/** What may have caused a fault, and how strongly the filling's own numbers speak for it. */
final class Causes {

    private Causes() {}

    static List<Rescue.Cause> of(final Fault fault, final FillingProperties now) {
        return switch (fault) {
            case SPLIT -> split(now);
            case GRAINY -> grainy(now);
            case TOO_SOFT -> tooSoft(now);
            case TOO_HARD -> tooHard(now);
            case SCORCHED -> scorched(now);
            case LUMPY -> lumpy(now);
        };
    }

    private static Rescue.Cause cause(final Sentence words, final double likely) {
        return new Rescue.Cause(words, Math.max(0, Math.min(1, likely)));
    }

    /** 0 below one mark, 1 above the other. */
    private static double ramp(final double value, final double none, final double certain) {
        return Math.max(0, Math.min(1, (value - none) / (certain - none)));
    }

    private static List<Rescue.Cause> split(final FillingProperties now) {
        final double oil = now.value(Quality.OIL_SHARE);
        final Cooked.History history = now.cooked().history();
        final List<Rescue.Cause> causes = new ArrayList<>();
        causes.add(
                cause(
                        Sentence.of(
                                        "Fat beside syrup: fat phase share {share}; drops touch at"
                                                + " {packed}.")
                                .with("share", oil, Unit.ONE)
                                .with("packed", Emulsion.CLOSE_PACKED, Unit.ONE),
                        ramp(oil, 0.52, 0.66)));
        if (history.emulsifiedWidthMm() > 0) {
            final double depth =
                    now.cooked().yieldG()
                            / 1.1
                            * 1000
                            / (Math.PI * Math.pow(history.emulsifiedWidthMm(), 2) / 4);
            causes.add(
                    cause(
                            Sentence.of("Vessel of {width}, and in it {depth} deep.")
                                    .with("width", history.emulsifiedWidthMm(), Unit.MILLIMETRE)
                                    .with("depth", depth, Unit.MILLIMETRE),
                            ramp(-depth / history.emulsifiedWidthMm(), -0.45, -0.1)));
        }
        if (!Double.isNaN(history.pouredAtC())) {
            causes.add(
                    cause(
                            Sentence.of("Poured at {poured}: too hot melts the drops apart.")
                                    .with("poured", history.pouredAtC(), Unit.CELSIUS),
                            ramp(history.pouredAtC(), 85, 110) * 0.6));
        }
        if (!history.blended()) {
            causes.add(
                    cause(
                            Sentence.of("No blender: drops stay coarse."),
                            ramp(oil, 0.45, 0.6) * 0.6));
        }
        return causes;
    }

    private static List<Rescue.Cause> grainy(final FillingProperties now) {
        final double crystals = now.value(Quality.CRYSTAL_SUGAR);
        final List<Rescue.Cause> causes = new ArrayList<>();
        causes.add(
                cause(
                        Sentence.of(
                                        "Sugar that its water cannot hold: {crystals} lies undissolved.")
                                .with("crystals", crystals, Unit.PERCENT),
                        ramp(crystals, 0.5, 6)));
        final double lactose =
                now.cooked().matrix().fraction(Component.LACTOSE)
                        + LumpedSolids.MILK_LACTOSE
                                * now.cooked().matrix().fraction(Component.MILK_SOLIDS);
        final double water = Math.max(0.01, now.cooked().matrix().fraction(Component.WATER));
        causes.add(
                cause(
                        Sentence.of(
                                        "Milk sugar: {lactose} for every gram of water; above {holds}"
                                                + " it crystallises.")
                                .with("holds", 0.2, Unit.GRAM)
                                .with("lactose", lactose / water, Unit.GRAM),
                        ramp(lactose / water, 0.12, 0.35)));
        if (now.wet() && now.texture().cookedSugar()) {
            final Graining graining = Graining.of(now.cooked());
            causes.add(
                    cause(
                            Sentence.of(
                                            "Cooked sugar with {others} of other sugars beside"
                                                    + " sucrose; it stays clear from {clear}.")
                                    .with("others", 100 * graining.otherShare(), Unit.PERCENT)
                                    .with("clear", 100 * Graining.CLEAR_FROM, Unit.PERCENT),
                            graining.risk()));
        }
        causes.add(
                cause(
                        Sentence.of("Fat set in grains: stirred while it set, or cooled too fast."),
                        now.cooked().history().coldRestHours() > 0 ? 0.6 : 0.3));
        return causes;
    }

    private static List<Rescue.Cause> tooSoft(final FillingProperties now) {
        final List<Rescue.Cause> causes = new ArrayList<>();
        final Gel gel = now.texture().gel();
        if (now.wet() && gel.pectin()) {
            causes.add(
                    cause(
                            Sentence.of(
                                            "Pectin sets with sugar and acid: here {solids} dissolved"
                                                    + " solids (it wants {wants}) and pH {ph} (it wants"
                                                    + " {below} or less).")
                                    .with("solids", Gel.solidsPercent(now.syrup()), Unit.PERCENT)
                                    .with("wants", Gel.PECTIN_SOLIDS_FULL, Unit.PERCENT)
                                    .with("ph", gel.ph(), Unit.ONE)
                                    .with("below", Gel.PECTIN_PH_FULL, Unit.ONE),
                            1 - gel.pectinSets(now.syrup())));
        }
        cooked(now, "Cooked too little:", 4, 9).ifPresent(causes::add);
        final double solid = now.value(Quality.SOLID_FAT_SERVING);
        causes.add(
                cause(
                        Sentence.of(
                                        "Fat that is solid when served: {solid}; half of it or more holds.")
                                .with("solid", solid, Unit.PERCENT),
                        ramp(-solid, -45, -20) * fatMatters(now)));
        final double water = now.value(Quality.WATER);
        causes.add(
                cause(
                        Sentence.of("Water: {water}; above a quarter it is much.")
                                .with("water", water, Unit.PERCENT),
                        ramp(water, 18, 32)));
        final double hours =
                now.cooked().history().restHours() + now.cooked().history().coldRestHours();
        causes.add(
                cause(
                        Sentence.of("Rested {hours}; fat goes on setting for a day.")
                                .with("hours", hours, Unit.HOUR),
                        ramp(-hours, -24, -3) * fatMatters(now)));
        return causes;
    }

    /**
     * Cooked sugar stands by the water that is left in it, not by its fat.
     *
     * @param none share of water, per cent, from which it may be, and
     * @param certain from which it is so
     */
    private static Optional<Rescue.Cause> cooked(
            final FillingProperties now,
            final String words,
            final double none,
            final double certain) {
        if (!now.wet() || !now.texture().cookedSugar()) {
            return Optional.empty();
        }
        final double water = now.value(Quality.WATER);
        return Optional.of(
                cause(
                        Sentence.of(
                                        words
                                                + " {water} of water is left in it; the less, the"
                                                + " firmer.")
                                .with("water", water, Unit.PERCENT),
                        ramp(water, none, certain)));
    }

    /** 0 where there is next to no cocoa butter to hold it, 1 in a ganache. */
    private static double fatMatters(final FillingProperties now) {
        return ramp(now.cooked().matrix().fraction(Component.COCOA_BUTTER), 0.01, 0.08);
    }

    private static List<Rescue.Cause> tooHard(final FillingProperties now) {
        final List<Rescue.Cause> causes = new ArrayList<>();
        cooked(now, "Cooked too far: only", 12, 6).ifPresent(causes::add);
        final double solid = now.value(Quality.SOLID_FAT_SERVING);
        causes.add(
                cause(
                        Sentence.of("Fat that is solid when served: {solid}; above half is much.")
                                .with("solid", solid, Unit.PERCENT),
                        ramp(solid, 30, 55) * fatMatters(now)));
        final double water = now.value(Quality.WATER);
        causes.add(
                cause(
                        Sentence.of(
                                        "Water: {water}; below a sixth is little. Was the spirit or"
                                                + " juice left out?")
                                .with("water", water, Unit.PERCENT),
                        ramp(-water, -20, -8)));
        causes.add(
                cause(
                        Sentence.of("Chilled while it set: many small crystals."),
                        now.cooked().history().coldRestHours() > 0 ? 0.7 : 0.1));
        final double cold = now.texture().temperatureFor(TextureClass.PIPEABLE.toPa());
        causes.add(
                cause(
                        Sentence.of("Judged too cold: it pipes above {pipes}.")
                                .with("pipes", cold, Unit.CELSIUS),
                        0.25));
        return causes;
    }

    private static List<Rescue.Cause> scorched(final FillingProperties now) {
        final double hot = now.cooked().history().highestC();
        return List.of(
                cause(
                        Sentence.of("Hottest moment {hot}; milk browns above {browns}.")
                                .with("hot", hot, Unit.CELSIUS)
                                .with("browns", 115, Unit.CELSIUS),
                        ramp(hot, 100, 125)),
                cause(Sentence.of("Thin pan, or not stirred: milk sticks to the floor."), 0.5));
    }

    private static List<Rescue.Cause> lumpy(final FillingProperties now) {
        final List<Rescue.Cause> causes = new ArrayList<>();
        final double poured = now.cooked().history().pouredAtC();
        if (!Double.isNaN(poured)) {
            causes.add(
                    cause(
                            Sentence.of(
                                            "Poured at {poured}: chocolate may not have melted through.")
                                    .with("poured", poured, Unit.CELSIUS),
                            ramp(-poured, -85, -60)));
        }
        if (now.cooked().hasEgg()) {
            causes.add(cause(Sentence.of("Egg set in lumps: hot liquid went in too fast."), 0.7));
        }
        causes.add(cause(Sentence.of("A skin was stirred in: cover the surface."), 0.4));
        return causes;
    }
}
