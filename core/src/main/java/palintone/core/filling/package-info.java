/**
 * Fillings, and what their makers want to know of them. Here: the recipe, its properties each with
 * a basis, conditions, styles and risks. A recipe is played by {@code pot} and told as tasks by
 * {@code make}; what comes of it is judged by {@code water}, {@code emulsion}, {@code texture},
 * {@code taste}, {@code sugar} and {@code life}; {@code cool} follows it to the piping bag, {@code
 * layer} between other fillings, {@code balance}, {@code mend} and {@code size} change it, {@code
 * read} takes it from text and {@code record} learns from what was measured.
 */
package palintone.core.filling;
