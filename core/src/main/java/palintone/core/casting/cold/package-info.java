/** The cold, what it takes, and when a shell leaves the mould. */
package palintone.core.casting.cold;
