/** What chocolate does around something: dipped centres, the bowl they come out of, what is cut. */
package palintone.core.coat;
