/**
 * Ingredients, their composition, mixtures by mass balance, thermal properties, kitchen measures.
 */
package palintone.core.substance;
