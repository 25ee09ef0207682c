package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;

/**
 * A cap on filled shells.
 *
 * @param couverture of the cap
 * @param shellMm of the shell it closes
 * @param bowlC of its bowl; the middle of its window where left out
 * @param stablePercent stable crystals, per cent of the fat; as this house works it where left out
 * @param capMm thick
 * @param fillC of the filling as it is capped; the room's where left out
 * @param rimC of the shell's rim; the room's where left out
 * @param roomC that of House rules where left out
 * @param airC of the cabinet; that of the first in House rules where left out
 * @param heatJPerMlK of the filling; 2.9 where left out, a ganache
 */
public record CapRequest(
        @NotNull String couverture,
        @NotNull String mould,
        double shellMm,
        @Nullable Double bowlC,
        @Nullable Double stablePercent,
        double capMm,
        @Nullable Double fillC,
        @Nullable Double rimC,
        @Nullable Double roomC,
        @Nullable Double airC,
        @Nullable Double heatJPerMlK) {}
