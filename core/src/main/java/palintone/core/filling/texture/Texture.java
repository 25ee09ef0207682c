package palintone.core.filling.texture;

import palintone.core.fat.FatBlend;
import palintone.core.fat.FatDensity;
import palintone.core.figure.Source;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.water.AqueousPhase;
import palintone.core.filling.water.SyrupViscosity;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.LumpedSolids;

/**
 * Stiffness of a filling at rest: the stress that makes it move within a second or so, Pa.
 *
 * <p>Four things hold it. A network of soft bodies: solid fat, cocoa particles, swollen protein and
 * fibre, whose stress grows exponentially with their volume. Drops of fat hang together where
 * liquid oil bridges their crystals, fully up to half of it solid: drops of nearly solid cocoa
 * butter lie beside each other (partial coalescence, Boode & Walstra 1993, from memory; how much is
 * calibrated). The syrup between, which gives way the sooner the thicker it is (a power law of
 * 0.6). Undissolved sugar, hard grains that touch only where they are packed: they thicken all else
 * as Krieger & Dougherty 1959 have it, and yield as grains do near their packing (Heymann, Peukert
 * & Aksel 2002, from memory). And what gels in the syrup ({@link Gel}). Where there is too little
 * syrup to surround the fat, the fat is outside and the dry bodies lie in it; a little water that
 * cannot surround anything sits between them and holds them together (capillary suspensions, Koos &
 * Willenbacher 2011, from memory; how much is calibrated), so that a nut paste or a molten
 * chocolate stiffens with the first spoonful of jam. From the one to the other it goes by degrees.
 * Constants are calibrated here so that the usual ratios of chocolate to cream, and caramels cooked
 * to 110, 116 and 124 °C, fall into the classes practice gives them (TextureTest prints them).
 */
public final class Texture {

    public static final Source SOURCE =
            Source.calibrated(
                    "stress of a particle network and of the syrup; set to the usual ratios of"
                            + " ganache and to caramels of 110, 116, 124 °C (common practice)");

    /** Syrup outside: log10 Pa at no solids, and per volume share of solids. */
    private static final double WET_BASE = -1.5;

    /**
     * Drops that are oil give way, and are in each other's way by so much of a hard body;
     * calibrated.
     */
    private static final double SOFT_DROPS = 0.15;

    private static final double WET_PER_SHARE = 14.4;
    private static final double WET_PER_LOG_VISCOSITY = 0.22;

    /** Fat outside. */
    private static final double DRY_BASE = 0.8;

    private static final double DRY_PER_PARTICLES = 2.2;

    /** Crystals bear more each the fewer they are: a gianduja of a tenth solid fat is just cut. */
    private static final double DRY_PER_SOLID_FAT = 9.0;

    private static final double DRY_SOLID_FAT_POWER = 0.8;
    private static final double DRY_BENT_FROM = 0.45;

    /** Dry, protein, fibre and starch have not swollen, but hold the oil next to them. */
    private static final double PROTEIN_DRY_ML_PER_G = 1.3;

    private static final double FIBRE_DRY_ML_PER_G = 1.3;
    private static final double STARCH_DRY_ML_PER_G = 0.8;

    /**
     * Water between bodies in fat: tenfolds it stiffens by at most, and the share that gives most.
     */
    private static final double BRIDGES = 1.6;

    private static final double BRIDGED_AT = 0.1;

    /** Dry bodies have so much water of their own, g for each ml of them. */
    private static final double OWN_WATER = 0.035;

    /**
     * Between these the syrup comes to surround the fat: ml of it in 100 g, and share of the oil.
     */
    private static final double SYRUP_FROM_ML = 11;

    private static final double SYRUP_TO_ML = 17;
    private static final double OIL_FROM = 0.84;
    private static final double OIL_TO = 0.76;

    /**
     * Bodies that could drink so many times the water there is leave none free; or half of that.
     */
    private static final double THIRST_FROM = 1.6;

    private static final double THIRST_TO = 0.8;

    /** The syrup: log10 Pa at 10 Pa·s, and per tenfold of its viscosity. */
    private static final double THINNING_BASE = 1.36;

    private static final double THINNING = 0.6;
    private static final double COCOA_ML_PER_G = 0.75;
    private static final double PROTEIN_ML_PER_G = 2.2;
    private static final double FIBRE_ML_PER_G = 2.5;
    private static final double STARCH_ML_PER_G = 1.2;
    private static final double SOLID_ML_PER_G = 0.7;
    private static final double CRYSTAL_ML_PER_G = 0.63;

    /** Grains of sugar cannot lie closer; milled and of many sizes. */
    private static final double GRAINS_PACK = 0.64;

    private static final double KRIEGER = 2.5;

    /**
     * Grains begin to hold each other at this share of the volume, and are jammed at the other;
     * from the one to the other their stress grows by so much of a power of ten. Calibrated: an
     * icing at 0.39 pours, fondant of an eighth water at 0.50 keeps its shape, a paste at 0.59 is
     * kneaded.
     */
    private static final double GRAINS_TOUCH = 0.40;

    private static final double GRAINS_JAM = 0.54;
    private static final double GRAINS_PER_SHARE = 30;
    private static final double GRAINS_PA = 10;

    /** Pieces in a filling thicken it as coarse grains do; Krieger & Dougherty 1959. */
    private static final double PIECES_PACK = 0.62;

    /** Nearer to lying on each other they are a heap that is held together, no longer a paste. */
    private static final double PIECES_MOST = 0.93;

    private static final double PIECES_KRIEGER = -2.5 * PIECES_PACK;

    /** What is solid beyond half of the fat hangs together by so much only; calibrated. */
    private static final double BEYOND_HALF = 0.42;

    private static final double STEPS_A_TENFOLD = 2;

    private final Composition composition;
    private final boolean cooked;
    private final FatBlend fat;
    private final Gel gel;
    private final double outside;

    /** Added to log10 of the stiffness: what the workshop's own checks say. */
    private final double moved;

    private Texture(
            final Composition composition,
            final boolean cooked,
            final Gel gel,
            final double moved) {
        this.composition = composition;
        this.cooked = cooked;
        this.gel = gel;
        this.moved = moved;
        this.fat = FatBlend.of(composition);
        this.outside = outside(composition, cooked);
    }

    /** How far the syrup surrounds the fat, from 0, the fat is outside, to 1. */
    private static double outside(final Composition c, final boolean cooked) {
        if (c.fraction(Component.WATER) <= 0.005) {
            return 0;
        }
        if (cooked) {
            return 1;
        }
        final Emulsion drops = Emulsion.of(c);
        return step(drops.syrupMl(), SYRUP_FROM_ML, SYRUP_TO_ML)
                * step(drops.oilShare(), OIL_FROM, OIL_TO)
                * step(thirst(c), THIRST_FROM, THIRST_TO);
    }

    /** From 0 at the one to 1 at the other, without a bend. */
    private static double step(final double value, final double none, final double all) {
        final double x = Math.max(0, Math.min(1, (value - none) / (all - none)));
        return x * x * (3 - 2 * x);
    }

    /** What protein, fibre and starch could drink, as times the water there is. */
    private static double thirst(final Composition c) {
        return ((PROTEIN_ML_PER_G - SOLID_ML_PER_G) * protein(c)
                        + (FIBRE_ML_PER_G - SOLID_ML_PER_G) * c.fraction(Component.FIBRE)
                        + (STARCH_ML_PER_G - SOLID_ML_PER_G) * c.fraction(Component.STARCH))
                / c.fraction(Component.WATER);
    }

    private static double protein(final Composition c) {
        return c.fraction(Component.PROTEIN)
                + LumpedSolids.MILK_PROTEIN * c.fraction(Component.MILK_SOLIDS);
    }

    /** Of what came out of the pot. */
    public static Texture of(final Cooked cooked) {
        return new Texture(
                cooked.matrix(),
                (cooked.history().cookedSugarC() >= SYRUP_STAYS_FROM_C
                                || cooked.history().boiledClear())
                        && sugary(cooked),
                Gel.of(cooked),
                PIECES_KRIEGER * Math.log10(1 - Math.min(PIECES_MOST, cooked.folded().packed())));
    }

    /**
     * The same, moved by what was felt at the bench.
     *
     * @param steps of firmness on the scale of the hand, below 0 for softer
     */
    public Texture firmer(final double steps) {
        return steps == 0
                ? this
                : new Texture(composition, cooked, gel, moved + steps / STEPS_A_TENFOLD);
    }

    /** Sugar cooked hotter than this stays dissolved when cold, °C; common practice, no source. */
    public static final double SYRUP_STAYS_FROM_C = 107;

    private static boolean sugary(final Cooked cooked) {
        final Composition c = cooked.matrix();
        return c.fraction(Component.WATER) > 0.03
                || c.fatFraction() < 0.25 && c.fraction(Component.WATER) > 0;
    }

    /** The syrup as it is at rest: sugars crystallised out unless they were cooked. */
    public AqueousPhase syrup(final double celsius) {
        return cooked
                ? AqueousPhase.supersaturated(composition)
                : AqueousPhase.of(composition, Math.max(0, celsius));
    }

    /** Whether its sugar was cooked so far that it stays dissolved for a time. */
    public boolean cookedSugar() {
        return cooked;
    }

    /** What gels in it. */
    public Gel gel() {
        return gel;
    }

    /**
     * Whether there is syrup enough to surround the fat. What grows in it, lives in it; dry bodies
     * that could drink it all make it no drier for that, only stiffer.
     */
    public boolean syrupOutside() {
        return composition.fraction(Component.WATER) > 0.005
                && (cooked || Emulsion.of(composition).syrupOutside());
    }

    /** Solid share of the fat at rest, 0 to 1. */
    public double solidFat(final double celsius) {
        return fat.solidAt(celsius);
    }

    /**
     * Stiffness at rest, set for good.
     *
     * @param celsius −20 to 60 °C
     * @return Pa
     */
    public double pascal(final double celsius) {
        return pascal(celsius, fat.solidAt(celsius));
    }

    /**
     * Stiffness with another share of the fat solid than there would be at rest.
     *
     * @param solidShare of the fat, 0 to 1
     */
    public double pascal(final double celsius, final double solidShare) {
        return Math.pow(10, Math.min(8, log10(celsius, solidShare) + moved));
    }

    private double log10(final double celsius, final double solidShare) {
        if (outside <= 0) {
            return fatOutside(solidShare);
        }
        if (outside >= 1) {
            return syrupOutside(celsius, solidShare);
        }
        return outside * syrupOutside(celsius, solidShare) + (1 - outside) * fatOutside(solidShare);
    }

    private double fatOutside(final double solidShare) {
        final double fatG = composition.fatFraction() * 100;
        final double solidMl = fatG * solidShare / FatDensity.SOLID_G_PER_ML;
        final double oilMl = fatG * (1 - solidShare) / FatDensity.LIQUID_G_PER_ML;
        final double bodiesMl =
                dryMl(PROTEIN_DRY_ML_PER_G, FIBRE_DRY_ML_PER_G, STARCH_DRY_ML_PER_G)
                        + sugarG() * CRYSTAL_ML_PER_G;
        final double all = solidMl + oilMl + bodiesMl + water();
        final double particles = Math.min(0.75, bodiesMl / all);
        // Dry solids pack: beyond the bend each further share counts four times.
        final double packed = particles + 3 * Math.max(0, particles - DRY_BENT_FROM);
        final double ofFat = fatG > 0 ? solidShare : 1;
        final double between =
                bodiesMl > 0 ? Math.max(0, water() - OWN_WATER * bodiesMl) / bodiesMl : 0;
        return DRY_BASE
                + DRY_PER_PARTICLES * packed
                + DRY_PER_SOLID_FAT * Math.pow(ofFat, DRY_SOLID_FAT_POWER)
                + BRIDGES * (1 - Math.exp(-between / BRIDGED_AT));
    }

    private double syrupOutside(final double celsius, final double solidShare) {
        final double fatG = composition.fatFraction() * 100;
        final double solidMl = fatG * solidShare / FatDensity.SOLID_G_PER_ML;
        final double oilMl = fatG * (1 - solidShare) / FatDensity.LIQUID_G_PER_ML;
        final double dryMl = dryMl(PROTEIN_ML_PER_G, FIBRE_ML_PER_G, STARCH_ML_PER_G);
        final AqueousPhase syrup = syrup(celsius);
        final double syrupMl = syrup.waterG() + syrup.dissolvedSumG() / 1.6 + syrup.ethanolG();
        final double crystalMl = syrup.crystallineG() * CRYSTAL_ML_PER_G;
        final double all = solidMl + oilMl + dryMl + crystalMl + syrupMl;
        final double hangs =
                Math.min(0.5, solidShare) + BEYOND_HALF * Math.max(0, solidShare - 0.5);
        final double held =
                (solidShare > 0 ? solidMl * hangs / solidShare : 0) + SOFT_DROPS * oilMl;
        final double grains = Math.min(0.995 * GRAINS_PACK, crystalMl / all);
        final double share = (held + dryMl) / (all - crystalMl);
        final double viscosity = SyrupViscosity.log10PaS(syrup, celsius);
        final double network =
                WET_BASE
                        + WET_PER_SHARE * Math.min(0.62, share)
                        + WET_PER_LOG_VISCOSITY * Math.min(0, viscosity);
        // A thick syrup gives way under stress, the more the thicker; bodies in it stiffen it.
        final double viscous = THINNING_BASE + THINNING * (viscosity - 1 + 1.5 * share);
        final double thicker = Math.pow(1 - grains / GRAINS_PACK, -KRIEGER * GRAINS_PACK);
        final double jammed =
                Math.max(0, Math.min(GRAINS_JAM, grains) - GRAINS_TOUCH) * GRAINS_PER_SHARE;
        final double touching = GRAINS_PA * (Math.pow(10, jammed) - 1);
        return Math.log10(
                (Math.pow(10, network) + Math.pow(10, viscous)) * thicker
                        + touching
                        + gel.pascal(syrup, celsius));
    }

    private double water() {
        return composition.fraction(Component.WATER) * 100;
    }

    private double dryMl(
            final double proteinMlPerG, final double fibreMlPerG, final double starchMlPerG) {
        return 100
                * (COCOA_ML_PER_G * composition.fraction(Component.COCOA_SOLIDS)
                        + proteinMlPerG * protein(composition)
                        + fibreMlPerG * composition.fraction(Component.FIBRE)
                        + starchMlPerG * composition.fraction(Component.STARCH));
    }

    private double sugarG() {
        return 100
                * (composition.fraction(Component.SUCROSE)
                        + composition.fraction(Component.GLUCOSE)
                        + composition.fraction(Component.FRUCTOSE)
                        + composition.fraction(Component.LACTOSE)
                        + composition.fraction(Component.MALTOSE)
                        + composition.fraction(Component.HIGHER_SACCHARIDES)
                        + composition.fraction(Component.SORBITOL)
                        + (1 - LumpedSolids.MILK_PROTEIN)
                                * composition.fraction(Component.MILK_SOLIDS));
    }

    /** The class at a temperature. */
    public TextureClass classAt(final double celsius) {
        return TextureClass.of(pascal(celsius));
    }

    /**
     * Firmness on a scale of the bench: 0 at 10 Pa (it pours), 10 at a million (a knife is needed);
     * two steps for each tenfold of stiffness.
     */
    public static double firmness(final double pascal) {
        return Math.max(0, Math.min(12, STEPS_A_TENFOLD * (Math.log10(pascal) - 1)));
    }

    /**
     * The temperature at which it is as stiff as this, at rest.
     *
     * @return °C between −20 and 60, at the nearer end where it never is
     */
    public double temperatureFor(final double pascal) {
        double low = -20;
        double high = 60;
        for (int k = 0; k < 40; k++) {
            final double t = (low + high) / 2;
            if (pascal(t) > pascal) {
                low = t;
            } else {
                high = t;
            }
        }
        return (low + high) / 2;
    }
}
