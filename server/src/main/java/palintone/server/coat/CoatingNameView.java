package palintone.server.coat;

import palintone.core.temper.Couverture;

/** A compound coating, to choose it. */
public record CoatingNameView(String id, String name) {

    static CoatingNameView of(final Couverture coating) {
        return new CoatingNameView(coating.ingredient().id(), coating.ingredient().name());
    }
}
