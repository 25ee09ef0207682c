package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * Couverture that came back from the work.
 *
 * @param massG of all of it, what got in included
 * @param meltings how often it was melted
 * @param met what got into it
 */
public record CameBackRequest(
        @NotNull @Longest(64) String couverture,
        @Within(low = 0, above = true, high = 1_000_000, unit = "g") double massG,
        @Within(low = 1, high = 100) int meltings,
        @Nullable List<@NotNull @Valid Met> met) {

    /**
     * One thing that got into it: an ingredient of the larder or a filling of the books.
     *
     * @param grams of it
     */
    public record Met(
            @Nullable @Longest(64) String ingredient,
            @Nullable @Longest(64) String filling,
            @Within(low = 0, above = true, high = 1_000_000, unit = "g") double grams) {}
}
