package palintone.server.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.server.exchange.list.HouseLists;
import palintone.server.larder.IngredientDraft;
import palintone.server.larder.LarderService;
import palintone.server.larder.TraitsView;
import palintone.server.mould.MouldDraft;
import palintone.server.mould.MouldService;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Single things of the sample workshop, for a house of one's own to take over. */
@Service
class SampleShelf {

    private final String folder;
    private final LarderService larder;
    private final MouldService moulds;
    private final HouseLists lists;
    private final JsonMapper json;

    SampleShelf(
            @Value("${palintone.sample}") final String folder,
            final LarderService larder,
            final MouldService moulds,
            final HouseLists lists,
            final JsonMapper json) {
        this.folder = folder;
        this.lists = lists;
        this.json = json;
        this.larder = larder;
        this.moulds = moulds;
    }

    /** What can be taken over. */
    enum ShelfKind {
        INGREDIENT,
        COUVERTURE,
        MOULD
    }

    /**
     * One thing of the sample workshop.
     *
     * @param here whether this house has one of that id already
     */
    record Offer(ShelfKind kind, String id, String name, boolean here) {}

    /** Empty where this installation came without a sample. */
    @Transactional(readOnly = true)
    public List<Offer> offers() {
        final List<Offer> offers = new ArrayList<>();
        final Set<String> known = larder.ids();
        ingredients()
                .forEach(
                        (id, draft) ->
                                offers.add(
                                        new Offer(
                                                kindOf(draft),
                                                id,
                                                draft.name(),
                                                known.contains(id))));
        final Set<String> knownMoulds = new HashSet<>(moulds.ids());
        mouldDrafts()
                .forEach(
                        (id, draft) ->
                                offers.add(
                                        new Offer(
                                                ShelfKind.MOULD,
                                                id,
                                                draft.name(),
                                                knownMoulds.contains(id))));
        return offers;
    }

    /**
     * Takes things over; what is here already stays as it is.
     *
     * @param ids which; all of the kind where there are none
     * @return how many came
     * @throws OutOfRangeException when the sample has no such thing
     */
    @Transactional
    public int take(final ShelfKind kind, final List<String> ids) {
        if (kind == ShelfKind.MOULD) {
            final Map<String, MouldDraft> wanted = wanted(mouldDrafts(), ids);
            wanted.keySet().removeAll(moulds.ids());
            wanted.forEach(moulds::put);
            return wanted.size();
        }
        final Map<String, IngredientDraft> all = ingredients();
        // A mixture would come without its parts.
        all.values().removeIf(draft -> kindOf(draft) != kind || draft.isMixture());
        final Map<String, IngredientDraft> wanted = wanted(all, ids);
        wanted.keySet().removeAll(larder.ids());
        wanted.replaceAll((id, draft) -> withoutPrice(draft));
        larder.putAll(wanted, n -> {});
        return wanted.size();
    }

    private static <T> Map<String, T> wanted(final Map<String, T> all, final List<String> ids) {
        if (ids.isEmpty()) {
            return new LinkedHashMap<>(all);
        }
        final Map<String, T> wanted = new LinkedHashMap<>();
        for (final String id : ids) {
            final T found = all.get(id);
            if (found == null) {
                throw new OutOfRangeException(
                        "thing of the sample workshop", "\"" + id + "\"", "one that it offers");
            }
            wanted.put(id, found);
        }
        return wanted;
    }

    private static ShelfKind kindOf(final IngredientDraft draft) {
        return draft.couverture() == null ? ShelfKind.INGREDIENT : ShelfKind.COUVERTURE;
    }

    /** What an invented workshop pays is no price of this house. */
    private static IngredientDraft withoutPrice(final IngredientDraft draft) {
        final TraitsView t = draft.traits();
        return new IngredientDraft(
                draft.name(),
                draft.densityGPerMl(),
                draft.gramsPer100(),
                draft.allergens(),
                draft.couverture(),
                draft.source(),
                draft.fromMemory(),
                new TraitsView(
                        t.ph(),
                        t.pieceG(),
                        null,
                        t.gelStrength(),
                        t.ediblePercent(),
                        t.natures(),
                        t.estimated()),
                draft.bag(),
                null,
                null);
    }

    private Map<String, IngredientDraft> ingredients() {
        final Map<String, IngredientDraft> drafts = new LinkedHashMap<>();
        read("ingredients")
                .forEach(
                        (id, thing) ->
                                drafts.put(id, json.treeToValue(thing, IngredientDraft.class)));
        return drafts;
    }

    private Map<String, MouldDraft> mouldDrafts() {
        final Map<String, MouldDraft> drafts = new LinkedHashMap<>();
        read("moulds")
                .forEach((id, thing) -> drafts.put(id, json.treeToValue(thing, MouldDraft.class)));
        return drafts;
    }

    private Map<String, ObjectNode> read(final String list) {
        if (folder.isBlank()) {
            return Map.of();
        }
        final String name = list + ".csv";
        try {
            return lists.read(new NamedFile(name, Files.readAllBytes(Path.of(folder, name))), list);
        } catch (IOException e) {
            throw new OutOfRangeException(
                    "sample workshop", "not readable", "a folder with " + name);
        }
    }
}
