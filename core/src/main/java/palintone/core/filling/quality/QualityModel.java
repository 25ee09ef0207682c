package palintone.core.filling.quality;

import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Range;

/**
 * One thing a filling is measured by: its number and why it is that. A new quality is one of these.
 */
interface QualityModel {

    /** In the unit of its quality; quick, for a balance asks hundreds of times. */
    double value(FillingProperties of);

    /** How it is computed, of what, and from where. */
    Basis basis(FillingProperties of);

    /** What it may really be; empty where it is as it is computed. */
    default Optional<Range> spread(final FillingProperties of) {
        return Optional.empty();
    }
}
