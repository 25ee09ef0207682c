package palintone.server.find;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.util.List;
import java.util.stream.Stream;
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

    /**
     * In the order in which a maker most likely means them. One question a table: joined in one,
     * columns of different collations would be refused by some servers.
     */
    private static final List<String> EVERYWHERE =
            List.of(
                    """
                    select 'PIECE' kind, p.id id, p.name name from piece p
                      where p.archived = false and p.name like :some
                      order by p.name like :start desc, p.name limit 6
                    """,
                    """
                    select 'FILLING' kind, f.id id, f.name name from filling f
                      where f.archived = false and f.name like :some
                      order by f.name like :start desc, f.name limit 6
                    """,
                    """
                    select if(i.couverture_kind is null, 'INGREDIENT', 'COUVERTURE') kind, i.id id,
                      i.name name from ingredient i
                      where i.archived = false and i.name like :some
                      order by i.name like :start desc, i.name limit 8
                    """,
                    """
                    select 'MOULD' kind, m.id id, m.name name from mould m
                      where m.archived = false and m.name like :some
                      order by m.name like :start desc, m.name limit 6
                    """,
                    """
                    select 'COLOUR' kind, c.id id, c.name name from colour c
                      where c.archived = false and c.name like :some
                      order by c.name like :start desc, c.name limit 6
                    """,
                    """
                    select 'BATCH' kind, cast(b.id as char) id,
                      concat(b.piece_name, ', lot ', b.lot) name from batch b
                      where b.piece_name like :some or b.lot like :some
                      order by b.lot like :start desc, b.began_at desc limit 6
                    """,
                    """
                    select 'LOT' kind, l.ingredient_id id, concat(i.name, ', lot ', l.code) name
                      from ingredient_lot l join ingredient i on i.id = l.ingredient_id
                      where l.code like :some
                      order by l.code like :start desc, l.code limit 6
                    """);

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
        COLOUR,
        BATCH,
        LOT
    }

    /** One thing that was found. */
    public record FoundView(FoundKind kind, String id, String name) {}

    /**
     * Finds anything by part of its name.
     *
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
        return EVERYWHERE.stream().flatMap(sql -> rows(sql, plain)).toList();
    }

    private Stream<FoundView> rows(final String sql, final String plain) {
        @SuppressWarnings("unchecked")
        final List<Tuple> rows =
                entities.createNativeQuery(sql, Tuple.class)
                        .setParameter("start", plain + "%")
                        .setParameter("some", "%" + plain + "%")
                        .getResultList();
        return rows.stream()
                .map(
                        row ->
                                new FoundView(
                                        FoundKind.valueOf((String) row.get(0)),
                                        (String) row.get(1),
                                        (String) row.get(2)));
    }
}
