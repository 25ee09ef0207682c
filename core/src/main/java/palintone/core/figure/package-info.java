/**
 * Numbers that know where they come from.
 *
 * <p>A {@link palintone.core.figure.Figure} carries its value, its unit, the band it should lie in
 * and the basis it rests on. Figures stand at the surface of the core, where somebody will read
 * them; inside the models plain doubles run.
 */
package palintone.core.figure;
