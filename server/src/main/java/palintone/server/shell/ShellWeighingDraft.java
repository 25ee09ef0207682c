package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import palintone.core.casting.pour.Vibration;
import palintone.core.temper.flow.FluidityClass;

/**
 * A weighing as it goes out and comes in.
 *
 * @param fluidity as poured; that of its bag where left out
 * @param shellsG of all cavities together
 * @param fillG of all fillings together; left out where it was not weighed filled
 * @param capG of all caps together; left out where it was not weighed capped
 * @param filling in them, of the books
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
        @Nullable Double fillG,
        @Nullable Double capG,
        @Nullable String filling,
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
                row.fillG(),
                row.capG(),
                row.fillingId(),
                row.note(),
                row.notedAt());
    }
}
