package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import palintone.core.casting.Vibration;
import palintone.core.temper.flow.FluidityClass;

/**
 * A weighing as it goes out and comes in.
 *
 * @param fluidity as poured; that of its bag where left out
 * @param shellsG of all cavities together
 */
public record ShellWeighingDraft(
        @NotNull String couverture,
        @NotNull String mould,
        @Nullable FluidityClass fluidity,
        double bowlC,
        double stablePercent,
        double mouldC,
        double roomC,
        @NotNull Vibration vibration,
        double drainS,
        double rockedDegrees,
        double waitS,
        int cavities,
        double shellsG,
        @Nullable String note,
        @NotNull Instant notedAt) {

    static ShellWeighingDraft of(final ShellWeighingEntity row) {
        return new ShellWeighingDraft(
                row.couvertureId(),
                row.mouldId(),
                row.fluidity(),
                row.bowlC(),
                row.stablePercent(),
                row.mouldC(),
                row.roomC(),
                row.vibration(),
                row.drainS(),
                row.rockedDegrees(),
                row.waitS(),
                row.cavities(),
                row.shellsG(),
                row.note(),
                row.notedAt());
    }
}
