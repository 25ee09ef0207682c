/** The house: its room, its cabinets, its schools and habits. */
package palintone.server.house;
