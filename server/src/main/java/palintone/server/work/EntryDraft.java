package palintone.server.work;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import palintone.core.figure.OutOfRangeException;
import palintone.core.work.Entry;
import palintone.core.work.EntryKind;

/**
 * An entry as a screen sends it.
 *
 * @param id chosen by the screen, so that sending twice writes once
 * @param value reading in the unit of its step
 * @param about the entry that is undone or corrected
 */
public record EntryDraft(
        @NotNull UUID id,
        @NotNull EntryKind kind,
        int step,
        @Nullable Double value,
        @Nullable String text,
        @Nullable UUID about) {

    Entry entry(final Instant at) {
        if (id == null || kind == null) {
            throw new OutOfRangeException(
                    id == null ? "id" : "kind", "missing", "an id and a kind of entry");
        }
        return new Entry(
                id,
                kind,
                step,
                at,
                value == null ? OptionalDouble.empty() : OptionalDouble.of(value),
                text == null ? "" : text.strip(),
                Optional.ofNullable(about));
    }
}
