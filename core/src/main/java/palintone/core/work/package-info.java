/**
 * The running batch: a fold of entries over its tasks, what to do about a reading, planned against
 * noted.
 */
package palintone.core.work;
