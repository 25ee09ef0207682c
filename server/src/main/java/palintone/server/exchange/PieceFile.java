package palintone.server.exchange;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import palintone.core.filling.Style;
import palintone.server.filling.FillingNoteEntity;
import palintone.server.filling.RecipeDraft;

/** What fillings.json holds. */
final class PieceFile {

    private PieceFile() {}

    /**
     * Files of before may still say whether they are aqueous: that is computed now. With
     * operations; or only with lines, which are then stirred together.
     */
    record FillingRow(
            String id,
            String name,
            @Nullable Style style,
            @Nullable List<RecipeDraft.OperationDraft> operations,
            @Nullable List<RecipeDraft.RecipeLineDraft> lines,
            @Nullable Boolean aqueous,
            @Nullable List<NoteRow> notes) {}

    /** What was tasted or measured of it. */
    record NoteRow(
            Instant at,
            FillingNoteEntity.Kind kind,
            @Nullable Double measured,
            @Nullable Integer score,
            @Nullable String words) {}
}
