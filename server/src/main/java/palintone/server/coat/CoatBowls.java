package palintone.server.coat;

import org.springframework.stereotype.Component;
import palintone.core.casting.BowlAt;
import palintone.core.casting.ShellAnswer;
import palintone.core.figure.Band;
import palintone.core.temper.TemperTargets;
import palintone.server.house.HouseService;

/** Whether a coat from a bowl sets at all: for every way of coating the same. */
@Component
class CoatBowls {

    /** So far over its window its crystals are going, K. */
    private static final double OVER_K = 1;

    private final HouseService houses;

    CoatBowls(final HouseService houses) {
        this.houses = houses;
    }

    /** Where this workshop works it. */
    Band work(final BowlAt bowl) {
        return TemperTargets.of(bowl.couverture().kind(), houses.house().darkWindow()).work();
    }

    /** In temper, and not so warm that it loses it. */
    boolean sets(final BowlAt bowl) {
        return sets(bowl, work(bowl));
    }

    /** The same, where its window is known. */
    static boolean sets(final BowlAt bowl, final Band work) {
        return ShellAnswer.sets(bowl) && bowl.temperatureC() <= work.high() + OVER_K;
    }
}
