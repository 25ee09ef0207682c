/** What stays on the wall of a mould that is turned over: a film that drains, layer by layer. */
package palintone.core.casting.film;
