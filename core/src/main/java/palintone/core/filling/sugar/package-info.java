/** Cooking sugar to a softness, wherever the kitchen lies. */
package palintone.core.filling.sugar;
