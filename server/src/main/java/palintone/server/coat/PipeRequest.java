package palintone.server.coat;

import jakarta.validation.constraints.NotNull;

/**
 * A filling piped onto paper.
 *
 * @param massG of one heap
 * @param pipedC as it leaves the bag
 */
public record PipeRequest(@NotNull String filling, double massG, double pipedC) {}
