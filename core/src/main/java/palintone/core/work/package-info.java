/** The running batch: its steps, its entries, what to do about a reading, planned against noted. */
package palintone.core.work;
