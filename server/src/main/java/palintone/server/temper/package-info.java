/** Seeding, solved both ways: the temper room of the core. */
package palintone.server.temper;
