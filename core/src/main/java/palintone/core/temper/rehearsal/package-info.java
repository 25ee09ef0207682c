/** A bowl played by hand: the simulated bowl and probe, exercises, replay and score. */
package palintone.core.temper.rehearsal;
