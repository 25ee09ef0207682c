/** How much of a blend of fats is solid: the one model behind temper, fillings and shells. */
package palintone.core.fat;
