package palintone.core.taste;

import java.util.Optional;
import palintone.core.temper.CouvertureKind;

/**
 * Pieces that are judged by one measure: a white piece is meant to be sweeter than a dark one, and
 * a tablet of nothing but dark couverture more bitter than a bonbon of it.
 *
 * @param kind of its couverture, empty where it wears none
 * @param filled whether there is a filling in it
 */
public record TasteGroup(Optional<CouvertureKind> kind, boolean filled) {}
