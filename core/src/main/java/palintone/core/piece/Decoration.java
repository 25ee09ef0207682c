package palintone.core.piece;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import palintone.core.figure.OutOfRangeException;
import palintone.core.substance.Allergen;

/**
 * What a piece wears.
 *
 * @param colours in the mould, the one seen outermost first
 * @param finishes in the order in which they are done
 */
public record Decoration(List<ColourCoat> colours, List<Finish> finishes) {

    /** Nothing. */
    public static final Decoration NONE = new Decoration(List.of(), List.of());

    private static final int MOST = 6;

    /** The mould shows no more than this of colour: it would crack off the piece; practice. */
    private static final double THICKEST_MM = 0.8;

    /**
     * @throws OutOfRangeException when there are too many, or the films together are too thick
     */
    public Decoration {
        colours = List.copyOf(colours);
        finishes = List.copyOf(finishes);
        most("colours", colours.size());
        most("finishings", finishes.size());
        // A detail lies in its hollow, and not on the others.
        final double film =
                colours.stream()
                        .filter(c -> c.how().medium() != ColourCoat.How.Medium.COUVERTURE)
                        .mapToDouble(ColourCoat::thicknessMm)
                        .sum();
        if (film > THICKEST_MM) {
            throw new OutOfRangeException(
                    "colour films together",
                    Math.round(film * 100) / 100.0 + " mm",
                    "up to " + THICKEST_MM + " mm");
        }
    }

    /** One colour and no finishing, or nothing at all. */
    static Decoration of(final java.util.Optional<ColourCoat> colour) {
        return new Decoration(colour.stream().toList(), List.of());
    }

    /** Every allergen that is known of it. */
    Set<Allergen> allergens() {
        final Set<Allergen> all = new TreeSet<>();
        colours.forEach(coat -> coat.allergens().ifPresent(all::addAll));
        finishes.forEach(finish -> finish.allergens().ifPresent(all::addAll));
        return all;
    }

    /** What is on it of which nobody has said what it holds, by name. */
    List<String> unread() {
        return Stream.concat(
                        colours.stream()
                                .filter(coat -> coat.allergens().isEmpty())
                                .map(ColourCoat::name),
                        finishes.stream()
                                .filter(f -> f.kind().brings() && f.allergens().isEmpty())
                                .map(Finish::brought))
                .distinct()
                .toList();
    }

    private static void most(final String what, final int many) {
        if (many > MOST) {
            throw new OutOfRangeException(what, String.valueOf(many), "up to " + MOST);
        }
    }
}
