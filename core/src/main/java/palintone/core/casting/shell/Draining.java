package palintone.core.casting.shell;

import palintone.core.casting.film.DrainingFilm;
import palintone.core.casting.film.WallLine;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Source;

/**
 * From the turn to the scraped mould.
 *
 * @param stands on what it stands
 * @param runsOffG what still runs down in one cavity after the draining, until it begins to set
 * @param lipMm how thick the rim grows by it: all of it on paper, what hangs on a rack
 * @param earliestS after the draining: scraped sooner, the rim runs back over the edge
 * @param latestS scraped later, it breaks out instead of being cut
 * @param beginsS its shine goes
 */
public record Draining(
        Stands stands,
        double runsOffG,
        double lipMm,
        double earliestS,
        double latestS,
        double beginsS) {

    public static final Source SOURCE =
            Source.calibrated(
                    "what runs on by its own Casson law until it sets; a rim may be cut once its"
                            + " yield value carries it, and until two fifths of what sets in a room has");

    private static final double ASKED_EVERY_S = 20;
    private static final double LONGEST_S = 900;

    /** On what a turned mould is left. */
    public enum Stands {
        RACK("on a rack, drips fall"),
        PAPER("on paper, the rim gathers a lip");

        private final String words;

        Stands(final String words) {
            this.words = words;
        }

        /** As the maker says it. */
        public String words() {
            return words;
        }
    }

    /** As it goes on from a drained shell. */
    public static Draining of(final ShellCast cast, final Shell shell, final Stands stands) {
        final StandingShell mean =
                new StandingShell(
                        cast,
                        shell,
                        shell.meanMm(),
                        stands == Stands.PAPER ? Opening.DOWN : Opening.SIDE);
        final StandingShell rim =
                new StandingShell(cast, shell, Math.max(0.2, shell.rimMm()), Opening.SIDE);
        final double begins = mean.whenSolidS(CalibratedCasting.BEGINS_SOLID);
        final double kgPerM3 = cast.order().bowl().kgPerM3();
        final WallLine wall = WallLine.of(cast.ground().cavity(), shell.places().size());
        final DrainingFilm film =
                new DrainingFilm(wall, kgPerM3, i -> shell.places().get(i).thickMm() / 1000);
        film.drain(Math.min(LONGEST_S, begins), ASKED_EVERY_S, 0, mean::consistency);
        final double runsM3 = Math.max(0, film.drainedM3());
        final double aroundM = 2 * Math.sqrt(Math.PI * cast.ground().cavity().rimAreaMm2()) / 1000;
        final double gathers =
                stands == Stands.PAPER ? runsM3 : runsM3 * CalibratedCasting.HANGS_SHARE;
        // A fillet between wall and paper, as high as it is wide.
        final double lipM = Math.sqrt(2 * gathers / aroundM);
        final double carriesPa =
                kgPerM3 * PhysicalConstants.GRAVITY_M_PER_S2 * Math.max(0.2, shell.rimMm()) / 1000;
        return new Draining(
                stands,
                runsM3 * kgPerM3 * 1000,
                lipM * 1000,
                rim.path()
                        .firstS(s -> rim.consistency(s).yieldPa(shell.rimMm() / 2000) >= carriesPa),
                rim.whenSolidS(
                        StandingShell.solid(
                                cast.order().bowl().couverture(), CalibratedCasting.BREAKS_SHARE)),
                begins);
    }
}
