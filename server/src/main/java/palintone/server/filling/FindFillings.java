package palintone.server.filling;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;

/** Fillings, by their name. */
@Component
@Order(2)
class FindFillings implements Findable {

    @Override
    public String question() {
        return """
                select 'FILLING' kind, f.id id, f.name name from filling f
                  where f.archived = false and f.name like :some
                  order by f.name like :start desc, f.name limit 6
                """;
    }
}
