package palintone.server.week;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * What should be ready when.
 *
 * @param name for whom or for what
 * @param due a moment in UTC, or as it is said: "Saturday 9:00", "next Saturday", "2026-12-24 8:30"
 * @param lines at least one
 * @param done whether it is over; then nothing is planned for it any more
 * @param version it rests on; left out for a new one
 */
public record OrderDraft(
        @NotNull @Longest(200) String name,
        @NotNull @Longest(100) String due,
        @NotNull List<@Valid OrderLineDraft> lines,
        @Nullable Boolean done,
        @Nullable Long version) {

    /** So many of one piece, by its id. */
    public record OrderLineDraft(
            @NotNull @Longest(64) String piece, @Within(low = 1, high = 100_000) int pieces) {}
}
