package palintone.server.week;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.plan.OrderText;
import palintone.server.house.HouseService;
import palintone.server.piece.PieceService;
import palintone.server.problem.NotHereException;

/** What should be ready when. */
@Service
public class OrderService {

    private static final int LONGEST_NAME = 200;
    private static final int MOST_LINES = 200;

    private final OrderRepository orders;
    private final PieceService pieces;
    private final HouseService houses;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    OrderService(
            final OrderRepository orders,
            final PieceService pieces,
            final HouseService houses,
            final Clock clock,
            final ApplicationEventPublisher events) {
        this.orders = orders;
        this.pieces = pieces;
        this.houses = houses;
        this.clock = clock;
        this.events = events;
    }

    /** Those that are open, soonest first, or those that are over. */
    @Transactional(readOnly = true)
    public List<OrderView> list(final boolean done) {
        final Map<String, String> names = pieces.names();
        return orders.findByDoneOrderByDueAt(done).stream().map(o -> view(o, names)).toList();
    }

    private static OrderView view(final OrderEntity order, final Map<String, String> names) {
        return new OrderView(
                order.id(),
                order.name(),
                order.dueAt(),
                order.lines().stream()
                        .map(
                                l ->
                                        new OrderView.OrderLineView(
                                                l.pieceId(),
                                                names.getOrDefault(l.pieceId(), l.pieceId()),
                                                l.pieces()))
                        .toList(),
                order.done(),
                order.version());
    }

    /** Reads an order as it is said; keeps nothing. */
    public OrderView.OrderReadView read(final String text) {
        final Map<String, String> names = pieces.names();
        final ZoneId zone = houses.house().zone();
        final OrderText read =
                OrderText.read(text, names, LocalDateTime.ofInstant(clock.instant(), zone));
        return new OrderView.OrderReadView(
                read.lines().stream()
                        .map(
                                l ->
                                        new OrderView.OrderLineView(
                                                l.piece(), names.get(l.piece()), l.pieces()))
                        .toList(),
                read.due().map(at -> at.atZone(zone).toInstant()).orElse(null),
                read.unread().stream()
                        .map(u -> new OrderView.UnreadView(u.text(), u.why()))
                        .toList());
    }

    /**
     * Writes an order down, new or changed.
     *
     * @throws palintone.server.problem.StaleVersionException when somebody has changed it meanwhile
     */
    @Transactional
    public OrderView change(final String id, final OrderDraft draft) {
        check(draft);
        Require.text("id", id, 64);
        final OrderEntity entity = orders.findById(id).orElseGet(() -> new OrderEntity(id));
        entity.rest(draft.version());
        entity.change(draft, due(draft.due()));
        final OrderView view = view(orders.saveAndFlush(entity), pieces.names());
        events.publishEvent(new WeekChanged());
        return view;
    }

    /** Takes an order back that nobody wants any more. */
    @Transactional
    public void remove(final String id) {
        orders.delete(orders.findById(id).orElseThrow(() -> new NotHereException("order", id)));
        events.publishEvent(new WeekChanged());
    }

    /**
     * Says what cannot be.
     *
     * @throws OutOfRangeException naming field, value and what is allowed
     */
    public void check(final OrderDraft draft) {
        Require.text("name of the order", draft.name(), LONGEST_NAME);
        Require.text("due", draft.due(), 100);
        due(draft.due());
        if (draft.lines() == null || draft.lines().isEmpty()) {
            throw new OutOfRangeException("lines", "none", "at least one piece");
        }
        Require.between("lines", draft.lines().size(), 1, MOST_LINES, "");
        final Map<String, String> names = pieces.names();
        for (final OrderDraft.OrderLineDraft line : draft.lines()) {
            Require.text("piece", line.piece(), 64);
            if (!names.containsKey(line.piece())) {
                throw new OutOfRangeException("piece", line.piece(), "a piece of this house");
            }
            Require.between("pieces", line.pieces(), 1, 100_000, "");
        }
    }

    private Instant due(final String said) {
        try {
            return Instant.parse(said);
        } catch (DateTimeParseException notAnInstant) {
            final ZoneId zone = houses.house().zone();
            return OrderText.when(said, LocalDateTime.ofInstant(clock.instant(), zone))
                    .map(at -> at.atZone(zone).toInstant())
                    .orElseThrow(
                            () ->
                                    new OutOfRangeException(
                                            "ready",
                                            said,
                                            "a day and an hour, as Saturday 9:00 or 2026-12-24"
                                                    + " 8:30"));
        }
    }

    /** As they can be read in again. */
    @Transactional(readOnly = true)
    public Map<String, OrderDraft> drafts() {
        final Map<String, OrderDraft> drafts = new LinkedHashMap<>();
        orders.findAllByOrderByDueAt().forEach(o -> drafts.put(o.id(), o.draft()));
        return drafts;
    }

    /** Those of these ids. */
    @Transactional(readOnly = true)
    public Map<String, OrderDraft> drafts(final Collection<String> ids) {
        final Map<String, OrderDraft> drafts = new LinkedHashMap<>();
        orders.findAllById(ids).forEach(o -> drafts.put(o.id(), o.draft()));
        return drafts;
    }
}
