package palintone.server.mould;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;
import palintone.server.find.FoundKind;

/** Moulds, by their name. */
@Component
@Order(4)
class FindMoulds implements Findable {

    @Override
    public String question() {
        return Findable.byName(FoundKind.MOULD, "mould");
    }
}
