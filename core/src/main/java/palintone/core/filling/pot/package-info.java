/** The pot: operations in order, and what each of them does to mass, water and heat. */
package palintone.core.filling.pot;
