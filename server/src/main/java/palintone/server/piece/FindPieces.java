package palintone.server.piece;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;
import palintone.server.find.FoundKind;

/** Pieces, by their name. */
@Component
@Order(1)
class FindPieces implements Findable {

    @Override
    public String question() {
        return Findable.byName(FoundKind.PIECE, "piece");
    }
}
