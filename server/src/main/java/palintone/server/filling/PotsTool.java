package palintone.server.filling;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.Require;
import palintone.core.filling.pot.OnlyUsed;
import palintone.core.filling.pot.Operation;
import palintone.server.problem.Within;

/** What can be done with the pots of a recipe besides cooking it. */
@Service
class PotsTool {

    private final BenchReader reader;

    PotsTool(final BenchReader reader) {
        this.reader = reader;
    }

    /**
     * A pot to be made a filling of its own.
     *
     * @param pot counted from 0
     */
    record OwnPotRequest(@Valid @NotNull SheetRequest on, @Within(low = 0, high = 5) int pot) {}

    /** The recipe with each pot only as big as what is taken out of it. */
    @Transactional(readOnly = true)
    RecipeDraft onlyUsed(final SheetRequest request) {
        final OnBench bench = reader.read(request);
        return FillingBooks.draft(
                request.recipe().name(),
                request.recipe().styleOrUsual(),
                OnlyUsed.of(bench.operations(), bench.conditions().pressureHPa()),
                bench.pots(),
                request.recipe().version());
    }

    /** What comes out of another pot, as a recipe of its own that is not in the books yet. */
    @Transactional(readOnly = true)
    RecipeDraft own(final OwnPotRequest request) {
        Require.between("pot", request.pot() + 1, 1, Operation.MOST_POTS, "");
        final OnBench bench = reader.read(request.on());
        final OnlyUsed.Own own =
                OnlyUsed.outOf(bench.operations(), request.pot(), bench.conditions().pressureHPa());
        final List<String> names = new ArrayList<>();
        for (final int had : own.pots()) {
            names.add(had < bench.pots().size() ? bench.pots().get(had) : "");
        }
        final String called = names.get(0);
        return FillingBooks.draft(
                called.isBlank() ? request.on().recipe().name() : called,
                request.on().recipe().styleOrUsual(),
                own.operations(),
                names,
                null);
    }
}
