package palintone.server.piece;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import palintone.core.casting.CastOrder;
import palintone.core.casting.CastPlan;
import palintone.core.work.BenchShells;
import palintone.server.coat.CoatWeighings;
import palintone.server.shell.ShellWeighingDraft;
import palintone.server.shell.ShellWeighings;

/** What is weighed at the Bench becomes a weighing of its mould and couverture. */
@Service
class BenchWeighings {

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
     * After the books have closed on the entry, in books of their own: whatever is wrong with the
     * piece by now, what the maker noted stays.
     */
    @TransactionalEventListener
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void weighed(final PieceService.ShellsWeighed weighed) {
        final Optional<CastPlan> plan =
                weighed.shells().isPresent() ? pieces.casting(weighed.piece()) : Optional.empty();
        weighings.fromBench(
                id(weighed.batch()), plan.map(p -> draft(p, weighed.shells().orElseThrow())));
    }

    /** After the books have closed on the entry, as shells. */
    @TransactionalEventListener
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void weighed(final PieceService.CoatsWeighed weighed) {
        coats.fromBench(id(weighed.batch()), weighed.couverture(), weighed.coats());
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
