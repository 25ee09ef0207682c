/** How stiff a filling is, and in which words. */
package palintone.core.filling.texture;
