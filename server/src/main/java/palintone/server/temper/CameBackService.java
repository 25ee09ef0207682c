package palintone.server.temper;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.filling.pot.Cooked;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Portion;
import palintone.core.temper.CameBack;
import palintone.server.filling.FillingNotes;
import palintone.server.larder.LarderService;

/** Judges couverture that came back, with the larder and the recipes of the house. */
@Service
class CameBackService {

    private static final double AT_C = 20;
    private static final double MOST_G = 1_000_000;

    private final LarderService larder;
    private final FillingNotes fillings;

    CameBackService(final LarderService larder, final FillingNotes fillings) {
        this.larder = larder;
        this.fillings = fillings;
    }

    CameBackView judge(final CameBackRequest request) {
        final List<Portion> met =
                request.met() == null
                        ? List.of()
                        : request.met().stream().map(this::portion).toList();
        return CameBackView.of(
                CameBack.of(
                        larder.couverture(request.couverture()).ingredient(),
                        request.massG(),
                        request.meltings(),
                        met),
                Optional.of(larder.fluidity(request.couverture())));
    }

    private Portion portion(final CameBackRequest.Met met) {
        if ((met.ingredient() == null) == (met.filling() == null)) {
            throw new OutOfRangeException(
                    "what got into it", "not said", "one ingredient or one filling on each line");
        }
        Require.positive("grams of what got into it", met.grams(), MOST_G, "g");
        return new Portion(
                met.ingredient() != null
                        ? larder.ingredient(met.ingredient())
                        : filling(met.filling()),
                met.grams());
    }

    private Ingredient filling(final String id) {
        final Cooked cooked = fillings.properties(id).cooked();
        final Composition of = cooked.composition();
        return new Ingredient(
                id,
                fillings.name(id),
                of,
                ChoiOkos1986.densityGPerMl(of, AT_C),
                cooked.allergens(),
                Source.workshop("its recipe"));
    }
}
