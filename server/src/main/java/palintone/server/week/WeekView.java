package palintone.server.week;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import palintone.core.plan.Broken;
import palintone.schedule.Wish;
import palintone.server.figure.SentenceView;

/**
 * The days as they are laid out.
 *
 * @param number of the plan; 0 while there is none
 * @param state of it
 * @param stale whether orders or people have changed since
 * @param from first moment that is drawn
 * @param until last moment that is drawn
 * @param wishes how good it is by each wish, and how good it could be at best
 * @param tooLate what has begun and cannot be gone on with in time any more
 * @param sure how often it came off when the days were played through
 */
public record WeekView(
        int number,
        State state,
        boolean stale,
        @Nullable Instant madeAt,
        Instant serverNow,
        Instant from,
        Instant until,
        List<WishView> wishes,
        @Nullable SureView sure,
        PaceView pace,
        List<RunView> runs,
        List<WorkView> work,
        List<HandsView> people,
        List<KeptView> kept,
        List<TooLateView> tooLate) {

    /**
     * What comes too late, whatever is planned.
     *
     * @param work id of it
     * @param after id of what it comes too late after
     * @param why as what to do then
     */
    public record TooLateView(String work, String after, String why) {}

    /** How far a plan is. */
    public enum State {
        /** Nothing is planned. */
        NONE,
        /** A better one is being looked for. */
        SOUGHT,
        /** It stands. */
        STANDS,
        /** None was found in the time there was. */
        NOT_FOUND,
        /** It is proven that none keeps everything. */
        IMPOSSIBLE
    }

    /**
     * How good a plan is by one wish.
     *
     * @param value minutes, or washes
     * @param bound it cannot be less than that
     * @param proven whether it has been shown to be the least
     */
    public record WishView(Wish wish, int value, int bound, boolean proven) {}

    /**
     * The days played through.
     *
     * @param played how often
     * @param nothingLost of these, how often nothing came too late after what it waited for
     */
    public record SureView(int played, int nothingLost) {}

    /**
     * How quick this house's hands are.
     *
     * @param pace what they take against the usual
     * @param tasks it was seen at
     */
    public record PaceView(double pace, int tasks) {}

    /**
     * A batch on the plan.
     *
     * @param lateMin minutes it is late; 0 where it is in time
     * @param inTime of the days played, how often it was in time
     * @param batch it has become, where it has begun
     */
    public record RunView(
            String id,
            String piece,
            String name,
            int pieces,
            int moulds,
            Instant due,
            Instant begins,
            Instant ready,
            int lateMin,
            @Nullable Integer inTime,
            @Nullable java.util.UUID batch) {}

    /**
     * Work on the plan.
     *
     * @param part of the run, as "Plum ganache"
     * @param tasks numbers of those of the batch
     * @param person id of who does it; none where it needs nobody
     * @param earliest moment it could begin, all else where it is
     * @param latest moment it has to begin
     * @param waitsFor what keeps it from beginning earlier
     * @param keeps what keeps it from beginning later
     * @param pinned whether a maker has put it there
     * @param begun whether it has begun
     */
    public record WorkView(
            String id,
            String run,
            String title,
            String part,
            int minutes,
            List<Integer> tasks,
            @Nullable String person,
            Instant start,
            Instant end,
            Instant earliest,
            Instant latest,
            @Nullable String waitsFor,
            @Nullable String keeps,
            List<WaitView> waits,
            boolean pinned,
            boolean begun) {}

    /**
     * What is between it and what it follows.
     *
     * @param after id of that
     * @param why as "Rest"
     * @param leastMin minutes at the least
     * @param greatestMin minutes at the most; none where it can wait
     */
    public record WaitView(String after, String why, int leastMin, @Nullable Integer greatestMin) {}

    /** Somebody, and when they are here. */
    public record HandsView(String id, String name, List<HoursView> hours) {}

    /** From when to when, and until when at the latest. */
    public record HoursView(Instant from, Instant to, Instant until) {}

    /**
     * What is kept.
     *
     * @param thing as the house calls it
     * @param unit which of them, from 1; 0 where they are only counted
     * @param of how many there are
     */
    public record KeptView(
            String thing, int unit, int amount, int of, String run, Instant from, Instant until) {}

    /**
     * What a move would break.
     *
     * @param breaks nothing where the plan would still hold
     * @param lateMin minutes later than before all batches would be, together
     */
    public record WeekMoveView(List<BreakView> breaks, int lateMin) {}

    /**
     * One thing that would be broken.
     *
     * @param rule which
     * @param words of it
     * @param work titles of what it is about
     * @param subject a person, a thing, what waits
     * @param minutes by how much, 0 where that cannot be said
     */
    public record BreakView(
            Broken.Rule rule, String words, List<String> work, String subject, int minutes) {}

    /**
     * Why not all can be in time.
     *
     * @param known whether it was found out in the time there was
     * @param runs names of those that cannot all be in time; without any one the others can
     * @param frees what would help
     */
    public record ClashView(boolean known, List<String> runs, List<SentenceView> frees) {}
}
