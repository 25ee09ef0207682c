/**
 * The hand work of shells: how thick, how long, when to move, when it lets go. Above mould, heat
 * and temper, below pieces.
 */
package palintone.core.casting;
