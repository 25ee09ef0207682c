package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Conditions;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.substance.Allergen;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Mixture;
import palintone.core.substance.Portion;
import palintone.core.temper.colour.ColourButter;

/**
 * What a batch of one piece needs.
 *
 * @param piece what is made
 * @param size how many
 * @param each what one piece holds
 * @param inShells couverture that stays in shells
 * @param inCaps couverture that stays in caps
 * @param toMelt couverture in the bowl at the start, seed included
 * @param comesBack what of it is left when all is done
 * @param fillings one for each layer
 * @param colour coloured cocoa butter to melt, where the piece is sprayed
 */
public record Materials(
        Piece piece,
        BatchSize size,
        PieceMasses each,
        Figure inShells,
        Figure inCaps,
        Figure toMelt,
        Figure comesBack,
        List<FillingNeed> fillings,
        Optional<Figure> colour) {

    /**
     * One layer's filling for the whole batch.
     *
     * @param inPieces what the pieces hold
     * @param toMake with the surplus
     * @param recipe scaled to what is to be made
     * @param figures everything computed of the filling, its life and verdict too
     */
    public record FillingNeed(
            String name, Figure inPieces, Figure toMake, Mixture recipe, FillingFigures figures) {}

    /**
     * @param piece what is made
     * @param size how many
     * @param habits how this workshop casts
     */
    public static Materials of(final Piece piece, final BatchSize size, final BatchHabits habits) {
        return of(piece, size, habits, filling -> Conditions.USUAL);
    }

    /**
     * @param piece what is made
     * @param size how many
     * @param habits how this workshop casts
     * @param conditions where each filling is kept, and what was measured of it
     */
    public static Materials of(
            final Piece piece,
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        final PieceMasses each = PieceMasses.of(piece);
        final int pieces = size.pieces();
        final double shellsG = each.shell().value() * pieces;
        final double capsG = each.cap().value() * pieces;
        final int atOnce = Math.min(pieces, habits.mouldsInRotation() * size.cavitiesPerMould());
        // The bowl is lowest either when the last moulds stand brim-full, or after capping.
        final double castingG =
                each.shell().value() * (pieces - atOnce) + each.brim().value() * atOnce;
        final double inUseG = Math.max(castingG, shellsG + capsG);
        final double meltG = inUseG * (1 + habits.bowlReserve());
        final Basis melt =
                Basis.of("larger of (shells set + moulds brim-full) and (shells + caps), + reserve")
                        .with("shells already set", pieces - atOnce, Unit.PIECE)
                        .with("cavities brim-full at once", atOnce, Unit.PIECE)
                        .with("brim-full cavity", each.brim().value(), Unit.GRAM)
                        .with("shells and caps", shellsG + capsG, Unit.GRAM)
                        .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                        .from(Source.workshop("moulds in rotation and bowl reserve, House rules"));
        final Source count = Source.definition("per piece × pieces");
        return new Materials(
                piece,
                size,
                each,
                Figure.of(
                        "couverture kept in shells",
                        shellsG,
                        Unit.GRAM,
                        Basis.of("shell × pieces")
                                .with("shell", each.shell().value(), Unit.GRAM)
                                .with("pieces", pieces, Unit.PIECE)
                                .from(count)),
                Figure.of(
                        "couverture kept in caps",
                        capsG,
                        Unit.GRAM,
                        Basis.of("cap × pieces")
                                .with("cap", each.cap().value(), Unit.GRAM)
                                .with("pieces", pieces, Unit.PIECE)
                                .from(count)),
                Figure.of("couverture to melt", meltG, Unit.GRAM, melt),
                Figure.of(
                        "couverture that comes back",
                        meltG - shellsG - capsG,
                        Unit.GRAM,
                        Basis.of("to melt − shells − caps")
                                .with("to melt", meltG, Unit.GRAM)
                                .with("shells and caps", shellsG + capsG, Unit.GRAM)
                                .from(count)),
                fillings(piece, each, pieces, habits.fillingSurplus(), conditions),
                piece.colour().map(coat -> colour(piece, coat, pieces)));
    }

    private static List<FillingNeed> fillings(
            final Piece piece,
            final PieceMasses each,
            final int pieces,
            final double surplus,
            final Function<Filling, Conditions> conditions) {
        final List<FillingNeed> needs = new ArrayList<>();
        for (int i = 0; i < piece.layers().size(); i++) {
            final FillingLayer layer = piece.layers().get(i);
            final double perPiece = each.layers().get(i).value();
            final double held = perPiece * pieces;
            final double make = held * (1 + surplus);
            final Basis basis =
                    Basis.of("per cavity × pieces")
                            .with("per cavity", perPiece, Unit.GRAM)
                            .with("pieces", pieces, Unit.PIECE);
            needs.add(
                    new FillingNeed(
                            layer.filling().name(),
                            Figure.of("filling in the pieces", held, Unit.GRAM, basis),
                            Figure.of(
                                    "filling to make",
                                    make,
                                    Unit.GRAM,
                                    basis.with("surplus", surplus * 100, Unit.PERCENT)
                                            .from(Source.workshop("filling surplus, House rules"))),
                            layer.filling().weighedFor(make),
                            FillingFigures.of(layer.filling(), conditions.apply(layer.filling()))));
        }
        return Collections.unmodifiableList(needs);
    }

    private static Figure colour(final Piece piece, final ColourCoat coat, final int pieces) {
        final double wallMm2 = piece.mould().cavity().wallAreaMm2();
        final double massG = ColourButter.sprayedG(wallMm2, coat.thicknessMm()) * pieces;
        return Figure.of(
                "coloured cocoa butter, " + coat.name(),
                massG,
                Unit.GRAM,
                Basis.of("wall · film · density / share caught × pieces")
                        .with("wall of a cavity (mm²)", wallMm2, Unit.ONE)
                        .with("film", coat.thicknessMm(), Unit.MILLIMETRE)
                        .with("density", ColourButter.BUTTER_G_PER_ML, Unit.GRAM_PER_ML)
                        .with("share caught", ColourButter.CAUGHT * 100, Unit.PERCENT)
                        .with("pieces", pieces, Unit.PIECE)
                        .from(ColourButter.PRACTICE));
    }

    /** Everything to fetch from the larder, the couverture to melt first, each ingredient once. */
    public List<Portion> toFetch() {
        final Map<Ingredient, Double> grams = new LinkedHashMap<>();
        grams.put(piece.couverture().ingredient(), toMelt.value());
        for (final FillingNeed need : fillings) {
            need.recipe()
                    .portions()
                    .forEach(p -> grams.merge(p.ingredient(), p.massG(), Double::sum));
        }
        return grams.entrySet().stream().map(e -> new Portion(e.getKey(), e.getValue())).toList();
    }

    /** Whether one of the fillings must be kept cold: then the whole piece must. */
    public boolean keepCold() {
        return fillings.stream().anyMatch(need -> need.figures().life().keepCold());
    }

    /** Every allergen in shell or filling, in the order of the regulation. */
    public Set<Allergen> allergens() {
        final Set<Allergen> all = new TreeSet<>(piece.couverture().ingredient().allergens());
        fillings.forEach(need -> all.addAll(need.recipe().allergens()));
        return all;
    }
}
