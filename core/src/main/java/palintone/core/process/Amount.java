package palintone.core.process;

import java.util.Map;
import java.util.Optional;
import palintone.core.figure.Quantity;
import palintone.core.figure.Unit;

/**
 * What a task is planned with and reckoned by, each with its unit. A sentence may say it too; what
 * the house reckons with it takes from here, whatever the sentence says.
 */
public enum Amount {
    /** Couverture that has left the bowl when the task is done. */
    TAKES(Unit.GRAM, "takes"),
    /** Couverture that has come into the bowl when the task is done. */
    ADDS(Unit.GRAM, "adds"),
    /** The coat planned on one piece. */
    COAT(Unit.GRAM, "coat"),
    /** The film factor a dip was planned with. */
    FILM_FACTOR(Unit.ONE, "factor"),
    /** How long a full mould is shaken. */
    SHAKEN(Unit.SECOND, "shaken"),
    /** How a turned mould is shaken: the place of it among the ways there are. */
    SHAKING(Unit.ONE, "shaking"),
    /** Seed that goes into the bowl. */
    SEED(Unit.GRAM, "seed"),
    /** How thick a shell is planned. */
    SHELL(Unit.MILLIMETRE, "thick"),
    /** What the recipe says of something that goes in by taste. */
    DOSE(Unit.GRAM, "dose");

    private final Unit unit;
    private final String inOldFiles;

    Amount(final Unit unit, final String inOldFiles) {
        this.unit = unit;
        this.inOldFiles = inOldFiles;
    }

    public Unit unit() {
        return unit;
    }

    /**
     * Out of a file of before amounts were written beside what a task says: there the numbers of
     * its sentence carried them.
     *
     * @param kind of the task; seed and shells stood in others too, as words only
     */
    public static Map<Amount, Double> ofOldFile(
            final TaskKind kind, final Map<String, Quantity> said) {
        final Map<Amount, Double> amounts = new java.util.EnumMap<>(Amount.class);
        for (final Amount amount : values()) {
            if (amount == SEED && kind != TaskKind.SEED
                    || amount == SHELL && kind != TaskKind.SCRAPE) {
                continue;
            }
            Optional.ofNullable(said.get(amount.inOldFiles))
                    .filter(number -> number.unit() == amount.unit)
                    .ifPresent(number -> amounts.put(amount, number.value()));
        }
        return amounts;
    }
}
