package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
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
import java.util.stream.Stream;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.piece.DipCoat;
import palintone.core.piece.DippedPiece;
import palintone.core.piece.Inclusion;
import palintone.core.piece.SecondDip;
import palintone.server.larder.IngredientEntity;

/** A dipped piece. */
@Entity
@Table(name = "dipped_piece")
@DiscriminatorValue("DIPPED")
public class DippedPieceEntity extends PieceEntity {

    private static final double PERCENT = 100;

    /** Where a file says only which couverture. */
    private static final double USUAL_MM = 1;

    private static final double USUAL_SHARE = 0.5;

    @Embedded private CentreRow centre;

    private double coatMm;
    private boolean coatedTwice;
    private double dippedShare;

    /** Null where one couverture is all. */
    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "second_couverture_id")
    private @Nullable IngredientEntity secondCouverture;

    private @Nullable Double secondMm;
    private @Nullable Double secondShare;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Nullable
    private SecondDip.End secondEnd;

    /** Null where no plate of a sheet is laid on it. */
    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "plate_id")
    private @Nullable SheetPieceEntity plate;

    @ElementCollection
    @CollectionTable(name = "piece_on", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<OnRow> on = new ArrayList<>();

    protected DippedPieceEntity() {}

    DippedPieceEntity(final String id) {
        super(id);
    }

    void take(
            final PieceDraft.Dipped draft,
            final IngredientEntity couverture,
            final @Nullable IngredientEntity second,
            final @Nullable SheetPieceEntity newPlate,
            final CentreRow newCentre,
            final Worn worn,
            final List<OnRow> newOn) {
        take(draft.name(), draft.story(), null, couverture, worn, draft.labelG());
        centre = newCentre;
        coatMm = draft.coatMm();
        coatedTwice = Boolean.TRUE.equals(draft.twice());
        dippedShare = draft.dippedPercent() == null ? 1 : draft.dippedPercent() / PERCENT;
        if (second != null) {
            castable("second couverture", second);
        }
        secondCouverture = second;
        secondMm = second == null ? null : draft.secondMm() == null ? USUAL_MM : draft.secondMm();
        secondShare =
                second == null
                        ? null
                        : draft.secondPercent() == null
                                ? USUAL_SHARE
                                : draft.secondPercent() / PERCENT;
        secondEnd =
                second == null
                        ? null
                        : draft.secondEnd() == null ? SecondDip.End.BELOW : draft.secondEnd();
        plate = newPlate;
        on.clear();
        on.addAll(newOn);
        check();
    }

    @Override
    public DippedPiece piece(final double pressureHPa) {
        return new DippedPiece(
                id(),
                name(),
                couverture(),
                centre.centre(pressureHPa),
                new DipCoat(coatMm, coatedTwice, dippedShare, second()),
                Stream.concat(
                                on.stream().map(OnRow::inclusion),
                                Stream.ofNullable(plate)
                                        .map(p -> Inclusion.plate(p.piece(pressureHPa))))
                        .toList(),
                dress());
    }

    private Optional<SecondDip> second() {
        return Optional.ofNullable(secondCouverture)
                .flatMap(IngredientEntity::couverture)
                .map(c -> new SecondDip(c, secondMm, secondShare, secondEnd));
    }

    @Override
    String kind() {
        return "DIPPED";
    }

    @Override
    PieceView view(final PieceView.Around around) {
        return LoosePieceViews.dipped(this, piece(around.pressureHPa()), around);
    }

    @Override
    PieceDraft.Dipped draft() {
        return new PieceDraft.Dipped(
                name(),
                story(),
                couvertureId(),
                centre.draft(),
                coatMm,
                coatedTwice,
                dippedShare * PERCENT,
                secondCouverture == null ? null : secondCouverture.id(),
                secondMm,
                secondShare == null ? null : secondShare * PERCENT,
                secondEnd,
                on.stream().map(OnRow::draft).toList(),
                plate == null ? null : plate.id(),
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
