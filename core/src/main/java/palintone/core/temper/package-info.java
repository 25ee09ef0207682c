/** Couvertures, their working windows by school, and seeding by enthalpy, solved both ways. */
package palintone.core.temper;
