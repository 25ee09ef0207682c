package palintone.server.larder;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;

/** Deliveries, by the code on the bag. */
@Component
@Order(7)
class FindLots implements Findable {

    @Override
    public String question() {
        return """
                select 'LOT' kind, l.ingredient_id id, concat(i.name, ', lot ', l.code) name
                  from ingredient_lot l join ingredient i on i.id = l.ingredient_id
                  where l.code like :some
                  order by l.code like :start desc, l.code limit 6
                """;
    }
}
