/** Colours of cocoa butter on a mould: how thick, and when they are dry. */
package palintone.core.casting.colour;
