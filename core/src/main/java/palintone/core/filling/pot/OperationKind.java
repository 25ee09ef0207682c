package palintone.core.filling.pot;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * What makers do with a filling, to one pot at a time. Defaults are common practice without a
 * source; a default of {@link Double#NaN} must be given by the maker, and of two such one.
 */
public enum OperationKind {
    ADD("add", Lines.WANTED, Acts::add),
    BOIL(
            "boil",
            Lines.TAKEN,
            Acts::boil,
            OperationSetting.MINUTES,
            0.2,
            OperationSetting.PERCENT,
            1.5),
    HEAT(
            "heat to",
            Lines.TAKEN,
            Acts::heat,
            OperationSetting.TEMPERATURE_C,
            80.0,
            OperationSetting.MINUTES,
            0.2),
    POUR("pour over", Lines.WANTED, Acts::pour, OperationSetting.MINUTES, 2.0),
    INFUSE(
            "infuse and strain",
            Lines.WANTED,
            Acts::infuse,
            OperationSetting.HOURS,
            0.5,
            OperationSetting.TEMPERATURE_C,
            20.0,
            OperationSetting.RETENTION,
            1.5),
    COOK_FRUIT(
            "cook fruit",
            Lines.TAKEN,
            Acts::boil,
            OperationSetting.MINUTES,
            5.0,
            OperationSetting.PERCENT,
            2.0),
    TRIM("peel, stone and trim", Lines.WANTED, Acts::trim),
    BLEND("blend", Lines.TAKEN, Acts::blend, OperationSetting.PERCENT, 1.0),
    SIEVE("sieve", Lines.NONE, Acts::sieve, OperationSetting.PERCENT, 90.0),
    DRAIN("drain, not pressed", Lines.NONE, Acts::drain, OperationSetting.PERCENT, 37.0),
    BOIL_DOWN(
            "boil down",
            Lines.TAKEN,
            Acts::boilDown,
            OperationSetting.MASS_G,
            Double.NaN,
            OperationSetting.PERCENT,
            Double.NaN),
    COOK_SUGAR("cook sugar", Lines.TAKEN, Acts::cookSugar, OperationSetting.TEMPERATURE_C, 116.0),
    CARAMELISE("caramelise", Lines.TAKEN, Acts::caramelise, OperationSetting.TEMPERATURE_C, 175.0),
    CRUSH("crush", Lines.NONE, Acts::crush, OperationSetting.PERCENT, 1.0),
    TEMPER_YOLKS(
            "temper yolks, back to the boil",
            Lines.WANTED,
            Acts::temperYolks,
            OperationSetting.TEMPERATURE_C,
            85.0,
            OperationSetting.MINUTES,
            1.0),
    EMULSIFY("emulsify", Lines.TAKEN, Acts::emulsify, OperationSetting.WIDTH_MM, 160.0),
    COOL("cool", Lines.NONE, Acts::cool, OperationSetting.TEMPERATURE_C, 35.0),
    BUTTER("add butter", Lines.WANTED, Acts::butter, OperationSetting.TEMPERATURE_C, 35.0),
    FOLD("fold in pieces", Lines.WANTED, Acts::fold, OperationSetting.SIZE_MM, 4.0),
    REST(
            "rest",
            Lines.NONE,
            Acts::rest,
            OperationSetting.HOURS,
            24.0,
            OperationSetting.TEMPERATURE_C,
            18.0),
    CUT(
            "cut",
            Lines.NONE,
            Acts::cut,
            OperationSetting.WIDTH_MM,
            22.0,
            OperationSetting.PERCENT,
            6.0),
    FREEZE(
            "freeze",
            Lines.NONE,
            Acts::rest,
            OperationSetting.HOURS,
            12.0,
            OperationSetting.TEMPERATURE_C,
            -18.0);

    /** Whether ingredients go in with an operation. */
    public enum Lines {
        /** It makes no sense without. */
        WANTED,
        /** It may have some. */
        TAKEN,
        /** Nothing goes in. */
        NONE
    }

    /** What it does to the pot. */
    interface Act {
        void on(Pot pot, Operation operation, double[] grams);
    }

    private final String words;
    private final Lines lines;
    private final Act act;
    private final Map<OperationSetting, Double> defaults;

    OperationKind(final String words, final Lines lines, final Act act, final Object... defaults) {
        this.words = words;
        this.lines = lines;
        this.act = act;
        final Map<OperationSetting, Double> map = new EnumMap<>(OperationSetting.class);
        for (int i = 0; i < defaults.length; i += 2) {
            map.put((OperationSetting) defaults[i], (Double) defaults[i + 1]);
        }
        this.defaults = Collections.unmodifiableMap(map);
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }

    public Lines lines() {
        return lines;
    }

    /** Whether something out of another pot may go in with it. */
    public boolean takesFromPot() {
        return lines != Lines.NONE && this != INFUSE;
    }

    /** The settings this operation knows, with the value each has when nothing is said. */
    public Map<OperationSetting, Double> defaults() {
        return defaults;
    }

    /**
     * Whether a setting that is not said comes of what is in the pot, and of no custom: how much
     * passes a sieve is a matter of seeds and skins.
     */
    public boolean isByContent(final OperationSetting setting) {
        return (this == SIEVE || this == DRAIN) && setting == OperationSetting.PERCENT;
    }

    /** What the share in percent is a share of. */
    public String shareWords() {
        return switch (this) {
            case BOIL, COOK_FRUIT -> "water boiled off a minute";
            case SIEVE -> "passes the sieve";
            case DRAIN -> "runs off";
            case CUT -> "lost in trimming";
            case BOIL_DOWN -> "boiled away, of everything";
            default -> "left on the tools";
        };
    }

    /**
     * Whether what lies in the pot in pieces does not stay so: heat melts it, a blade grinds it.
     */
    private boolean breaksPieces() {
        return switch (this) {
            case BOIL,
                    HEAT,
                    COOK_FRUIT,
                    BLEND,
                    SIEVE,
                    DRAIN,
                    BOIL_DOWN,
                    COOK_SUGAR,
                    CARAMELISE,
                    CRUSH,
                    TEMPER_YOLKS ->
                    true;
            default -> false;
        };
    }

    void act(final Pot pot, final Operation operation, final double[] grams) {
        if (breaksPieces()) {
            pot.breakPieces();
            pot.coming.ifPresent(Pot::breakPieces);
        }
        act.on(pot, operation, grams);
    }
}
