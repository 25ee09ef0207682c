package palintone.server.find;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.figure.Require;

/** One question over everything that has a name: what begins so first, then what holds it. */
@RestController
@RequestMapping("/api/find")
class FindController {

    private static final int LONGEST = 80;

    /** In the order in which a maker most likely means them. */
    private static final String EVERYWHERE =
            """
            (select 'PIECE' kind, p.id id, p.name name, p.name like :start first
              from piece p where p.archived = false and p.name like :some
              order by first desc, name limit 6)
            union all
            (select 'FILLING', f.id, f.name, f.name like :start first
              from filling f where f.archived = false and f.name like :some
              order by first desc, name limit 6)
            union all
            (select if(i.couverture_kind is null, 'INGREDIENT', 'COUVERTURE'), i.id, i.name,
              i.name like :start first
              from ingredient i where i.archived = false and i.name like :some
              order by first desc, name limit 8)
            union all
            (select 'MOULD', m.id, m.name, m.name like :start first
              from mould m where m.archived = false and m.name like :some
              order by first desc, name limit 6)
            union all
            (select 'BATCH', cast(b.id as char), concat(b.piece_name, ', lot ', b.lot),
              b.lot like :start first
              from batch b where b.piece_name like :some or b.lot like :some
              order by b.began_at desc limit 6)
            union all
            (select 'LOT', l.ingredient_id, concat(i.name, ', lot ', l.code), l.code like :start
              from ingredient_lot l join ingredient i on i.id = l.ingredient_id
              where l.code like :some limit 6)
            """;

    private final EntityManager entities;

    FindController(final EntityManager entities) {
        this.entities = entities;
    }

    /** What can be found. */
    public enum FoundKind {
        PIECE,
        FILLING,
        INGREDIENT,
        COUVERTURE,
        MOULD,
        BATCH,
        LOT
    }

    /** One thing that was found. */
    public record FoundView(FoundKind kind, String id, String name) {}

    /**
     * @param q part of a name, of a lot, or of a batch's lot; nothing finds nothing
     */
    @GetMapping
    @Transactional(readOnly = true)
    public List<FoundView> find(@RequestParam(defaultValue = "") final String q) {
        final String part = Require.words("find", q, LONGEST).strip();
        if (part.isEmpty()) {
            return List.of();
        }
        final String plain = part.replaceAll("([\\\\%_])", "\\\\$1");
        @SuppressWarnings("unchecked")
        final List<Tuple> rows =
                entities.createNativeQuery(EVERYWHERE, Tuple.class)
                        .setParameter("start", plain + "%")
                        .setParameter("some", "%" + plain + "%")
                        .getResultList();
        return rows.stream()
                .map(
                        row ->
                                new FoundView(
                                        FoundKind.valueOf((String) row.get(0)),
                                        (String) row.get(1),
                                        (String) row.get(2)))
                .toList();
    }
}
