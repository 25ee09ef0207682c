package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import palintone.core.casting.pour.BowlAt;
import palintone.core.coat.Coat;
import palintone.core.coat.DipOrder;
import palintone.core.coat.Enrober;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/** Coating by a small machine, as one more way. */
@Service
public class EnrobeService {

    private static final double UNDER_S = 1;
    private static final double USUAL_STRETCH_MM = 400;
    private static final double USUAL_GAP_MM = 15;
    private static final double USUAL_TUNNEL_C = 14;
    private static final double ROOM_C = 20;

    private final Centres centres;
    private final CoatBowls bowls;

    EnrobeService(final Centres centres, final CoatBowls bowls) {
        this.bowls = bowls;
        this.centres = centres;
    }

    private static double or(final @Nullable Double given, final double otherwise) {
        return given == null ? otherwise : given;
    }

    /** An hour of it. */
    public EnrobeView enrobe(final EnrobeRequest request) {
        final BowlAt bowl =
                bowls.bowl(
                        request.couverture(),
                        request.fluidity(),
                        request.bowlC(),
                        request.stablePercent());
        final Enrober.Machine machine =
                new Enrober.Machine(
                        request.beltMPerMin(),
                        request.beltMm(),
                        or(request.stretchMm(), USUAL_STRETCH_MM),
                        or(request.gapMm(), USUAL_GAP_MM),
                        or(request.tunnelC(), USUAL_TUNNEL_C));
        final Enrober enrober =
                Enrober.of(
                        new DipOrder(
                                bowl,
                                centres.of(request.centre()).centre(),
                                request.centreC(),
                                UNDER_S,
                                1,
                                true,
                                ROOM_C,
                                1),
                        machine);
        final Coat coat = enrober.coat();
        final Basis film =
                Basis.of("film under the curtain, blown and shaken on the wire")
                        .with("shaken for", enrober.shakenS(), Unit.SECOND)
                        .with("bowl", bowl.temperatureC(), Unit.CELSIUS)
                        .with("centre", request.centreC(), Unit.CELSIUS)
                        .from(Enrober.SOURCE)
                        .from(Coat.SOURCE);
        final Basis hour =
                Basis.of("rows × speed / (length of a centre + gap)")
                        .with("rows", enrober.rows(), Unit.ONE)
                        .with("speed (m/min)", machine.beltMPerMin(), Unit.ONE)
                        .with("gap", machine.gapMm(), Unit.MILLIMETRE)
                        .from(Enrober.SOURCE);
        final boolean inTemper = bowls.sets(bowl);
        final boolean sets = inTemper && !Double.isInfinite(enrober.tunnelM());
        return new EnrobeView(
                FigureView.of(Figure.of("coat of one", coat.massG(), Unit.GRAM, film)),
                FigureView.of(Figure.of("film, mean", coat.filmMm(), Unit.MILLIMETRE, film)),
                FigureView.of(Figure.of("curtain to tunnel", enrober.shakenS(), Unit.SECOND, hour)),
                FigureView.of(Figure.of("rows on the belt", enrober.rows(), Unit.ONE, hour)),
                FigureView.of(Figure.of("in an hour", enrober.piecesPerHour(), Unit.PIECE, hour)),
                FigureView.of(
                        Figure.of(
                                "coats in an hour",
                                enrober.coatsKgPerHour() * 1000,
                                Unit.GRAM,
                                hour)),
                FigureView.of(
                        Figure.of(
                                "curtain in an hour",
                                enrober.curtainKgPerHour() * 1000,
                                Unit.GRAM,
                                hour)),
                sets ? enrober.tunnelM() : null,
                remarks(bowl, coat, enrober, machine, inTemper).stream()
                        .map(SentenceView::of)
                        .toList());
    }

    private static List<Sentence> remarks(
            final BowlAt bowl,
            final Coat coat,
            final Enrober enrober,
            final Enrober.Machine machine,
            final boolean inTemper) {
        final List<Sentence> remarks = new ArrayList<>();
        CoatBowls.remark(bowl).ifPresent(remarks::add);
        if (!inTemper) {
            remarks.add(
                    Sentence.of(
                            "This bowl is not in temper: a coat from it stays soft and turns grey."
                                    + " No times of setting are given."));
        } else if (Double.isInfinite(enrober.tunnelM())) {
            remarks.add(
                    Sentence.of("In a tunnel of {air} they do not set within the hour.")
                            .with("air", machine.tunnelC(), Unit.CELSIUS));
        }
        if (coat.tears()) {
            remarks.add(
                    Sentence.of(
                            "So cold a centre swells as it warms inside its set coat, and tears it."));
        }
        remarks.add(
                Sentence.of(
                        "Bottom them first, on the wire or by hand: a curtain wets no underside. The"
                                + " bath goes back to the bowl with crumbs of the centres in it: it"
                                + " carries their allergens from then on. Keep fingers and cloths off"
                                + " the moving belt."));
        return remarks;
    }
}
