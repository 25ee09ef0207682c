package palintone.core.work;

import palintone.core.figure.BandStatus;
import palintone.core.figure.Sentence;

/**
 * What a reading means.
 *
 * @param bandStatus how it stands against its band
 * @param sentence the number, then what to do
 */
public record Advice(BandStatus bandStatus, Sentence sentence) {}
