package palintone.core.plan;

import java.util.Optional;

/**
 * A stretch that is where it is: begun already, or pinned by a maker.
 *
 * @param stretch id of it
 * @param start minute
 * @param person id of who does it; empty where that may still be chosen
 * @param begun whether it has begun: then nobody can help it, and what it breaks is only said
 */
public record Fixed(String stretch, int start, Optional<String> person, boolean begun) {}
