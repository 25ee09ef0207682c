package palintone.server.week;

import java.time.Instant;
import java.util.List;

/** What should be ready when. */
public record OrderView(
        String id,
        String name,
        Instant due,
        List<OrderLineView> lines,
        boolean done,
        long version) {

    /** So many of one piece. */
    public record OrderLineView(String piece, String name, int pieces) {}

    /**
     * An order as it was read; nothing of it is kept.
     *
     * @param due where a moment was said
     * @param unread what could not be understood
     */
    public record OrderReadView(
            List<OrderLineView> lines,
            @jakarta.annotation.Nullable Instant due,
            List<UnreadView> unread) {}

    /** A part of an order that could not be understood, and why. */
    public record UnreadView(String text, String why) {}
}
