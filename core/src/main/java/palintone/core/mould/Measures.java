package palintone.core.mould;

import java.util.List;

/**
 * The measures of a cavity as the maker writes them down. Each shape uses those it asks for; the
 * others are zero or empty.
 *
 * @param shape which
 * @param lengthMm diameter of the opening, length of a bar, or the blunt half of an egg, mm
 * @param widthMm of a bar, an egg or an opening, mm
 * @param depthMm rim to floor, mm
 * @param floorMm diameter of the floor, or the pointed half of an egg, mm
 * @param draftDegrees lean of the walls from upright, degrees
 * @param waterG that fills it to the brim, g
 * @param waterC how warm that water is, °C
 * @param outline profile from the rim to the floor, or opening seen from above, mm
 */
public record Measures(
        Shape shape,
        double lengthMm,
        double widthMm,
        double depthMm,
        double floorMm,
        double draftDegrees,
        double waterG,
        double waterC,
        List<Outline.Point> outline) {

    public Measures {
        outline = List.copyOf(outline);
    }

    /**
     * The hollow of these measures.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of them is impossible
     */
    public Cavity cavity() {
        return shape.cavity(this);
    }
}
