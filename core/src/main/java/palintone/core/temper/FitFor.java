package palintone.core.temper;

import java.util.Map;
import java.util.Optional;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.LumpedSolids;
import palintone.core.temper.flow.FluidityClass;

/**
 * Whether chocolate is fit for a job, by what is in it: solids crowd each other, and molten it is
 * the thicker the less fat there is between them, η ~ (1 − φ/φm)⁻². Emulsifier is not on a bag in
 * grams: where the bag says how fluid it is sold, that counts, and not its fat.
 *
 * @param job asked
 * @param answer whether it is fit
 * @param tempered whether it must be tempered for it
 * @param why in a sentence
 */
public record FitFor(ChocolateJob job, Answer answer, boolean tempered, Sentence why) {

    /** How fit. */
    public enum Answer {
        FIT("fit for it"),
        NEAR("it will do"),
        NOT("not for this");

        private final String words;

        Answer(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static final Source SOURCE =
            Source.calibrated(
                    "solids in fat thicken as (1 − φ/φm)⁻² (Maron & Pierce 1956, from memory),"
                            + " φm 0.68 for ground chocolate; bands by what bags of known fat are"
                            + " sold for");

    /** Solids of ground chocolate lie no closer than this, by volume. */
    private static final double CLOSEST = 0.68;

    /** A couverture everybody works with: 36 % fat. */
    private static final Composition USUAL =
            Composition.per100(
                    Map.of(
                            Component.COCOA_BUTTER, 36.0,
                            Component.COCOA_SOLIDS, 22.0,
                            Component.SUCROSE, 42.0));

    private static final double FAT_G_PER_ML = 0.89;

    private static final double MOLTEN_C = 40;

    /**
     * How thick it is molten against a couverture of 36 % fat, 1 where it is just that.
     *
     * @param of what is in it; more fat than solids is thin, too little to flow is infinite
     */
    public static double thickness(final Composition of) {
        final double phi = solids(of);
        return phi >= CLOSEST ? Double.POSITIVE_INFINITY : relative(phi) / relative(solids(USUAL));
    }

    private static double relative(final double phi) {
        return Math.pow(1 - phi / CLOSEST, -2);
    }

    private static double solids(final Composition of) {
        final double all = 1 / ChoiOkos1986.densityGPerMl(of, MOLTEN_C);
        return 1 - of.fatFraction() / FAT_G_PER_ML / all;
    }

    /** As a figure, with what it rests on. */
    public static Figure figure(final Composition of) {
        return Figure.of(
                "thickness when molten, against 36 % fat",
                Math.min(99, thickness(of)),
                Unit.ONE,
                Basis.of("((1 − φ/φm) / (1 − φ₀/φm))⁻²")
                        .with("solids by volume", solids(of) * 100, Unit.PERCENT)
                        .with("of 36 % fat", solids(USUAL) * 100, Unit.PERCENT)
                        .from(SOURCE));
    }

    /**
     * @param sold how fluid, where its bag says so
     * @param compound a coating of other fats: never tempered
     */
    public static FitFor of(
            final ChocolateJob job,
            final Composition in,
            final Optional<FluidityClass> sold,
            final boolean compound) {
        final double thick = sold.map(FluidityClass::thicknessShare).orElseGet(() -> thickness(in));
        final BandStatus status = job.thickness().bandStatusOf(Math.min(1e4, thick));
        final Answer answer =
                switch (status) {
                    case IN_BAND -> Answer.FIT;
                    case TIGHT -> Answer.NEAR;
                    default -> Answer.NOT;
                };
        final boolean milky = in.fraction(Component.MILK_SOLIDS) * LumpedSolids.MILK_LACTOSE > 0.2;
        final boolean grudging = compound && job == ChocolateJob.GANACHE;
        return new FitFor(
                job,
                grudging && answer == Answer.FIT ? Answer.NEAR : answer,
                job.tempered() && !compound,
                why(job, in, thick, answer)
                        .and(
                                grudging
                                        ? Sentence.of(
                                                "A coating sets harder and tastes of its fat there.")
                                        : milky
                                                ? Sentence.of("Much milk in it: it scorches early.")
                                                : Sentence.of("")));
    }

    private static Sentence why(
            final ChocolateJob job, final Composition in, final double thick, final Answer answer) {
        final boolean thin = thick < job.thickness().low();
        final Sentence said =
                Sentence.of(
                        answer == Answer.FIT
                                ? "{fat} fat: as thick as it should be."
                                : thin
                                        ? job == ChocolateJob.KEEPS_SHAPE
                                                ? "{fat} fat: it runs as it bakes."
                                                : "{fat} fat: thin, it leaves little."
                                        : "{fat} fat: it stays thick. Cocoa butter, a twentieth of"
                                                + " it, helps; a more fluid bag is better.");
        return said.with("fat", in.fatFraction() * 100, Unit.PERCENT);
    }
}
