package palintone.server.larder;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import palintone.server.find.Findable;

/** What is in the larder, by its name. */
@Component
@Order(3)
class FindIngredients implements Findable {

    @Override
    public String question() {
        return """
                select if(i.couverture_kind is null, 'INGREDIENT', 'COUVERTURE') kind, i.id id,
                  i.name name from ingredient i
                  where i.archived = false and i.name like :some
                  order by i.name like :start desc, i.name limit 8
                """;
    }
}
