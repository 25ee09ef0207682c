/** Bigger and smaller recipes, and what is left over. */
package palintone.core.filling.size;
