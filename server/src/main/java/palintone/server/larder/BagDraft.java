package palintone.server.larder;

import jakarta.annotation.Nullable;
import java.util.OptionalDouble;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.temper.BagCurve;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.problem.Within;

/**
 * What the bag of a couverture prints beside its composition; each may be missing.
 *
 * @param packKg what one bag holds
 */
public record BagDraft(
        @Nullable FluidityClass fluidity,
        @Nullable @Within(low = 35, high = 60, unit = "°C") Double meltC,
        @Nullable @Within(low = 22, high = 32, unit = "°C") Double coolC,
        @Nullable @Within(low = 25, high = 36, unit = "°C") Double workC,
        @Nullable @Within(low = 0.01, high = 2000, unit = "kg") Double packKg) {

    /** Nothing printed. */
    static final BagDraft NONE = new BagDraft(null, null, null, null, null);

    /**
     * @throws palintone.core.figure.OutOfRangeException when a temperature is impossible
     */
    BagCurve curve() {
        if (packKg != null) {
            Require.between("pack", packKg, 0.01, 2000, "kg");
        }
        return new BagCurve(number(meltC), number(coolC), number(workC));
    }

    /**
     * As it stands in the books: what was kept when less was asked of it is no curve to work by.
     */
    BagCurve curveAsKept() {
        try {
            return curve();
        } catch (final OutOfRangeException keptBefore) {
            return BagCurve.NONE;
        }
    }

    private static OptionalDouble number(final Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
