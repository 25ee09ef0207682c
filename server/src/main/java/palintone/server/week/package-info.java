/** Orders, people, and the days laid out from them. */
package palintone.server.week;
