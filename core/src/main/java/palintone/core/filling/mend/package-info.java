/** Fillings gone wrong: why, and what to add. */
package palintone.core.filling.mend;
