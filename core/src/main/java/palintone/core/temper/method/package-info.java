/** Methods of tempering: the curve for this mass in this vessel, and the arithmetic both ways. */
package palintone.core.temper.method;
