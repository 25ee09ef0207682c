package palintone.core.work;

import palintone.core.figure.Sentence;
import palintone.core.figure.Tension;

/**
 * What a reading means.
 *
 * @param tension how it stands against its band
 * @param sentence the number, then what to do
 */
public record Advice(Tension tension, Sentence sentence) {}
