package palintone.core.coat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.pour.BowlAt;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

/** What {@link CalibratedCoat} comes to, beside what makers do (common practice, no source). */
class CoatCalibrationTest {

    private static final BowlAt BOWL =
            new BowlAt(Samples.dark(), FluidityClass.THIN, 31.5, new Crystals(0.01, 0));

    private final List<String> table = new ArrayList<>();
    private final List<String> outside = new ArrayList<>();

    private void row(final String what, final double from, final double to, final double is) {
        table.add(String.format(Locale.ROOT, "%-44s %6.2f to %6.2f  %7.2f", what, from, to, is));
        if (!(is >= from && is <= to)) {
            outside.add(what + " is " + is);
        }
    }

    private static Coat dipped(final double centreC, final boolean blown, final double tappedS) {
        return Coat.of(
                new DipOrder(
                        BOWL,
                        new Centre(new CentreShape.Block(25, 25, 12), 1.15, 2.6, 0.3),
                        centreC,
                        2,
                        tappedS,
                        blown,
                        20,
                        1));
    }

    @Test
    void theModelDoesAsMakersDo() {
        row("square of 25 mm, tapped and blown, mm", 0.6, 1.5, dipped(18, true, 8).filmMm());
        row("lifted and tapped for a moment, mm", 1, 2.2, dipped(18, false, 4).filmMm());
        row("time left to roll, room-warm, min", 2, 4.5, dipped(20, true, 8).skinS() / 60);
        row("the same from the cold, min", 0.4, 2, dipped(6, true, 8).skinS() / 60);
        final Sheet sheet = Sheet.of(BOWL, 0.8, 400, 300, 20);
        row("sheet of 0.8 mm, cut from, min", 1.5, 8, sheet.cutFromS() / 60);
        row("the same, for so long, min", 1, 8, (sheet.cutUntilS() - sheet.cutFromS()) / 60);
        final Sheet warm = Sheet.of(BOWL, 0.8, 400, 300, 26);
        row(
                "in 26 °C times as long",
                1.3,
                10,
                (warm.cutUntilS() - warm.cutFromS()) / (sheet.cutUntilS() - sheet.cutFromS()));
        row("a strip of 60 mm curls up, mm", 0.5, 4, SheetCurl.risesMm(sheet.curvePerMm(), 60));
        System.out.println(
                "Coats, calibrated: practice from, to; the model\n" + String.join("\n", table));
        assertThat(outside).isEmpty();
    }
}
