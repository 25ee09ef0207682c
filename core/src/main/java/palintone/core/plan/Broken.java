package palintone.core.plan;

import java.util.List;

/**
 * Why a plan does not hold.
 *
 * @param rule that is broken
 * @param stretches ids of those it is about
 * @param subject what it is about: a person, a thing, why a lag is there
 * @param minutes by how much, where that can be said; else 0
 * @param begun whether it is about work that has begun: it can only be said, no longer helped
 */
public record Broken(
        Rule rule, List<String> stretches, String subject, int minutes, boolean begun) {

    /** What a plan has to keep. */
    public enum Rule {
        MISSING("has no place on the plan"),
        UNKNOWN("is on the plan and nobody asked for it"),
        BEFORE_NOW("would have to begin before now"),
        TOO_EARLY("begins before it may"),
        BEYOND("ends after the last day that is planned"),
        TOO_SOON("begins too soon after what it waits for"),
        TOO_LATE("begins too late after what it waits for"),
        NOBODY("has nobody who does it"),
        NEEDS_NOBODY("has somebody and needs nobody"),
        CANNOT("is done by somebody who has not learned it"),
        OUT_OF_HOURS("is done by somebody who is not here then"),
        TWO_AT_ONCE("is done by somebody who does something else then"),
        TOO_FEW("needs more than there are"),
        NO_UNIT("needs one of these and has none"),
        SAME_UNIT("needs what is in use"),
        UNWASHED("needs a wash and there is no time for it"),
        MOVED("is not where it is pinned");

        private final String words;

        Rule(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
