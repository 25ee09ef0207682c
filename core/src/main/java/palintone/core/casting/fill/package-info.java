/** A filling in the shell: how warm, how high, and when it is capped. */
package palintone.core.casting.fill;
