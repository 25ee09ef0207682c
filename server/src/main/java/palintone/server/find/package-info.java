/** Finds anything by its name, whatever it is. */
package palintone.server.find;
