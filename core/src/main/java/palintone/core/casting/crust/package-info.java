/** Heat through mould, chocolate and filling, and the crystals that form on the way. */
package palintone.core.casting.crust;
