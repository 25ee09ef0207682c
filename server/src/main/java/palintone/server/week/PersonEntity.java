package palintone.server.week;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.server.problem.StaleVersionException;

/** Somebody who works here, and when. */
@Entity
@Table(name = "person")
class PersonEntity {

    private static final int MOST_ROWS = 60;
    private static final int LONGEST_NAME = 120;

    @Id private String id;
    private String name = "";
    private boolean archived;
    @Version private Long version;

    @ElementCollection
    @CollectionTable(name = "person_hours", joinColumns = @JoinColumn(name = "person_id"))
    @OrderColumn(name = "position")
    private List<HoursRow> hours = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "person_away", joinColumns = @JoinColumn(name = "person_id"))
    @OrderColumn(name = "position")
    private List<AwayRow> away = new ArrayList<>();

    /** Hours of one weekday. */
    @Embeddable
    static class HoursRow {
        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private DayOfWeek weekday;

        @Column(name = "from_time")
        private LocalTime from;

        @Column(name = "to_time")
        private LocalTime to;

        @Column(name = "until_time")
        private LocalTime until;

        protected HoursRow() {}

        HoursRow(final PersonDraft.HoursDraft draft) {
            weekday = draft.weekday();
            from = draft.from();
            to = draft.to();
            until = Optional.ofNullable(draft.until()).orElse(draft.to());
        }

        PersonDraft.HoursDraft draft() {
            return new PersonDraft.HoursDraft(weekday, from, to, until);
        }
    }

    /** Whole days. */
    @Embeddable
    static class AwayRow {
        @Column(name = "from_day")
        private LocalDate from;

        @Column(name = "to_day")
        private LocalDate to;

        protected AwayRow() {}

        AwayRow(final PersonDraft.AwayDraft draft) {
            from = draft.from();
            to = draft.to();
        }

        PersonDraft.AwayDraft draft() {
            return new PersonDraft.AwayDraft(from, to);
        }
    }

    protected PersonEntity() {}

    PersonEntity(final String id) {
        this.id = id;
    }

    /** Says what cannot be; changes nothing. */
    static void check(final PersonDraft draft) {
        Require.text("name", draft.name(), LONGEST_NAME);
        final List<PersonDraft.HoursDraft> hours = hours(draft);
        Require.between("rows of hours of " + draft.name(), hours.size(), 0, MOST_ROWS, "");
        for (final PersonDraft.HoursDraft one : hours) {
            final LocalTime until = Optional.ofNullable(one.until()).orElse(one.to());
            if (!one.from().isBefore(one.to())) {
                throw new OutOfRangeException(
                        "end of hours of " + draft.name(),
                        one.to().toString(),
                        "later than " + one.from());
            }
            if (until.isBefore(one.to())) {
                throw new OutOfRangeException(
                        "latest end of hours of " + draft.name(),
                        until.toString(),
                        "not before " + one.to());
            }
        }
        for (int i = 1; i < hours.size(); i++) {
            final PersonDraft.HoursDraft before = hours.get(i - 1);
            final PersonDraft.HoursDraft after = hours.get(i);
            final LocalTime until = Optional.ofNullable(before.until()).orElse(before.to());
            if (before.weekday() == after.weekday() && after.from().isBefore(until)) {
                throw new OutOfRangeException(
                        "beginning of hours of " + draft.name(),
                        after.from().toString(),
                        "not before " + until + ", when the hours before may end");
            }
        }
        for (final PersonDraft.AwayDraft one : away(draft)) {
            if (one.to().isBefore(one.from())) {
                throw new OutOfRangeException(
                        "last day away of " + draft.name(),
                        one.to().toString(),
                        "not before " + one.from());
            }
        }
    }

    private static List<PersonDraft.HoursDraft> hours(final PersonDraft draft) {
        return Optional.ofNullable(draft.hours()).orElse(List.of()).stream()
                .sorted(
                        Comparator.comparing(PersonDraft.HoursDraft::weekday)
                                .thenComparing(PersonDraft.HoursDraft::from))
                .toList();
    }

    private static List<PersonDraft.AwayDraft> away(final PersonDraft draft) {
        return Optional.ofNullable(draft.away()).orElse(List.of()).stream()
                .sorted(Comparator.comparing(PersonDraft.AwayDraft::from))
                .toList();
    }

    void change(final PersonDraft draft) {
        check(draft);
        name = draft.name();
        hours.clear();
        hours(draft).forEach(row -> hours.add(new HoursRow(row)));
        away.clear();
        away(draft).forEach(row -> away.add(new AwayRow(row)));
    }

    void rest(final Long given) {
        if (given != null && version != null && !given.equals(version)) {
            throw new StaleVersionException("person", given, version);
        }
    }

    void archive(final boolean now) {
        archived = now;
    }

    String id() {
        return id;
    }

    boolean archived() {
        return archived;
    }

    PersonDraft draft() {
        return new PersonDraft(
                name,
                hours.stream().map(HoursRow::draft).toList(),
                away.stream().map(AwayRow::draft).toList(),
                version);
    }

    PersonView view() {
        return new PersonView(
                id, name, draft().hours(), draft().away(), archived, version == null ? 0 : version);
    }
}
