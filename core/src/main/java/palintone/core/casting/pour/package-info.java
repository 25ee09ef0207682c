/**
 * What is poured and into what: the bowl, how thick it runs, the mould's warmth, the bubbles in it.
 */
package palintone.core.casting.pour;
