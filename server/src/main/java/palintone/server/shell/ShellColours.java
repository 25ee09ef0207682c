package palintone.server.shell;

import static palintone.server.shell.ShellService.or;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import palintone.core.casting.colour.ColourDrying;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.mould.Mould;
import palintone.core.mould.MouldBody;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.Decoration;
import palintone.core.process.Cautions;
import palintone.core.temper.colour.ColourButter;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;
import palintone.server.mould.MouldService;

/** Colours in a mould before it is cast: how much, how warm, and when the next. */
@Service
public class ShellColours {

    private static final ColourDrying NOTHING_TO_DRY = new ColourDrying(0, 0);

    /** Left longer, it gathers dust and draws from the mould; common practice, no source. */
    private static final double UNTIL_MIN = 24 * 60;

    private final MouldService moulds;
    private final HouseService houses;

    ShellColours(final MouldService moulds, final HouseService houses) {
        this.moulds = moulds;
        this.houses = houses;
    }

    /** Each coat in order. */
    public ShellColourView of(final ShellColourRequest request) {
        final Mould mould = moulds.mould(request.mould());
        final double roomC = or(request.roomC(), houses.house().air().temperatureC());
        final double mouldC = or(request.mouldC(), Math.min(35, roomC));
        final double percent = or(request.stablePercent(), ColourDrying.IN_TEMPER_PERCENT);
        final int many = request.moulds() == null ? 1 : request.moulds();
        Require.between("moulds to be coloured", many, 1, 500, "");
        final List<ColourCoat> coats =
                request.coats().stream()
                        .map(
                                c ->
                                        new ColourCoat(
                                                c.name(),
                                                c.filmMm(),
                                                c.how() == null ? ColourCoat.How.SPRAYED : c.how()))
                        .toList();
        // Too many, or too thick together, is said by the rule that pieces keep.
        new Decoration(coats, List.of());
        final List<ShellColourView.ColouredView> views = new ArrayList<>();
        final List<Sentence> remarks = new ArrayList<>();
        double open = 1;
        double holdsS = 0;
        for (final ColourCoat coat : coats) {
            final ColourDrying drying =
                    coat.how().melted()
                            ? ColourDrying.of(
                                    coat.thicknessMm(),
                                    ColourDrying.BROUGHT_ON_C,
                                    percent,
                                    mould,
                                    mouldC,
                                    roomC)
                            : NOTHING_TO_DRY;
            final double seen = coat.how().covers() * open;
            if (open <= 0) {
                remarks.add(
                        Sentence.of(
                                coat.name()
                                        + " is not seen: a coat before it covers everything. As a"
                                        + " white backing it makes that one bright; else bring it on"
                                        + " first."));
            }
            holdsS =
                    Math.max(
                            holdsS,
                            coat.how().melted()
                                    ? drying.castFromS(houses.house().colourPractice())
                                    : 0);
            views.add(view(coat, seen, mould, many, drying, mouldC, percent));
            open *= 1 - coat.how().covers();
        }
        ColourCoat.faults(coats, mould.body().build() == MouldBody.Build.MAGNETIC_PAIR)
                .forEach(fault -> remarks.add(Sentence.of(fault)));
        final boolean melted = coats.stream().anyMatch(c -> c.how().melted());
        if (melted && percent <= 0) {
            remarks.add(
                    Sentence.of(
                            "Not in temper, colour stays soft and dull, and comes off on the mould:"
                                    + " bring it to 29 °C with stable crystals in it."));
        }
        if (melted && mouldC > ColourDrying.BROUGHT_ON_C - 2) {
            remarks.add(
                    Sentence.of("A mould of {mould} keeps the colour soft: let it cool first.")
                            .with("mould", mouldC, Unit.CELSIUS));
        }
        if (coats.stream()
                .filter(c -> c.how() == ColourCoat.How.SPRAYED)
                .mapToDouble(c -> c.massG(mould.cavity().wallAreaMm2()) * mould.usable() * many)
                .anyMatch(sprayedG -> sprayedG < ColourButter.GUN_LEAST_G)) {
            remarks.add(
                    Sentence.of("A gun wants {least} in it at the least; the rest is used again.")
                            .with("least", ColourButter.GUN_LEAST_G, Unit.GRAM));
        }
        if (!coats.isEmpty()) {
            remarks.add(Sentence.of(Cautions.PIGMENT));
        }
        final Basis basis = basis(mouldC, percent);
        return new ShellColourView(
                views,
                holdsS == 0 || Double.isInfinite(holdsS)
                        ? null
                        : FigureView.of(Figure.of("cast from", holdsS / 60, Unit.MINUTE, basis)),
                UNTIL_MIN,
                remarks.stream().map(SentenceView::of).toList());
    }

    private static Basis basis(final double mouldC, final double percent) {
        return Basis.of("heat and crystals of the film on the mould's wall")
                .with("mould", mouldC, Unit.CELSIUS)
                .with("stable crystals as it is brought on", percent, Unit.PERCENT)
                .from(ColourDrying.SOURCE);
    }

    private static ShellColourView.ColouredView view(
            final ColourCoat coat,
            final double seen,
            final Mould mould,
            final int many,
            final ColourDrying drying,
            final double mouldC,
            final double percent) {
        final double wallMm2 = mould.cavity().wallAreaMm2();
        final double massG = coat.massG(wallMm2) * mould.usable();
        final Basis weight =
                Basis.of("wall · share covered · film · density / share caught × cavities")
                        .with("wall of a cavity (cm²)", wallMm2 / 100, Unit.ONE)
                        .with("share covered", coat.how().covers() * 100, Unit.PERCENT)
                        .with("film", coat.thicknessMm(), Unit.MILLIMETRE)
                        .with("share caught", coat.how().caught() * 100, Unit.PERCENT)
                        .with("cavities", mould.usable(), Unit.PIECE)
                        .from(ColourButter.PRACTICE);
        return new ShellColourView.ColouredView(
                coat.name(),
                coat.how(),
                seen,
                FigureView.of(Figure.of("a mould", massG, Unit.GRAM, weight)),
                FigureView.of(Figure.of("all moulds", massG * many, Unit.GRAM, weight)),
                coat.how().medium() == ColourCoat.How.Medium.BUTTER
                        ? FigureView.of(
                                Figure.of(
                                                "brought on at",
                                                ColourDrying.BROUGHT_ON_C,
                                                Unit.CELSIUS,
                                                Basis.of("practice").from(ColourButter.PRACTICE))
                                        .within(new Band(27, 28.5, 30, 31.5)))
                        : null,
                Double.isInfinite(drying.dryS())
                        ? null
                        : FigureView.of(
                                Figure.of(
                                        "next from",
                                        drying.dryS() / 60,
                                        Unit.MINUTE,
                                        basis(mouldC, percent))));
    }
}
