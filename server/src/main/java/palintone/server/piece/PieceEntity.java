package palintone.server.piece;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.DiscriminatorColumn;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.Inheritance;
import jakarta.persistence.InheritanceType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooking;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.Decoration;
import palintone.core.piece.Finish;
import palintone.core.piece.Piece;
import palintone.core.substance.Allergen;
import palintone.core.temper.Couverture;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.colour.ColourEntity;
import palintone.server.larder.AllergenSet;
import palintone.server.larder.IngredientEntity;
import palintone.server.mould.MouldEntity;

/** A piece as it stands in the books: what every kind has. Each kind adds a table of its own. */
@Entity
@Table(name = "piece")
@Inheritance(strategy = InheritanceType.JOINED)
@DiscriminatorColumn(name = "kind", length = 16)
public abstract class PieceEntity {

    private static final int LONGEST_STORY = 500;

    @Id private String id;
    private String name;
    private String story;

    @ManyToOne(fetch = FetchType.LAZY)
    private MouldEntity mould;

    @ManyToOne(fetch = FetchType.LAZY)
    private IngredientEntity couverture;

    @ElementCollection
    @CollectionTable(name = "piece_coat", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<CoatRow> coats = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "piece_finish", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<FinishRow> finishes = new ArrayList<>();

    /** Null where no label promises a weight. */
    @Column(name = "label_g")
    private Double labelG;

    private boolean archived;

    @Version private Long version;

    /** One coat of colour; of a colour of the house, or only named. */
    @Embeddable
    public static class CoatRow {

        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "colour_id")
        private ColourEntity colour;

        private String name;
        private double filmMm;

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private ColourCoat.How how;

        /** Of a colour that is only named; null where nobody has said. */
        @Convert(converter = AllergenSet.class)
        private Set<Allergen> allergens;

        protected CoatRow() {}

        CoatRow(final ColourEntity colour, final ColourCoat coat) {
            this.colour = colour;
            name = coat.name();
            filmMm = coat.thicknessMm();
            how = coat.how();
            allergens = colour == null ? coat.allergens().orElse(null) : null;
        }

        ColourCoat coat() {
            return colour == null
                    ? new ColourCoat(name, filmMm, how, Optional.ofNullable(allergens))
                    : new ColourCoat(colour.name(), filmMm, how, colour.stock().holds());
        }

        PieceDraft.Coat draft() {
            return new PieceDraft.Coat(
                    colour == null ? null : colour.id(),
                    colour == null ? name : null,
                    filmMm,
                    how,
                    allergens);
        }

        PieceView.CoatView view() {
            return new PieceView.CoatView(
                    coat().name(), colour == null ? null : colour.tint(), draft());
        }
    }

    /** One finishing. */
    @Embeddable
    public static class FinishRow {

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private Finish.FinishKind kind;

        private String words;

        /** Null where nobody has said. */
        @Convert(converter = AllergenSet.class)
        private Set<Allergen> allergens;

        protected FinishRow() {}

        FinishRow(final Finish finish) {
            kind = finish.kind();
            words = finish.words();
            allergens = finish.allergens().orElse(null);
        }

        Finish finish() {
            return new Finish(kind, words, Optional.ofNullable(allergens));
        }
    }

    protected PieceEntity() {}

    protected PieceEntity(final String id) {
        this.id = id;
    }

    /**
     * The piece as the core knows it.
     *
     * @param pressureHPa of the air where its fillings are cooked
     */
    public abstract Piece piece(double pressureHPa);

    /** Of which kind it is, as its view says. */
    abstract String kind();

    /** The piece as it is shown. */
    abstract PieceView view(PieceView.Around around);

    /** The piece as it would be written down. */
    abstract PieceDraft draft();

    /** Its colours as they would be written down. */
    protected List<PieceDraft.Coat> coatDrafts() {
        return coats.stream().map(CoatRow::draft).toList();
    }

    /** Its finishings as they would be written down. */
    protected List<PieceDraft.Finishing> finishDrafts() {
        return finishes.stream()
                .map(f -> new PieceDraft.Finishing(f.kind, f.words, f.allergens))
                .toList();
    }

    List<PieceView.CoatView> coatViews() {
        return coats.stream().map(CoatRow::view).toList();
    }

    /** What it wears, as the core knows it. */
    protected Decoration dress() {
        return new Decoration(
                coats.stream().map(CoatRow::coat).toList(),
                finishes.stream().map(FinishRow::finish).toList());
    }

    /** Takes over what every kind has; what the core refuses must not be kept. */
    protected void take(
            final String newName,
            final String newStory,
            final MouldEntity newMould,
            final IngredientEntity newCouverture,
            final Worn worn,
            final Double newLabelG) {
        if (newCouverture != null) {
            castable("couverture", newCouverture);
        }
        if (newLabelG != null) {
            Require.positive("weight on the label", newLabelG, 20_000, "g");
        }
        labelG = newLabelG;
        name = newName;
        story = Require.text("story", newStory, LONGEST_STORY);
        mould = newMould;
        couverture = newCouverture;
        coats.clear();
        coats.addAll(worn.coats());
        finishes.clear();
        worn.finishes().forEach(finish -> finishes.add(new FinishRow(finish)));
    }

    /** Colours and finishings, looked up. */
    record Worn(List<CoatRow> coats, List<Finish> finishes) {}

    /** Refuses what is not tempered and cast. */
    protected static void castable(final String field, final IngredientEntity ingredient) {
        if (ingredient.couverture().isEmpty()) {
            throw new OutOfRangeException(
                    field, ingredient.id(), "an ingredient marked dark, milk or white");
        }
    }

    /** Builds it once, so that the core has its say. */
    protected void check() {
        piece(Cooking.SEA_LEVEL_HPA);
    }

    public String id() {
        return id;
    }

    public String name() {
        return name;
    }

    public String story() {
        return story;
    }

    /** Null where no label promises a weight. */
    protected Double labelOrNull() {
        return labelG;
    }

    /** Null where it comes out of none. */
    MouldEntity mould() {
        return mould;
    }

    Couverture couverture() {
        return couverture.couverture().orElseThrow();
    }

    /** As usual where nothing is tempered for it. */
    FluidityClass fluidity() {
        return couverture == null ? FluidityClass.MEDIUM : couverture.fluidity();
    }

    String couvertureId() {
        return couverture.id();
    }

    OptionalDouble labelG() {
        return labelG == null ? OptionalDouble.empty() : OptionalDouble.of(labelG);
    }

    void archive(final boolean away) {
        archived = away;
    }

    boolean archived() {
        return archived;
    }

    Long version() {
        return version;
    }
}
