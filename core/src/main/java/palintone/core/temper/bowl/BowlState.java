package palintone.core.temper.bowl;

import palintone.core.temper.crystal.Crystals;

/**
 * A bowl at a moment.
 *
 * @param timeS since the start
 * @param massG of chocolate in it
 * @param temperatureC well stirred
 * @param crystals in its fat
 */
public record BowlState(double timeS, double massG, double temperatureC, Crystals crystals) {}
