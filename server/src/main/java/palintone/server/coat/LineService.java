package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import palintone.core.casting.pour.BowlAt;
import palintone.core.coat.PipedLine;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;

/** Lines and swirls out of a bag: how wide, how many metres, and what to do when it runs. */
@Service
public class LineService {

    private static final double USUAL_BAG_G = 100;
    private static final double MOST_BAG_G = 5000;
    private final HouseService houses;
    private final CoatBowls bowls;

    LineService(final HouseService houses, final CoatBowls bowls) {
        this.houses = houses;
        this.bowls = bowls;
    }

    /** One line, and the bag it comes out of. */
    public PipedLineView line(final LineRequest request) {
        if ((request.nozzleMm() == null) == (request.wantedMm() == null)) {
            throw new OutOfRangeException(
                    "opening of the bag",
                    request.nozzleMm() == null ? "missing" : "given twice",
                    "an opening, or how wide the line is to be");
        }
        final BowlAt bag =
                bowls.bowl(
                        request.couverture(),
                        request.fluidity(),
                        request.bagC(),
                        request.stablePercent());
        final double nozzleMm =
                request.nozzleMm() == null
                        ? PipedLine.nozzleMm(bag, request.wantedMm())
                        : request.nozzleMm();
        final PipedLine line = PipedLine.of(bag, nozzleMm);
        final double bagG = request.bagG() == null ? USUAL_BAG_G : request.bagG();
        Require.positive("chocolate in the bag", bagG, MOST_BAG_G, "g");
        final double metres = bagG * line.metresPerG();
        final Band work = bowls.work(bag);
        final Basis basis =
                Basis.of("a line at rest at the stress it yields to")
                        .with("in the bag", bag.temperatureC(), Unit.CELSIUS)
                        .with("yield value there", bag.flow().yieldPa(), Unit.PASCAL)
                        .with("opening", nozzleMm, Unit.MILLIMETRE)
                        .from(PipedLine.SOURCE);
        final Basis count =
                Basis.of("1 / (opening · density)")
                        .with("opening", nozzleMm, Unit.MILLIMETRE)
                        .with("in the bag", bagG, Unit.GRAM)
                        .from(Source.definition("drawn along as fast as it comes"));
        return new PipedLineView(
                line.stands(),
                FigureView.of(Figure.of("opening of the bag", nozzleMm, Unit.MILLIMETRE, basis)),
                FigureView.of(Figure.of("line, across", line.acrossMm(), Unit.MILLIMETRE, basis)),
                FigureView.of(Figure.of("line, high", line.heightMm(), Unit.MILLIMETRE, basis)),
                FigureView.of(Figure.of("out of a gram", line.metresPerG(), Unit.METRE, count)),
                FigureView.of(Figure.of("out of the bag", metres, Unit.METRE, count)),
                pieces(request.eachMm(), metres, count),
                flat(request, bag, work),
                remarks(request, bag, line, work));
    }

    private static @Nullable FigureView pieces(
            final @Nullable Double eachMm, final double metres, final Basis count) {
        if (eachMm == null) {
            return null;
        }
        Require.between("line on one piece", eachMm, 1, 100_000, "mm");
        return FigureView.of(
                Figure.of(
                        "enough for",
                        Math.floor(metres * 1000 / eachMm),
                        Unit.PIECE,
                        count.with("on one piece", eachMm, Unit.MILLIMETRE)));
    }

    private double coldC(final LineRequest request) {
        return request.coldC() == null ? houses.house().firstCabinetC() : request.coldC();
    }

    private @Nullable FigureView flat(
            final LineRequest request, final BowlAt bag, final Band work) {
        final double seconds = PipedLine.flatInTheColdS(bag, work.high(), coldC(request));
        return seconds == 0 || Double.isInfinite(seconds)
                ? null
                : FigureView.of(
                        Figure.of(
                                "flat in the cold",
                                seconds / 60,
                                Unit.MINUTE,
                                Basis.of("heat of a bag laid 15 mm thick, in moving air")
                                        .with("to", work.high(), Unit.CELSIUS)
                                        .with("cold", coldC(request), Unit.CELSIUS)
                                        .from(palintone.core.casting.crust.CrustSolver.SOURCE)));
    }

    private List<SentenceView> remarks(
            final LineRequest request, final BowlAt bag, final PipedLine line, final Band work) {
        final List<Sentence> remarks = new ArrayList<>();
        CoatBowls.remark(bag).ifPresent(remarks::add);
        if (!bowls.sets(bag)) {
            remarks.add(
                    Sentence.of(
                            "What is in this bag is not in temper, or too warm to stay in it: a line"
                                    + " of it stays soft and turns grey."));
        }
        if (bag.temperatureC() > work.high()) {
            final double seconds = PipedLine.flatInTheColdS(bag, work.high(), coldC(request));
            remarks.add(
                    Double.isInfinite(seconds)
                            ? Sentence.of(
                                            "At {is} it is too thin, and does not cool enough at"
                                                    + " {cold}: a colder shelf.")
                                    .with("is", bag.temperatureC(), Unit.CELSIUS)
                                    .with("cold", coldC(request), Unit.CELSIUS)
                            : Sentence.of(
                                            "At {is} it is too thin: lay the bag flat into the cold for"
                                                    + " {minutes}, knead it, and try a line on paper.")
                                    .with("is", bag.temperatureC(), Unit.CELSIUS)
                                    .with("minutes", seconds / 60, Unit.MINUTE));
        } else if (bag.temperatureC() < work.low()) {
            remarks.add(
                    Sentence.of("At {is} it sets in the tip: warm the bag in the hands to {from}.")
                            .with("is", bag.temperatureC(), Unit.CELSIUS)
                            .with("from", work.low(), Unit.CELSIUS));
        }
        if (!line.stands()) {
            remarks.add(
                    Sentence.of("It runs to {across}, {height} high, before it rests.")
                            .with("across", line.acrossMm(), Unit.MILLIMETRE)
                            .with("height", line.heightMm(), Unit.MILLIMETRE));
        }
        return remarks.stream().map(SentenceView::of).toList();
    }
}
