/**
 * Finds plans for a workload by constraint programming. A process of its own: its solver is native
 * code, which no limit of this machine's memory holds back, and which may fall without taking
 * anything with it.
 */
package palintone.schedule;
