/** Water on its way between the layers of a piece. */
package palintone.core.filling.layer;
