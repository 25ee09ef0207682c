package palintone.core.filling;

import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.substance.ChoiOkos1986;

/** What is asked of a whole pot, each with its basis: no quality of the filling, and no wish. */
final class BatchFigures {

    /** As it is filled in, °C. */
    private static final double FILLED_C = 28;

    private final FillingProperties properties;

    BatchFigures(final FillingProperties properties) {
        this.properties = properties;
    }

    Figure density() {
        return Figure.of(
                "density",
                ChoiOkos1986.densityGPerMl(properties.cooked().composition(), FILLED_C),
                Unit.GRAM_PER_ML,
                Basis.of("1/ρ = Σ share/ρ of the part, without air")
                        .from(ChoiOkos1986.SOURCE)
                        .validFor("−40 to 150 °C, no air beaten in", true));
    }

    Figure weighed() {
        return Figure.of(
                "weighed in",
                properties.cooked().weighedG(),
                Unit.GRAM,
                Basis.of("Σ lines").from(Source.definition("sum")));
    }

    Figure cost() {
        return Figure.of(
                "cost of the batch",
                properties.cost(),
                Unit.MONEY,
                Basis.of("Σ weighed · price").from(Source.workshop("prices in the larder")));
    }
}
