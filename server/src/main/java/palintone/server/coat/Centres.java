package palintone.server.coat;

import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import palintone.core.coat.Centre;
import palintone.core.coat.CentreShape;
import palintone.core.figure.Basis;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.texture.Texture;
import palintone.core.piece.FormedCentre;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;
import palintone.server.filling.FillingNotes;

/** Centres from what the books know of their fillings. */
@Component
class Centres {

    private static final double AT_C = 18;

    /** A ganache. */
    private static final double USUAL_G_PER_ML = 1.18;

    private static final double USUAL_J_PER_GK = 2.5;

    private final FillingNotes fillings;

    Centres(final FillingNotes fillings) {
        this.fillings = fillings;
    }

    /**
     * A centre, and how warm it keeps its shape on a fork.
     *
     * @param firmBelowC empty where it always does, never does, or nothing is known
     * @param neverFirm however cold
     */
    record Made(Centre centre, OptionalDouble firmBelowC, boolean neverFirm, Basis firmness) {}

    Made of(final CentreRequest request) {
        final FillingProperties filling =
                request.filling() == null ? null : fillings.properties(request.filling());
        final Basis firmness =
                Basis.of("where the filling's firmness is that of what is scooped")
                        .from(Texture.SOURCE);
        if (filling == null) {
            return new Made(
                    centre(request, USUAL_G_PER_ML, USUAL_J_PER_GK),
                    OptionalDouble.empty(),
                    false,
                    firmness);
        }
        final Composition composition = filling.cooked().composition();
        final Centre centre =
                centre(
                        request,
                        ChoiOkos1986.densityGPerMl(composition, AT_C),
                        ChoiOkos1986.cpJPerGK(composition, AT_C));
        final Texture texture = filling.texture();
        return new Made(
                centre,
                FormedCentre.firmBelowC(texture),
                FormedCentre.neverFirm(texture),
                firmness);
    }

    private static Centre centre(
            final CentreRequest request, final double gPerMl, final double jPerGK) {
        final CentreShape shape =
                request.shape() == CentreRequest.Shape.BALL
                        ? CentreShape.Ball.of(
                                Require.between(
                                                "weight of the centre",
                                                given("weight of the centre", request.massG()),
                                                0.1,
                                                500,
                                                "g")
                                        / gPerMl)
                        : new CentreShape.Block(
                                given("length of the centre", request.lengthMm()),
                                given("width of the centre", request.widthMm()),
                                given("height of the centre", request.heightMm()));
        return new Centre(shape, gPerMl, jPerGK, Centre.USUAL_W_PER_MK);
    }

    private static double given(final String name, final Double value) {
        if (value == null) {
            throw new OutOfRangeException(name, "missing", "a number");
        }
        return value;
    }
}
