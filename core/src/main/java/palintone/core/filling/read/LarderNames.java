package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import palintone.core.filling.read.Likeness.Candidate;
import palintone.core.filling.read.Likeness.Named;

/**
 * Which ingredient of the larder a written name means, and how surely. Only a name that is the same
 * word for word, the larder's own or one makers use for it, is sure: by likeness, or with words cut
 * off, an allergen may be lost, a sugar taken for a drier one, a spirit for a weaker, so that such
 * a match is shown to be looked at, or asked for.
 */
public final class LarderNames {

    /** As near as a name is that only likely means it, on the scale of {@link Likeness}. */
    private static final double LIKELY = 0.89;

    private final EverydayNames everyday;
    private final List<Named> larder;
    private final Likeness likeness;
    private final List<Set<String>> telling;

    /**
     * @param everyday what makers call things
     * @param larder what is there
     */
    public LarderNames(final EverydayNames everyday, final List<Named> larder) {
        this.everyday = everyday;
        this.larder = List.copyOf(larder);
        this.likeness = new Likeness(larder);
        this.telling = larder.stream().map(n -> Likeness.telling(n.name())).toList();
    }

    private List<Named> which(final Predicate<Set<String>> name) {
        return IntStream.range(0, larder.size())
                .filter(i -> !telling.get(i).isEmpty() && name.test(telling.get(i)))
                .mapToObj(larder::get)
                .toList();
    }

    /** Whether a name says all that is asked for, and more, but nothing that makes it another. */
    private static boolean fuller(final Set<String> name, final Set<String> asked) {
        return !asked.isEmpty()
                && name.containsAll(asked)
                && name.stream().noneMatch(w -> Lexicon.isAnother(w) && !asked.contains(w));
    }

    /** How surely the ingredient of a line was found. */
    public enum Sureness {
        SURE,
        /** Taken, and shown to be looked at. */
        LIKELY,
        /** Something of the larder is near; somebody is asked. */
        GUESSED,
        UNKNOWN
    }

    /**
     * What was found.
     *
     * @param id of the ingredient; empty where somebody has to say
     * @param near what else may be meant, best first
     */
    public record Found(Optional<String> id, Sureness sureness, List<Candidate> near) {}

    /** What is meant by what stands in a line, with what is said of the preparation. */
    public Found of(final String words) {
        final List<Candidate> near = likeness.nearest(words);
        final Set<String> asked = Likeness.telling(words);
        final List<Named> same = which(asked::equals);
        if (same.size() == 1) {
            return new Found(
                    Optional.of(same.get(0).id()), Sureness.SURE, first(same.get(0), 1, near));
        }
        final Optional<EverydayNames.Known> called =
                everyday.of(words).filter(k -> named(k.id()).isPresent());
        if (called.isPresent()) {
            final boolean sure = called.get().sure();
            return new Found(
                    Optional.of(called.get().id()),
                    sure ? Sureness.SURE : Sureness.LIKELY,
                    first(named(called.get().id()).orElseThrow(), sure ? 1 : LIKELY, near));
        }
        final List<Named> fuller = which(name -> fuller(name, asked));
        if (fuller.size() == 1) {
            return new Found(
                    Optional.of(fuller.get(0).id()),
                    Sureness.LIKELY,
                    first(fuller.get(0), LIKELY, near));
        }
        return new Found(
                Optional.empty(), near.isEmpty() ? Sureness.UNKNOWN : Sureness.GUESSED, near);
    }

    private Optional<Named> named(final String id) {
        return larder.stream().filter(n -> n.id().equals(id)).findFirst();
    }

    private static List<Candidate> first(
            final Named it, final double score, final List<Candidate> near) {
        final List<Candidate> all = new ArrayList<>();
        all.add(new Candidate(it.id(), it.name(), score));
        near.stream().filter(c -> !c.id().equals(it.id())).forEach(all::add);
        return all;
    }
}
