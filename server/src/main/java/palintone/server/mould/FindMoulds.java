package palintone.server.mould;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;

/** Moulds, by their name. */
@Component
@Order(4)
class FindMoulds implements Findable {

    @Override
    public String question() {
        return """
                select 'MOULD' kind, m.id id, m.name name from mould m
                  where m.archived = false and m.name like :some
                  order by m.name like :start desc, m.name limit 6
                """;
    }
}
