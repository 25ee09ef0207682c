package palintone.server.filling;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;
import palintone.server.find.FoundKind;

/** Fillings, by their name. */
@Component
@Order(2)
class FindFillings implements Findable {

    @Override
    public String question() {
        return Findable.byName(FoundKind.FILLING, "filling");
    }
}
