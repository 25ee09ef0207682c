package palintone.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.DiscriminatorColumn;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.Inheritance;
import jakarta.persistence.InheritanceType;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import java.util.OptionalDouble;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooking;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.Piece;
import palintone.core.temper.Couverture;
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

    /** Null where the piece is not coloured. */
    private String colourName;

    private Double colourFilmMm;

    /** Null where no label promises a weight. */
    @Column(name = "label_g")
    private Double labelG;

    private boolean archived;

    @Version private Long version;

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

    /** The piece as it is shown. */
    abstract PieceView view(PieceView.Around around);

    /** The piece as it would be written down. */
    abstract PieceDraft draft();

    /** Its colour as it would be written down; null where it has none. */
    protected PieceDraft.Coat coat() {
        return colourName == null ? null : new PieceDraft.Coat(colourName, colourFilmMm);
    }

    /** Takes over what every kind has; what the core refuses must not be kept. */
    protected void take(
            final String newName,
            final String newStory,
            final MouldEntity newMould,
            final IngredientEntity newCouverture,
            final Optional<ColourCoat> colour,
            final Double newLabelG) {
        if (newCouverture.couverture().isEmpty()) {
            throw new OutOfRangeException(
                    "couverture", newCouverture.id(), "an ingredient marked dark, milk or white");
        }
        if (newLabelG != null) {
            Require.positive("weight on the label", newLabelG, 20_000, "g");
        }
        labelG = newLabelG;
        name = newName;
        story = Require.text("story", newStory, LONGEST_STORY);
        mould = newMould;
        couverture = newCouverture;
        colourName = colour.map(ColourCoat::name).orElse(null);
        colourFilmMm = colour.map(ColourCoat::thicknessMm).orElse(null);
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

    MouldEntity mould() {
        return mould;
    }

    Couverture couverture() {
        return couverture.couverture().orElseThrow();
    }

    String couvertureId() {
        return couverture.id();
    }

    Optional<ColourCoat> colour() {
        return Optional.ofNullable(colourName).map(c -> new ColourCoat(c, colourFilmMm));
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
