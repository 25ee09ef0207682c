package palintone.server.piece;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import palintone.core.casting.CastPlan;
import palintone.core.casting.shell.CastOrder;
import palintone.core.work.BenchCoats;
import palintone.core.work.BenchShells;
import palintone.server.coat.CoatWeighings;
import palintone.server.shell.ShellWeighingDraft;
import palintone.server.shell.ShellWeighings;

/** What is weighed at the Bench becomes a weighing of its mould and couverture. */
@Service
public class BenchWeighings {

    private final PieceService pieces;
    private final ShellWeighings weighings;
    private final CoatWeighings coats;

    BenchWeighings(
            final PieceService pieces, final ShellWeighings weighings, final CoatWeighings coats) {
        this.pieces = pieces;
        this.coats = coats;
        this.weighings = weighings;
    }

    /** One weighing a batch, however often it is corrected. */
    private static String id(final UUID batch) {
        return "bench-" + batch;
    }

    /**
     * Shells of a batch have been weighed at the Bench, or no longer count: worked out here, with
     * no connection held, written when it is run.
     *
     * @param shells empty where they were not weighed in earnest
     * @throws palintone.core.figure.OutOfRangeException where no such mould can hold them
     * @throws palintone.server.problem.NotHereException where there is no such piece any more
     */
    public Runnable shells(
            final UUID batch, final String piece, final Optional<BenchShells> shells) {
        final Optional<ShellWeighingDraft> draft =
                shells.flatMap(weighed -> pieces.casting(piece).map(plan -> draft(plan, weighed)));
        draft.ifPresent(weighings::check);
        return () -> weighings.fromBench(id(batch), draft);
    }

    /**
     * Coats of a batch have been weighed at the Bench, or no longer count.
     *
     * @param couverture they are of
     * @param weighed empty where they were not weighed
     */
    public void coats(
            final UUID batch, final String couverture, final Optional<BenchCoats> weighed) {
        coats.fromBench(id(batch), couverture, weighed);
    }

    private static ShellWeighingDraft draft(final CastPlan plan, final BenchShells shells) {
        final CastOrder order = plan.order();
        return new ShellWeighingDraft(
                order.bowl().couverture().ingredient().id(),
                order.mould().id(),
                order.bowl().fluidity(),
                shells.bowlC(),
                order.bowl().crystals().stable() * 100,
                Math.min(shells.bowlC(), shells.mouldC()),
                order.roomC(),
                shells.vibration(),
                Math.round(shells.drainS()),
                0,
                Math.round(shells.waitS()),
                order.mould().usable(),
                shells.shellsG(),
                null,
                null,
                null,
                "Weighed at the Bench",
                shells.at());
    }
}
