package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.OutOfRangeException;
import palintone.core.piece.HollowFigure;
import palintone.server.larder.IngredientEntity;
import palintone.server.mould.MouldEntity;

/** A hollow figure. */
@Entity
@Table(name = "hollow_figure")
@DiscriminatorValue("HOLLOW")
public class HollowFigureEntity extends PieceEntity {

    private double shellMm;
    private int parts;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private HollowFigure.Joining joining;

    /** Null where it stands on none. */
    private @Nullable Double baseAcrossMm;

    private @Nullable Double baseThickMm;

    /** Null where it stands on none. */
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable HollowFigure.BaseStanding baseStanding;

    /** Null where all of it is of one couverture. */
    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "second_couverture_id")
    private @Nullable IngredientEntity secondCouverture;

    /** Null where nothing is cast first. */
    private @Nullable Double outerMm;

    private boolean outerBrushed;

    private boolean baseOfSecond;

    protected HollowFigureEntity() {}

    HollowFigureEntity(final String id) {
        super(id);
    }

    void take(
            final PieceDraft.Hollow draft,
            final MouldEntity mould,
            final IngredientEntity couverture,
            final @Nullable IngredientEntity second,
            final Worn worn) {
        take(draft.name(), draft.story(), mould, couverture, worn, draft.labelG());
        if ((draft.baseAcrossMm() == null) != (draft.baseThickMm() == null)) {
            throw new OutOfRangeException(
                    draft.baseAcrossMm() == null ? "base across" : "thickness of the base",
                    "missing",
                    "a number, or no base at all");
        }
        shellMm = draft.shellMm();
        parts = draft.parts();
        joining = draft.joining() == null ? HollowFigure.Joining.WARM_PLATE : draft.joining();
        baseAcrossMm = draft.baseAcrossMm();
        baseThickMm = draft.baseThickMm();
        baseStanding =
                baseAcrossMm == null
                        ? null
                        : draft.baseStanding() == null
                                ? HollowFigure.BaseStanding.SOFT
                                : draft.baseStanding();
        if (second == null && draft.outerMm() != null) {
            throw new OutOfRangeException(
                    "couverture of the outer coat", "missing", "a couverture, or no outer coat");
        }
        if (second != null) {
            castable("second couverture", second);
        }
        secondCouverture = second;
        outerMm = second == null ? null : draft.outerMm();
        outerBrushed = outerMm != null && Boolean.TRUE.equals(draft.outerBrushed());
        baseOfSecond = second != null && Boolean.TRUE.equals(draft.baseOfSecond());
        check();
    }

    @Override
    public HollowFigure piece(final double pressureHPa) {
        return new HollowFigure(
                id(),
                name(),
                mould().mould(),
                couverture(),
                shellMm,
                parts,
                joining,
                Optional.ofNullable(baseAcrossMm)
                        .map(across -> new HollowFigure.Base(across, baseThickMm, baseStanding)),
                Optional.ofNullable(secondCouverture)
                        .flatMap(IngredientEntity::couverture)
                        .map(
                                c ->
                                        new HollowFigure.Second(
                                                c,
                                                outerMm == null ? 0 : outerMm,
                                                outerBrushed,
                                                baseOfSecond)),
                dress());
    }

    @Override
    String kind() {
        return "HOLLOW";
    }

    @Override
    PieceView view(final PieceView.Around around) {
        return LoosePieceViews.hollow(this, piece(around.pressureHPa()), around);
    }

    @Override
    PieceDraft.Hollow draft() {
        return new PieceDraft.Hollow(
                name(),
                story(),
                mould().id(),
                couvertureId(),
                coatDrafts(),
                shellMm,
                parts,
                joining,
                baseAcrossMm,
                baseThickMm,
                baseStanding,
                secondCouverture == null ? null : secondCouverture.id(),
                outerMm,
                outerBrushed,
                baseOfSecond,
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
