package palintone.server.filling;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Filling;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.KitchenUnit;
import palintone.server.larder.IngredientEntity;
import palintone.server.larder.LarderService;

/** Turns a draft into what the core cooks; a refusal names operation and line. */
@Component
class RecipeReader {

    private final LarderService larder;

    RecipeReader(final LarderService larder) {
        this.larder = larder;
    }

    /** A recipe for the core, and the rows for the books. */
    record Read(Filling filling, List<StepRow> steps, List<LineRow> lines) {

        List<String> pots() {
            return filling.pots();
        }
    }

    /**
     * @throws OutOfRangeException when something in it is impossible
     */
    @Transactional(readOnly = true)
    public Read read(final String id, final RecipeDraft draft) {
        if (draft.operations() == null || draft.operations().isEmpty()) {
            throw new OutOfRangeException("operations", "none", "at least one");
        }
        final Map<String, IngredientEntity> known = known(draft);
        final List<Operation> operations = new ArrayList<>();
        final List<LineRow> rows = new ArrayList<>();
        for (int i = 0; i < draft.operations().size(); i++) {
            final RecipeDraft.OperationDraft op = draft.operations().get(i);
            if (op == null || op.kind() == null) {
                throw new OutOfRangeException(
                        "operation " + (i + 1), "without a kind", "one of the operations");
            }
            final List<RecipeLine> lines = new ArrayList<>();
            for (int k = 0; k < drafts(op).size(); k++) {
                final RecipeDraft.RecipeLineDraft line = drafts(op).get(k);
                final IngredientEntity entity = known.get(line.ingredient());
                try {
                    final KitchenUnit unit = KitchenUnit.ofSymbol(line.unit());
                    lines.add(new RecipeLine(entity.ingredient(), line.amount(), unit));
                    rows.add(new LineRow(i, entity, line.amount(), unit));
                } catch (OutOfRangeException e) {
                    throw e.inside(
                            "operation " + (i + 1) + ", line " + (k + 1) + " " + entity.name());
                }
            }
            try {
                operations.add(op.operation(lines, settings(op)));
            } catch (OutOfRangeException e) {
                throw e.inside("operation " + (i + 1) + ",");
            }
        }
        final Filling filling =
                new Filling(
                        id, Require.text("name", draft.name(), 120), operations, draft.potNames());
        return new Read(filling, operations.stream().map(StepRow::new).toList(), rows);
    }

    private static Map<OperationSetting, Double> settings(final RecipeDraft.OperationDraft op) {
        final Map<OperationSetting, Double> settings = new EnumMap<>(OperationSetting.class);
        if (op.settings() != null) {
            op.settings()
                    .forEach(
                            (setting, value) -> {
                                if (value != null) {
                                    settings.put(setting, value);
                                }
                            });
        }
        return settings;
    }

    private static List<RecipeDraft.RecipeLineDraft> drafts(final RecipeDraft.OperationDraft op) {
        return op.lines() == null ? List.of() : op.lines();
    }

    private Map<String, IngredientEntity> known(final RecipeDraft draft) {
        final Set<String> ids = new LinkedHashSet<>();
        int lines = 0;
        for (final RecipeDraft.OperationDraft op : draft.operations()) {
            for (final RecipeDraft.RecipeLineDraft line :
                    op == null ? List.<RecipeDraft.RecipeLineDraft>of() : drafts(op)) {
                ids.add(Require.text("ingredient", line.ingredient(), 64));
                lines++;
            }
        }
        if (lines > Filling.MOST_LINES) {
            throw new OutOfRangeException(
                    "recipe", lines + " lines", "up to " + Filling.MOST_LINES);
        }
        return larder.byIds(ids);
    }
}
