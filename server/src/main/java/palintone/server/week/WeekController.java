package palintone.server.week;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.server.problem.Longest;
import palintone.server.work.BatchView;

/** Orders, people and the days laid out from them. */
@RestController
@RequestMapping("/api/week")
class WeekController {

    private final WeekService week;
    private final OrderService orders;
    private final PersonService people;

    WeekController(final WeekService week, final OrderService orders, final PersonService people) {
        this.week = week;
        this.orders = orders;
        this.people = people;
    }

    /** An order as somebody says it. */
    record SaidOrder(@NotNull @Longest(4000) String text) {}

    /**
     * Where work would go.
     *
     * @param work id of it
     * @param start when it would begin; left out to let go of what is pinned
     * @param person who would do it; who does it where left out
     */
    record MoveDraft(
            @NotNull @Longest(200) String work,
            @Nullable Instant start,
            @Nullable @Longest(64) String person) {}

    /** The run whose batch begins. */
    record RunDraft(@NotNull @Longest(200) String run) {}

    /** The days as they are laid out. */
    @GetMapping
    WeekView view() {
        return week.view();
    }

    /** Plans from what is wanted and what has begun; what is pinned stays where it is. */
    @PostMapping("/plan")
    WeekView plan() {
        return week.again();
    }

    /** Looks for no better plan any more. */
    @PostMapping("/enough")
    WeekView enough() {
        return week.enough();
    }

    /** Says what a move would break; moves nothing. */
    @PostMapping("/trial")
    WeekView.WeekMoveView trial(@Valid @RequestBody final MoveDraft draft) {
        check(draft);
        return week.move(
                draft.work(),
                Optional.ofNullable(draft.start())
                        .orElseThrow(
                                () ->
                                        new OutOfRangeException(
                                                "start", "missing", "when it would begin")),
                draft.person());
    }

    /** Pins work where it is put and plans the rest around it, or lets go of it. */
    @PostMapping("/pin")
    WeekView pin(@Valid @RequestBody final MoveDraft draft) {
        check(draft);
        return week.pin(draft.work(), Optional.ofNullable(draft.start()), draft.person());
    }

    private static void check(final MoveDraft draft) {
        Require.text("work", draft.work(), 200);
        if (draft.person() != null) {
            Require.text("person", draft.person(), 64);
        }
    }

    /** Says why not all can be in time, and what would help. */
    @PostMapping("/clash")
    WeekView.ClashView clash() {
        return week.clash();
    }

    /** Begins a batch of the plan. */
    @PostMapping("/begin")
    BatchView begin(@Valid @RequestBody final RunDraft draft) {
        Require.text("run", draft.run(), 200);
        return week.begin(draft.run());
    }

    /** Orders, soonest first. */
    @GetMapping("/orders")
    List<OrderView> orders(@RequestParam(defaultValue = "false") final boolean done) {
        return orders.list(done);
    }

    /** Reads an order as it is said; keeps nothing. */
    @PostMapping("/orders/read")
    OrderView.OrderReadView read(@Valid @RequestBody final SaidOrder said) {
        return orders.read(said.text());
    }

    /** Writes an order down, new or changed. */
    @PutMapping("/orders/{id}")
    OrderView order(@PathVariable final String id, @Valid @RequestBody final OrderDraft draft) {
        return orders.change(id, draft);
    }

    /** Takes an order back. */
    @DeleteMapping("/orders/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeOrder(@PathVariable final String id) {
        orders.remove(id);
    }

    /** Everybody who works here, and when. */
    @GetMapping("/people")
    List<PersonView> people() {
        return people.list();
    }

    /** Writes somebody down, new or changed. */
    @PutMapping("/people/{id}")
    PersonView person(@PathVariable final String id, @Valid @RequestBody final PersonDraft draft) {
        return people.change(id, draft);
    }

    /** Works here no more; old plans keep the name. */
    @DeleteMapping("/people/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archivePerson(@PathVariable final String id) {
        people.archive(id);
    }
}
