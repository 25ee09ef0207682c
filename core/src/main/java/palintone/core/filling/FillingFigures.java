package palintone.core.filling;

import java.util.List;
import java.util.Optional;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * What can be said of a filling before it is cooked.
 *
 * @param waterActivity absent where the filling has no water phase to speak of
 * @param water share of the mass
 * @param fat share of the mass
 * @param undissolvedSugar absent where the filling has no water phase to speak of
 * @param density where it is piped
 */
public record FillingFigures(
        Optional<Figure> waterActivity,
        Figure water,
        Figure fat,
        Optional<Figure> undissolvedSugar,
        Figure density) {

    /** Soft shell fillings: below 0.60 nothing grows, above 0.91 most bacteria do. */
    private static final Band KEEPING = new Band(0.60, 0.65, 0.85, 0.91);

    private static final Source KEEPING_SOURCE =
            Source.remembered(
                    "Beuchat 1983: most bacteria grow above 0.90–0.91, S. aureus above 0.86");

    private static final List<WaterActivityModel> MODELS =
            List.of(new Norrish1966(), new MoneyBorn1951());

    public static FillingFigures of(final Filling filling) {
        final Composition composition = filling.mixture().composition();
        final double water = composition.fraction(Component.WATER) * 100;
        final boolean hasPhase = filling.aqueous() && water > 1;
        final Basis share = Basis.of("mass of the part / mass of the whole");
        return new FillingFigures(
                hasPhase
                        ? Optional.of(waterActivity(AqueousPhase.of(composition)))
                        : Optional.empty(),
                Figure.of("water", water, Unit.PERCENT, share),
                Figure.of("fat", composition.fatFraction() * 100, Unit.PERCENT, share),
                hasPhase
                        ? Optional.of(undissolved(AqueousPhase.of(composition)))
                        : Optional.empty(),
                Figure.of(
                        "density",
                        filling.densityGPerMl(),
                        Unit.GRAM_PER_ML,
                        Basis.of("1/ρ = Σ share/ρ of the part, without air")
                                .from(ChoiOkos1986.SOURCE)
                                .validFor("−40 to 150 °C, no air beaten in", true)));
    }

    private static Figure waterActivity(final AqueousPhase phase) {
        final double rest = Ross1975.saltsAndEthanol(phase);
        final double[] all =
                MODELS.stream().mapToDouble(m -> m.waterActivity(phase) * rest).sorted().toArray();
        final WaterActivityModel first = MODELS.get(0);
        final double value = first.waterActivity(phase) * rest;
        Basis basis =
                Basis.of(first.formula() + " · factor of salts and ethanol")
                        .with("water in 100 g", phase.waterG(), Unit.GRAM);
        for (final Solute solute : phase.dissolvedG().keySet()) {
            basis =
                    basis.with(
                            solute.component().words() + " dissolved",
                            phase.dissolvedG().get(solute),
                            Unit.GRAM);
        }
        basis =
                basis.with("minerals", phase.saltsG(), Unit.GRAM)
                        .with("ethanol", phase.ethanolG(), Unit.GRAM)
                        .from(first.source());
        for (final WaterActivityModel other : MODELS.subList(1, MODELS.size())) {
            basis =
                    basis.with(other.formula(), other.waterActivity(phase) * rest, Unit.ONE)
                            .from(other.source());
        }
        return Figure.of(
                        "water activity",
                        value,
                        Unit.ONE,
                        basis.from(Ross1975.SOURCE)
                                .from(AqueousPhase.SOLUBILITY)
                                .from(KEEPING_SOURCE)
                                .validFor(
                                        "water activity above 0.6, 20 to 30 °C, little ethanol",
                                        value > 0.6 && phase.ethanolG() < 5))
                .spread(all[0], all[all.length - 1])
                .within(KEEPING);
    }

    private static Figure undissolved(final AqueousPhase phase) {
        return Figure.of(
                        "undissolved sugar",
                        phase.crystallineG(),
                        Unit.PERCENT,
                        Basis.of("sugar − solubility · water, each sugar alone")
                                .with("water in 100 g", phase.waterG(), Unit.GRAM)
                                .from(AqueousPhase.SOLUBILITY)
                                .validFor("20 °C", true))
                .within(new Band(0, 0, 3, 10));
    }
}
