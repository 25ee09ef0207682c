/** Moulds and what a shell keeps of the chocolate: cavity geometry and its inner offset. */
package palintone.core.mould;
