/** Cooling, resting, and how warm a filling may go into its shell. */
package palintone.core.filling.cool;
