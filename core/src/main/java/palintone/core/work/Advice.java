package palintone.core.work;

import palintone.core.figure.BandStatus;
import palintone.core.figure.Sentence;

/**
 * What a reading means.
 *
 * @param bandStatus how it stands against its band
 * @param sentence the number, then what to do where this is not said by the bowl
 * @param again whether it should be mended and read again before going on
 */
public record Advice(BandStatus bandStatus, Sentence sentence, boolean again) {}
