/** Moulds: cavities in closed form and their inner offset. Geometry only. */
package palintone.core.mould;
