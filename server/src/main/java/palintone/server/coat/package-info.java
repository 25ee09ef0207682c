/** Dipping, slabs and sheets over HTTP; {@code palintone.core.coat} computes them. */
package palintone.server.coat;
