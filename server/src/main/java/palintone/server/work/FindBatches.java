package palintone.server.work;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;

/** Batches, by their lot or what was made. */
@Component
@Order(6)
class FindBatches implements Findable {

    @Override
    public String question() {
        return """
                select 'BATCH' kind, cast(b.id as char) id,
                  concat(b.piece_name, ', lot ', b.lot) name from batch b
                  where b.piece_name like :some or b.lot like :some
                  order by b.lot like :start desc, b.began_at desc limit 6
                """;
    }
}
