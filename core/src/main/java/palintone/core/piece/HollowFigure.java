package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.casting.CastPlan;
import palintone.core.casting.FigureWall;
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
        Decoration dress)
        implements ShelledPiece {

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

    /**
     * A plate of the same couverture.
     *
     * @param acrossMm 10 to 400
     * @param thickMm 1 to 20
     */
    public record Base(double acrossMm, double thickMm) {

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
     * @throws OutOfRangeException when the wall does not fit, or a mould does not hold one figure
     */
    public HollowFigure {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        Require.between("parts of the figure", parts, 1, 2, "");
        Require.between("wall of the figure", shellMm, 0.8, 12, "mm");
        mould.cavity().inset(shellMm);
        if (mould.usable() < parts) {
            throw new OutOfRangeException(
                    "mould of the figure",
                    mould.usable() + " usable cavities",
                    "at least " + parts + ": write both halves as cavities of one mould");
        }
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
        return new HollowFigure(id, name, mould, couverture, mm, parts, joining, base, dress);
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
