package palintone.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Conditions;
import palintone.core.filling.Filling;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.process.Process;
import palintone.core.temper.Couverture;

/**
 * A filled piece out of a mould: a shell, its layers, and a cap that fills the head room.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param mould it is cast in
 * @param couverture of shell and cap
 * @param shellMm thickness of the shell, mm
 * @param headRoomMm left below the rim for the cap, mm
 * @param layers fillings, first in first; shares sum to one
 * @param colour sprayed into the mould, where it is
 */
public record MouldedPiece(
        String id,
        String name,
        Mould mould,
        Couverture couverture,
        double shellMm,
        double headRoomMm,
        List<FillingLayer> layers,
        Optional<ColourCoat> colour)
        implements Piece {

    private static final double SHARE_TOLERANCE = 0.001;

    /**
     * @throws OutOfRangeException when shell or cap leave no room for a filling, or the shares of
     *     the layers do not sum to one
     */
    public MouldedPiece {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        layers = List.copyOf(layers);
        new MouldRoom(mould, shellMm, headRoomMm);
        final double sum = layers.stream().mapToDouble(FillingLayer::share).sum();
        if (Math.abs(sum - 1) > SHARE_TOLERANCE) {
            throw new OutOfRangeException(
                    "shares of the layers", String.valueOf(sum), "a sum of 1");
        }
    }

    /** What one cavity leaves for the fillings. */
    public MouldRoom mouldRoom() {
        return new MouldRoom(mould, shellMm, headRoomMm);
    }

    /** The hollow inside the shell, rim plane as in the mould. */
    public Cavity room() {
        return mouldRoom().hollow();
    }

    /** Room for all fillings of one piece, ml. */
    public double fillingMl() {
        return mouldRoom().fillingMl();
    }

    /** Chocolate of one cap, ml. */
    public double capMl() {
        return mouldRoom().capMl();
    }

    /** Chocolate of one shell, ml. */
    public double shellMl() {
        return mouldRoom().shellMl();
    }

    @Override
    public List<Filling> fillings() {
        return layers.stream().map(FillingLayer::filling).toList();
    }

    @Override
    public MouldedMasses masses() {
        return MouldedMasses.of(this);
    }

    @Override
    public Section section() {
        return MouldedSection.of(this);
    }

    @Override
    public Materials materials(
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        return MouldedMaterials.of(this, size, habits, conditions);
    }

    @Override
    public Process process(final Materials needs, final Workplace place) {
        return new MouldedProcess(this, needs, place).lay();
    }
}
