package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.record.Corrections;

class MouldRoomTest {

    /** Volume of a spherical cap by the textbook: π·h²·(3·r − h)/3; half a sphere: 2·π·r³/3. */
    @Test
    void aHalfSphereHoldsWhatGeometrySays() {
        final MouldRoom room = new MouldRoom(Samples.HALF_SPHERES, 1.6, 2);
        final double radius = 14 - 1.6;
        final double hollow = 2 * Math.PI * Math.pow(radius, 3) / 3;
        // The cap lies between the rim and a plane 2 mm below it.
        final double below = radius - 2;
        final double filling = Math.PI * below * below * (3 * radius - below) / 3;
        assertThat(room.fillingMl()).isCloseTo(filling / 1000, within(1e-6));
        assertThat(room.capMl()).isCloseTo((hollow - filling) / 1000, within(1e-6));
        assertThat(room.shellMl() + room.capMl() + room.fillingMl())
                .isCloseTo(Samples.HALF_SPHERES.cavity().volumeMl(), within(1e-9));
    }

    @Test
    void whatItHoldsIsWhatAPieceOfItWeighsIn() {
        final MouldedPiece piece =
                new MouldedPiece(
                        "p",
                        "P",
                        Samples.HALF_SPHERES,
                        Samples.dark(),
                        1.6,
                        2,
                        List.of(new FillingLayer(Samples.ganache(), 1)),
                        Optional.empty());
        assertThat(piece.mouldRoom().grams(Samples.ganache().cooked().composition()))
                .isCloseTo(piece.masses().layers().get(0).value(), within(1e-9));
    }

    @Test
    void layersThoughtOfAgeLikeThoseOfAPiece() {
        final MouldRoom room = new MouldRoom(Samples.HALF_SPHERES, 1.6, 2);
        final FillingProperties ganache =
                FillingProperties.of(Samples.ganache().cooked(), Conditions.USUAL);
        final MouldedPiece piece =
                new MouldedPiece(
                        "p",
                        "P",
                        Samples.HALF_SPHERES,
                        Samples.dark(),
                        1.6,
                        2,
                        List.of(
                                new FillingLayer(Samples.ganache(), 0.6),
                                new FillingLayer(Samples.ganache(), 0.4)),
                        Optional.empty());
        final PieceMoisture thought =
                PieceMoisture.of(
                        "thought of",
                        room,
                        List.of(
                                new PieceMoisture.MoistPart("below", 0.6, ganache),
                                new PieceMoisture.MoistPart("above", 0.4, ganache)),
                        0.3,
                        30,
                        List.of());
        assertThat(thought.bare())
                .isEqualTo(
                        PieceMoisture.of(piece, f -> Corrections.NONE, 0.3, 30, List.of()).bare());
        assertThatThrownBy(
                        () ->
                                PieceMoisture.of(
                                        "one",
                                        room,
                                        List.of(new PieceMoisture.MoistPart("only", 1, ganache)),
                                        0.3,
                                        30,
                                        List.of()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("two fillings or more");
    }

    @Test
    void aShellThatLeavesNoRoomIsRefused() {
        assertThatThrownBy(() -> new MouldRoom(Samples.HALF_SPHERES, 1.6, 13))
                .hasMessageContaining("head room");
        assertThatThrownBy(() -> new MouldRoom(Samples.HALF_SPHERES, 20, 2))
                .isInstanceOf(OutOfRangeException.class);
    }
}
