package palintone.core.mould;

import java.util.List;
import palintone.core.figure.Require;
import palintone.core.figure.Unit;

/** The shapes a cavity can be written down as, and the measures each asks for. */
public enum Shape {
    HALF_SPHERE("Half sphere", Asked.length("Diameter", 28)) {
        @Override
        Cavity cavity(final Measures m) {
            return new HalfSphere(m.lengthMm());
        }
    },
    DOME("Dome", Asked.length("Diameter", 26), Asked.depth(24)) {
        @Override
        Cavity cavity(final Measures m) {
            return new Dome(m.lengthMm(), m.depthMm());
        }
    },
    FRUSTUM(
            "Cone, cut off",
            Asked.length("Diameter of the opening", 30),
            new Asked(Ask.FLOOR, "Diameter of the floor", Unit.MILLIMETRE, 22),
            Asked.depth(16)) {
        @Override
        Cavity cavity(final Measures m) {
            return new Frustum(m.lengthMm(), m.floorMm(), m.depthMm());
        }
    },
    DISC("Disc", Asked.length("Diameter", 40), Asked.depth(6), Asked.draft()) {
        @Override
        Cavity cavity(final Measures m) {
            return Frustum.disc(m.lengthMm(), m.depthMm(), m.draftDegrees());
        }
    },
    BAR("Bar", Asked.length("Length", 44), Asked.width(22), Asked.depth(14), Asked.draft()) {
        @Override
        Cavity cavity(final Measures m) {
            return new Bar(m.lengthMm(), m.widthMm(), m.depthMm(), m.draftDegrees());
        }
    },
    EGG(
            "Egg half",
            Asked.length("Widest place to blunt end", 28),
            new Asked(Ask.FLOOR, "Widest place to pointed end", Unit.MILLIMETRE, 40),
            Asked.width(48)) {
        @Override
        Cavity cavity(final Measures m) {
            return new HalfEgg(m.lengthMm(), m.floorMm(), m.widthMm());
        }
    },
    TURNED(
            "Round, own profile",
            new Asked(Ask.OUTLINE, "Profile from the rim to the floor", Unit.MILLIMETRE, 0)) {
        @Override
        Cavity cavity(final Measures m) {
            return new Turned(m.outline());
        }
    },
    PULLED(
            "Flat, own outline",
            Asked.depth(12),
            Asked.draft(),
            new Asked(Ask.OUTLINE, "Opening seen from above", Unit.MILLIMETRE, 0)) {
        @Override
        Cavity cavity(final Measures m) {
            return new Pulled(m.outline(), m.depthMm(), m.draftDegrees());
        }
    },
    WEIGHED(
            "Weighed with water",
            new Asked(Ask.WATER, "Water to the brim", Unit.GRAM, 6),
            new Asked(Ask.WATER_WARMTH, "Water is", Unit.CELSIUS, 20),
            Asked.length("Length of the opening", 30),
            Asked.width(30),
            Asked.depth(14)) {
        @Override
        Cavity cavity(final Measures m) {
            // An opening longer than wide is taken as an ellipse.
            final double openingMm2 = Math.PI / 4 * m.lengthMm() * m.widthMm();
            final double boxG =
                    openingMm2 * m.depthMm() / 1000 * WaterWeighing.densityGPerMl(m.waterC());
            // What was weighed is what is refused: grams, not millilitres.
            Require.between(
                    "water to the brim",
                    m.waterG(),
                    Turned.LEAST_OF_BOX * boxG,
                    Turned.MOST_OF_BOX * boxG,
                    "g");
            return Turned.holding(
                    openingMm2, m.depthMm(), WaterWeighing.ml(m.waterG(), m.waterC()));
        }
    };

    private final String words;
    private final List<Asked> asks;

    Shape(final String words, final Asked... asks) {
        this.words = words;
        this.asks = List.of(asks);
    }

    abstract Cavity cavity(Measures measures);

    /** As the maker says it. */
    public String words() {
        return words;
    }

    /** What has to be measured of it, in the order one measures. */
    public List<Asked> asks() {
        return asks;
    }

    /** Whether its outline is drawn point by point. */
    public boolean isDrawn() {
        return asks.stream().anyMatch(asked -> asked.ask() == Ask.OUTLINE);
    }

    /** A measure that a shape may ask for. */
    public enum Ask {
        LENGTH,
        WIDTH,
        DEPTH,
        FLOOR,
        DRAFT,
        WATER,
        WATER_WARMTH,
        OUTLINE
    }

    /**
     * A measure as one shape asks for it.
     *
     * @param ask which
     * @param words as the maker says it
     * @param unit it is measured in
     * @param usual a value to begin with, in that unit
     */
    public record Asked(Ask ask, String words, Unit unit, double usual) {

        private static Asked length(final String words, final double usualMm) {
            return new Asked(Ask.LENGTH, words, Unit.MILLIMETRE, usualMm);
        }

        private static Asked width(final double usualMm) {
            return new Asked(Ask.WIDTH, "Width", Unit.MILLIMETRE, usualMm);
        }

        private static Asked depth(final double usualMm) {
            return new Asked(Ask.DEPTH, "Depth", Unit.MILLIMETRE, usualMm);
        }

        private static Asked draft() {
            return new Asked(Ask.DRAFT, "Lean of the walls", Unit.DEGREE, 8);
        }
    }
}
