package palintone.core.filling.pot;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import palintone.core.filling.water.Buffers;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * What lies together in a pot: grams of every component, and the acids, proteins and minerals that
 * buffer it. Goes in, comes out and is shared as one, so that neither is forgotten.
 */
final class Contents {

    private static final Component[] COMPONENTS = Component.values();

    /** Grams, by the order of the components. */
    final double[] g = new double[COMPONENTS.length];

    final Buffers buffers = new Buffers();

    /** Of what lies loose in it: the room it takes when poured out, and how much that is. */
    private double looseMl;

    private double looseG;

    /** Of all of it, g. */
    double massG() {
        return Arrays.stream(g).sum();
    }

    /** Of one component, g. */
    double g(final Component component) {
        return g[component.ordinal()];
    }

    /** Puts grams of a component in, or takes them out where they are negative. */
    void put(final Component component, final double grams) {
        g[component.ordinal()] += grams;
    }

    /** So much of it lies loose, of this density when poured out. */
    void lieLoose(final double grams, final double densityGPerMl) {
        looseG += grams;
        looseMl += grams / densityGPerMl;
    }

    /** Molten or ground, nothing lies loose in it. */
    void lieClose() {
        looseG = 0;
        looseMl = 0;
    }

    /**
     * The room all of it takes when poured out, pieces with the voids between them.
     *
     * @param solidMl of it without voids
     * @param pack share of the room that is solid where nothing is known of a piece
     */
    double looseMl(final double solidMl, final double pack) {
        final double massG = massG();
        if (massG <= 0) {
            return 0;
        }
        final double unknownMl = Math.max(0, massG - looseG) / massG * solidMl / pack;
        return Math.max(solidMl / pack, looseMl + unknownMl);
    }

    /** Everything of another goes in here; the other is empty then. */
    void addAll(final Contents other) {
        for (int i = 0; i < g.length; i++) {
            g[i] += other.g[i];
            other.g[i] = 0;
        }
        looseMl += other.looseMl;
        looseG += other.looseG;
        other.looseMl = 0;
        other.looseG = 0;
        buffers.add(other.buffers.takeAll());
    }

    /**
     * Takes a share out; the rest stays.
     *
     * @param share 0 to 1
     */
    Contents take(final double share) {
        final Contents out = new Contents();
        for (int i = 0; i < g.length; i++) {
            out.g[i] = share * g[i];
            g[i] -= out.g[i];
        }
        out.looseMl = share * looseMl;
        out.looseG = share * looseG;
        looseMl -= out.looseMl;
        looseG -= out.looseG;
        out.buffers.add(buffers.take(share));
        return out;
    }

    /** So much of everything stays, the rest is lost. */
    void keep(final double share) {
        for (int i = 0; i < g.length; i++) {
            g[i] *= share;
        }
        looseMl *= share;
        looseG *= share;
        buffers.keep(share);
    }

    /** Grams of two together. */
    static double[] together(final Contents a, final Contents b) {
        final double[] all = a.g.clone();
        for (int i = 0; i < all.length; i++) {
            all[i] += b.g[i];
        }
        return all;
    }

    /** As shares. */
    Composition composition() {
        return composition(g);
    }

    /** Grams of every component as shares. */
    static Composition composition(final double[] grams) {
        final Map<Component, Double> parts = new EnumMap<>(Component.class);
        for (int i = 0; i < grams.length; i++) {
            if (grams[i] > 0) {
                parts.put(COMPONENTS[i], grams[i]);
            }
        }
        return Composition.ofMasses(parts);
    }
}
