/** Recorded temperatures: cleaned, cut into phases, judged. */
package palintone.core.temper.trace;
