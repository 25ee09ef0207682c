package palintone.server.exchange.list;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.server.week.OrderDraft;
import palintone.server.week.OrderService;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What should be ready when. */
@Component
class OrdersList extends OneByOneList<OrderDraft> {

    private final OrderService orders;

    OrdersList(final OrderService orders, final JsonMapper json) {
        super("orders", "order", OrderDraft.class, Columns.of(OrderDraft.class), json);
        this.orders = orders;
    }

    @Override
    Map<String, OrderDraft> drafts() {
        return orders.drafts();
    }

    @Override
    Map<String, OrderDraft> drafts(final Collection<String> ids) {
        return orders.drafts(ids);
    }

    @Override
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        drafts().forEach((id, order) -> ids.put(order.name(), id));
        return ids;
    }

    @Override
    public void complete(final ObjectNode thing) {
        unlessGiven(thing, "done", false);
    }

    @Override
    public void check(final String id, final ObjectNode thing) {
        // Pieces may come in with the same files: what there is of them is looked at when it is
        // written.
        draft(thing);
    }

    @Override
    void write(final String id, final OrderDraft row) {
        orders.change(id, row);
    }
}
