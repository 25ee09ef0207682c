package palintone.server.filling;

import jakarta.annotation.Nullable;
import org.springframework.stereotype.Component;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.record.Corrections;
import palintone.core.filling.water.BoilingPoint;
import palintone.server.house.HouseService;

/** Reads what lies on the bench: the recipe, where it is cooked, what was measured of it. */
@Component
public class BenchReader {

    private final RecipeReader recipes;
    private final FillingNotes notes;
    private final HouseService houses;

    BenchReader(final RecipeReader recipes, final FillingNotes notes, final HouseService houses) {
        this.recipes = recipes;
        this.notes = notes;
        this.houses = houses;
    }

    /** Call it within a transaction. */
    public OnBench read(final SheetRequest request) {
        final Filling filling = recipes.read("draft", request.recipe()).filling();
        return new OnBench(
                filling.name(), filling.operations(), filling.pots(), conditions(request));
    }

    private Conditions conditions(final SheetRequest request) {
        return new Conditions(
                request.servingC() == null ? Conditions.USUAL.servingC() : request.servingC(),
                request.storageC() == null ? Conditions.USUAL.storageC() : request.storageC(),
                pressureHPa(request.altitudeM()),
                request.filling() == null
                        ? Corrections.NONE
                        : notes.corrections(request.filling()));
    }

    /**
     * Pressure of the air where it is cooked.
     *
     * @param altitudeM of another kitchen than that of the House rules
     */
    double pressureHPa(@Nullable final Double altitudeM) {
        return altitudeM == null
                ? houses.house().pressureHPa()
                : BoilingPoint.pressureHPa(altitudeM);
    }
}
