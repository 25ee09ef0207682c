/** How shell, layers and cap make one piece, and what a batch of pieces needs. */
package palintone.core.piece;
