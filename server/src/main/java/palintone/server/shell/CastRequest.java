package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A shell to be cast.
 *
 * @param fluidity as poured; that of its bag where left out
 * @param bowlC temperature of the bowl; the middle of its window where left out
 * @param stablePercent stable crystals, per cent of the fat; as this house works it where left out
 * @param mouldC temperature of the mould; the room's where left out
 * @param roomC the room; that of House rules where left out
 * @param vibration as it drains; tapped where left out
 * @param drainS how long it drains; 20 s where left out
 * @param rockedDegrees how far the turned mould is rocked; not where left out
 * @param asked which of wait, mean thickness and mass the value is
 * @param value s, mm or g
 */
public record CastRequest(
        @NotNull @Longest(64) String couverture,
        @NotNull @Longest(64) String mould,
        @Nullable FluidityClass fluidity,
        @Nullable @Within(low = 20, high = 50, unit = "°C") Double bowlC,
        @Nullable @Within(low = 0, high = 20, unit = "% of the fat") Double stablePercent,
        @Nullable Double mouldC,
        @Nullable @Within(low = 5, high = 40, unit = "°C") Double roomC,
        @Nullable Vibration vibration,
        @Nullable @Within(low = 1, high = 600, unit = "s") Double drainS,
        @Nullable @Within(low = 0, high = 60, unit = "°") Double rockedDegrees,
        @NotNull ShellAnswer.Asked asked,
        @Within(low = 0, high = 900, unit = "s") double value) {}
