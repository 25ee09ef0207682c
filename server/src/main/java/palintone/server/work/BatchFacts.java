package palintone.server.work;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import palintone.core.figure.Sentence;
import palintone.core.piece.CastPiece;
import palintone.core.piece.Materials;
import palintone.core.piece.SecondBowl;
import palintone.core.process.Process;
import palintone.core.substance.Allergen;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.work.BatchPlan;
import palintone.core.work.Bowl;

/**
 * Everything of a batch that is fixed when it begins, whether planned here or read from a file.
 *
 * @param lot the number on the label
 * @param couverture in the bowl; null in files of before, and where nothing is tempered
 * @param method by which it is tempered; null in files of before
 * @param bowl null where nothing is tempered
 * @param materials what it was planned to need
 * @param declared what was to be said of it; null in batches of before
 */
public record BatchFacts(
        UUID id,
        String lot,
        String pieceId,
        String pieceName,
        int pieces,
        int moulds,
        Instant beganAt,
        @Nullable String couverture,
        @Nullable TemperingMethod method,
        @Nullable Bowl bowl,
        List<Material> materials,
        @Nullable Declared declared,
        Process process) {

    /** What a material is for. */
    public enum Role {
        COUVERTURE,
        COLOUR,
        FILLING,
        INGREDIENT
    }

    /** One planned mass, grams. */
    public record Material(Role role, String name, double grams) {}

    /**
     * What a label of the batch has to say, as it was planned.
     *
     * @param mould what it is cast in; null where it is cast in none
     * @param allergens every one in it
     * @param unread what keeps that from being whole; empty where nothing does
     * @param alcoholPercent of the part that holds most, by mass
     */
    public record Declared(
            @Nullable String mould,
            Set<Allergen> allergens,
            String unread,
            double alcoholPercent,
            boolean keepCold) {

        static Declared of(final Materials needs) {
            return new Declared(
                    needs.piece() instanceof CastPiece cast ? cast.mould().id() : null,
                    needs.allergens(),
                    needs.allergensUnread().map(Sentence::template).orElse(""),
                    needs.alcoholPercent(),
                    needs.keepCold());
        }
    }

    static BatchFacts planned(
            final UUID id, final String lot, final Instant at, final BatchPlan plan) {
        final Materials needs = plan.materials();
        final List<Material> materials = new ArrayList<>();
        if (needs.piece().tempered().isPresent()) {
            materials.add(
                    new Material(Role.COUVERTURE, "couverture to melt", needs.toMelt().value()));
        }
        needs.topUps()
                .ifPresent(
                        more ->
                                materials.add(
                                        new Material(Role.COUVERTURE, more.name(), more.value())));
        needs.kept()
                .forEach(k -> materials.add(new Material(Role.COUVERTURE, k.name(), k.value())));
        needs.second()
                .map(SecondBowl::toMelt)
                .ifPresent(
                        melt ->
                                materials.add(
                                        new Material(Role.COUVERTURE, melt.name(), melt.value())));
        needs.coloursToFetch()
                .forEach(c -> materials.add(new Material(Role.COLOUR, c.name(), c.value())));
        needs.fillings()
                .forEach(
                        f ->
                                materials.add(
                                        new Material(Role.FILLING, f.name(), f.toMake().value())));
        needs.toFetch()
                .forEach(
                        p ->
                                materials.add(
                                        new Material(
                                                Role.INGREDIENT,
                                                p.ingredient().name(),
                                                p.massG())));
        return new BatchFacts(
                id,
                lot,
                needs.piece().id(),
                needs.piece().name(),
                needs.size().pieces(),
                needs.size().moulds(),
                at,
                needs.piece().tempered().map(c -> c.ingredient().id()).orElse(null),
                plan.place().tempering().map(curve -> curve.order().method()).orElse(null),
                plan.bowl().orElse(null),
                materials,
                Declared.of(needs),
                plan.process());
    }
}
