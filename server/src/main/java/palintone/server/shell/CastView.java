package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.casting.pour.MouldWarmth;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.mould.Outline;
import palintone.core.temper.CouvertureKind;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * What a casting comes to.
 *
 * @param found whether there is such a wait
 * @param perTenSecondsMm thickness for ten seconds longer
 * @param perMouldKelvinMm for a mould one kelvin colder
 * @param wall the cavity's, from the rim to the floor, mm
 * @param places of the shell, from the floor to the rim
 * @param mould how warm it should be
 * @param weighings the answer rests on, of this workshop
 * @param weighed those of this mould, couverture and vibration, to be laid on the growth
 */
public record CastView(
        boolean found,
        FigureView waiting,
        FigureView mean,
        FigureView floor,
        FigureView side,
        FigureView rim,
        FigureView thinnest,
        FigureView mass,
        FigureView perMould,
        FigureView brim,
        double perTenSecondsMm,
        double perMouldKelvinMm,
        double setMm,
        List<GrowthView> growth,
        List<WallView> wall,
        List<PlaceView> places,
        CouvertureKind couvertureKind,
        WarmthView mould,
        int weighings,
        List<WeighedPointView> weighed,
        List<SentenceView> remarks) {

    /** Thickness after a wait. */
    public record GrowthView(double waitS, double meanMm, double thinnestMm) {}

    /** A shell as it was weighed here: as thick as an even one of that weight is. */
    public record WeighedPointView(double waitS, double meanMm) {}

    /** A point of the cavity's section, mm. */
    public record WallView(double acrossMm, double downMm) {

        static WallView of(final Outline.Point point) {
            return new WallView(point.acrossMm(), point.downMm());
        }
    }

    /** A place of the shell, mm. */
    public record PlaceView(
            double acrossMm,
            double downMm,
            double thickMm,
            double innerAcrossMm,
            double innerDownMm) {

        static PlaceView of(final Shell.Place place) {
            return new PlaceView(
                    place.acrossMm(),
                    place.downMm(),
                    place.thickMm(),
                    place.innerAcrossMm(),
                    place.innerDownMm());
        }
    }

    /**
     * The mould before casting.
     *
     * @param isC how warm it is
     * @param fromC to be at least
     * @param toC at most
     * @param warmAirS seconds of air at 45 °C to the middle of that; null where it needs none
     * @param keepsS until it has lost a kelvin again on the bench; null where it does not
     */
    public record WarmthView(
            double isC,
            double fromC,
            double toC,
            String coldSays,
            String warmSays,
            @Nullable Double warmAirS,
            @Nullable Double keepsS,
            List<MouldPracticeView> practices) {}

    /** A school, and what it comes to for this bowl. */
    public record MouldPracticeView(String words, double fromC, double toC, String says) {}

    static List<GrowthView> growth(final ShellAnswer answer) {
        return answer.growth().stream()
                .map(g -> new GrowthView(g.waitS(), g.meanMm(), g.thinnestMm()))
                .toList();
    }

    static Double orNull(final double seconds) {
        return Double.isNaN(seconds) || seconds <= 0 ? null : seconds;
    }

    static WarmthView warmth(
            final MouldWarmth band,
            final double isC,
            final double warmAirS,
            final double keepsS,
            final List<MouldPracticeView> practices) {
        return new WarmthView(
                isC,
                band.fromC(),
                band.toC(),
                band.coldSays(),
                band.warmSays(),
                orNull(warmAirS),
                orNull(keepsS),
                practices);
    }
}
