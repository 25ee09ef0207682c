package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.heat.RoomAir;
import palintone.core.process.TaskKind;
import palintone.core.temper.method.TemperingMethod;

/** A shell that cannot be had is not reckoned with: masses are those of the one that will be. */
class AsItWillBeTest {

    private static MouldedPiece wished(final double mm) {
        final MouldedPiece sample = Samples.halfSpherePiece();
        return new MouldedPiece(
                "w",
                "W",
                sample.mould(),
                sample.couverture(),
                mm,
                2,
                List.of(new FillingLayer(Samples.ganache(), 1)),
                Optional.empty());
    }

    private static Materials needs(final ShelledPiece piece) {
        return piece.materials(
                BatchSize.ofMoulds(2, piece.mould().usable()), new BatchHabits(2, 0.25, 0.1));
    }

    private static Workplace place(final Materials needs) {
        return Samples.workplace(
                needs,
                TemperingMethod.SEED_THIRD,
                new RoomAir(20, 52),
                12,
                Workplace.Fillings.READY);
    }

    @Test
    void aShellTooThinForTheBowlIsReckonedAsItWillBe() {
        final MouldedPiece wish = wished(0.6);
        final Materials asked = needs(wish);
        final ShelledPiece will = wish.asItWillBe(asked, place(asked));
        assertThat(will.shellMm()).isGreaterThan(1.2);
        final Materials then = needs(will);
        assertThat(then.kept().get(0).value()).isGreaterThan(1.5 * asked.kept().get(0).value());
        assertThat(then.fillings().get(0).each().value())
                .isLessThan(0.9 * asked.fillings().get(0).each().value());
        // What is weighed back at the Bench is what was reckoned with.
        final var scrape =
                will.process(then, place(then)).tasks().stream()
                        .filter(t -> t.kind() == TaskKind.SCRAPE)
                        .findFirst()
                        .orElseThrow();
        assertThat(scrape.reading().orElseThrow().target())
                .isCloseTo(then.kept().get(0).value() / then.size().moulds(), within(1e-6));
        assertThat(scrape.say().values().get("thick").value())
                .isCloseTo(will.shellMm(), within(1e-9));
    }

    @Test
    void aShellThatCanBeHadStaysAsItIsWished() {
        final MouldedPiece wish = wished(2);
        final Materials asked = needs(wish);
        assertThat(wish.asItWillBe(asked, place(asked))).isSameAs(wish);
    }
}
