/** Fillings: recipes, their water phase, and the published models of water activity. */
package palintone.core.filling;
