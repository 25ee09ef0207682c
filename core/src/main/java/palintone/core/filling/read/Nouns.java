package palintone.core.filling.read;

import java.util.Locale;

/** Names of food, one for many: "plums" are a plum, "leaves" a leaf. */
public final class Nouns {

    private Nouns() {}

    /** One for many, and one name for what has two. */
    public static String stem(final String word) {
        final String lower = word.toLowerCase(Locale.ROOT);
        final String one;
        if (lower.equals("leaves")) {
            one = "leaf";
        } else if (lower.endsWith("ies") && lower.length() > 4) {
            one = lower.substring(0, lower.length() - 3) + "y";
        } else if (lower.endsWith("s") && !lower.endsWith("ss") && lower.length() > 3) {
            one = lower.substring(0, lower.length() - 1);
        } else {
            one = lower;
        }
        return switch (one) {
            case "couverture", "choc" -> "chocolate";
            case "purée" -> "puree";
            default -> one;
        };
    }
}
