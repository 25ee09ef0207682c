package palintone.core.temper.trace;

/**
 * One reading as it came: nothing about it is checked yet.
 *
 * @param timeS seconds since some start; may go back, repeat or leave gaps
 * @param temperatureC may be anything, not a number included
 */
public record Sample(double timeS, double temperatureC) {}
