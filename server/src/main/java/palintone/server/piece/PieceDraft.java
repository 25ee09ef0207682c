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
import java.util.Set;
import java.util.stream.Stream;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.Filling;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.Finish;
import palintone.core.piece.Forming;
import palintone.core.piece.HollowFigure;
import palintone.core.piece.Inclusion;
import palintone.core.piece.LayerAmount;
import palintone.core.piece.SecondDip;
import palintone.core.piece.SheetPiece;
import palintone.core.substance.Allergen;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/** A piece as somebody writes it down, on screen or in a file. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = PieceDraft.Moulded.class, name = "MOULDED"),
    @JsonSubTypes.Type(value = PieceDraft.Solid.class, name = "SOLID"),
    @JsonSubTypes.Type(value = PieceDraft.Dipped.class, name = "DIPPED"),
    @JsonSubTypes.Type(value = PieceDraft.Rolled.class, name = "ROLLED"),
    @JsonSubTypes.Type(value = PieceDraft.Hollow.class, name = "HOLLOW"),
    @JsonSubTypes.Type(value = PieceDraft.Plates.class, name = "SHEET")
})
@Schema(
        name = "PieceDraft",
        oneOf = {
            PieceDraft.Moulded.class,
            PieceDraft.Solid.class,
            PieceDraft.Dipped.class,
            PieceDraft.Rolled.class,
            PieceDraft.Hollow.class,
            PieceDraft.Plates.class
        },
        discriminatorProperty = "kind",
        discriminatorMapping = {
            @DiscriminatorMapping(value = "MOULDED", schema = PieceDraft.Moulded.class),
            @DiscriminatorMapping(value = "SOLID", schema = PieceDraft.Solid.class),
            @DiscriminatorMapping(value = "DIPPED", schema = PieceDraft.Dipped.class),
            @DiscriminatorMapping(value = "ROLLED", schema = PieceDraft.Rolled.class),
            @DiscriminatorMapping(value = "HOLLOW", schema = PieceDraft.Hollow.class),
            @DiscriminatorMapping(value = "SHEET", schema = PieceDraft.Plates.class)
        })
public sealed interface PieceDraft {

    String name();

    String story();

    /** Null where it comes out of none. */
    @Nullable
    default String mould() {
        return null;
    }

    /** Null where nothing is tempered for it. */
    @Nullable
    default String couverture() {
        return null;
    }

    /** Coats of colour in the mould, the one seen outermost first. */
    @Nullable
    default List<Coat> colours() {
        return null;
    }

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
     * @param allergens what it holds, where it is only named; null where nobody has said
     */
    record Coat(
            @Nullable String colour,
            @Nullable String name,
            @NotNull Double filmMm,
            @Nullable ColourCoat.How how,
            @Nullable Set<@NotNull Allergen> allergens) {}

    /**
     * One finishing, and with what.
     *
     * @param allergens what that holds; null where nobody has said
     */
    record Finishing(
            @NotNull Finish.FinishKind kind,
            @Nullable String words,
            @Nullable Set<@NotNull Allergen> allergens) {}

    /**
     * One filling and how much of it: by share of the room, by grams or by height; none of the
     * three where it fills the rest.
     *
     * @param inserts set into it whole
     * @param sealMm couverture of the shell poured over it before the next goes in; none where left
     *     out
     * @param inside another filling, piped into the middle of it, and so its grams; none where left
     *     out
     * @param flavours stirred into it, where it is a part of a base; none where left out
     */
    record Layer(
            @NotNull @Longest(64) String filling,
            @Nullable @Within(low = 0, above = true, high = 1) Double share,
            @Nullable @Within(low = 0, above = true, high = 2000, unit = "g") Double grams,
            @Nullable @Within(low = 0, above = true, high = 200, unit = "mm") Double heightMm,
            @Nullable List<@NotNull @Valid Insert> inserts,
            @Nullable @Within(low = 0.3, high = 5, unit = "mm") Double sealMm,
            @Nullable @Longest(64) String inside,
            @Nullable @Within(low = 0.1, high = 200, unit = "g") Double insideG,
            @Nullable List<@NotNull @Valid Flavouring> flavours) {

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

    /** Stirred into a part of a base: grams to 100 g of that. */
    record Flavouring(
            @NotNull @Longest(64) String ingredient,
            @NotNull @Within(low = 0, above = true, high = Filling.MOST_FLAVOUR_G, unit = "g")
                    Double per100G) {}

    /** A nut, a berry: whole. */
    record Insert(
            @NotNull @Longest(64) String ingredient,
            @NotNull @Within(low = 0.01, high = 2000, unit = "g") Double eachG) {}

    /** One thing in a piece cast full. */
    record In(
            @NotNull @Longest(64) String ingredient,
            @NotNull @Within(low = 0.01, high = 2000, unit = "g") Double eachG,
            @NotNull Inclusion.Placing placing) {}

    /** A pattern in the back. */
    record Pressed(
            @NotNull @Within(low = 0.2, high = 5, unit = "mm") Double depthMm,
            @NotNull @Within(low = 2, high = 90, unit = "%") Double sharePercent) {}

    /**
     * A filled piece.
     *
     * @param capCouverture where the cap is of another
     * @param layers first in first
     * @param joined how two filled halves become one; nothing for one cavity
     * @param uncapped whether they are joined as they are filled; capped where nothing is said
     */
    @Schema(name = "MouldedPieceDraft")
    record Moulded(
            @NotNull @Longest(120) String name,
            @NotNull @Longest(500) String story,
            @NotNull @Longest(64) String mould,
            @NotNull @Longest(64) String couverture,
            @Nullable @Longest(64) String capCouverture,
            @Nullable List<@NotNull @Valid Coat> colours,
            @Within(low = 0.2, high = 20, unit = "mm") double shellMm,
            @Within(low = 0.5, unit = "mm") double headRoomMm,
            @NotNull List<@NotNull @Valid Layer> layers,
            @Nullable HollowFigure.Joining joined,
            @Nullable Boolean uncapped,
            @Nullable List<@NotNull @Valid Finishing> finishes,
            @Nullable @Within(low = 0, above = true, high = 20_000, unit = "g") Double labelG,
            @Nullable Long version)
            implements PieceDraft {}

    /**
     * A piece cast full.
     *
     * @param relief null for a flat back
     */
    @Schema(name = "SolidPieceDraft")
    record Solid(
            @NotNull @Longest(120) String name,
            @NotNull @Longest(500) String story,
            @NotNull @Longest(64) String mould,
            @NotNull @Longest(64) String couverture,
            @Nullable List<@NotNull @Valid Coat> colours,
            @NotNull List<@NotNull @Valid In> inclusions,
            @Nullable @Valid Pressed relief,
            @Nullable List<@NotNull @Valid Finishing> finishes,
            @Nullable @Within(low = 0, above = true, high = 20_000, unit = "g") Double labelG,
            @Nullable Long version)
            implements PieceDraft {}

    /**
     * What is dipped or rolled.
     *
     * @param massG of a ball; nothing for a block
     * @param lengthMm of a block, and so its width and height; of a log its length, and as width
     *     how thick the rope is; nothing for a ball
     * @param bottomMm brushed under a block before it is dipped; nothing where none is
     */
    record Centre(
            @NotNull @Longest(64) String filling,
            @NotNull CentreRow.Shape shape,
            @Nullable @Within(low = 0.1, high = 500, unit = "g") Double massG,
            @Nullable @Within(low = 3, high = 300, unit = "mm") Double lengthMm,
            @Nullable @Within(low = 3, high = 300, unit = "mm") Double widthMm,
            @Nullable @Within(low = 2, high = 100, unit = "mm") Double heightMm,
            @NotNull Forming forming,
            @Nullable Double bottomMm) {}

    /**
     * A dipped piece.
     *
     * @param twice whether a thin first coat goes on before
     * @param dippedPercent of it, all of it where nothing is said
     * @param secondCouverture a part of it goes into when the first coat has set, and so how thick
     *     that is, how much of its height, and which end; nothing where there is none
     * @param on what it is rolled in and what is laid on it
     * @param plate a piece cut from a sheet that is laid on it last, out of stock; nothing where
     *     there is none
     */
    @Schema(name = "DippedPieceDraft")
    record Dipped(
            @NotNull @Longest(120) String name,
            @NotNull @Longest(500) String story,
            @NotNull @Longest(64) String couverture,
            @NotNull @Valid Centre centre,
            @NotNull @Within(low = 0.3, high = 5, unit = "mm") Double coatMm,
            @Nullable Boolean twice,
            @Nullable @Within(low = 20, high = 100, unit = "%") Double dippedPercent,
            @Nullable @Longest(64) String secondCouverture,
            @Nullable @Within(low = 0.3, high = 5, unit = "mm") Double secondMm,
            @Nullable @Within(low = 10, high = 100, unit = "%") Double secondPercent,
            @Nullable SecondDip.End secondEnd,
            @Nullable List<@NotNull @Valid In> on,
            @Nullable String plate,
            @Nullable List<@NotNull @Valid Finishing> finishes,
            @Nullable @Within(low = 0, above = true, high = 20_000, unit = "g") Double labelG,
            @Nullable Long version)
            implements PieceDraft {}

    /** A piece rolled without a coat; {@code on} is what it is rolled in. */
    @Schema(name = "RolledPieceDraft")
    record Rolled(
            @NotNull @Longest(120) String name,
            @NotNull @Longest(500) String story,
            @NotNull @Valid Centre centre,
            @NotNull List<@NotNull @Valid In> on,
            @Nullable List<@NotNull @Valid Finishing> finishes,
            @Nullable @Within(low = 0, above = true, high = 20_000, unit = "g") Double labelG,
            @Nullable Long version)
            implements PieceDraft {}

    /**
     * A hollow figure.
     *
     * @param parts of it, 1 or 2
     * @param joining of two parts
     * @param baseAcrossMm of a base, and so its thickness; nothing where there is none
     * @param baseStanding how the figure comes onto it; set in while soft where nothing is said
     * @param secondCouverture of a coat cast first, of the base, or of both; nothing where all is
     *     of one
     * @param outerMm thickness of the coat cast first; nothing where there is none
     * @param outerBrushed whether it is brushed into the mould; poured where nothing is said
     * @param baseOfSecond whether the base is of it
     */
    @Schema(name = "HollowPieceDraft")
    record Hollow(
            @NotNull @Longest(120) String name,
            @NotNull @Longest(500) String story,
            @NotNull @Longest(64) String mould,
            @NotNull @Longest(64) String couverture,
            @Nullable List<@NotNull @Valid Coat> colours,
            @NotNull @Within(low = 0.8, high = 12, unit = "mm") Double shellMm,
            @NotNull @Within(low = 1, high = 2) Integer parts,
            @Nullable HollowFigure.Joining joining,
            @Nullable @Within(low = 10, high = 400, unit = "mm") Double baseAcrossMm,
            @Nullable @Within(low = 1, high = 20, unit = "mm") Double baseThickMm,
            @Nullable HollowFigure.BaseStanding baseStanding,
            @Nullable @Longest(64) String secondCouverture,
            @Nullable Double outerMm,
            @Nullable Boolean outerBrushed,
            @Nullable Boolean baseOfSecond,
            @Nullable List<@NotNull @Valid Finishing> finishes,
            @Nullable @Within(low = 0, above = true, high = 20_000, unit = "g") Double labelG,
            @Nullable Long version)
            implements PieceDraft {}

    /**
     * A plate or round out of a thin sheet.
     *
     * @param roundMm across a round; nothing for plates
     * @param holeMm of a ring; nothing for whole rounds
     * @param plateLengthMm of a plate, and so its width; nothing for rounds
     * @param besideRounds rounds of a sheet where strips are cut from the rest, and so length and
     *     width of a strip; nothing where all of it is rounds
     * @param secondCouverture of a second colour, and so its share of the sheet and its pattern;
     *     nothing where there is one colour
     * @param on what is strewn on it
     */
    @Schema(name = "PlatesPieceDraft")
    record Plates(
            @NotNull @Longest(120) String name,
            @NotNull @Longest(500) String story,
            @NotNull @Longest(64) String couverture,
            @NotNull @Within(low = 0.2, high = 6, unit = "mm") Double thickMm,
            @NotNull @Within(low = 50, high = 1000, unit = "mm") Double lengthMm,
            @NotNull @Within(low = 50, high = 1000, unit = "mm") Double widthMm,
            @Nullable @Within(low = 5, high = 500, unit = "mm") Double roundMm,
            @Nullable @Within(low = 5, unit = "mm") Double holeMm,
            @Nullable @Within(low = 5, high = 500, unit = "mm") Double plateLengthMm,
            @Nullable @Within(low = 5, high = 500, unit = "mm") Double plateWidthMm,
            @Nullable @Within(low = 1, high = 5000) Integer besideRounds,
            @Nullable @Within(low = 5, high = 500, unit = "mm") Double stripMm,
            @Nullable @Within(low = 5, high = 500, unit = "mm") Double stripAcrossMm,
            @Nullable @Longest(64) String secondCouverture,
            @Nullable @Within(low = 2, high = 60, unit = "%") Double secondPercent,
            @Nullable SheetPiece.Pattern secondPattern,
            @Nullable List<@NotNull @Valid In> on,
            @Nullable List<@NotNull @Valid Finishing> finishes,
            @Nullable @Within(low = 0, above = true, high = 20_000, unit = "g") Double labelG,
            @Nullable Long version)
            implements PieceDraft {}
}
