package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import palintone.core.temper.trace.BowlEvent;

/**
 * Something done or seen at a bowl, as a screen sends it.
 *
 * @param id chosen by the screen, so that sending twice writes once
 * @param timeS on the bowl's own clock; now where left out
 * @param amount grams, seconds of a smear or of heat, or share tabled
 * @param seconds on the stone
 */
public record BowlEventDraft(
        @NotNull UUID id,
        @NotNull BowlEvent.EventKind kind,
        @Nullable Double timeS,
        @Nullable Double amount,
        @Nullable Double seconds,
        @Nullable String text) {

    /** The same at a moment. */
    BowlEventDraft at(final Double otherTimeS) {
        return new BowlEventDraft(id, kind, otherTimeS, amount, seconds, text);
    }
}
