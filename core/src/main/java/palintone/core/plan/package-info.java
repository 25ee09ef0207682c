/**
 * Several batches at once: what is to be done by when, with what and by whom, a plan of it, whether
 * that plan holds, and what it is worth. Minutes count from one moment, the origin of a workload.
 */
package palintone.core.plan;
