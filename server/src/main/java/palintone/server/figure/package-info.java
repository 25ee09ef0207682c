/** How the core's figures look on the wire. */
package palintone.server.figure;
