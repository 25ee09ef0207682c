package palintone.core.temper.trace;

import palintone.core.figure.Sentence;

/**
 * A rule of the curve, kept or broken.
 *
 * @param name in a few words
 * @param kept whether it was
 * @param atS when it was decided, or broken first
 * @param size how far and how long, in words with numbers
 * @param change what to do otherwise; empty words where it was kept
 */
public record Rule(String name, boolean kept, double atS, Sentence size, Sentence change) {}
