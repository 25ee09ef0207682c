package palintone.server.colour;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;

/** Colours, by their name. */
@Component
@Order(5)
class FindColours implements Findable {

    @Override
    public String question() {
        return """
                select 'COLOUR' kind, c.id id, c.name name from colour c
                  where c.archived = false and c.name like :some
                  order by c.name like :start desc, c.name limit 6
                """;
    }
}
