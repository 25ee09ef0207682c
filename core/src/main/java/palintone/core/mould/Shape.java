package palintone.core.mould;

import java.util.List;

/** The shapes a cavity can be written down as, and the measures each asks for. */
public enum Shape {
    HALF_SPHERE("Half sphere", Ask.LENGTH) {
        @Override
        Cavity cavity(final Measures m) {
            return new HalfSphere(m.lengthMm());
        }
    },
    DOME("Dome", Ask.LENGTH, Ask.DEPTH) {
        @Override
        Cavity cavity(final Measures m) {
            return new Dome(m.lengthMm(), m.depthMm());
        }
    },
    FRUSTUM("Cone, cut off", Ask.LENGTH, Ask.FLOOR, Ask.DEPTH) {
        @Override
        Cavity cavity(final Measures m) {
            return new Frustum(m.lengthMm(), m.floorMm(), m.depthMm());
        }
    },
    DISC("Disc", Ask.LENGTH, Ask.DEPTH, Ask.DRAFT) {
        @Override
        Cavity cavity(final Measures m) {
            return Frustum.disc(m.lengthMm(), m.depthMm(), m.draftDegrees());
        }
    },
    BAR("Bar", Ask.LENGTH, Ask.WIDTH, Ask.DEPTH, Ask.DRAFT) {
        @Override
        Cavity cavity(final Measures m) {
            return new Bar(m.lengthMm(), m.widthMm(), m.depthMm(), m.draftDegrees());
        }
    },
    EGG("Egg half", Ask.LENGTH, Ask.FLOOR, Ask.WIDTH) {
        @Override
        Cavity cavity(final Measures m) {
            return new HalfEgg(m.lengthMm(), m.floorMm(), m.widthMm());
        }
    },
    TURNED("Round, of your own profile", Ask.OUTLINE) {
        @Override
        Cavity cavity(final Measures m) {
            return new Turned(m.outline());
        }
    },
    PULLED("Flat, of your own outline", Ask.DEPTH, Ask.DRAFT, Ask.OUTLINE) {
        @Override
        Cavity cavity(final Measures m) {
            return new Pulled(m.outline(), m.depthMm(), m.draftDegrees());
        }
    },
    WEIGHED("Weighed with water", Ask.LENGTH, Ask.WIDTH, Ask.DEPTH, Ask.WATER) {
        @Override
        Cavity cavity(final Measures m) {
            // An opening longer than wide is taken as an ellipse.
            return Turned.holding(
                    Math.PI / 4 * m.lengthMm() * m.widthMm(),
                    m.depthMm(),
                    WaterWeighing.ml(m.waterG(), m.waterC()));
        }
    };

    private final String words;
    private final List<Ask> asks;

    Shape(final String words, final Ask... asks) {
        this.words = words;
        this.asks = List.of(asks);
    }

    abstract Cavity cavity(Measures measures);

    /** As the maker says it. */
    public String words() {
        return words;
    }

    /** What has to be measured of it, in the order one measures. */
    public List<Ask> asks() {
        return asks;
    }

    /** A measure that a shape may ask for. */
    public enum Ask {
        LENGTH,
        WIDTH,
        DEPTH,
        FLOOR,
        DRAFT,
        WATER,
        OUTLINE
    }
}
