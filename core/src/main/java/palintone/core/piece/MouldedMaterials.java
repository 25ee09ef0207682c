package palintone.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;

/** What a batch of filled pieces needs: moulds stand brim-full in turns, then give most back. */
final class MouldedMaterials {

    /** Poured over a mould and scraped back; common practice, no source. */
    private static final double DRAWN_G = 200;

    private static final Source COUNT = Source.definition("per piece × pieces");

    private MouldedMaterials() {}

    private static Figure kept(
            final String name, final String formula, final Figure each, final int pieces) {
        return Figure.of(
                name,
                each.value() * pieces,
                Unit.GRAM,
                Basis.of(formula)
                        .with(each.name(), each.value(), Unit.GRAM)
                        .with("pieces", pieces, Unit.PIECE)
                        .from(COUNT));
    }

    static Materials of(
            final MouldedPiece piece,
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        final MouldedMasses each = piece.masses();
        final int pieces = size.pieces();
        final double shellsG = each.shell().value() * pieces;
        final double capsG = each.cap().value() * pieces;
        final int atOnce = Math.min(pieces, habits.mouldsInRotation() * size.cavitiesPerMould());
        // The bowl is lowest either when the last moulds stand brim-full, or after capping.
        final double castingG =
                each.shell().value() * (pieces - atOnce) + each.brim().value() * atOnce;
        final boolean apart = piece.cappedFromAnother();
        final double keptG = (apart ? shellsG : shellsG + capsG) + each.betweenG() * pieces;
        final double inUseG = Math.max(castingG, keptG);
        final double meltG = Math.max(Materials.LEAST_BOWL_G, inUseG * (1 + habits.bowlReserve()));
        final Basis melt =
                Basis.of(
                                apart
                                        ? "larger of (shells set + moulds brim-full) and shells,"
                                                + " + reserve"
                                        : "larger of (shells set + moulds brim-full) and (shells +"
                                                + " caps), + reserve")
                        .with("shells already set", pieces - atOnce, Unit.PIECE)
                        .with("cavities brim-full at once", atOnce, Unit.PIECE)
                        .with("brim-full cavity", each.brim().value(), Unit.GRAM)
                        .with(apart ? "shells" : "shells and caps", keptG, Unit.GRAM)
                        .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                        .from(Source.workshop("moulds in rotation and bowl reserve, House rules"));
        final List<Figure> kept = new ArrayList<>();
        each.seam()
                .ifPresent(seam -> kept.add(kept("kept in seams", "seam × pieces", seam, pieces)));
        each.seals()
                .ifPresent(
                        seals -> kept.add(kept("kept in seals", "seals × pieces", seals, pieces)));
        if (!piece.uncapped()) {
            kept.add(0, kept("kept in caps", "cap × pieces", each.cap(), pieces));
        }
        kept.add(0, kept("kept in shells", "shell × pieces", each.shell(), pieces));
        return new Materials(
                piece,
                size,
                kept,
                Figure.of("couverture to melt", meltG, Unit.GRAM, melt),
                Figure.of(
                        "couverture that comes back",
                        meltG - keptG,
                        Unit.GRAM,
                        Basis.of(apart ? "to melt − shells" : "to melt − shells − caps")
                                .with("to melt", meltG, Unit.GRAM)
                                .with(apart ? "shells" : "shells and caps", keptG, Unit.GRAM)
                                .from(COUNT)),
                fillings(piece, each, pieces, habits.fillingSurplus(), conditions),
                piece.layers().stream()
                        .flatMap(layer -> layer.inserts().stream())
                        .map(
                                i ->
                                        Materials.InclusionNeed.of(
                                                i, pieces * piece.cavitiesEach(), conditions))
                        .toList(),
                Materials.colours(piece, size),
                apart
                        ? Optional.of(new SecondBowl(piece.cap(), capMelt(capsG, habits), capsG))
                        : Optional.empty());
    }

    /** A bowl for the caps alone: what they hold, and enough around it to draw across a mould. */
    private static Figure capMelt(final double capsG, final BatchHabits habits) {
        return Figure.of(
                "couverture to melt for the caps",
                Math.max(Materials.LEAST_BOWL_G, capsG * (1 + habits.bowlReserve()) + DRAWN_G),
                Unit.GRAM,
                Basis.of("caps + reserve + what is drawn across a mould")
                        .with("caps", capsG, Unit.GRAM)
                        .with("bowl reserve", habits.bowlReserve() * 100, Unit.PERCENT)
                        .with("drawn across a mould", DRAWN_G, Unit.GRAM)
                        .from(Source.workshop("bowl reserve, House rules")));
    }

    private static List<Materials.FillingNeed> fillings(
            final MouldedPiece piece,
            final MouldedMasses each,
            final int pieces,
            final double surplus,
            final Function<Filling, Conditions> conditions) {
        final List<Materials.FillingNeed> needs = new ArrayList<>();
        for (int i = 0; i < piece.layers().size(); i++) {
            needs.add(
                    Materials.FillingNeed.of(
                            piece.layers().get(i).filling(),
                            each.layers().get(i),
                            pieces,
                            surplus,
                            0,
                            conditions));
        }
        final List<FillingLayer.Inside> inside =
                piece.layers().stream().flatMap(layer -> layer.inside().stream()).toList();
        for (int i = 0; i < inside.size(); i++) {
            needs.add(
                    Materials.FillingNeed.of(
                            inside.get(i).filling(),
                            each.inside().get(i),
                            pieces,
                            surplus,
                            0,
                            conditions));
        }
        return Collections.unmodifiableList(needs);
    }
}
