/** The hand work of shells asked over HTTP: thickness and wait, the cold, the warmest fill. */
package palintone.server.shell;
