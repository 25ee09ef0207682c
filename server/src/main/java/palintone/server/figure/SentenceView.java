package palintone.server.figure;

import java.util.List;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/** Words with places for numbers, so that the interface can state them in the maker's units. */
public record SentenceView(String template, List<ValueView> values) {

    /** One number and the place it goes to. */
    public record ValueView(String name, double value, Unit unit) {}

    public static SentenceView of(final Sentence sentence) {
        return new SentenceView(
                sentence.template(),
                sentence.values().entrySet().stream()
                        .map(
                                v ->
                                        new ValueView(
                                                v.getKey(),
                                                v.getValue().value(),
                                                v.getValue().unit()))
                        .toList());
    }
}
