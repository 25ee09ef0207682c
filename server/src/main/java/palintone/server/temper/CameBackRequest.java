package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * Couverture that came back from the work.
 *
 * @param massG of all of it, what got in included
 * @param meltings how often it was melted
 * @param met what got into it
 */
public record CameBackRequest(
        @NotNull String couverture,
        double massG,
        int meltings,
        @Nullable List<@NotNull @Valid Met> met) {

    /**
     * One thing that got into it: an ingredient of the larder or a filling of the books.
     *
     * @param grams of it
     */
    public record Met(@Nullable String ingredient, @Nullable String filling, double grams) {}
}
