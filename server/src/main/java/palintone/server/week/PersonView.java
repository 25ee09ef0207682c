package palintone.server.week;

import java.util.List;

/** Somebody who works here. */
public record PersonView(
        String id,
        String name,
        List<PersonDraft.HoursDraft> hours,
        List<PersonDraft.AwayDraft> away,
        boolean archived,
        long version) {}
