/** Fillings and their recipes: the filling room of the core, kept in the books. */
package palintone.server.filling;
