package palintone.core.filling.read;

import java.util.Map;
import java.util.Optional;
import palintone.core.filling.sugar.SugarColour;
import palintone.core.filling.sugar.SugarStage;

/**
 * How far sugar is cooked by its colour or by a drop in cold water, as recipes say it: the middle
 * of what Cook sugar calls so, at sea level.
 *
 * @param celsius it stands for
 * @param colour whether it is a colour: that says nothing where milk browns in it
 * @param from place of the first of its words
 * @param to past the last
 */
record SugarLook(double celsius, boolean colour, int from, int to) {

    private static final Map<String, SugarStage> DROPS =
            Map.of(
                    "soft ball", SugarStage.SOFT_BALL,
                    "firm ball", SugarStage.FIRM_BALL,
                    "hard ball", SugarStage.HARD_BALL,
                    "soft crack", SugarStage.SOFT_CRACK,
                    "hard crack", SugarStage.HARD_CRACK);

    private static final Map<String, SugarColour.Name> COLOURS =
            Map.of(
                    "straw", SugarColour.Name.STRAW,
                    "golden", SugarColour.Name.GOLD,
                    "gold", SugarColour.Name.GOLD,
                    "amber", SugarColour.Name.AMBER,
                    "mahogany", SugarColour.Name.MAHOGANY);

    /** The first that is said from one place on to another; nothing where none is. */
    static Optional<SugarLook> in(final RecipeReading reading, final int from, final int to) {
        for (int i = from; i < to; i++) {
            final SugarStage drop =
                    i + 1 < to
                            ? DROPS.get(
                                    reading.word(i)
                                            + " "
                                            + reading.word(i + 1).replaceAll("s$", ""))
                            : null;
            if (drop != null) {
                return Optional.of(new SugarLook(drop.middleC(), false, i, i + 2));
            }
            final SugarColour.Name colour = COLOURS.get(reading.word(i));
            if (colour != null && !ClauseWords.isName(reading.word(i), reading.word(i + 1))) {
                final int shade = i > from ? shade(reading.word(i - 1)) : 0;
                return Optional.of(
                        new SugarLook(
                                shaded(colour, shade).middleC(),
                                true,
                                shade == 0 ? i : i - 1,
                                i + 1));
            }
        }
        return Optional.empty();
    }

    /** Whether a drop in water is spoken of: that is sugar, whatever verb stands before. */
    static boolean isDrop(final RecipeReading reading, final int from, final int to) {
        return in(reading, from, to).filter(look -> !look.colour).isPresent();
    }

    private static int shade(final String before) {
        return before.matches("pale|light|blond") ? -1 : before.matches("dark|deep") ? 1 : 0;
    }

    private static SugarColour.Name shaded(final SugarColour.Name colour, final int by) {
        final int last = SugarColour.Name.MAHOGANY.ordinal();
        final int first = SugarColour.Name.STRAW.ordinal();
        return SugarColour.Name.values()[Math.max(first, Math.min(last, colour.ordinal() + by))];
    }
}
