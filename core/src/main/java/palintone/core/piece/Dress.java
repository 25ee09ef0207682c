package palintone.core.piece;

import java.util.List;
import palintone.core.figure.OutOfRangeException;

/**
 * What a piece wears.
 *
 * @param colours in the mould, the one seen outermost first
 * @param finishes in the order in which they are done
 */
public record Dress(List<ColourCoat> colours, List<Finish> finishes) {

    /** Nothing. */
    public static final Dress NONE = new Dress(List.of(), List.of());

    private static final int MOST = 6;

    /** The mould shows no more than this of colour: it would crack off the piece; practice. */
    private static final double THICKEST_MM = 0.8;

    /**
     * @throws OutOfRangeException when there are too many, or the films together are too thick
     */
    public Dress {
        colours = List.copyOf(colours);
        finishes = List.copyOf(finishes);
        most("colours", colours.size());
        most("finishings", finishes.size());
        final double film = colours.stream().mapToDouble(ColourCoat::thicknessMm).sum();
        if (film > THICKEST_MM) {
            throw new OutOfRangeException(
                    "colour films together",
                    Math.round(film * 100) / 100.0 + " mm",
                    "up to " + THICKEST_MM + " mm");
        }
    }

    /** One colour and no finishing, or nothing at all. */
    static Dress of(final java.util.Optional<ColourCoat> colour) {
        return new Dress(colour.stream().toList(), List.of());
    }

    private static void most(final String what, final int many) {
        if (many > MOST) {
            throw new OutOfRangeException(what, String.valueOf(many), "up to " + MOST);
        }
    }
}
