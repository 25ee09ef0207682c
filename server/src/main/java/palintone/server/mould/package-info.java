/** Moulds: the shell room of the core, kept in the books. */
package palintone.server.mould;
