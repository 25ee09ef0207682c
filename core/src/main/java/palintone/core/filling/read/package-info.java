/** Recipes as people write them, read into operations and lines. */
package palintone.core.filling.read;
