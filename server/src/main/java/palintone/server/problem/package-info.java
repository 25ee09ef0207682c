/** Refusals as problem details after RFC 9457: field, value, and what is allowed. */
package palintone.server.problem;
