package palintone.server.exchange.list;

import java.util.Collection;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.server.week.PersonDraft;
import palintone.server.week.PersonService;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Who works here, and when. */
@Component
class PeopleList extends OneByOneList<PersonDraft> {

    private final PersonService people;

    PeopleList(final PersonService people, final JsonMapper json) {
        super("people", "person", PersonDraft.class, Columns.of(PersonDraft.class), json);
        this.people = people;
    }

    @Override
    Map<String, PersonDraft> drafts() {
        return people.drafts();
    }

    @Override
    Map<String, PersonDraft> drafts(final Collection<String> ids) {
        return people.drafts(ids);
    }

    @Override
    public Map<String, String> idsByName() {
        return people.idsByName();
    }

    @Override
    public void complete(final ObjectNode thing) {
        // Nothing that is left out has to be filled in.
    }

    @Override
    public void check(final String id, final ObjectNode thing) {
        people.check(draft(thing));
    }

    @Override
    void write(final String id, final PersonDraft row) {
        people.change(id, row);
    }
}
