/**
 * The water of a filling: what is dissolved in it, how free it still is by several published
 * models, where it boils, and how thick it is.
 */
package palintone.core.filling.water;
