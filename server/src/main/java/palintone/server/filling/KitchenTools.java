package palintone.server.filling;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Source;
import palintone.core.filling.Appraisal;
import palintone.core.filling.Conditions;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Style;
import palintone.core.filling.cool.ButterSchool;
import palintone.core.filling.cool.Cooling;
import palintone.core.filling.cool.CoolingVessel;
import palintone.core.filling.cool.RestSchool;
import palintone.core.filling.mend.Fault;
import palintone.core.filling.mend.Rescue;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.size.Leftover;
import palintone.core.filling.size.Scaling;
import palintone.core.filling.sugar.SugarCook;
import palintone.core.filling.sugar.SugarStage;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.filling.water.BoilingPoint;
import palintone.core.filling.water.SaltCheck;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/** Cooking sugar, cooling, mending, sizes and leftovers. */
@Service
public class KitchenTools {

    private static final Ingredient WATER =
            new Ingredient(
                    "water",
                    "Water",
                    Composition.per100(Map.of(Component.WATER, 100.0)),
                    1,
                    Set.of(),
                    Source.definition("water"),
                    new Traits(
                            OptionalDouble.of(7),
                            OptionalDouble.empty(),
                            OptionalDouble.of(0),
                            Set.of(),
                            false));

    private final RecipeReader reader;

    KitchenTools(final RecipeReader reader) {
        this.reader = reader;
    }

    /**
     * A sugar to be cooked.
     *
     * @param recipe what is in the pan, as operations that only add
     * @param stage wanted; or
     * @param readC what was read
     * @param boilingWaterC what the thermometer shows in boiling water here
     */
    public record SugarRequest(
            RecipeDraft recipe,
            @Nullable SugarStage stage,
            @Nullable Double readC,
            @Nullable Double altitudeM,
            @Nullable Double pressureHPa,
            @Nullable Double boilingWaterC,
            @Nullable Double iceC) {}

    /** How far to cook it, or what was reached. */
    public record SugarView(
            FigureView read,
            FigureView truth,
            FigureView seaLevel,
            FigureView water,
            FigureView yield,
            FigureView waterActivity,
            SugarStage stage,
            String stageWords,
            FigureView boilsHere,
            double offsetK,
            List<SentenceView> cautions) {}

    /** A stage and its temperatures at sea level. */
    public record SugarStageView(SugarStage stage, String words, double fromC, double toC) {}

    static List<SugarStageView> stages() {
        return Arrays.stream(SugarStage.values())
                .map(s -> new SugarStageView(s, s.words(), s.fromC(), s.toC()))
                .toList();
    }

    @Transactional(readOnly = true)
    public SugarView sugar(final SugarRequest request) {
        final double pressure =
                request.pressureHPa() != null
                        ? request.pressureHPa()
                        : BoilingPoint.pressureHPa(
                                request.altitudeM() == null ? 0 : request.altitudeM());
        // Boiling water is nearer to sugar than ice is: it has the word where both were checked.
        final SugarCook.Place place =
                request.boilingWaterC() != null
                        ? SugarCook.Place.checkedInBoilingWater(pressure, request.boilingWaterC())
                        : new SugarCook.Place(
                                pressure, request.iceC() == null ? 0 : request.iceC());
        final var pot = reader.read("sugar", request.recipe()).filling().mixture();
        if ((request.stage() == null) == (request.readC() == null)) {
            throw new OutOfRangeException(
                    "sugar", "asked both ways or neither", "a stage, or a temperature read");
        }
        final SugarCook cook =
                request.stage() != null
                        ? SugarCook.to(request.stage(), pot, place)
                        : SugarCook.readAt(request.readC(), pot, place);
        return new SugarView(
                FigureView.of(cook.read()),
                FigureView.of(cook.truth()),
                FigureView.of(cook.seaLevel()),
                FigureView.of(cook.water()),
                FigureView.of(cook.yield()),
                FigureView.of(cook.waterActivity()),
                cook.stage(),
                cook.stage().words(),
                FigureView.of(cook.boilsHere()),
                place.offsetK(),
                cook.cautions().stream().map(SentenceView::of).toList());
    }

    /** A filling set to cool. */
    public record CoolingRequest(
            RecipeDraft recipe,
            CoolingVessel vessel,
            double depthMm,
            double roomC,
            @Nullable Double fromC,
            double pipingC) {}

    /** A school and how the filling stands when its rest is over. */
    public record RestSchoolView(
            RestSchool school,
            String words,
            String says,
            double celsius,
            double solidPercent,
            double firmness,
            String texture) {}

    /** When butter goes in, and what differs. */
    public record ButterSchoolView(ButterSchool school, String words, String says) {}

    /** How it cools and when it pipes. */
    public record CoolingView(
            List<Double> minutes,
            List<Double> celsius,
            List<Double> firmness,
            @Nullable FigureView toPiping,
            @Nullable FigureView opens,
            @Nullable FigureView closes,
            FigureView after24h,
            List<RestSchoolView> schools,
            List<ButterSchoolView> butter) {}

    @Transactional(readOnly = true)
    public CoolingView cooling(final CoolingRequest request) {
        final Cooked cooked = reader.read("draft", request.recipe()).filling().cooked();
        final double hot =
                cooked.stages().stream()
                        .mapToDouble(Cooked.Stage::temperatureC)
                        .filter(t -> t > 25)
                        .reduce((first, last) -> last)
                        .orElse(40);
        final double fromC = request.fromC() == null ? Math.min(100, hot) : request.fromC();
        final CoolingVessel vessel =
                request.vessel() == null ? CoolingVessel.BOWL : request.vessel();
        final Cooling cooling =
                Cooling.of(
                        cooked,
                        new Cooling.Where(
                                vessel,
                                request.depthMm(),
                                request.roomC(),
                                fromC,
                                request.pipingC()));
        return new CoolingView(
                cooling.path().stream().map(Cooling.At::minutes).toList(),
                cooling.path().stream().map(Cooling.At::celsius).toList(),
                cooling.path().stream().map(a -> Texture.firmness(a.pascal())).toList(),
                cooling.toPiping().stream().findFirst().map(FigureView::of).orElse(null),
                cooling.windowOpens().stream().findFirst().map(FigureView::of).orElse(null),
                cooling.windowCloses().stream().findFirst().map(FigureView::of).orElse(null),
                FigureView.of(cooling.final24h()),
                Arrays.stream(RestSchool.values())
                        .map(s -> school(s, cooked, vessel, request.depthMm(), fromC))
                        .toList(),
                Arrays.stream(ButterSchool.values())
                        .map(b -> new ButterSchoolView(b, b.words(), b.says()))
                        .toList());
    }

    private static RestSchoolView school(
            final RestSchool school,
            final Cooked cooked,
            final CoolingVessel vessel,
            final double depthMm,
            final double fromC) {
        final Cooling.At end = school.end(cooked, vessel, depthMm, fromC);
        return new RestSchoolView(
                school,
                school.words(),
                school.says(),
                end.celsius(),
                end.solidPercent(),
                Texture.firmness(end.pascal()),
                TextureClass.of(end.pascal()).words());
    }

    /** A filling gone wrong. */
    public record MendRequest(RecipeDraft recipe, Fault fault) {}

    /** A cause, and how strongly the numbers speak for it. */
    public record CauseView(SentenceView words, double likely) {}

    /** Something to do, and the figures that follow. */
    public record RemedyView(
            SentenceView words,
            @Nullable String ingredient,
            double grams,
            @Nullable SheetView after) {}

    /** Why it went wrong and what mends it. */
    public record MendView(
            Fault fault, String words, List<CauseView> causes, List<RemedyView> remedies) {}

    @Transactional(readOnly = true)
    public MendView mend(final MendRequest request) {
        if (request.fault() == null) {
            throw new OutOfRangeException("fault", "missing", "what is wrong with it");
        }
        final List<Operation> operations =
                reader.read("draft", request.recipe()).filling().operations();
        final Rescue rescue = Rescue.of(request.fault(), operations, WATER, Conditions.USUAL);
        return new MendView(
                rescue.fault(),
                rescue.fault().words(),
                rescue.causes().stream()
                        .map(c -> new CauseView(SentenceView.of(c.words()), c.likely()))
                        .toList(),
                rescue.remedies().stream()
                        .map(
                                r ->
                                        new RemedyView(
                                                SentenceView.of(r.words()),
                                                r.ingredient().orElse(null),
                                                r.grams(),
                                                r.after()
                                                        .map(
                                                                a ->
                                                                        sheet(
                                                                                a,
                                                                                request.recipe()
                                                                                        .styleOrUsual()))
                                                        .orElse(null)))
                        .toList());
    }

    private static SheetView sheet(final Appraisal appraisal, final Style style) {
        return SheetView.of(FillingFigures.of(appraisal, style.bands(), Map.of()), new double[0]);
    }

    /**
     * A recipe to be made bigger or smaller; one of the three.
     *
     * @param line counted from 0, with grams at hand
     * @param vesselMl what the blender or pan holds
     * @param leftoverG what will be left over
     */
    public record ScaleRequest(
            RecipeDraft recipe,
            @Nullable Double factor,
            @Nullable Double yieldG,
            @Nullable Integer line,
            @Nullable Double grams,
            @Nullable Double vesselMl,
            @Nullable Double leftoverG) {}

    /** The label of a jar. */
    public record LeftoverView(
            String name,
            double grams,
            LocalDate made,
            LocalDate useBy,
            boolean keepCold,
            List<Allergen> allergens,
            List<SentenceView> ideas) {}

    /** The recipe in its new size. */
    public record ScaleView(
            double factor,
            double yieldG,
            int rounds,
            List<SentenceView> says,
            RecipeDraft recipe,
            @Nullable LeftoverView leftover) {}

    @Transactional(readOnly = true)
    public ScaleView scale(final ScaleRequest request) {
        final List<Operation> operations =
                reader.read("draft", request.recipe()).filling().operations();
        final double vessel = request.vesselMl() == null ? 0 : request.vesselMl();
        final Scaling scaling;
        if (request.yieldG() != null) {
            scaling = Scaling.toYield(operations, request.yieldG(), vessel);
        } else if (request.line() != null && request.grams() != null) {
            scaling = Scaling.toLine(operations, request.line(), request.grams(), vessel);
        } else {
            scaling =
                    Scaling.by(operations, request.factor() == null ? 1 : request.factor(), vessel);
        }
        return new ScaleView(
                scaling.factor(),
                scaling.yieldG(),
                scaling.rounds(),
                scaling.says().stream().map(SentenceView::of).toList(),
                FillingBooks.draft(
                        request.recipe().name(),
                        request.recipe().styleOrUsual(),
                        scaling.operations(),
                        request.recipe().version()),
                leftover(request, operations));
    }

    private static LeftoverView leftover(
            final ScaleRequest request, final List<Operation> operations) {
        if (request.leftoverG() == null) {
            return null;
        }
        final Leftover jar =
                Leftover.of(
                        request.recipe().name(),
                        request.leftoverG(),
                        LocalDate.now(),
                        FillingFigures.of(
                                Appraisal.of(Cooking.cook(operations), Conditions.USUAL),
                                request.recipe().styleOrUsual().bands(),
                                Map.of()));
        return new LeftoverView(
                jar.name(),
                jar.grams(),
                jar.made(),
                jar.useBy(),
                jar.keepCold(),
                List.copyOf(jar.allergens()),
                jar.ideas().stream().map(SentenceView::of).toList());
    }

    /** What a meter showed over a salt. */
    public record SaltReadingDraft(SaltCheck.Salt salt, double shown, double celsius) {}

    /** What a meter showed, to be corrected. */
    public record MeterRequest(double shown, List<SaltReadingDraft> salts) {}

    FigureView meter(final MeterRequest request) {
        return FigureView.of(
                SaltCheck.corrected(
                        request.shown(),
                        request.salts() == null
                                ? List.of()
                                : request.salts().stream()
                                        .map(
                                                s ->
                                                        new SaltCheck.Reading(
                                                                s.salt(), s.shown(), s.celsius()))
                                        .toList()));
    }
}
