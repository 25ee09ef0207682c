/** How couverture flows: yield value and plastic viscosity, and what crystals do to them. */
package palintone.core.temper.flow;
