package palintone.server.week;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import palintone.server.problem.Longest;

/**
 * Somebody who works here, as it comes in.
 *
 * @param name as the house calls them; a role will do
 * @param hours of an ordinary week, none where they come as it suits
 * @param away whole days on which they are not here
 * @param version it rests on; left out for somebody new
 */
public record PersonDraft(
        @NotNull @Longest(120) String name,
        @Nullable List<@Valid HoursDraft> hours,
        @Nullable List<@Valid AwayDraft> away,
        @Nullable Long version) {

    /**
     * Hours of one weekday, without a break.
     *
     * @param until they would stay at the latest; the end where it is left out
     */
    public record HoursDraft(
            @NotNull DayOfWeek weekday,
            @NotNull LocalTime from,
            @NotNull LocalTime to,
            @Nullable LocalTime until) {}

    /** Away from the first day to the last, both whole. */
    public record AwayDraft(@NotNull LocalDate from, @NotNull LocalDate to) {}
}
