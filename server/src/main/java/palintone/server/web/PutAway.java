package palintone.server.web;

import jakarta.validation.constraints.NotNull;

/**
 * Something is put away or brought back.
 *
 * @param archived whether it is away
 * @param version of the state that was looked at
 */
public record PutAway(@NotNull Boolean archived, @NotNull Long version) {}
