package palintone.server.exchange;

import jakarta.annotation.Nullable;
import java.util.List;

/** What fillings.json and pieces.json hold. */
final class PieceFile {

    private PieceFile() {}

    record LineRow(String ingredient, double amount, String unit) {}

    record FillingRow(String id, String name, boolean aqueous, List<LineRow> lines) {}

    record LayerRow(String filling, double share) {}

    record ColourRow(String name, double filmMm) {}

    record PieceRow(
            String id,
            String name,
            String story,
            String mould,
            String couverture,
            double shellMm,
            double headRoomMm,
            @Nullable ColourRow colour,
            List<LayerRow> layers) {}
}
