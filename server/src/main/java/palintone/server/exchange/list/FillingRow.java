package palintone.server.exchange.list;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import palintone.core.filling.Style;
import palintone.server.filling.FillingNoteEntity;
import palintone.server.filling.RecipeDraft;

/** One filling of a list: its recipe, and what was noted of it. */
public record FillingRow(
        String name,
        @Nullable Style style,
        List<RecipeDraft.OperationDraft> operations,
        @Nullable List<String> pots,
        @Nullable List<NoteRow> notes) {

    /** What was tasted or measured of it. */
    public record NoteRow(
            Instant at,
            FillingNoteEntity.NoteKind kind,
            @Nullable Double measured,
            @Nullable Integer score,
            @Nullable String words) {}

    RecipeDraft recipe() {
        return new RecipeDraft(name, style, operations, pots, "read in", null);
    }
}
