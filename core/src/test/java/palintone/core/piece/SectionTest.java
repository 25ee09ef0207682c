package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;

/** Drawn coarsely it is the same piece to whoever sees it as small as a thumb. */
class SectionTest {

    private static final double OFF_MM = 0.25;

    private final Section whole = Samples.halfSpherePiece().section();
    private final Section coarse = whole.coarse(OFF_MM);

    @Test
    void aCoarseCutHasFewPointsAndTheSameEnds() {
        assertThat(coarse.outer()).hasSizeLessThan(whole.outer().size() / 2);
        assertThat(coarse.outer().get(0)).isEqualTo(whole.outer().get(0));
        assertThat(last(coarse.outer())).isEqualTo(last(whole.outer()));
        assertThat(coarse.regions()).hasSameSizeAs(whole.regions());
        for (int i = 0; i < coarse.regions().size(); i++) {
            assertThat(coarse.regions().get(i).name()).isEqualTo(whole.regions().get(i).name());
        }
    }

    /** Area between outline and middle line, which says how far the two are apart on the whole. */
    @Test
    void itsAreaIsThatOfTheWholeCutWithinATwentieth() {
        assertThat(area(coarse.outer()))
                .isCloseTo(area(whole.outer()), within(area(whole.outer()) / 20));
    }

    private static double area(final List<Section.SectionPoint> outline) {
        double area = 0;
        for (int i = 1; i < outline.size(); i++) {
            final Section.SectionPoint a = outline.get(i - 1);
            final Section.SectionPoint b = outline.get(i);
            area += (a.halfWidthMm() + b.halfWidthMm()) * Math.abs(b.depthMm() - a.depthMm());
        }
        return area;
    }

    private static Section.SectionPoint last(final List<Section.SectionPoint> outline) {
        return outline.get(outline.size() - 1);
    }
}
