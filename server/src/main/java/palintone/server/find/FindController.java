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

    private final List<Findable> everywhere;
    private final EntityManager entities;

    /**
     * @param everywhere in the order in which a maker most likely means them. One question each:
     *     joined in one, columns of different collations would be refused by some servers
     */
    FindController(final List<Findable> everywhere, final EntityManager entities) {
        this.everywhere = everywhere;
        this.entities = entities;
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
        return everywhere.stream().flatMap(where -> rows(where.question(), plain)).toList();
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
