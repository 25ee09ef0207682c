package palintone.server.web;

import java.util.List;
import java.util.function.Function;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import palintone.core.figure.Require;

/**
 * One page of a list.
 *
 * @param page from 0
 * @param size rows asked for
 * @param total rows in the whole list
 */
public record PageView<T>(List<T> items, int page, int size, long total) {

    public static final int MOST_ROWS = 200;

    /** The last page anybody may turn to. */
    public static final int MOST_PAGES = 1_000_000;

    public static <E, T> PageView<T> of(final Page<E> page, final Function<E, T> view) {
        return of(page, page.getContent().stream().map(view).toList());
    }

    /** Where its rows are made all together. */
    public static <E, T> PageView<T> of(final Page<E> page, final List<T> rows) {
        return new PageView<>(rows, page.getNumber(), page.getSize(), page.getTotalElements());
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when page or size are outside what is
     *     served
     */
    public static Pageable request(final int page, final int size) {
        Require.between("page", page, 0, MOST_PAGES, "");
        Require.between("size", size, 1, MOST_ROWS, "rows");
        return PageRequest.of(page, size);
    }
}
