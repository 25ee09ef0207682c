/** Ingredients and couvertures: the substance room of the core, kept in the books. */
package palintone.server.larder;
