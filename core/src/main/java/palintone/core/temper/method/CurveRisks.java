package palintone.core.temper.method;

import java.util.List;
import palintone.core.figure.Sentence;

/** What goes wrong with each method; common practice, no source. */
final class CurveRisks {

    private CurveRisks() {}

    static List<Sentence> of(final CurveOrder order) {
        return switch (order.method()) {
            case TABLING ->
                    say(
                            "Scraped too late it sets on the stone and goes back as lumps.",
                            "A stone that has warmed up cools slower with every bowl.",
                            "Water left on the stone seizes the chocolate.");
            case SEED_THIRD ->
                    say(
                            "Into a bowl too hot the seed melts away: nothing left to grow from.",
                            "Into a bowl too cold it stays in lumps; take them out, do not heat on.");
            case SEED_FEW ->
                    say(
                            "A few tenths of a degree above the band melt all of the seed.",
                            "Seed that was not in temper itself brings nothing.");
            case SEED_UNDERCOOL ->
                    say(
                            "Stirred too long at the bottom it grows thick before it is warmed.",
                            "Rewarmed too far the seed goes too: nothing is left to grow from.");
            case COLD_BATH ->
                    say(
                            "The wall sets first: scrape it, or cold lumps spoil the bowl.",
                            "A drop of water in the bowl seizes it.",
                            "Left in a moment too long it falls below the good crystals.");
            case COLD_BATH_QUICK ->
                    say(
                            "Up at once it often holds too little seed to set. What sets at the cold"
                                    + " wall and is scraped in seeds it too, which is not reckoned:"
                                    + " test on paper.",
                            "The wall sets first: scrape it, or cold lumps spoil the bowl.",
                            "A drop of water in the bowl seizes it.");
            case KEEP_TEMPER ->
                    say(
                            "One hot spot above the top of the window and the temper is lost"
                                    + " unseen: test on paper.",
                            "It stays thick, for many crystals are left; not for thin shells.",
                            "Only for couverture that is in temper and has never bloomed.");
            case KETTLE ->
                    say(
                            "The read-out is that of the wall; read in the middle.",
                            "Left running for hours it grows thick: over-tempered.");
        };
    }

    private static List<Sentence> say(final String... words) {
        return java.util.Arrays.stream(words).map(Sentence::of).toList();
    }
}
