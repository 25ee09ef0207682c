package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import palintone.core.figure.Require;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;

/** An operation while it is being read out of its clause. */
final class Draft {

    OperationKind kind;
    final Clause clause;
    final List<WrittenLine> lines = new ArrayList<>();
    final Map<OperationSetting, Double> settings = new EnumMap<>(OperationSetting.class);
    final List<OperationSetting> asks = new ArrayList<>();

    /** Which pot it is done to, and what it takes out of another; null where nothing. */
    int pot;

    FromPot from;

    /** Whether it goes by how it looks, with the custom of that. */
    boolean byLook;

    Draft(final OperationKind kind, final Clause clause) {
        this.kind = kind;
        this.clause = clause;
    }

    boolean knows(final OperationSetting setting) {
        return kind.defaults().containsKey(setting);
    }

    /** What no pot does is refused with the words it stands in. */
    void set(final OperationSetting setting, final double value, final String where) {
        final String said = where.strip().toLowerCase(java.util.Locale.ROOT);
        settings.put(
                setting,
                Require.between(
                        "recipe text, “"
                                + said.substring(0, Math.min(60, said.length()))
                                + "”: "
                                + setting.words(),
                        value,
                        setting.low(),
                        setting.high(),
                        setting.unit().symbol()));
    }

    /** Numbers that ought to be said of this kind and were not: nobody guesses how hot egg got. */
    void ask() {
        final boolean byHeat =
                switch (kind) {
                    case COOK_SUGAR, CARAMELISE, TEMPER_YOLKS, HEAT -> true;
                    default -> false;
                };
        if (byHeat && !settings.containsKey(OperationSetting.TEMPERATURE_C)) {
            asks.add(OperationSetting.TEMPERATURE_C);
        }
        if (kind == OperationKind.BOIL_DOWN
                && !settings.containsKey(OperationSetting.MASS_G)
                && !settings.containsKey(OperationSetting.PERCENT)) {
            asks.add(OperationSetting.MASS_G);
        }
    }

    WrittenRecipe.Doing doing() {
        return new WrittenRecipe.Doing(
                kind,
                List.copyOf(lines),
                Map.copyOf(settings),
                List.copyOf(asks),
                pot,
                Optional.ofNullable(from));
    }
}
