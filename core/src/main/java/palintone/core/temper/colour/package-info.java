/** The short paths: coloured cocoa butter, compound coating, and what has gone wrong in a bowl. */
package palintone.core.temper.colour;
