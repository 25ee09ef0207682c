package palintone.core.process;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/** A process being written down, task by task, in the order it is listed. */
public final class ProcessDraft {

    private static final Source PRACTICE = Source.practice("times and temperatures at the bench");

    private final List<Task> tasks = new ArrayList<>();
    private String part = "";
    private String turn = "";
    private boolean later;
    private int notBefore;

    /** What is written from here on belongs to this. */
    public ProcessDraft part(final String name) {
        part = name;
        return this;
    }

    /**
     * What is written from here on belongs to this turn of several.
     *
     * @param number of it, from 1
     * @param many turns there are; 1 where there are none
     */
    public ProcessDraft turn(final int number, final int many) {
        turn = many == 1 ? "" : "turn " + number + " of " + many;
        later = number > 1;
        return this;
    }

    /** What is written from here on begins when this is done, whatever else it follows. */
    public ProcessDraft notBefore(final int task) {
        notBefore = task;
        return this;
    }

    /** Whether what is written belongs to a turn after the first. */
    public boolean laterTurn() {
        return later;
    }

    private String where() {
        return part.isEmpty() || turn.isEmpty() ? part + turn : part + ", " + turn;
    }

    /** Begins to write a task; it follows nothing until that is said. */
    public TaskDraft task(final TaskKind kind) {
        return new TaskDraft(kind);
    }

    /** Number of the task written last, 0 before the first. */
    public int last() {
        return tasks.size();
    }

    public Process done() {
        return new Process(ReadyInTime.said(tasks));
    }

    /** A task being written down. */
    public final class TaskDraft {
        private final TaskKind kind;
        private String title;
        private Sentence say = Sentence.of("");
        private final Map<Amount, Double> amounts = new EnumMap<>(Amount.class);
        private TaskReading reading;
        private Clock clock;
        private double handsOn = 1;
        private final List<After> after = new ArrayList<>();
        private final Set<Occupies> occupies = EnumSet.noneOf(Occupies.class);
        private String caution = "";
        private Source source = PRACTICE;

        private TaskDraft(final TaskKind kind) {
            this.kind = kind;
            title = kind.words();
        }

        /** As it stands above the task; by its kind where it is not said. */
        public TaskDraft title(final String words) {
            title = words;
            return this;
        }

        /** What to do, with its numbers. */
        public TaskDraft say(final Sentence words) {
            say = words;
            return this;
        }

        /** What it is planned with and reckoned by, in the unit of that. */
        public TaskDraft amount(final Amount what, final double value) {
            amounts.put(what, value);
            return this;
        }

        /**
         * What is read.
         *
         * @param target the number to aim at, in that unit
         * @param band where it should lie, in that unit
         */
        public TaskDraft read(
                final String what, final Unit unit, final double target, final Band band) {
            reading = new TaskReading(what, unit, target, band);
            return this;
        }

        /** How long it takes, s. */
        public TaskDraft clock(final Clock times) {
            clock = times;
            return this;
        }

        /** Share of its time it needs somebody, 0 to 1. */
        public TaskDraft handsOn(final double share) {
            handsOn = share;
            return this;
        }

        /** Straight on from the task written last, where there is one. */
        public TaskDraft next() {
            if (!tasks.isEmpty()) {
                after.add(After.straight(tasks.size()));
            }
            return this;
        }

        /** After another task. */
        public TaskDraft after(final After other) {
            after.add(other);
            return this;
        }

        /** What it keeps from others while it runs. */
        public TaskDraft occupies(final Occupies... what) {
            occupies.addAll(List.of(what));
            return this;
        }

        /** What can hurt; nothing where the words are empty. */
        public TaskDraft caution(final String words) {
            caution = words;
            return this;
        }

        /** What target and clock rest on; practice where it is not said. */
        public TaskDraft source(final Source where) {
            source = where;
            return this;
        }

        /**
         * Writes it down.
         *
         * @return its number
         */
        public int done() {
            if (after.isEmpty() && notBefore > 0) {
                after.add(After.done(notBefore));
            }
            tasks.add(
                    new Task(
                            tasks.size() + 1,
                            kind,
                            title,
                            where(),
                            say,
                            amounts,
                            Optional.ofNullable(reading),
                            Optional.ofNullable(clock),
                            handsOn,
                            after,
                            occupies,
                            Optional.of(caution).filter(words -> !words.isEmpty()),
                            source));
            return tasks.size();
        }
    }
}
