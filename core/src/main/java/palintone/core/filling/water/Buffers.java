package palintone.core.filling.water;

import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;

/**
 * What holds the pH of what is in a pot: acids, proteins and minerals, each pulling towards the pH
 * of the ingredient it came with. They are carried along gram by gram as water is: what is cut
 * away, strained out or folded in as dry pieces takes its own along.
 *
 * <p>The pH is the mean of the ingredients' pH weighed by what buffers them (acid 1, ash .2,
 * protein .12, fat-free cocoa .07, milk solids .06, water .001); an estimate within ±0.4,
 * calibrated here, to be replaced by a measurement. Mutable, used by one pot only.
 */
public final class Buffers {

    public static final Source SOURCE =
            Source.calibrated("pH of the ingredients weighed by what buffers them; within ±0.4");

    /** Water by itself, and what has no acid and says nothing of its own. */
    private static final double NEUTRAL = 7;

    private static final double BY_WATER = 0.001;

    private double capacity;
    private double pull;

    /** Puts an ingredient's own in. */
    public void add(final Ingredient ingredient, final double massG) {
        final double more = massG * capacity(ingredient.composition());
        capacity += more;
        pull += more * ph(ingredient);
    }

    /** Puts those of something else in as well. */
    public void add(final Buffers other) {
        capacity += other.capacity;
        pull += other.pull;
    }

    /** What an ingredient brought lies apart from now on. */
    public void moveTo(final Buffers other, final Ingredient ingredient, final double massG) {
        other.add(ingredient, massG);
        final double less = massG * capacity(ingredient.composition());
        capacity = Math.max(0, capacity - less);
        pull = Math.max(0, pull - less * ph(ingredient));
    }

    /** Keeps a share of them, 0 to 1; the rest is gone. */
    public void keep(final double share) {
        capacity *= share;
        pull *= share;
    }

    /** Takes a share of them out, 0 to 1. */
    public Buffers take(final double share) {
        final Buffers out = new Buffers();
        out.capacity = share * capacity;
        out.pull = share * pull;
        keep(1 - share);
        return out;
    }

    /** Takes all of them out. */
    public Buffers takeAll() {
        return take(1);
    }

    /**
     * Of what they are dissolved in, 0 to 14.
     *
     * @param waterG grams of water, 0 or more
     */
    public double ph(final double waterG) {
        final double all = capacity + BY_WATER * waterG;
        return all > 0 ? (pull + BY_WATER * waterG * NEUTRAL) / all : NEUTRAL;
    }

    private static double capacity(final Composition c) {
        return c.fraction(Component.ORGANIC_ACID)
                + c.fraction(Component.PROTEIN) * 0.12
                + c.fraction(Component.MILK_SOLIDS) * 0.06
                + c.fraction(Component.COCOA_SOLIDS) * 0.07
                + c.fraction(Component.ASH) * 0.2;
    }

    /** What the larder says, or what its acid suggests. */
    private static double ph(final Ingredient ingredient) {
        if (ingredient.traits().ph().isPresent()) {
            return ingredient.traits().ph().getAsDouble();
        }
        final Composition c = ingredient.composition();
        final double acid = c.fraction(Component.ORGANIC_ACID);
        if (acid > 0.003) {
            return Math.max(2.2, 3.9 - 0.8 * Math.log10(acid / 0.003));
        }
        return c.fraction(Component.COCOA_SOLIDS) > 0.02 ? 5.7 : 6.4;
    }
}
