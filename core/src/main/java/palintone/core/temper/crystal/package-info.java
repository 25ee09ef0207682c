/** Crystals of cocoa butter: polymorphs, two-population kinetics, and the fit of its constants. */
package palintone.core.temper.crystal;
