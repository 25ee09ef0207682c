package palintone.server.larder;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.Source;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Ingredient;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.flow.FluidityClass;

/** An ingredient as it stands in the books. */
@Entity
@Table(name = "ingredient")
public class IngredientEntity {

    @Id private String id;

    private String name;

    @Column(name = "density_g_per_ml")
    private double densityGPerMl;

    /** Null for everything that is not cast. */
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private CouvertureKind couvertureKind;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Source.SourceKind sourceKind;

    private String sourceCitation;

    private boolean sourceFromMemory;

    @ElementCollection
    @CollectionTable(
            name = "ingredient_component",
            joinColumns = @JoinColumn(name = "ingredient_id"))
    @MapKeyColumn(name = "component")
    @MapKeyEnumerated(EnumType.STRING)
    @Column(name = "grams_per_100")
    private Map<Component, Double> gramsPer100 = new EnumMap<>(Component.class);

    @ElementCollection
    @CollectionTable(
            name = "ingredient_allergen",
            joinColumns = @JoinColumn(name = "ingredient_id"))
    @Column(name = "allergen")
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Set<Allergen> allergens = new HashSet<>();

    private Double ph;

    @Column(name = "piece_g")
    private Double pieceG;

    @Column(name = "price_per_kg")
    private Double pricePerKg;

    private Double gelStrength;
    private Double ediblePercent;

    private boolean estimated;

    @ElementCollection
    @CollectionTable(name = "ingredient_nature", joinColumns = @JoinColumn(name = "ingredient_id"))
    @Column(name = "nature")
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Set<FunctionalClass> natures = new HashSet<>();

    /** What the bag of a couverture prints; each null where it does not. */
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private FluidityClass fluidity;

    @Column(name = "bag_melt_c")
    private Double bagMeltC;

    @Column(name = "bag_cool_c")
    private Double bagCoolC;

    @Column(name = "bag_work_c")
    private Double bagWorkC;

    @Column(name = "bag_pack_kg")
    private Double bagPackKg;

    /** Of a mixture: what it is melted together of. */
    @ElementCollection
    @CollectionTable(name = "ingredient_part", joinColumns = @JoinColumn(name = "ingredient_id"))
    @OrderColumn(name = "position")
    private List<PartRow> parts = new ArrayList<>();

    /** One part of a mixture. */
    @Embeddable
    public static class PartRow {

        private String partId;
        private double percent;

        protected PartRow() {}

        PartRow(final String partId, final double percent) {
            this.partId = partId;
            this.percent = percent;
        }
    }

    private boolean archived;

    @Version private Long version;

    protected IngredientEntity() {}

    public IngredientEntity(final String id) {
        this.id = id;
    }

    /** Takes over everything from a draft the core has accepted. */
    public void take(final IngredientDraft draft) {
        final Ingredient checked = draft.ingredient(id);
        name = checked.name();
        densityGPerMl = checked.densityGPerMl();
        couvertureKind = draft.couverture();
        sourceKind = checked.source().kind();
        sourceCitation = checked.source().citation();
        sourceFromMemory = checked.source().fromMemory();
        gramsPer100.clear();
        gramsPer100.putAll(draft.gramsPer100());
        allergens.clear();
        allergens.addAll(checked.allergens());
        final TraitsView traits = TraitsView.of(checked.traits());
        ph = traits.ph();
        pieceG = traits.pieceG();
        pricePerKg = traits.pricePerKg();
        gelStrength = traits.gelStrength();
        ediblePercent = traits.ediblePercent();
        estimated = traits.estimated();
        natures.clear();
        natures.addAll(traits.natures());
        final BagDraft bag = draft.bag() == null ? BagDraft.NONE : draft.bag();
        fluidity = bag.fluidity();
        bagMeltC = bag.meltC();
        bagCoolC = bag.coolC();
        bagWorkC = bag.workC();
        bagPackKg = bag.packKg();
        parts.clear();
        if (draft.isMixture()) {
            draft.parts().forEach(p -> parts.add(new PartRow(p.ingredient(), p.percent())));
        }
    }

    /** What it is melted together of; nothing where it is no mixture. */
    List<IngredientDraft.PartDraft> parts() {
        return parts.stream().map(p -> new IngredientDraft.PartDraft(p.partId, p.percent)).toList();
    }

    /** As it would be written down. */
    IngredientDraft draft() {
        final Ingredient now = ingredient();
        return new IngredientDraft(
                name,
                densityGPerMl,
                new java.util.TreeMap<>(gramsPer100),
                new java.util.TreeSet<>(now.allergens()),
                couvertureKind,
                sourceCitation,
                sourceFromMemory,
                TraitsView.of(now.traits()),
                bag(),
                parts.isEmpty() ? null : parts(),
                version);
    }

    /** What its bag prints. */
    BagDraft bag() {
        return new BagDraft(fluidity, bagMeltC, bagCoolC, bagWorkC, bagPackKg);
    }

    /** How fluid it is sold; medium where the bag does not say. */
    public FluidityClass fluidity() {
        return fluidity == null ? FluidityClass.MEDIUM : fluidity;
    }

    void archive(final boolean away) {
        archived = away;
    }

    boolean archived() {
        return archived;
    }

    public Ingredient ingredient() {
        return new Ingredient(
                id,
                name,
                Composition.per100(gramsPer100),
                densityGPerMl,
                allergens,
                new Source(sourceKind, sourceCitation, sourceFromMemory),
                new TraitsView(
                                ph,
                                pieceG,
                                pricePerKg,
                                gelStrength,
                                ediblePercent,
                                List.copyOf(natures),
                                estimated)
                        .traits());
    }

    public Optional<Couverture> couverture() {
        return Optional.ofNullable(couvertureKind)
                .map(kind -> new Couverture(ingredient(), kind, bag().curveAsKept()));
    }

    public String id() {
        return id;
    }

    public String name() {
        return name;
    }

    public Map<Component, Double> gramsPer100() {
        return gramsPer100;
    }

    public CouvertureKind couvertureKind() {
        return couvertureKind;
    }

    public Long version() {
        return version;
    }
}
