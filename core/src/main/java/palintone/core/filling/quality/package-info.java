/**
 * What a filling is measured by: one class a quality, with its number, its basis and its margin.
 */
package palintone.core.filling.quality;
