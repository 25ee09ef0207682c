/** The wall that is left when a mould is turned, its coats, and the rim. */
package palintone.core.casting.shell;
