package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.core.coat.Powder;
import palintone.core.temper.flow.FluidityClass;

/**
 * Centres to be dipped.
 *
 * @param fluidity as poured; that of its bag where left out
 * @param bowlC of the bowl; the middle of its window where left out
 * @param stablePercent stable crystals, per cent of the fat; as this house works it where left out
 * @param centreC as it is dipped
 * @param underS pressed under; 2 where left out
 * @param tappedS lifted and tapped; 6 where left out
 * @param blown whether its top is blown off; not where left out
 * @param wantedG weight of a coat; then the tapping is found
 * @param pieces in all; 40 where left out
 * @param everyS from one to the next; 10 where left out
 * @param bowlG in the bowl; as much as it takes where left out
 * @param powder rolled in; none where left out
 * @param roomC that of House rules where left out
 */
public record DipRequest(
        @NotNull String couverture,
        @Nullable FluidityClass fluidity,
        @Nullable Double bowlC,
        @Nullable Double stablePercent,
        @NotNull @Valid CentreRequest centre,
        double centreC,
        @Nullable Double underS,
        @Nullable Double tappedS,
        @Nullable Boolean blown,
        @Nullable Double wantedG,
        @Nullable Integer pieces,
        @Nullable Double everyS,
        @Nullable Double bowlG,
        @Nullable Powder powder,
        @Nullable Double roomC) {}
