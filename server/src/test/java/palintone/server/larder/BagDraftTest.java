package palintone.server.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.BagCurve;

class BagDraftTest {

    /** Books that kept a misread bag still open; a new one is refused with what is allowed. */
    @Test
    void aBagKeptBeforeIsNoCurveToWorkByAndNoStumblingBlock() {
        final BagDraft misread = new BagDraft(null, 35.0, null, 36.0, null);
        assertThat(misread.curveAsKept()).isEqualTo(BagCurve.NONE);
        assertThatThrownBy(misread::curve)
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("below what it is melted to");
        final BagDraft right = new BagDraft(null, 46.0, 27.0, 31.5, 5.0);
        assertThat(right.curveAsKept()).isEqualTo(right.curve());
        assertThat(right.curveAsKept().workC()).hasValue(31.5);
    }
}
