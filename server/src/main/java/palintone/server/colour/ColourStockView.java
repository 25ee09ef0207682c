package palintone.server.colour;

import java.util.List;
import palintone.server.figure.SentenceView;

/** A coloured cocoa butter as it is listed and edited. */
public record ColourStockView(
        String id, ColourDraft colour, List<SentenceView> remarks, boolean archived) {

    static ColourStockView of(final ColourEntity entity) {
        return new ColourStockView(
                entity.id(),
                entity.draft(),
                entity.stock().remarks().stream().map(SentenceView::of).toList(),
                entity.archived());
    }
}
