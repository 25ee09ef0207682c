package palintone.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import palintone.core.casting.CastPlan;
import palintone.core.casting.Vibration;
import palintone.core.figure.OutOfRangeException;
import palintone.core.work.BenchShells;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** What is weighed at the Bench is asked for at the station Shells. */
class BenchWeighingsTest {

    private static final String PIECE = "sesame-crackle";

    private final Workshop workshop = Workshop.shared();
    private final BenchWeighings bench = workshop.bean(BenchWeighings.class);

    private Answer weighed(final CastPlan plan) {
        return workshop.post(
                "/api/shells/weighed",
                "{\"couverture\":\""
                        + plan.order().bowl().couverture().ingredient().id()
                        + "\",\"mould\":\""
                        + plan.order().mould().id()
                        + "\",\"vibration\":\""
                        + Vibration.TABLE
                        + "\",\"asked\":\"WAIT\",\"value\":60}");
    }

    @Test
    void aMouldWeighedAtTheBenchTeachesAndTakenBackTeachesNoMore() {
        final CastPlan plan = workshop.bean(PieceService.class).casting(PIECE).orElseThrow();
        final double each = plan.coats().together().massG();
        final int before = weighed(plan).json().at("/rows").size();
        final UUID batch = UUID.randomUUID();
        final double shellsG = each * plan.order().mould().usable() * 1.2;
        bench.weighed(of(batch, shellsG));
        final Answer after = weighed(plan);
        assertThat(after.json().at("/rows").size()).isEqualTo(before + 1);
        assertThat(after.text()).contains("Weighed at the Bench");
        // Corrected, it is the same weighing.
        bench.weighed(of(batch, shellsG * 0.9));
        assertThat(weighed(plan).json().at("/rows").size()).isEqualTo(before + 1);
        bench.weighed(new PieceService.ShellsWeighed(batch, PIECE, Optional.empty()));
        assertThat(weighed(plan).json().at("/rows").size()).isEqualTo(before);
    }

    @Test
    void whatNoSuchMouldCanHoldIsNotTakenIn() {
        final UUID batch = UUID.randomUUID();
        assertThatThrownBy(() -> bench.weighed(of(batch, 90_000)))
                .isInstanceOf(OutOfRangeException.class);
    }

    private static PieceService.ShellsWeighed of(final UUID batch, final double shellsG) {
        return new PieceService.ShellsWeighed(
                batch,
                PIECE,
                Optional.of(
                        new BenchShells(
                                31.4,
                                24,
                                45,
                                20,
                                Vibration.TABLE,
                                shellsG,
                                Instant.parse("2026-11-20T09:00:00Z"))));
    }

    @Test
    void aTabletHasNoShell() {
        assertThat(workshop.bean(PieceService.class).casting("buckwheat-tablet")).isEmpty();
    }
}
