/**
 * Running batches: begun, written into, followed from every screen; and the daybook of past ones.
 */
package palintone.server.work;
