/** How something is made: tasks, what each asks for, and which must come before which. */
package palintone.core.process;
