/** One bowl of couverture: what it exchanges with the world, and what becomes of it over time. */
package palintone.core.temper.bowl;
