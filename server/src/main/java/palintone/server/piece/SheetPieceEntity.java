package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.OutOfRangeException;
import palintone.core.piece.SheetPiece;
import palintone.server.larder.IngredientEntity;

/** A plate or round out of a thin sheet. */
@Entity
@Table(name = "sheet_piece")
@DiscriminatorValue("SHEET")
public class SheetPieceEntity extends PieceEntity {

    private static final double USUAL_SECOND_PERCENT = 20;

    private double thickMm;
    private double lengthMm;
    private double widthMm;

    /** Null where plates are cut. */
    private @Nullable Double roundMm;

    /** Null where rounds are whole. */
    private @Nullable Double holeMm;

    private @Nullable Double plateLengthMm;
    private @Nullable Double plateWidthMm;

    /** Null where all of it is rounds, or plates. */
    private @Nullable Integer besideRounds;

    private @Nullable Double stripMm;
    private @Nullable Double stripAcrossMm;

    /** Null where there is one colour. */
    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "second_couverture_id")
    private @Nullable IngredientEntity secondCouverture;

    private @Nullable Double secondShare;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Nullable
    private SheetPiece.Pattern secondPattern;

    @ElementCollection
    @CollectionTable(name = "piece_on", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<OnRow> on = new ArrayList<>();

    protected SheetPieceEntity() {}

    SheetPieceEntity(final String id) {
        super(id);
    }

    void take(
            final PieceDraft.Plates draft,
            final IngredientEntity couverture,
            final @Nullable IngredientEntity second,
            final Worn worn,
            final List<OnRow> newOn) {
        take(draft.name(), draft.story(), null, couverture, worn, draft.labelG());
        thickMm = draft.thickMm();
        lengthMm = draft.lengthMm();
        widthMm = draft.widthMm();
        roundMm = draft.roundMm();
        holeMm = draft.holeMm();
        plateLengthMm = draft.plateLengthMm();
        plateWidthMm = draft.plateWidthMm();
        besideRounds = draft.besideRounds();
        stripMm = draft.stripMm();
        stripAcrossMm = draft.stripAcrossMm();
        if (second != null) {
            castable("second colour", second);
        }
        secondCouverture = second;
        secondShare =
                second == null
                        ? null
                        : (draft.secondPercent() == null
                                        ? USUAL_SECOND_PERCENT
                                        : draft.secondPercent())
                                / 100;
        secondPattern =
                second == null
                        ? null
                        : draft.secondPattern() == null
                                ? SheetPiece.Pattern.LINES
                                : draft.secondPattern();
        on.clear();
        on.addAll(newOn);
        check();
    }

    private SheetPiece.Cut cut() {
        final SheetPiece.Cut one = one();
        if (besideRounds == null && stripMm == null && stripAcrossMm == null) {
            return one;
        }
        if (besideRounds == null || stripMm == null || stripAcrossMm == null) {
            throw new OutOfRangeException(
                    besideRounds == null
                            ? "rounds wanted"
                            : stripMm == null ? "length of a strip" : "width of a strip",
                    "missing",
                    "a number, or no strips at all");
        }
        return new SheetPiece.Beside(one, besideRounds, stripMm, stripAcrossMm);
    }

    private SheetPiece.Cut one() {
        final boolean plate = plateLengthMm != null || plateWidthMm != null;
        if (roundMm != null && plate) {
            throw new OutOfRangeException("what is cut", "a round and a plate", "one of the two");
        }
        if (roundMm != null) {
            return holeMm == null
                    ? new SheetPiece.Round(roundMm)
                    : new SheetPiece.Ring(roundMm, holeMm);
        }
        if (plateLengthMm == null || plateWidthMm == null) {
            throw new OutOfRangeException(
                    plateLengthMm == null ? "length of a plate" : "width of a plate",
                    "missing",
                    "a number, or a round");
        }
        return new SheetPiece.Plate(plateLengthMm, plateWidthMm);
    }

    @Override
    public SheetPiece piece(final double pressureHPa) {
        return new SheetPiece(
                id(),
                name(),
                couverture(),
                thickMm,
                lengthMm,
                widthMm,
                Optional.ofNullable(secondCouverture)
                        .flatMap(IngredientEntity::couverture)
                        .map(c -> new SheetPiece.Second(c, secondShare, secondPattern)),
                cut(),
                on.stream().map(OnRow::inclusion).toList(),
                dress());
    }

    @Override
    String kind() {
        return "SHEET";
    }

    @Override
    PieceView view(final PieceView.Around around) {
        return LoosePieceViews.plates(this, piece(around.pressureHPa()), around);
    }

    @Override
    PieceDraft.Plates draft() {
        return new PieceDraft.Plates(
                name(),
                story(),
                couvertureId(),
                thickMm,
                lengthMm,
                widthMm,
                roundMm,
                holeMm,
                plateLengthMm,
                plateWidthMm,
                besideRounds,
                stripMm,
                stripAcrossMm,
                secondCouverture == null ? null : secondCouverture.id(),
                secondShare == null ? null : secondShare * 100,
                secondPattern,
                on.stream().map(OnRow::draft).toList(),
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
