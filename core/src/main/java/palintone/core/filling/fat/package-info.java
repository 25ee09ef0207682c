/** The fat of a filling: how much of it is solid, and whether its drops stay apart. */
package palintone.core.filling.fat;
