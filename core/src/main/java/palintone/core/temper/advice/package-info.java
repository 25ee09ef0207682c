/** The next move at the bowl: ranked, with what comes of each; a pure function. */
package palintone.core.temper.advice;
