package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.Optional;
import org.springframework.stereotype.Component;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.Couverture;
import palintone.core.temper.colour.CompoundCoating;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.larder.LarderService;
import palintone.server.shell.ShellService;
import palintone.server.temper.HouseBowls;

/** Whether a coat from a bowl sets at all: for every way of coating the same. */
@Component
class CoatBowls {

    /** So far over its window its crystals are going, K. */
    private static final double OVER_K = 1;

    private final HouseBowls bowls;
    private final ShellService shells;
    private final LarderService larder;

    CoatBowls(final HouseBowls bowls, final ShellService shells, final LarderService larder) {
        this.bowls = bowls;
        this.shells = shells;
        this.larder = larder;
    }

    /**
     * A bowl of couverture or of coating; what is left out is as its bag, its window and the books
     * have it.
     *
     * @throws OutOfRangeException when a coating is said to hold crystals of temper
     */
    BowlAt bowl(
            final String id,
            final @Nullable FluidityClass fluidity,
            final @Nullable Double bowlC,
            final @Nullable Double stablePercent) {
        final Optional<Couverture> coating = larder.coating(id);
        if (coating.isEmpty()) {
            return shells.bowl(id, fluidity, bowlC, stablePercent);
        }
        if (stablePercent != null && stablePercent != 0) {
            throw new OutOfRangeException(
                    "stable crystals", stablePercent + " %", "none: a coating is not tempered");
        }
        return new BowlAt(
                coating.get(),
                fluidity == null ? larder.fluidity(id) : fluidity,
                bowlC == null ? CompoundCoating.WORK.middle() : bowlC,
                Crystals.NONE);
    }

    /** Where this workshop works it. */
    Band work(final BowlAt bowl) {
        return bowl.couverture().compound() ? CompoundCoating.WORK : bowls.worked(bowl);
    }

    /** What goes with a coating, where it is one. */
    static Optional<Sentence> remark(final BowlAt bowl) {
        return bowl.couverture().compound()
                ? Optional.of(
                        Sentence.of(
                                        "A coating, not couverture: melt it to {work} and use it, it wants"
                                                + " no temper. Keep its bowls, tools and scrapings apart,"
                                                + " and call it a coating on the label.")
                                .with("work", CompoundCoating.WORK.middle(), Unit.CELSIUS))
                : Optional.empty();
    }

    /** In temper, and not so warm that it loses it. */
    boolean sets(final BowlAt bowl) {
        return sets(bowl, work(bowl));
    }

    /** The same, where its window is known. */
    static boolean sets(final BowlAt bowl, final Band work) {
        // A coating has no crystals to lose: it sets from any warmth.
        return bowl.couverture().compound()
                || ShellAnswer.sets(bowl) && bowl.temperatureC() <= work.high() + OVER_K;
    }
}
