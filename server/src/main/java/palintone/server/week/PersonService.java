package palintone.server.week;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.Require;
import palintone.server.problem.NotHereException;

/** Who works here, and when. */
@Service
public class PersonService {

    private final PersonRepository people;
    private final ApplicationEventPublisher events;

    PersonService(final PersonRepository people, final ApplicationEventPublisher events) {
        this.people = people;
        this.events = events;
    }

    /** Everybody who is not archived. */
    @Transactional(readOnly = true)
    public List<PersonView> list() {
        return people.findByArchivedFalseOrderByName().stream().map(PersonEntity::view).toList();
    }

    /**
     * Writes somebody down, new or changed.
     *
     * @throws palintone.server.problem.StaleVersionException when somebody has changed it meanwhile
     */
    @Transactional
    public PersonView change(final String id, final PersonDraft draft) {
        Require.text("id", id, 64);
        final PersonEntity entity = people.findById(id).orElseGet(() -> new PersonEntity(id));
        entity.rest(draft.version());
        entity.change(draft);
        entity.archive(false);
        final PersonView view = people.saveAndFlush(entity).view();
        events.publishEvent(new WeekChanged());
        return view;
    }

    /** Does not work here any more; old plans keep the name. */
    @Transactional
    public void archive(final String id) {
        people.findById(id).orElseThrow(() -> new NotHereException("person", id)).archive(true);
        events.publishEvent(new WeekChanged());
    }

    /** As they can be read in again. */
    @Transactional(readOnly = true)
    public Map<String, PersonDraft> drafts() {
        final Map<String, PersonDraft> drafts = new LinkedHashMap<>();
        people.findByArchivedFalseOrderByName().forEach(p -> drafts.put(p.id(), p.draft()));
        return drafts;
    }

    /** Those of these ids, archived ones too. */
    @Transactional(readOnly = true)
    public Map<String, PersonDraft> drafts(final Collection<String> ids) {
        final Map<String, PersonDraft> drafts = new LinkedHashMap<>();
        people.findAllById(ids).forEach(p -> drafts.put(p.id(), p.draft()));
        return drafts;
    }

    /** Ids by names. */
    @Transactional(readOnly = true)
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        people.findByArchivedFalseOrderByName().forEach(p -> ids.put(p.view().name(), p.id()));
        return ids;
    }

    /** Says what cannot be. */
    public void check(final PersonDraft draft) {
        PersonEntity.check(draft);
    }
}
