package palintone.core.piece;

import palintone.core.figure.Require;
import palintone.core.filling.Filling;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;

/**
 * The room one cavity of a mould leaves for fillings.
 *
 * @param mould the piece is cast in
 * @param shellMm thickness of the shell, mm
 * @param headRoomMm left below the rim for the cap, mm
 */
public record MouldRoom(Mould mould, double shellMm, double headRoomMm) {

    /** The face between layers against the rim: the shell takes its edge, and walls lean in. */
    private static final double FACE_OF_RIM = 0.75;

    /**
     * @throws palintone.core.figure.OutOfRangeException when shell or cap leave no room
     */
    public MouldRoom {
        Require.between(
                "head room", headRoomMm, 0.5, mould.cavity().inset(shellMm).depthMm() * 0.8, "mm");
    }

    /** The hollow inside the shell, rim plane as in the mould. */
    public Cavity hollow() {
        return mould.cavity().inset(shellMm);
    }

    /** Room for all fillings of one piece, ml. */
    public double fillingMl() {
        return hollow().volumeMl() - capMl();
    }

    /** Grams of a filling that one piece holds, where it fills all the room. */
    public double grams(final Composition filling) {
        return fillingMl() * ChoiOkos1986.densityGPerMl(filling, Filling.PIPING_C);
    }

    /** Chocolate of one cap, ml. */
    public double capMl() {
        return hollow().volumeToMl(headRoomMm);
    }

    /** Chocolate of one shell, ml. */
    public double shellMl() {
        return mould.cavity().volumeMl() - hollow().volumeMl();
    }

    /** Face between two layers, mm²; set by hand, near enough for water that takes days. */
    public double faceMm2() {
        return mould.cavity().rimAreaMm2() * FACE_OF_RIM;
    }
}
