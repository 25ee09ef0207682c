package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.casting.CastPlan;
import palintone.core.casting.shell.FigureWall;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.process.Process;
import palintone.core.substance.Portion;
import palintone.core.temper.Couverture;

/**
 * A hollow figure: one shell with an open back, or halves that are joined; on a base or without.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param mould a cavity is one part of it
 * @param couverture it is cast of
 * @param shellMm thickness of its wall, mm
 * @param parts of it, 1 or 2; a mould holds all of one figure
 * @param joining how two parts become one
 * @param base it stands on
 * @param second what of it is of another couverture
 * @param dress colours in the mould, finishings on it
 */
public record HollowFigure(
        String id,
        String name,
        Mould mould,
        Couverture couverture,
        double shellMm,
        int parts,
        Joining joining,
        Optional<Base> base,
        Optional<Second> second,
        Decoration dress)
        implements ShelledPiece {

    /** What is poured into less does not run out again; common practice, no source. */
    private static final double LEAST_OPENING_MM = 10;

    /** Thinner than this nothing is cast. */
    private static final double LEAST_COAT_MM = 0.5;

    /** A wall so much thinner than wanted breaks in the hand. */
    private static final double THIN = 0.8;

    private static final double THICK = 1.8;

    /** How parts become one. */
    public enum Joining {
        WARM_PLATE("rims melted on a warm plate"),
        CHOCOLATE("a seam of chocolate in temper"),
        CLOSED_MOULD("cast as one in a closed mould");

        private final String words;

        Joining(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How a figure comes onto its base. */
    public enum BaseStanding {
        SOFT("set into it while it is soft"),
        GLUED("cast before and glued on");

        private final String words;

        BaseStanding(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What of a figure is of another couverture, out of one bowl: a thin coat outside, its base, or
     * both.
     *
     * @param couverture of it
     * @param outerMm of the coat that is cast first, 0.5 to 4; 0 where there is none
     * @param brushed whether that coat is brushed into the mould and not poured: thinner than a
     *     bowl runs off
     * @param base whether the base is of it
     */
    public record Second(Couverture couverture, double outerMm, boolean brushed, boolean base) {

        /** Its outer coat poured, where there is one. */
        public Second(final Couverture couverture, final double outerMm, final boolean base) {
            this(couverture, outerMm, false, base);
        }

        /**
         * @throws OutOfRangeException when the coat is impossible, or nothing is of it
         */
        public Second {
            if (outerMm != 0) {
                Require.between("outer coat", outerMm, LEAST_COAT_MM, 4, "mm");
            }
            if (outerMm == 0 && !base) {
                throw new OutOfRangeException(
                        "what is of the other couverture", "nothing", "an outer coat or the base");
            }
        }
    }

    /**
     * A plate it stands on, poured on film.
     *
     * @param acrossMm 10 to 400
     * @param thickMm 1 to 20
     * @param standing how the figure comes onto it
     */
    public record Base(double acrossMm, double thickMm, BaseStanding standing) {

        /**
         * @throws OutOfRangeException when a number is impossible
         */
        public Base {
            Require.between("base across", acrossMm, 10, 400, "mm");
            Require.between("thickness of the base", thickMm, 1, 20, "mm");
        }

        double ml() {
            return Math.PI * acrossMm * acrossMm / 4 * thickMm / 1000;
        }
    }

    /**
     * Allowed: wall of the figure 0.8 to 12 mm.
     *
     * @throws OutOfRangeException when the wall does not fit, or a mould does not hold one figure
     */
    public HollowFigure {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        Require.between("parts of the figure", parts, 1, 2, "");
        Require.between("wall of the figure", shellMm, 0.8, 12, "mm");
        final double openingMm = 2 * Math.sqrt(mould.cavity().rimAreaMm2() / Math.PI);
        if (openingMm < LEAST_OPENING_MM) {
            throw new OutOfRangeException(
                    "opening of the figure",
                    Math.round(openingMm * 10) / 10.0 + " mm across",
                    "at least "
                            + Math.round(LEAST_OPENING_MM)
                            + " mm: chocolate must run in and out again");
        }
        mould.cavity().inset(shellMm);
        second.ifPresent(other -> check(other, couverture, shellMm, base.isPresent()));
        if (mould.usable() < parts) {
            throw new OutOfRangeException(
                    "mould of the figure",
                    mould.usable() + " usable cavities",
                    "at least " + parts + ": write both halves as cavities of one mould");
        }
    }

    /** Set into its base, of one couverture. */
    public HollowFigure(
            final String id,
            final String name,
            final Mould mould,
            final Couverture couverture,
            final double shellMm,
            final int parts,
            final Joining joining,
            final Optional<Base> base,
            final Decoration dress) {
        this(id, name, mould, couverture, shellMm, parts, joining, base, Optional.empty(), dress);
    }

    private static void check(
            final Second second,
            final Couverture wall,
            final double shellMm,
            final boolean hasBase) {
        if (second.couverture().ingredient().id().equals(wall.ingredient().id())) {
            throw new OutOfRangeException(
                    "second couverture", wall.ingredient().name(), "another couverture");
        }
        if (second.base() && !hasBase) {
            throw new OutOfRangeException(
                    "base of the second couverture", "no base", "a base, or only an outer coat");
        }
        if (second.outerMm() > 0) {
            Require.between(
                    "outer coat",
                    second.outerMm(),
                    LEAST_COAT_MM,
                    Math.max(LEAST_COAT_MM, shellMm - LEAST_COAT_MM),
                    "mm");
        }
    }

    @Override
    public Optional<Second> outer() {
        return second.filter(s -> s.outerMm() > 0);
    }

    /** What is of another couverture outside, mm. */
    double outerMm() {
        return second.map(Second::outerMm).orElse(0.0);
    }

    /** What its base is of. */
    Couverture baseOf() {
        return second.filter(Second::base).map(Second::couverture).orElse(couverture);
    }

    /** What is left to cast the wall into. */
    Cavity inside() {
        return outerMm() == 0 ? mould.cavity() : mould.cavity().inset(outerMm());
    }

    @Override
    public double outerG() {
        return masses().outer().map(Figure::value).orElse(0.0);
    }

    @Override
    public double outerBrimG() {
        return HollowMasses.outerBrimG(this);
    }

    @Override
    public List<Portion> chocolate() {
        final HollowMasses each = masses();
        final List<Portion> both = new ArrayList<>();
        both.add(new Portion(couverture.ingredient(), each.couvertureG()));
        second.ifPresent(
                other ->
                        both.add(
                                new Portion(
                                        other.couverture().ingredient(),
                                        each.whole().value() - each.couvertureG())));
        return List.copyOf(both);
    }

    @Override
    public ShelledPiece asItWillBe(final Materials needs, final Workplace place) {
        if (outer().isEmpty()) {
            return ShelledPiece.super.asItWillBe(needs, place);
        }
        final CastPlan plan = casting(needs, place);
        final double outerMm = plan.outer().orElseThrow().meanMm();
        if (same(outerMm, outerMm()) && same(plan.wallMm(), shellMm)) {
            return this;
        }
        try {
            return new HollowFigure(
                    id,
                    name,
                    mould,
                    couverture,
                    plan.wallMm(),
                    parts,
                    joining,
                    base,
                    second.map(s -> new Second(s.couverture(), outerMm, s.brushed(), s.base())),
                    dress);
        } catch (final OutOfRangeException tooThick) {
            return this;
        }
    }

    private static boolean same(final double will, final double wish) {
        return Math.abs(will - wish) <= SAME_SHARE * wish;
    }

    @Override
    public Optional<Sentence> wishedOtherwise(final Piece made) {
        if (made instanceof HollowFigure will && !same(will.outerMm(), outerMm())) {
            return Optional.of(
                    Sentence.of(
                                    "An outer coat of {outer} in a wall of {wish} is wished; these"
                                            + " bowls make {is} in {will}, and all else here is"
                                            + " reckoned with that.")
                            .with("outer", outerMm(), Unit.MILLIMETRE)
                            .with("wish", shellMm, Unit.MILLIMETRE)
                            .with("is", will.outerMm(), Unit.MILLIMETRE)
                            .with("will", will.shellMm(), Unit.MILLIMETRE));
        }
        return ShelledPiece.super.wishedOtherwise(made);
    }

    /** Whether its two halves are closed before they are turned. */
    boolean closed() {
        return parts == 2 && joining == Joining.CLOSED_MOULD;
    }

    /** Whether two halves are cast open and joined afterwards. */
    boolean joinedLater() {
        return parts == 2 && joining != Joining.CLOSED_MOULD;
    }

    /** Surface of the whole figure, mm². */
    double surfaceMm2() {
        return parts * mould.cavity().wallAreaMm2();
    }

    /** What it takes to be picked up, mm. */
    public double wantedMm() {
        return FigureWall.wantedMm(surfaceMm2(), couverture.castingDensityGPerMl());
    }

    /** The hollow inside one part. */
    Cavity hollow() {
        return mould.cavity().inset(shellMm);
    }

    @Override
    public List<Figure> qualities(final double roomC) {
        final double wanted = wantedMm();
        return List.of(
                Figure.of(
                                "wall",
                                shellMm,
                                Unit.MILLIMETRE,
                                Basis.of("as wished; the band is what bears being picked up")
                                        .with("wanted", wanted, Unit.MILLIMETRE)
                                        .with("surface (cm²)", surfaceMm2() / 100, Unit.ONE)
                                        .from(FigureWall.SOURCE))
                        .within(
                                new Band(
                                        wanted * THIN * 0.8,
                                        wanted * THIN,
                                        wanted * 1.4,
                                        wanted * THICK)));
    }

    @Override
    public int cavitiesEach() {
        return parts;
    }

    @Override
    public HollowMasses masses() {
        return HollowMasses.of(this);
    }

    @Override
    public Section section() {
        return HollowMasses.section(this);
    }

    @Override
    public Materials materials(
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        return Turns.materials(this, size, so -> HollowMaterials.of(this, so, habits));
    }

    @Override
    public CastPlan casting(final Materials needs, final Workplace place) {
        return ShellTasks.plan(this, needs, place);
    }

    @Override
    public Process process(final Materials needs, final Workplace place) {
        return HollowProcess.lay(this, needs, place);
    }

    @Override
    public HollowFigure withShell(final double mm) {
        return new HollowFigure(
                id, name, mould, couverture, mm, parts, joining, base, second, dress);
    }

    @Override
    public List<Sentence> remarks() {
        final List<Sentence> remarks = new ArrayList<>();
        final double wanted = wantedMm();
        if (shellMm < THIN * wanted) {
            remarks.add(
                    Sentence.of(
                                    "{is} breaks under a thumb at this size: {wanted} bears being"
                                            + " picked up.")
                            .with("is", shellMm, Unit.MILLIMETRE)
                            .with("wanted", wanted, Unit.MILLIMETRE));
        } else if (shellMm > THICK * wanted) {
            remarks.add(
                    Sentence.of("{is} is more than it needs: {wanted} bears being picked up.")
                            .with("is", shellMm, Unit.MILLIMETRE)
                            .with("wanted", wanted, Unit.MILLIMETRE));
        }
        if (parts == 1) {
            remarks.add(Sentence.of("Its back stays open: it lies, or leans, or wants a plate."));
        }
        return remarks;
    }
}
