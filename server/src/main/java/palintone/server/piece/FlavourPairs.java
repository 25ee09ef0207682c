package palintone.server.piece;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.piece.Piece;
import palintone.core.taste.Aromas;
import palintone.core.taste.FlavourPair;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;
import palintone.server.problem.NotHereException;

/** Which flavours agree: what pieces tasted here held, and families of aroma. */
@Service
class FlavourPairs {

    private final TastingRepository tastings;
    private final PieceShelf shelf;
    private final HouseService houses;
    private final LarderService larder;

    FlavourPairs(
            final TastingRepository tastings,
            final PieceShelf shelf,
            final HouseService houses,
            final LarderService larder) {
        this.tastings = tastings;
        this.shelf = shelf;
        this.houses = houses;
        this.larder = larder;
    }

    /**
     * Something that goes with it, or does not.
     *
     * @param score mean of the pieces tasted here with both, 1 to 10; null where none was
     * @param liked whether this house liked them
     * @param disliked whether it did not
     * @param practice whether their families go together by practice
     */
    record FlavourPairView(
            String id,
            String name,
            String family,
            @Nullable Double score,
            int tasted,
            boolean liked,
            boolean disliked,
            boolean practice) {}

    /**
     * What goes with an ingredient.
     *
     * @param family of aroma it is of; null where it has none of its own
     */
    record FlavourPairsView(@Nullable String family, List<FlavourPairView> pairs) {}

    FlavourPairsView of(final String id) {
        final List<FlavourPair.Named> names =
                larder.named().stream()
                        .map(name -> new FlavourPair.Named(name.id(), name.name()))
                        .toList();
        final FlavourPair.Named chosen =
                names.stream()
                        .filter(name -> name.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new NotHereException("ingredient", id));
        final Optional<String> family = Aromas.OURS.family(chosen.name());
        return new FlavourPairsView(
                family.orElse(null),
                FlavourPair.of(chosen, names, together()).stream()
                        .map(
                                pair ->
                                        new FlavourPairView(
                                                pair.id(),
                                                pair.name(),
                                                pair.family(),
                                                pair.score().isPresent()
                                                        ? pair.score().getAsDouble()
                                                        : null,
                                                pair.tasted(),
                                                pair.liked(),
                                                pair.disliked(),
                                                pair.practice()))
                        .toList());
    }

    private List<FlavourPair.Together> together() {
        final HouseEntity house = houses.house();
        final Map<String, Set<String>> held = new HashMap<>();
        final List<FlavourPair.Together> together = new ArrayList<>();
        for (final TastingEntity tasting : tastings.findByCountsTrue()) {
            if (tasting.score() == null) {
                continue;
            }
            final Set<String> ingredients =
                    held.computeIfAbsent(
                            tasting.pieceId(),
                            piece -> holds(shelf.of(piece, house.pressureHPa()), house));
            together.add(new FlavourPair.Together(ingredients, tasting.score()));
        }
        return together;
    }

    /** Everything weighed for one of it. */
    private static Set<String> holds(final PieceShelf.Shelved shelved, final HouseEntity house) {
        final Piece piece = shelved.piece();
        return piece
                .materials(
                        piece.batchOf(Optional.empty(), Optional.of(1)),
                        house.habits(),
                        shelved::conditions)
                .toFetch()
                .stream()
                .map(portion -> portion.ingredient().id())
                .collect(Collectors.toSet());
    }

    /** Its door. */
    @RestController
    @RequestMapping("/api/pairs")
    static class FlavourPairsController {

        private final FlavourPairs pairs;

        FlavourPairsController(final FlavourPairs pairs) {
            this.pairs = pairs;
        }

        /** What goes with an ingredient: as tasted here, then by practice. */
        @GetMapping("/{ingredient}")
        FlavourPairsView pairs(@PathVariable final String ingredient) {
            return pairs.of(ingredient);
        }
    }
}
