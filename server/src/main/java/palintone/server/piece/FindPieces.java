package palintone.server.piece;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;

/** Pieces, by their name. */
@Component
@Order(1)
class FindPieces implements Findable {

    @Override
    public String question() {
        return """
                select 'PIECE' kind, p.id id, p.name name from piece p
                  where p.archived = false and p.name like :some
                  order by p.name like :start desc, p.name limit 6
                """;
    }
}
