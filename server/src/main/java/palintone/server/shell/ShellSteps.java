package palintone.server.shell;

import static palintone.server.shell.ShellService.or;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.fill.CapSetting;
import palintone.core.casting.fill.WarmestFill;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Bubbles;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Coats;
import palintone.core.casting.shell.Draining;
import palintone.core.casting.shell.Halves;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.heat.AirFlow;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.process.Cautions;
import palintone.core.substance.Allergen;
import palintone.core.temper.Couverture;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.mould.MouldService;

/**
 * The steps between casting and the cold, and the cap: shaken, drained, scraped, coated, closed.
 */
@Service
public class ShellSteps {

    private static final double USUAL_SHAKEN_S = 45;
    private static final double HOUR_S = 3600;

    private final ShellService shells;
    private final MouldService moulds;
    private final HouseService houses;

    ShellSteps(final ShellService shells, final MouldService moulds, final HouseService houses) {
        this.shells = shells;
        this.moulds = moulds;
        this.houses = houses;
    }

    private static FigureView minutes(final String name, final double seconds, final Basis basis) {
        return FigureView.of(Figure.of(name, Math.min(HOUR_S, seconds) / 60, Unit.MINUTE, basis));
    }

    /** Null where it is not within the hour that is followed. */
    private static FigureView within(final String name, final double seconds, final Basis basis) {
        return seconds > HOUR_S ? null : minutes(name, seconds, basis);
    }

    /** From full to scraped. */
    public DrainView drain(final DrainRequest request) {
        final CastOrder order = shells.order(request.cast());
        final ShellCast cast = new ShellCast(order);
        final Shell shell =
                cast.after(ShellAnswer.waitS(cast, request.cast().asked(), request.cast().value()));
        final Bubbles bubbles =
                Bubbles.of(
                        order.bowl(),
                        request.shaken() == null ? Vibration.TAPPED : request.shaken(),
                        order.mould().cavity().depthMm(),
                        or(request.shakenS(), USUAL_SHAKEN_S));
        final Basis air =
                Basis.of("buoyancy against the yield value, shaken")
                        .with("yield value there", order.bowl().flow().yieldPa(), Unit.PASCAL)
                        .with("shaken for", bubbles.shakenS(), Unit.SECOND)
                        .with("deep", order.mould().cavity().depthMm(), Unit.MILLIMETRE)
                        .from(Bubbles.SOURCE)
                        .from(Vibration.SOURCE);
        final Draining rack = Draining.of(cast, shell, Draining.Stands.RACK);
        final Draining paper = Draining.of(cast, shell, Draining.Stands.PAPER);
        final Basis basis =
                Basis.of("heat and crystals of wall and rim; film that runs on")
                        .with("rim", shell.rimMm(), Unit.MILLIMETRE)
                        .with("room", order.roomC(), Unit.CELSIUS)
                        .with("mould", order.mouldC(), Unit.CELSIUS)
                        .from(Draining.SOURCE);
        final List<Sentence> remarks = new ArrayList<>();
        if (!ShellAnswer.sets(order.bowl())) {
            remarks.add(
                    Sentence.of(
                            "This bowl is not in temper: the rim stays soft, and these times do not"
                                    + " hold."));
        }
        return new DrainView(
                FigureView.of(
                        Figure.of("stays caught up to", bubbles.caughtMm(), Unit.MILLIMETRE, air)),
                FigureView.of(Figure.of("comes up from", bubbles.leftMm(), Unit.MILLIMETRE, air)),
                minutes("its shine goes", rack.beginsS(), basis),
                minutes("scrape from", rack.earliestS(), basis),
                within("scrape until", rack.latestS(), basis),
                List.of(
                        stands(
                                rack,
                                basis,
                                "Drips fall, air reaches the inside: an even, thin rim that sets"
                                        + " sooner."),
                        stands(
                                paper,
                                basis,
                                "The rim gathers a firm lip, good to glue halves on and to cap"
                                        + " against; warm air stays inside, so it sets later.")),
                remarks.stream().map(SentenceView::of).toList());
    }

    private static DrainView.StandsView stands(
            final Draining way, final Basis basis, final String says) {
        return new DrainView.StandsView(
                way.stands().words(),
                FigureView.of(Figure.of("runs on, one cavity", way.runsOffG(), Unit.GRAM, basis)),
                FigureView.of(Figure.of("lip at the rim", way.lipMm(), Unit.MILLIMETRE, basis)),
                minutes("its shine goes", way.beginsS(), basis),
                says);
    }

    /** A shell in coats. */
    public CoatsView coats(final CoatsRequest request) {
        final CastOrder order = shells.order(request.cast());
        final ShellCast cast = new ShellCast(order);
        final boolean byMean = request.cast().asked() == ShellAnswer.Asked.MEAN;
        final Coats.Nearest nearest =
                byMean
                        ? Coats.nearest(cast, request.cast().value())
                        : new Coats.Nearest(
                                Coats.of(
                                        cast,
                                        Collections.nCopies(
                                                (int)
                                                        Require.between(
                                                                "coats",
                                                                or(asDouble(request.coats()), 2),
                                                                1,
                                                                Coats.MOST,
                                                                ""),
                                                ShellAnswer.waitS(
                                                        cast,
                                                        request.cast().asked(),
                                                        request.cast().value()))),
                                true);
        final Coats coats = nearest.coats();
        final Halves halves =
                Halves.of(
                        order.bowl(),
                        or(request.rimC(), Math.min(30, order.roomC())),
                        order.roomC());
        final Shell together = coats.together();
        final Basis basis =
                Basis.of("each coat cast into what the ones before leave")
                        .with("coats", coats.coats().size(), Unit.ONE)
                        .with("wait of each", coats.coats().get(0).waitS(), Unit.SECOND)
                        .from(Coats.SOURCE)
                        .from(ShellCast.SOURCE);
        final Basis glue =
                Basis.of("heat and crystals of the seam between two rims")
                        .with("room", order.roomC(), Unit.CELSIUS)
                        .from(Halves.SOURCE);
        final Coats.Coat last = coats.coats().get(coats.coats().size() - 1);
        return new CoatsView(
                nearest.met(),
                coats.coats().stream()
                        .map(
                                c ->
                                        new CoatsView.CastCoatView(
                                                c.waitS(),
                                                c.meanMm(),
                                                c.massG(),
                                                Math.min(HOUR_S, c.earliestS()) / 60,
                                                c.latestS() > HOUR_S ? null : c.latestS() / 60))
                        .toList(),
                FigureView.of(Figure.of("all coats", together.meanMm(), Unit.MILLIMETRE, basis)),
                FigureView.of(
                        Figure.of("thinnest place", together.thinnestMm(), Unit.MILLIMETRE, basis)),
                FigureView.of(Figure.of("one shell", together.massG(), Unit.GRAM, basis)),
                minutes("its shine goes, after the last", last.earliestS(), basis),
                order.mould().cavity().profile(0, order.mould().cavity().depthMm()).stream()
                        .map(CastView.WallView::of)
                        .toList(),
                together.places().stream().map(CastView.PlaceView::of).toList(),
                order.bowl().couverture().kind(),
                minutes("glued halves slide no more", halves.tacksS(), glue),
                within("and may be lifted", halves.holdsS(), glue),
                remarks(order, cast, nearest, request).stream().map(SentenceView::of).toList());
    }

    private static Double asDouble(final Integer whole) {
        return whole == null ? null : whole.doubleValue();
    }

    private static List<Sentence> remarks(
            final CastOrder order,
            final ShellCast cast,
            final Coats.Nearest nearest,
            final CoatsRequest request) {
        final List<Sentence> remarks = new ArrayList<>();
        if (!ShellAnswer.sets(order.bowl())) {
            remarks.add(
                    Sentence.of(
                            "This bowl is not in temper: no coat sets, and the next one melts it"
                                    + " again."));
        }
        if (!nearest.met()) {
            remarks.add(Coats.cannotBe(cast, nearest, request.cast().value()));
        }
        return remarks;
    }

    /** A cap on filled shells. */
    public CapView cap(final CapRequest request) {
        final HouseEntity house = houses.house();
        final Mould mould = moulds.mould(request.mould());
        final double roomC = or(request.roomC(), house.air().temperatureC());
        final BowlAt bowl =
                shells.bowl(request.couverture(), null, request.bowlC(), request.stablePercent());
        final Couverture couverture = bowl.couverture();
        final Cavity hollow = mould.cavity().inset(request.shellMm());
        if (request.capMm() > hollow.depthMm() * 0.8) {
            throw new OutOfRangeException(
                    "thickness of the cap",
                    request.capMm() + " mm",
                    "up to " + Math.round(hollow.depthMm() * 8) / 10.0 + " mm in this shell");
        }
        final double fillC = or(request.fillC(), Math.min(40, roomC));
        final CapSetting cap =
                CapSetting.of(
                        bowl,
                        request.capMm(),
                        new CapSetting.Below(
                                Math.max(0.5, hollow.depthMm() - request.capMm()),
                                fillC,
                                or(request.heatJPerMlK(), WarmestFill.USUAL_FILLING_J_PER_ML_K),
                                or(request.rimC(), Math.min(35, roomC))),
                        roomC,
                        load(or(request.airC(), Math.max(-5, house.firstCabinetC()))));
        final double massG = hollow.volumeToMl(request.capMm()) * couverture.castingDensityGPerMl();
        final Basis weight =
                Basis.of("room over the filling × density")
                        .with("cap", request.capMm(), Unit.MILLIMETRE)
                        .with("shell", request.shellMm(), Unit.MILLIMETRE)
                        .with("cavities", mould.usable(), Unit.PIECE)
                        .from(Source.definition("shape × density"));
        final Basis basis =
                Basis.of("heat and crystals of cap, filling and air")
                        .with("cap", request.capMm(), Unit.MILLIMETRE)
                        .with("bowl", bowl.temperatureC(), Unit.CELSIUS)
                        .with("filling", fillC, Unit.CELSIUS)
                        .with("room", roomC, Unit.CELSIUS)
                        .from(CapSetting.SOURCE);
        final boolean sets = ShellAnswer.sets(bowl);
        return new CapView(
                FigureView.of(Figure.of("one cap", massG, Unit.GRAM, weight)),
                FigureView.of(
                        Figure.of("caps of one mould", massG * mould.usable(), Unit.GRAM, weight)),
                minutes("second pass from", cap.secondFromS(), basis),
                within("second pass until", cap.secondUntilS(), basis),
                minutes("into the cold from", cap.beginsS(), basis),
                sets && cap.usualFirmS() <= HOUR_S
                        ? FigureView.of(
                                Figure.of(
                                                "firm, in the cold",
                                                cap.usualFirmS() / 60,
                                                Unit.MINUTE,
                                                basis)
                                        .spread(
                                                cap.firmS().low() / 60,
                                                Math.min(HOUR_S, cap.firmS().high()) / 60))
                        : null,
                FigureView.of(Figure.of("rim melts", cap.rimMeltsMm(), Unit.MILLIMETRE, basis)),
                FigureView.of(Figure.of("rim bonds from", cap.rimBondsC(), Unit.CELSIUS, basis)),
                remarks(cap, fillC, bowl, couverture).stream().map(SentenceView::of).toList());
    }

    /** A cap as the room has it, over a soft filling: for its time in the cold. */
    CapSetting cap(final CastOrder order, final double capMm, final Double airC) {
        final double depthMm = order.mould().cavity().depthMm();
        return CapSetting.of(
                order.bowl(),
                Require.between("thickness of the cap", capMm, 0.3, depthMm * 0.8, "mm"),
                new CapSetting.Below(
                        Math.max(0.5, depthMm - capMm),
                        Math.min(40, order.roomC()),
                        WarmestFill.USUAL_FILLING_J_PER_ML_K,
                        Math.min(35, order.roomC())),
                order.roomC(),
                load(or(airC, Math.max(-5, houses.house().firstCabinetC()))));
    }

    private static CabinetLoad load(final double airC) {
        return new CabinetLoad(airC, AirFlow.MOVING_M_PER_S, 1, 1, CabinetLoad.USUAL_COOLING_W);
    }

    private static List<Sentence> remarks(
            final CapSetting cap,
            final double fillC,
            final BowlAt bowl,
            final Couverture couverture) {
        final List<Sentence> remarks = new ArrayList<>();
        if (!ShellAnswer.sets(bowl)) {
            remarks.add(
                    Sentence.of(
                            "This bowl is not in temper: the cap stays soft and the piece stays in"
                                    + " the mould."));
        }
        if (cap.rimMeltsMm() == 0) {
            remarks.add(
                    Sentence.of(
                                    "The rim is too cold to melt under the cap: it lies on it. Warm"
                                            + " the rims to {bonds} with a breath of warm air first.")
                            .with("bonds", cap.rimBondsC(), Unit.CELSIUS));
        }
        if (fillC > bowl.temperatureC() - 3) {
            remarks.add(
                    Sentence.of(
                                    "The filling, {fill}, is as warm as the cap: it melts it from"
                                            + " below. Let it stand until it is at the room's warmth.")
                            .with("fill", fillC, Unit.CELSIUS));
        }
        final String allergens =
                couverture.ingredient().allergens().stream()
                        .sorted()
                        .map(Allergen::words)
                        .collect(Collectors.joining(", "));
        remarks.add(
                Sentence.of(
                        allergens.isEmpty()
                                ? "What is scraped off holds what the filling holds: keep it apart,"
                                        + " or write its allergens on the bowl."
                                : Cautions.scrapings(allergens + " and all the filling holds")));
        return remarks;
    }
}
