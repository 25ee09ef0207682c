/** Pieces, their drawing and what a batch of them needs: the piece room of the core. */
package palintone.server.piece;
