package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.record.Correction;
import palintone.core.filling.record.Corrections;
import palintone.server.house.HouseService;
import palintone.server.problem.Longest;
import palintone.server.problem.NotHereException;
import palintone.server.problem.Within;
import palintone.server.web.PageView;

/** Tastings and measurements of fillings, and what they say of the models. */
@Service
public class FillingNotes {

    private static final int LONGEST_WORDS = 1000;

    private final FillingRepository fillings;
    private final FillingVersionRepository versions;
    private final FillingNoteRepository notes;
    private final HouseService houses;
    private final Clock clock;

    FillingNotes(
            final FillingRepository fillings,
            final FillingVersionRepository versions,
            final FillingNoteRepository notes,
            final HouseService houses,
            final Clock clock) {
        this.fillings = fillings;
        this.versions = versions;
        this.notes = notes;
        this.houses = houses;
        this.clock = clock;
    }

    /** What was noted of a version. */
    public record FillingNoteView(
            int number,
            Instant notedAt,
            FillingNoteEntity.NoteKind kind,
            @Nullable Double measured,
            @Nullable Integer score,
            String words) {

        static FillingNoteView of(final FillingNoteEntity note) {
            return new FillingNoteView(
                    note.number(),
                    note.notedAt(),
                    note.kind(),
                    note.measured(),
                    note.score(),
                    note.words());
        }
    }

    /**
     * A tasting or a measurement as it was written down.
     *
     * @param id chosen by the screen: sent twice it is written once
     */
    public record FillingNoteDraft(
            @Nullable UUID id,
            @Nullable Integer number,
            @NotNull FillingNoteEntity.NoteKind kind,
            @Nullable @Within(low = 1, high = 12) Double measured,
            @Nullable @Within(low = 1, high = 10) Integer score,
            @Nullable @Longest(1000) String words) {}

    @Transactional(readOnly = true)
    public PageView<FillingNoteView> notes(final String id, final int page, final int size) {
        return PageView.of(
                notes.findByFillingIdOrderByNotedAtDesc(
                        byId(id).id(), PageView.request(page, size)),
                FillingNoteView::of);
    }

    /** All of them, newest first, for an export. */
    @Transactional(readOnly = true)
    public List<FillingNoteView> every(final String id) {
        return notes.findByFillingIdOrderByNotedAtDesc(byId(id).id()).stream()
                .map(FillingNoteView::of)
                .toList();
    }

    @Transactional
    public PageView<FillingNoteView> note(final String id, final FillingNoteDraft draft) {
        final FillingEntity filling =
                fillings.held(Require.text("filling", id, 64))
                        .orElseThrow(() -> new NotHereException("filling", id));
        final int number = draft.number() == null ? filling.number() : draft.number();
        byNumber(id, number);
        check(draft);
        // Written twice one reading would count as two, and the margin be narrower than it is.
        if (draft.id() == null || !notes.existsById(draft.id())) {
            write(filling, number, clock.instant(), draft);
        }
        return notes(id, 0, PageView.MOST_ROWS);
    }

    /**
     * Takes over a note that was written elsewhere; the same note read in twice is kept once.
     *
     * @param at when it was written
     */
    @Transactional
    public void put(final String id, final Instant at, final FillingNoteDraft draft) {
        final FillingEntity filling = byId(id);
        check(draft);
        if (!notes.existsByFillingIdAndNotedAtAndKind(id, at, draft.kind())) {
            write(filling, filling.number(), at, draft);
        }
    }

    private void write(
            final FillingEntity filling,
            final int number,
            final Instant at,
            final FillingNoteDraft draft) {
        notes.saveAndFlush(
                new FillingNoteEntity(
                        draft.id() == null ? UUID.randomUUID() : draft.id(),
                        filling,
                        number,
                        at,
                        draft.kind(),
                        draft.measured(),
                        draft.score(),
                        draft.words() == null ? "" : draft.words()));
    }

    private static void check(final FillingNoteDraft draft) {
        if (draft.kind() == null) {
            throw new OutOfRangeException("kind of note", "missing", "tasting, measurement");
        }
        Require.words("words", draft.words(), LONGEST_WORDS);
        if (draft.score() != null) {
            Require.between("score", draft.score(), 1, 10, "");
        }
        final double value = draft.measured() == null ? Double.NaN : draft.measured();
        switch (draft.kind()) {
            case WATER_ACTIVITY -> Require.between("water activity", value, 0.05, 1, "");
            case PH -> Require.between("pH", value, 1, 12, "");
            case FIRMNESS -> Require.between("firmness", value, 0, 12, "");
            default -> {
                if (draft.score() == null && (draft.words() == null || draft.words().isBlank())) {
                    throw new OutOfRangeException("tasting", "empty", "a score or some words");
                }
            }
        }
    }

    /** What a filling is called; its id where it is not in the books. */
    @Transactional(readOnly = true)
    public String name(final String id) {
        return fillings.findById(id).map(FillingEntity::name).orElse(id);
    }

    /**
     * A filling as it is cooked here, and what was measured of it.
     *
     * @throws NotHereException where there is no such filling
     */
    @Transactional(readOnly = true)
    public FillingProperties properties(final String id) {
        final FillingEntity entity =
                fillings.findById(Require.text("filling", id, 64))
                        .orElseThrow(() -> new NotHereException("filling", id));
        return FillingProperties.of(
                entity.filling().at(houses.house().pressureHPa()).cooked(),
                Conditions.USUAL.measured(corrections(id)));
    }

    /** What the workshop's own measurements say of the models for this recipe. */
    @Transactional(readOnly = true)
    public Corrections corrections(final String id) {
        final Map<Correction.Of, List<Correction.Measured>> readings =
                new EnumMap<>(Correction.Of.class);
        final Map<Integer, FillingProperties> cooked = new HashMap<>();
        for (final FillingNoteEntity n : notes.findByFillingIdOrderByNotedAtDesc(id)) {
            if (n.measured() == null || n.kind() == FillingNoteEntity.NoteKind.TASTING) {
                continue;
            }
            final FillingProperties then =
                    cooked.computeIfAbsent(
                            n.number(),
                            number ->
                                    FillingProperties.of(
                                            cooked(byNumber(id, number).operations()),
                                            Conditions.USUAL));
            final Correction.Of what = Correction.Of.valueOf(n.kind().name());
            readings.computeIfAbsent(what, w -> new ArrayList<>())
                    .add(new Correction.Measured(then.value(quality(what)), n.measured()));
        }
        final Map<Correction.Of, Correction> each = new EnumMap<>(Correction.Of.class);
        readings.forEach((what, list) -> each.put(what, Correction.of(what, list)));
        return new Corrections(each);
    }

    /** As it was cooked here: syrups boil lower up a mountain. */
    private Cooked cooked(final List<Operation> operations) {
        return Cooking.cook(operations, Cooking.grams(operations), houses.house().pressureHPa());
    }

    private static Quality quality(final Correction.Of what) {
        return switch (what) {
            case WATER_ACTIVITY -> Quality.WATER_ACTIVITY;
            case PH -> Quality.ACIDITY;
            case FIRMNESS -> Quality.FIRMNESS;
        };
    }

    private FillingEntity byId(final String id) {
        return fillings.findById(Require.text("filling", id, 64))
                .orElseThrow(() -> new NotHereException("filling", id));
    }

    private FillingVersionEntity byNumber(final String id, final int number) {
        return versions.findByFillingIdAndNumber(id, number)
                .orElseThrow(() -> new NotHereException("version", String.valueOf(number)));
    }
}
