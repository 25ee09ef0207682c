package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooked;
import palintone.core.mould.Mould;
import palintone.core.piece.MouldRoom;
import palintone.core.piece.PieceMoisture;
import palintone.server.filling.BenchReader;
import palintone.server.filling.SheetRequest;
import palintone.server.mould.MouldService;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/** What the moulds would hold of a filling that is in no piece yet, and layers only thought of. */
@Service
public class MouldTrials {

    /** A shell and a cap as they usually are; common practice, no source. */
    private static final double SHELL_MM = 1.6;

    private static final double HEAD_ROOM_MM = 1.8;
    private static final int MOST_LAYERS = 6;

    private final MouldService moulds;
    private final BenchReader reader;

    MouldTrials(final MouldService moulds, final BenchReader reader) {
        this.moulds = moulds;
        this.reader = reader;
    }

    /**
     * A recipe to be held against every mould.
     *
     * @param shellMm 1.6 where it is not said
     * @param headRoomMm 1.8 where it is not said
     */
    public record RoomRequest(
            @Valid @NotNull SheetRequest on,
            @Nullable @Within(low = 0.2, high = 20, unit = "mm") Double shellMm,
            @Nullable @Within(low = 0.5, unit = "mm") Double headRoomMm) {}

    /**
     * What a mould holds of it.
     *
     * @param eachG in one cavity
     * @param pieces that all of the recipe fills
     */
    public record MouldFillView(
            String id, String name, int cavities, int owned, double eachG, int pieces) {}

    /** One layer that is tried, and its share of the room. */
    public record LayerDraft(
            @Valid @NotNull SheetRequest on,
            @Within(low = 0, above = true, high = 1) double share) {}

    /**
     * Layers that are tried in a mould.
     *
     * @param layers first in first, two or more
     */
    public record LayersRequest(
            @NotNull @Longest(64) String mould,
            @Nullable @Within(low = 0.2, high = 20, unit = "mm") Double shellMm,
            @Nullable @Within(low = 0.5, unit = "mm") Double headRoomMm,
            @NotNull List<@NotNull @Valid LayerDraft> layers,
            @Within(low = 0, above = true, high = 5, unit = "mm") double barrierMm,
            @Within(low = 1, high = 400, unit = "days") double days) {}

    /** Moulds whose hollow is too low for such a shell and cap are left out. */
    public List<MouldFillView> rooms(final RoomRequest request) {
        final Cooked cooked = reader.read(request.on()).properties().cooked();
        final List<MouldFillView> views = new ArrayList<>();
        OutOfRangeException refused = null;
        for (final Mould mould : moulds.inUse()) {
            try {
                final double each =
                        room(mould, request.shellMm(), request.headRoomMm())
                                .grams(cooked.composition());
                views.add(
                        new MouldFillView(
                                mould.id(),
                                mould.name(),
                                mould.usable(),
                                mould.owned(),
                                each,
                                (int) Math.floor(cooked.yieldG() / each)));
            } catch (OutOfRangeException e) {
                refused = e;
            }
        }
        if (views.isEmpty() && refused != null) {
            throw refused;
        }
        return views;
    }

    public FilledPieces.MoistureView moisture(final LayersRequest request) {
        final Mould mould = moulds.mould(Require.text("mould", request.mould(), 64));
        final List<LayerDraft> layers = request.layers() == null ? List.of() : request.layers();
        if (layers.size() > MOST_LAYERS) {
            throw new OutOfRangeException(
                    "layers", String.valueOf(layers.size()), "2 to " + MOST_LAYERS);
        }
        double sum = 0;
        for (final LayerDraft layer : layers) {
            sum += Require.positive("share of a layer", layer.share(), 1, "");
        }
        if (!layers.isEmpty() && Math.abs(sum - 1) > 0.001) {
            throw new OutOfRangeException(
                    "shares of the layers", String.valueOf(sum), "a sum of 1");
        }
        return FilledPieces.view(
                mould.name(),
                PieceMoisture.of(
                        mould.name(),
                        room(mould, request.shellMm(), request.headRoomMm()),
                        layers.stream()
                                .map(
                                        layer ->
                                                new PieceMoisture.MoistPart(
                                                        layer.on().recipe().name(),
                                                        layer.share(),
                                                        reader.read(layer.on()).properties()))
                                .toList(),
                        request.barrierMm(),
                        request.days(),
                        List.of()),
                List.of());
    }

    private static MouldRoom room(
            final Mould mould, @Nullable final Double shellMm, @Nullable final Double headRoomMm) {
        return new MouldRoom(
                mould,
                shellMm == null ? SHELL_MM : shellMm,
                headRoomMm == null ? HEAD_ROOM_MM : headRoomMm);
    }
}
