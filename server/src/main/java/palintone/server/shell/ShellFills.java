package palintone.server.shell;

import static palintone.server.shell.ShellService.or;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import palintone.core.casting.fill.FillingLevel;
import palintone.core.casting.fill.WarmestFill;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Style;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.filling.FillingNotes;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;
import palintone.server.mould.MouldService;

/** A filling into its shell: how warm it may be, how much of it, how it lies, when it is capped. */
@Service
public class ShellFills {

    /** Fillings go in no warmer; common practice, no source. */
    private static final double USUAL_CAP_MM = 2;

    /** Hotter than any filling that leaves a pot. */
    private static final double HOTTEST_FILL_C = 130;

    private static final double WARMEST_LEVEL_C = 45;

    private final LarderService larder;
    private final MouldService moulds;
    private final HouseService houses;
    private final FillingNotes fillings;
    private final WeighedFills weighedFills;

    ShellFills(
            final LarderService larder,
            final MouldService moulds,
            final HouseService houses,
            final FillingNotes fillings,
            final WeighedFills weighedFills) {
        this.weighedFills = weighedFills;
        this.larder = larder;
        this.moulds = moulds;
        this.houses = houses;
        this.fillings = fillings;
    }

    /** The warmest filling a set shell bears; with a filling, how that one lies in it. */
    public FillView fill(final FillRequest request) {
        final double roomC = or(request.roomC(), houses.house().air().temperatureC());
        final double shellC = or(request.shellC(), Math.min(roomC, 28));
        if (request.fillC() != null) {
            Require.between("filling in the bag", request.fillC(), 0, HOTTEST_FILL_C, "°C");
        }
        final FillingProperties filling =
                request.filling() == null ? null : fillings.properties(request.filling());
        final double heat =
                request.heatJPerMlK() != null || filling == null
                        ? or(request.heatJPerMlK(), WarmestFill.USUAL_FILLING_J_PER_ML_K)
                        : WarmestFill.heatJPerMlK(filling.cooked().composition());
        final Mould mould = moulds.mould(request.mould());
        final WarmestFill warmest =
                WarmestFill.of(
                        larder.couverture(request.couverture()),
                        mould,
                        request.shellMm(),
                        shellC,
                        roomC,
                        heat);
        final Figure bears =
                Figure.of(
                        "the shell bears",
                        warmest.warmestC(),
                        Unit.CELSIUS,
                        Basis.of("heat balance of filling, shell, mould and room")
                                .with("shell", request.shellMm(), Unit.MILLIMETRE)
                                .with("shell is", shellC, Unit.CELSIUS)
                                .with("room", roomC, Unit.CELSIUS)
                                .with("softens then by", warmest.softensMm(), Unit.MILLIMETRE)
                                .from(WarmestFill.SOURCE));
        final double advisedC = warmest.advisedC();
        final Figure advised = warmest.advised();
        final List<Sentence> remarks = new ArrayList<>();
        if (request.fillC() != null && request.fillC() > warmest.warmestC()) {
            remarks.add(
                    Sentence.of(
                                    "{is} is hotter than this shell bears: it softens and loses its"
                                            + " temper from inside. Let it fall to {most}.")
                            .with("is", request.fillC(), Unit.CELSIUS)
                            .with("most", advisedC, Unit.CELSIUS));
        } else if (request.fillC() != null && request.fillC() > advisedC) {
            remarks.add(
                    Sentence.of(
                                    "{is} is within what the shell bears, and above what makers"
                                            + " trust: try one mould first.")
                            .with("is", request.fillC(), Unit.CELSIUS));
        }
        if (warmest.warmestC() <= shellC + 0.1 && !warmest.atMost()) {
            remarks.add(
                    Sentence.of("This shell bears no filling here: at {room} it softens by itself.")
                            .with("room", roomC, Unit.CELSIUS));
        }
        final FillView.LevelView level =
                filling == null
                        ? null
                        : level(
                                request,
                                mould,
                                filling,
                                Math.max(
                                        0,
                                        Math.min(WARMEST_LEVEL_C, or(request.fillC(), advisedC))),
                                roomC,
                                advisedC,
                                remarks);
        return new FillView(
                FigureView.of(bears),
                FigureView.of(advised),
                heat,
                level,
                remarks.stream().map(SentenceView::of).toList());
    }

    private FillView.LevelView level(
            final FillRequest request,
            final Mould mould,
            final FillingProperties filling,
            final double fillC,
            final double roomC,
            final double advisedC,
            final List<Sentence> remarks) {
        final Cavity hollow = mould.cavity().inset(request.shellMm());
        final double capMm = or(request.capMm(), USUAL_CAP_MM);
        Require.between("thickness of the cap", capMm, 0.3, hollow.depthMm() * 0.8, "mm");
        final Composition composition = filling.cooked().composition();
        final OptionalDouble weighed =
                weighedFills.gPerMl(
                        request.filling(),
                        mould,
                        larder.couverture(request.couverture()).castingDensityGPerMl());
        final double gPerMl = weighed.orElse(ChoiOkos1986.densityGPerMl(composition, 25));
        final Texture texture = filling.texture();
        final FillingLevel.Soft soft =
                new FillingLevel.Soft(
                        texture::pascal,
                        gPerMl,
                        WarmestFill.heatJPerMlK(composition),
                        TextureClass.POURABLE.toPa());
        final FillingLevel level =
                FillingLevel.of(soft, radiusMm(hollow), hollow.depthMm() - capMm, fillC, roomC);
        final double massG = (hollow.volumeMl() - hollow.volumeToMl(capMm)) * gPerMl;
        remarks.add(lies(level, advisedC));
        final FillingLevel.CapFrom cap =
                FillingLevel.capFrom(
                        soft,
                        hollow.depthMm() - capMm,
                        fillC,
                        roomC,
                        houses.house().firstCabinetC());
        remarks.add(
                stands(
                        level,
                        cap,
                        FillingFigures.of(filling, Style.SOFT_SHELL.bands()).life().keepCold()));
        final Basis weight =
                Basis.of("room in the shell below the cap × density × cavities")
                        .with("shell", request.shellMm(), Unit.MILLIMETRE)
                        .with("cap", capMm, Unit.MILLIMETRE)
                        .with("density (g/ml)", gPerMl, Unit.ONE)
                        .with("cavities", mould.usable(), Unit.PIECE)
                        .from(
                                weighed.isPresent()
                                        ? Source.workshop("weighed filled and capped")
                                        : Source.definition("shape × density"));
        final Basis heap =
                Basis.of("stress of the filling / (density · gravity) × radius / depth")
                        .with("filling in the bag", fillC, Unit.CELSIUS)
                        .with("stress of it, set", texture.pascal(fillC), Unit.PASCAL)
                        .with("opening across", 2 * radiusMm(hollow), Unit.MILLIMETRE)
                        .with("deep", hollow.depthMm() - capMm, Unit.MILLIMETRE)
                        .from(FillingLevel.SOURCE)
                        .from(Texture.SOURCE);
        final Basis top =
                Basis.of("heat of the filling to the room, until it stays as it is piped")
                        .with("filling in the bag", fillC, Unit.CELSIUS)
                        .with("room", roomC, Unit.CELSIUS)
                        .from(FillingLevel.SOURCE)
                        .from(Texture.SOURCE);
        return new FillView.LevelView(
                FigureView.of(Figure.of("filling of one", massG, Unit.GRAM, weight)),
                FigureView.of(Figure.of("of one mould", massG * mould.usable(), Unit.GRAM, weight)),
                FigureView.of(
                        Figure.of(
                                "stays higher in the middle, tapped",
                                level.tappedMm(),
                                Unit.MILLIMETRE,
                                heap)),
                level.carriesBelowC().stream()
                        .mapToObj(
                                c ->
                                        FigureView.of(
                                                Figure.of(
                                                        "its top carries a cap below",
                                                        c,
                                                        Unit.CELSIUS,
                                                        top)))
                        .findFirst()
                        .orElse(null),
                Double.isInfinite(cap.totalS())
                        ? null
                        : FigureView.of(
                                Figure.of(
                                        cap.chillS() > 0
                                                ? "cap it after, the cabinet among it"
                                                : "cap it after",
                                        cap.totalS() / 60,
                                        Unit.MINUTE,
                                        top.with("level in the room", cap.levelS(), Unit.SECOND)
                                                .with(
                                                        "then in the cabinet",
                                                        cap.chillS(),
                                                        Unit.SECOND))));
    }

    private static double radiusMm(final Cavity hollow) {
        return Math.sqrt(hollow.rimAreaMm2() / Math.PI);
    }

    private static Sentence lies(final FillingLevel level, final double mostC) {
        if (level.level()) {
            return Sentence.of("Tapped, it runs level by itself within a minute or two.");
        }
        final Sentence stays =
                Sentence.of("So cool it stays {uneven} higher in the middle, even tapped.")
                        .with("uneven", level.tappedMm(), Unit.MILLIMETRE);
        if (level.levelFromC().isEmpty()) {
            return stays.and(
                    Sentence.of(
                            "It does not run level at any warmth: pipe it close to the wall and"
                                    + " smooth it with a palette knife."));
        }
        final double warm = level.levelFromC().getAsDouble();
        return stays.and(
                Sentence.of(
                                warm <= mostC
                                        ? "From {warm} on it runs level, and the shell bears that."
                                        : "From {warm} on it would run level, warmer than it should"
                                                + " go in: smooth it with a palette knife.")
                        .with("warm", warm, Unit.CELSIUS));
    }

    private static Sentence stands(
            final FillingLevel level, final FillingLevel.CapFrom cap, final boolean keepCold) {
        final Sentence how;
        if (level.carriesBelowC().isEmpty()) {
            how =
                    Sentence.of(
                            "Its top never carries a cap: the cap sinks in. Close it with a thin"
                                    + " sprayed film of cocoa butter first, or make it stiffer.");
        } else if (cap.chillS() > 0) {
            how =
                    Sentence.of(
                                    "Cap it after {level} in the room, until it is level, and {chill}"
                                            + " in the cabinet: its top must be below {below}.")
                            .with("level", cap.levelS() / 60, Unit.MINUTE)
                            .with("chill", cap.chillS() / 60, Unit.MINUTE)
                            .with("below", level.carriesBelowC().getAsDouble(), Unit.CELSIUS);
        } else {
            how =
                    Sentence.of("Cap it about {level} after filling, when it is level.")
                            .with("level", cap.levelS() / 60, Unit.MINUTE);
        }
        return how.and(
                Sentence.of(
                        keepCold
                                ? "By its sheet it must be kept cold: it does not stand in the room"
                                        + " overnight to form a skin. Chill it and cap it the same"
                                        + " day; the local code decides."
                                : "Many makers leave it 8 to 24 h at 15 to 17 °C for a dry skin"
                                        + " (common practice, no source)."));
    }
}
