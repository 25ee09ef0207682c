/** A recipe as tasks: what is weighed, cooked, cooled and rested, and what is read meanwhile. */
package palintone.core.filling.make;
