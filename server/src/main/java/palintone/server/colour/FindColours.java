package palintone.server.colour;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;
import palintone.server.find.FoundKind;

/** Colours, by their name. */
@Component
@Order(5)
class FindColours implements Findable {

    @Override
    public String question() {
        return Findable.byName(FoundKind.COLOUR, "colour");
    }
}
