package palintone.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.mould.Mould;
import palintone.core.process.Process;
import palintone.core.temper.Couverture;

/**
 * A bar or figure cast full: couverture, and what is stirred in or laid on.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param mould it is cast in
 * @param couverture it is cast of
 * @param inclusions whole things in it, by mass
 * @param relief pressed into the back; flat where empty
 * @param dress colours in the mould, finishings on it
 */
public record SolidPiece(
        String id,
        String name,
        Mould mould,
        Couverture couverture,
        List<Inclusion> inclusions,
        Optional<Relief> relief,
        Decoration dress)
        implements CastPiece {

    private static final int MOST_INCLUSIONS = 12;

    /**
     * Whole pieces lie no closer than this, as a share of the room: above it chocolate no longer
     * runs between them. Random loose packing, about 0.56; from memory.
     */
    static final double CLOSEST = 0.56;

    /**
     * @throws OutOfRangeException when the inclusions leave no room for the chocolate between them,
     *     or the relief is deeper than the piece
     */
    public SolidPiece {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        inclusions = List.copyOf(inclusions);
        if (inclusions.size() > MOST_INCLUSIONS) {
            throw new OutOfRangeException(
                    "inclusions", String.valueOf(inclusions.size()), "up to " + MOST_INCLUSIONS);
        }
        inclusions.forEach(
                i -> i.placed(Inclusion.Placing.STIRRED_IN, Inclusion.Placing.ON_THE_BACK));
        final double cavityMl = mould.cavity().volumeMl();
        final double insideMl = inclusions.stream().mapToDouble(Inclusion::displacedMl).sum();
        if (insideMl > CLOSEST * cavityMl) {
            throw new OutOfRangeException(
                    "inclusions",
                    Math.round(insideMl * 10) / 10.0 + " ml in one",
                    "up to "
                            + Math.round(CLOSEST * cavityMl * 10) / 10.0
                            + " ml in a cavity of "
                            + Math.round(cavityMl * 10) / 10.0
                            + " ml, so that the chocolate runs between them");
        }
        final double deepest = 0.6 * mould.cavity().depthMm();
        relief.ifPresent(
                r -> Require.between("depth of the relief", r.depthMm(), 0.2, deepest, "mm"));
    }

    /** Of one colour at the most, and without finishing. */
    public SolidPiece(
            final String id,
            final String name,
            final Mould mould,
            final Couverture couverture,
            final List<Inclusion> inclusions,
            final Optional<Relief> relief,
            final Optional<ColourCoat> colour) {
        this(id, name, mould, couverture, inclusions, relief, Decoration.of(colour));
    }

    /** Couverture in one, ml. */
    double couvertureMl() {
        return mould.cavity().volumeMl()
                - inclusions.stream().mapToDouble(Inclusion::displacedMl).sum()
                - pressedAsideMl();
    }

    /** What the relief presses out over the rim, ml. */
    double pressedAsideMl() {
        return relief.map(r -> r.depthMm() * r.share() * mould.cavity().rimAreaMm2() / 1000)
                .orElse(0.0);
    }

    @Override
    public SolidMasses masses() {
        return SolidMasses.of(this);
    }

    @Override
    public Section section() {
        return SolidSection.of(this);
    }

    @Override
    public Materials materials(
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        return Turns.materials(this, size, so -> SolidMaterials.of(this, so, habits, conditions));
    }

    @Override
    public boolean inTurns() {
        return inclusions.stream().noneMatch(i -> i.placing() == Inclusion.Placing.STIRRED_IN);
    }

    @Override
    public Process process(final Materials needs, final Workplace place) {
        return SolidProcess.lay(this, needs, place);
    }
}
