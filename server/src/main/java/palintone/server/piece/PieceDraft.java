package palintone.server.piece;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import palintone.core.figure.OutOfRangeException;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.Finish;
import palintone.core.piece.Inclusion;
import palintone.core.piece.LayerAmount;

/** A piece as somebody writes it down, on screen or in a file. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = PieceDraft.Moulded.class, name = "MOULDED"),
    @JsonSubTypes.Type(value = PieceDraft.Solid.class, name = "SOLID")
})
@Schema(
        name = "PieceDraft",
        oneOf = {PieceDraft.Moulded.class, PieceDraft.Solid.class},
        discriminatorProperty = "kind",
        discriminatorMapping = {
            @DiscriminatorMapping(value = "MOULDED", schema = PieceDraft.Moulded.class),
            @DiscriminatorMapping(value = "SOLID", schema = PieceDraft.Solid.class)
        })
public sealed interface PieceDraft {

    String name();

    String story();

    String mould();

    String couverture();

    /** Coats of colour in the mould, the one seen outermost first. */
    @Nullable
    List<Coat> colours();

    /** What is done to it at the end, in order. */
    @Nullable
    List<Finishing> finishes();

    /** What its label promises, g; null where nothing is promised. */
    @Nullable
    Double labelG();

    /** Of the state that was changed; null for something new. */
    @Nullable
    Long version();

    /**
     * Coloured cocoa butter in the mould: one of the house, or one only named.
     *
     * @param colour id of one of the house
     * @param name where it is none of those
     * @param how it is brought on; sprayed where nobody says
     */
    record Coat(
            @Nullable String colour,
            @Nullable String name,
            @NotNull Double filmMm,
            @Nullable ColourCoat.How how) {}

    /** One finishing, and with what. */
    record Finishing(@NotNull Finish.Kind kind, @Nullable String words) {}

    /**
     * One filling and how much of it: by share of the room, by grams or by height; none of the
     * three where it fills the rest.
     *
     * @param inserts set into it whole
     */
    record Layer(
            @NotNull String filling,
            @Nullable Double share,
            @Nullable Double grams,
            @Nullable Double heightMm,
            @Nullable List<@NotNull @Valid Insert> inserts) {

        LayerAmount amount() {
            if (Stream.of(share, grams, heightMm).filter(Objects::nonNull).count() > 1) {
                throw new OutOfRangeException(
                        "amount of " + filling, "given twice", "share, grams or heightMm");
            }
            if (share != null) {
                return new LayerAmount.Share(share);
            }
            if (grams != null) {
                return new LayerAmount.Grams(grams);
            }
            return heightMm == null ? new LayerAmount.Rest() : new LayerAmount.Height(heightMm);
        }
    }

    /** A nut, a berry: whole. */
    record Insert(@NotNull String ingredient, @NotNull Double eachG) {}

    /** One thing in a piece cast full. */
    record In(
            @NotNull String ingredient,
            @NotNull Double eachG,
            @NotNull Inclusion.Placing placing) {}

    /** A pattern in the back. */
    record Pressed(@NotNull Double depthMm, @NotNull Double sharePercent) {}

    /**
     * A filled piece.
     *
     * @param capCouverture where the cap is of another
     * @param layers first in first
     */
    @Schema(name = "MouldedPieceDraft")
    record Moulded(
            @NotNull String name,
            @NotNull String story,
            @NotNull String mould,
            @NotNull String couverture,
            @Nullable String capCouverture,
            @Nullable List<@NotNull @Valid Coat> colours,
            double shellMm,
            double headRoomMm,
            @NotNull List<@NotNull @Valid Layer> layers,
            @Nullable List<@NotNull @Valid Finishing> finishes,
            @Nullable Double labelG,
            @Nullable Long version)
            implements PieceDraft {}

    /**
     * A piece cast full.
     *
     * @param relief null for a flat back
     */
    @Schema(name = "SolidPieceDraft")
    record Solid(
            @NotNull String name,
            @NotNull String story,
            @NotNull String mould,
            @NotNull String couverture,
            @Nullable List<@NotNull @Valid Coat> colours,
            @NotNull List<@NotNull @Valid In> inclusions,
            @Nullable @Valid Pressed relief,
            @Nullable List<@NotNull @Valid Finishing> finishes,
            @Nullable Double labelG,
            @Nullable Long version)
            implements PieceDraft {}
}
