package palintone.core.piece;

import java.util.List;
import java.util.Optional;
import palintone.core.substance.Portion;
import palintone.core.temper.Couverture;

/** A piece for which a bowl is brought into temper. */
public sealed interface TemperedPiece extends Piece permits CastPiece, DippedPiece, SheetPiece {

    /** What it is cast of or coated with. */
    Couverture couverture();

    @Override
    default Optional<Couverture> tempered() {
        return Optional.of(couverture());
    }

    @Override
    default List<Portion> chocolate() {
        return List.of(new Portion(couverture().ingredient(), masses().couvertureG()));
    }
}
