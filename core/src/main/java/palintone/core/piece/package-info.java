/**
 * The family of pieces: what each kind weighs, how it looks cut through, what a batch needs, how it
 * is made.
 */
package palintone.core.piece;
