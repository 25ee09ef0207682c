/** What weighed shells teach about the wait. */
package palintone.core.casting.learn;
