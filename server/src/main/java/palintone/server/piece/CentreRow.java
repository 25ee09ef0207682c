package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.coat.CentreShape;
import palintone.core.figure.OutOfRangeException;
import palintone.core.piece.FormedCentre;
import palintone.core.piece.Forming;
import palintone.server.filling.FillingEntity;

/** A centre as it stands in the books, of a piece that is dipped or rolled. */
@Embeddable
class CentreRow {

    /** Shapes a maker gives. */
    enum Shape {
        BALL,
        BLOCK,
        /** A piece of a rope: its length, and its width is how thick the rope is. */
        LOG
    }

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "filling_id")
    private FillingEntity filling;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Shape shape;

    @Column(name = "mass_g")
    private @Nullable Double massG;

    private @Nullable Double lengthMm;
    private @Nullable Double widthMm;
    private @Nullable Double heightMm;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Forming forming;

    private double bottomMm;

    protected CentreRow() {}

    CentreRow(final FillingEntity filling, final PieceDraft.Centre draft) {
        this.filling = filling;
        shape = draft.shape();
        massG = draft.massG();
        lengthMm = draft.lengthMm();
        widthMm = draft.widthMm();
        heightMm = draft.heightMm();
        forming = draft.forming();
        bottomMm = draft.bottomMm() == null ? 0 : draft.bottomMm();
    }

    FormedCentre centre(final double pressureHPa) {
        if (shape == Shape.BALL) {
            if (bottomMm > 0) {
                throw new OutOfRangeException(
                        "coat below", bottomMm + " mm", "0 mm under a ball: it has no underside");
            }
            return FormedCentre.ball(
                    filling.filling().at(pressureHPa),
                    given("weight of the centre", massG),
                    forming);
        }
        final double longMm = given("length of the centre", lengthMm);
        final double wideMm =
                given(
                        shape == Shape.LOG ? "thickness of the rope" : "width of the centre",
                        widthMm);
        return new FormedCentre(
                filling.filling().at(pressureHPa),
                shape == Shape.LOG
                        ? new CentreShape.Log(wideMm, longMm)
                        : new CentreShape.Block(
                                longMm, wideMm, given("height of the centre", heightMm)),
                forming,
                bottomMm);
    }

    private static double given(final String field, final @Nullable Double value) {
        if (value == null) {
            throw new OutOfRangeException(field, "missing", "a number");
        }
        return value;
    }

    PieceDraft.Centre draft() {
        return new PieceDraft.Centre(
                filling.id(), shape, massG, lengthMm, widthMm, heightMm, forming, bottomMm);
    }
}
