package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** A text being read: its parts, and where each of them went. */
final class RecipeReading {

    final String text;
    final List<Part> parts;
    private final PartUse[] went;

    RecipeReading(final String text) {
        // Two chars of a pair would shift every place behind them.
        this.text = text.replaceAll("[\\x{10000}-\\x{10FFFF}]", "\uFFFD\uFFFD");
        parts = Parts.of(this.text);
        went = new PartUse[parts.size()];
        Arrays.fill(went, PartUse.NOWHERE);
    }

    int size() {
        return parts.size();
    }

    Part at(final int i) {
        return parts.get(i);
    }

    /** The word there in lower case; nothing beyond the ends. */
    String word(final int i) {
        return i < 0 || i >= parts.size() ? "" : parts.get(i).word();
    }

    void went(final int i, final PartUse where) {
        went[i] = where;
    }

    void went(final int from, final int to, final PartUse where) {
        for (int i = from; i < to; i++) {
            went[i] = where;
        }
    }

    PartUse went(final int i) {
        return went[i];
    }

    boolean isFree(final int i) {
        return went[i] == PartUse.NOWHERE;
    }

    /** The text from one part to before another. */
    String source(final int from, final int to) {
        return from >= to ? "" : text.substring(parts.get(from).from(), parts.get(to - 1).to());
    }

    /** The first of a kind that nobody has used, −1 where there is none. */
    int free(final int from, final int to, final Part.PartKind kind) {
        for (int i = from; i < to; i++) {
            if (isFree(i) && parts.get(i).is(kind)) {
                return i;
            }
        }
        return -1;
    }

    /** What of a stretch went nowhere, word by word and number by number. */
    List<String> unused(final int from, final int to) {
        final List<String> left = new ArrayList<>();
        for (int i = from; i < to; i++) {
            final Part part = parts.get(i);
            if (isFree(i)
                    && (part.kind().isNumber()
                            || part.is(Part.PartKind.WORD) && part.text().length() > 2)) {
                left.add(
                        part.kind().isNumber()
                                ? part.text().toLowerCase(Locale.ROOT)
                                : part.text());
            }
        }
        return left;
    }

    /** The text as it went, neighbours that went the same way together. */
    List<WrittenRecipe.Span> spans() {
        final List<WrittenRecipe.Span> spans = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            final Part part = parts.get(i);
            final PartUse where =
                    went[i] == PartUse.NOWHERE
                                    && !part.kind().isNumber()
                                    && (!part.is(Part.PartKind.WORD) || part.text().length() <= 2)
                            ? PartUse.NOTHING
                            : went[i];
            if (where == PartUse.NOTHING || part.is(Part.PartKind.BREAK)) {
                continue;
            }
            final int last = spans.size() - 1;
            if (last >= 0
                    && spans.get(last).went() == where
                    && text.substring(spans.get(last).to(), part.from()).isBlank()
                    && text.substring(spans.get(last).to(), part.from()).indexOf('\n') < 0) {
                spans.set(last, new WrittenRecipe.Span(spans.get(last).from(), part.to(), where));
            } else {
                spans.add(new WrittenRecipe.Span(part.from(), part.to(), where));
            }
        }
        return spans;
    }
}
