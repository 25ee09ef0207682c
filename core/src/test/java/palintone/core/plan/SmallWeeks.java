package palintone.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** Small workloads of our own: few enough stretches that every plan of them can be looked at. */
public final class SmallWeeks {

    /** Everything begins at a multiple of it, so that there are not too many plans. */
    public static final int STEP_MIN = 10;

    private static final int HORIZON = 12 * STEP_MIN;

    private SmallWeeks() {}

    /** Forty of them: chains with waits, turns of moulds, a shared pot, bowls that want washing. */
    public static List<Workload> forty() {
        return IntStream.range(0, 40).mapToObj(SmallWeeks::of).toList();
    }

    /** One by its number; the same number is always the same workload. */
    public static Workload of(final int number) {
        final Random random = new Random(7919L * number + 13);
        final List<Run> runs = new ArrayList<>();
        final List<Stretch> stretches = new ArrayList<>();
        final List<Lag> lags = new ArrayList<>();
        final List<Hold> holds = new ArrayList<>();
        final int batches = 2 + random.nextInt(2);
        final boolean pot = number % 3 == 0;
        int left = 7 - (pot ? 1 : 0);
        for (int b = 0; b < batches; b++) {
            final String run = "b" + b;
            final int most = Math.min(3, left - (batches - 1 - b));
            final int length = Math.max(1, 1 + random.nextInt(most));
            left -= length;
            for (int i = 0; i < length; i++) {
                stretches.add(
                        new Stretch(
                                run + i,
                                run,
                                "work " + i,
                                "",
                                STEP_MIN * (1 + random.nextInt(2)),
                                true,
                                random.nextInt(5) == 0 ? "sugar" : "",
                                List.of()));
                if (i > 0) {
                    final int least = STEP_MIN * random.nextInt(2);
                    lags.add(
                            new Lag(
                                    run + (i - 1),
                                    run + i,
                                    least,
                                    random.nextBoolean()
                                            ? OptionalInt.of(least + STEP_MIN * random.nextInt(2))
                                            : OptionalInt.empty(),
                                    "wait"));
                }
            }
            final int due = STEP_MIN * (3 + random.nextInt(8));
            runs.add(new Run(run, "Batch " + b, 0, OptionalInt.of(due)));
            final String last = run + (length - 1);
            holds.add(
                    new Hold(
                            run + "m",
                            "moulds",
                            1,
                            run + "0",
                            false,
                            last,
                            true,
                            Optional.empty()));
            holds.add(
                    new Hold(
                            run + "w",
                            "bowls",
                            1,
                            run + "0",
                            false,
                            last,
                            length == 1,
                            Optional.of(load(random))));
        }
        if (pot) {
            runs.add(new Run("pot", "Pot", 0, OptionalInt.empty()));
            stretches.add(new Stretch("pot0", "pot", "boil", "", STEP_MIN, true, "", List.of()));
            for (int b = 0; b < 2; b++) {
                lags.add(new Lag("pot0", "b" + b + "0", STEP_MIN, OptionalInt.of(60), "rested"));
            }
        }
        return new Workload(
                0,
                HORIZON,
                runs,
                stretches,
                lags,
                holds,
                List.of(
                        new Thing("moulds", "moulds", 1 + random.nextInt(2), 0),
                        new Thing("bowls", "bowls", 1 + random.nextInt(2), STEP_MIN)),
                people(random),
                List.of());
    }

    private static Hold.Load load(final Random random) {
        return new Hold.Load(
                "c", random.nextInt(3), random.nextInt(4) == 0 ? Set.of("hazelnut") : Set.of());
    }

    private static List<Person> people(final Random random) {
        final List<Person> people = new ArrayList<>();
        people.add(
                new Person(
                        "lead",
                        "Lead maker",
                        Set.of("sugar"),
                        List.of(
                                new Person.Hours(0, 50, 50),
                                new Person.Hours(60, 90, 90 + STEP_MIN * random.nextInt(3)))));
        if (random.nextBoolean()) {
            people.add(
                    new Person(
                            "second",
                            "Second maker",
                            Set.of(),
                            List.of(new Person.Hours(20, 80, 100))));
        }
        return people;
    }
}
