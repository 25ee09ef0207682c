package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import palintone.core.Samples;
import palintone.core.mould.Bar;
import palintone.core.mould.Cavity;
import palintone.core.mould.Dome;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;

/** The drawing is to scale: what lies between two of its depths is the volume that was planned. */
class SectionTest {

    @Property(tries = 200)
    void layersTileTheRoomAndHoldTheirShare(
            @ForAll @DoubleRange(min = 0.1, max = 0.8) final double firstShare,
            @ForAll @DoubleRange(min = 0.5, max = 3) final double shellMm,
            @ForAll @DoubleRange(min = 0.5, max = 4) final double headRoomMm) {
        for (final Cavity cavity :
                List.of(
                        new HalfSphere(30),
                        new Dome(26, 24),
                        new Dome(34, 14),
                        new Bar(44, 22, 14, 10))) {
            final MouldedPiece piece =
                    new MouldedPiece(
                            "p",
                            "P",
                            new Mould("m", "M", cavity, 24, 2),
                            Samples.dark(),
                            shellMm,
                            headRoomMm,
                            List.of(
                                    new FillingLayer(Samples.ganache(), firstShare),
                                    new FillingLayer(Samples.ganache(), 1 - firstShare)),
                            Optional.empty());
            final Section drawing = piece.section();
            final Section.Region first = drawing.regions().get(1);
            final Section.Region last = drawing.regions().get(2);
            assertThat(to(first)).isCloseTo(piece.room().depthMm(), within(1e-9));
            assertThat(to(last)).isCloseTo(from(first), within(1e-9));
            assertThat(from(last)).isCloseTo(headRoomMm, within(1e-5));
            final double held =
                    piece.room().volumeToMl(to(first)) - piece.room().volumeToMl(from(first));
            assertThat(held).isCloseTo(firstShare * piece.fillingMl(), within(1e-6));
        }
    }

    @Property(tries = 100)
    void theInsideLiesInsideTheOutside(
            @ForAll @DoubleRange(min = 0.5, max = 3.5) final double shellMm) {
        for (final Cavity cavity :
                List.of(
                        new HalfSphere(30),
                        new Dome(26, 24),
                        new Dome(34, 14),
                        new Bar(44, 22, 14, 10))) {
            final Cavity inside = cavity.inset(shellMm);
            assertThat(inside.depthMm()).isCloseTo(cavity.depthMm() - shellMm, within(1e-9));
            for (int i = 0; i <= 20; i++) {
                final double depth = inside.depthMm() * i / 20;
                assertThat(inside.halfWidthMm(depth)).isLessThan(cavity.halfWidthMm(depth));
            }
        }
    }

    private static double from(final Section.Region region) {
        return region.outline().get(0).depthMm();
    }

    private static double to(final Section.Region region) {
        return region.outline().get(region.outline().size() - 1).depthMm();
    }
}
