package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.layer.CrunchChecks;
import palintone.core.filling.layer.MoistureBetween;
import palintone.core.filling.layer.MoistureLayer;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.record.Corrections;
import palintone.core.filling.water.Gab;

/**
 * Water moving between the fillings of one piece: bare, and with fat painted between them.
 *
 * @param names of the layers, first in first
 * @param bare path without a barrier
 * @param behindFat path with it
 * @param crispLayer place of the driest layer, the one that goes soft
 * @param daysBare until it is soft; empty where it stays crisp as long as was looked ahead
 * @param daysBehindFat the same behind fat
 * @param factor by which own crunch checks move the model
 */
public record PieceMoisture(
        List<String> names,
        List<MoistureBetween.At> bare,
        List<MoistureBetween.At> behindFat,
        int crispLayer,
        List<Figure> daysBare,
        List<Figure> daysBehindFat,
        double factor) {

    private static final double MOST_FAT_MM = 5;

    /**
     * One layer of a piece, or of what may become one.
     *
     * @param share of the room for fillings, above 0 to 1
     * @param sealFatMm fat that closes it off from the next, mm; 0 where that lies on it bare
     * @param insideMm2 its whole face, where it lies inside the layer before it; 0 where it lies on
     *     that
     */
    public record MoistPart(
            String name,
            double share,
            FillingProperties properties,
            double sealFatMm,
            double insideMm2) {

        /** The next lies on it bare. */
        public MoistPart(
                final String name, final double share, final FillingProperties properties) {
            this(name, share, properties, 0, 0);
        }

        boolean inside() {
            return insideMm2 > 0;
        }
    }

    /**
     * @param own what the workshop has measured of each filling
     * @param barrierMm of fat between the layers for the second path, above 0 to 5
     * @param days to look ahead, 1 to 400
     * @param checks own crunch checks, as they were made: with that barrier or bare
     * @throws OutOfRangeException when the piece has only one filling
     */
    public static PieceMoisture of(
            final MouldedPiece piece,
            final Function<Filling, Corrections> own,
            final double barrierMm,
            final double days,
            final List<Bite> checks) {
        return of(piece.name(), piece.mouldRoom(), parts(piece, own), barrierMm, days, checks);
    }

    private static List<MoistPart> parts(
            final MouldedPiece piece, final Function<Filling, Corrections> own) {
        // What a layer holds, against the room of the whole: the cap may be deeper than planned.
        final double roomMl = piece.mouldRoom().fillingMl();
        final List<MouldedFill.Lying> lying = piece.fill().layers();
        final List<MoistPart> parts = new ArrayList<>();
        for (int i = 0; i < lying.size(); i++) {
            final FillingLayer layer = piece.layers().get(i);
            parts.add(
                    part(
                            layer.filling(),
                            lying.get(i).fillingMl() / roomMl,
                            own,
                            fatMm(piece, i),
                            0));
            layer.inside()
                    .ifPresent(
                            in ->
                                    parts.add(
                                            part(
                                                    in.filling(),
                                                    in.ml() / roomMl,
                                                    own,
                                                    0,
                                                    ballMm2(in.ml()))));
        }
        return parts;
    }

    private static MoistPart part(
            final Filling filling,
            final double share,
            final Function<Filling, Corrections> own,
            final double sealFatMm,
            final double insideMm2) {
        return new MoistPart(
                filling.name(),
                share,
                FillingProperties.of(
                        filling.cooked(), Conditions.USUAL.measured(own.apply(filling))),
                sealFatMm,
                insideMm2);
    }

    private static double ballMm2(final double ml) {
        final double across = MouldedSection.acrossMm(ml);
        return Math.PI * across * across;
    }

    /**
     * Water goes through the sugar of a chocolate as if it were not there: only its fat holds it
     * back, as thick as it would lie by itself. To the safe side; ours.
     */
    private static double fatMm(final MouldedPiece piece, final int layer) {
        return piece.layers().get(layer).sealMm()
                * piece.couverture().ingredient().composition().fatFraction();
    }

    /**
     * The same for layers that are only thought of. Allowed: fat barrier above 0 to 5 mm.
     *
     * @param name for what is refused
     * @param room they lie in
     * @param parts first in first
     */
    public static PieceMoisture of(
            final String name,
            final MouldRoom room,
            final List<MoistPart> parts,
            final double barrierMm,
            final double days,
            final List<Bite> checks) {
        if (parts.size() < 2) {
            throw new OutOfRangeException(
                    "layers of " + name, "one", "a piece with two fillings or more");
        }
        Require.positive("fat barrier", barrierMm, 5, "mm");
        final List<MoistureLayer> layers = new ArrayList<>();
        int crisp = 0;
        double driest = 2;
        for (int i = 0; i < parts.size(); i++) {
            final MoistPart part = parts.get(i);
            layers.add(
                    MoistureLayer.of(
                            part.name(),
                            room.grams(part.properties().cooked().composition()) * part.share(),
                            part.properties()));
            final double aw = part.properties().value(Quality.WATER_ACTIVITY);
            if (aw < driest) {
                driest = aw;
                crisp = i;
            }
        }
        final double area = room.faceMm2();
        final double factor = factor(layers, parts, area, crisp, checks);
        final List<MoistureBetween.At> bare =
                MoistureBetween.follow(layers, faces(parts, area, 0), days, factor);
        final List<MoistureBetween.At> fat =
                MoistureBetween.follow(layers, faces(parts, area, barrierMm), days, factor);
        return new PieceMoisture(
                layers.stream().map(MoistureLayer::name).toList(),
                bare,
                fat,
                crisp,
                soft("soft after, bare", bare, crisp, area, 0, factor),
                soft("soft after, behind fat", fat, crisp, area, barrierMm, factor),
                factor);
    }

    /**
     * A bite: the day after making, 0 to 400, and the fat barrier it had, 0 to 5 mm, 0 for none.
     */
    public record Bite(double days, boolean crisp, double barrierMm) {

        /**
         * @throws OutOfRangeException when there is no such day or barrier
         */
        public Bite {
            Require.between("day of the check", days, 0, 400, "days");
            Require.between("fat barrier", barrierMm, 0, 5, "mm");
        }
    }

    /** Bare bites and those behind fat speak separately; each counts by how many there were. */
    private static double factor(
            final List<MoistureLayer> layers,
            final List<MoistPart> parts,
            final double area,
            final int crisp,
            final List<Bite> bites) {
        double log = 0;
        int all = 0;
        for (final double barrier :
                bites.stream().mapToDouble(Bite::barrierMm).distinct().toArray()) {
            final List<CrunchChecks.Check> same =
                    bites.stream()
                            .filter(b -> b.barrierMm() == barrier)
                            .map(b -> new CrunchChecks.Check(b.days(), b.crisp()))
                            .toList();
            log +=
                    same.size()
                            * Math.log(
                                    CrunchChecks.factor(
                                            layers, faces(parts, area, barrier), crisp, same));
            all += same.size();
        }
        return all == 0 ? 1 : Math.exp(log / all);
    }

    /** What is painted on lies over the seal, where there is one; inside, nothing can be. */
    private static List<MoistureBetween.Face> faces(
            final List<MoistPart> parts, final double area, final double barrierMm) {
        final List<MoistureBetween.Face> faces = new ArrayList<>();
        int layer = 0;
        for (int i = 1; i < parts.size(); i++) {
            if (parts.get(i).inside()) {
                faces.add(new MoistureBetween.Face(parts.get(i).insideMm2(), 0, layer));
            } else {
                faces.add(
                        new MoistureBetween.Face(
                                area,
                                Math.min(MOST_FAT_MM, parts.get(layer).sealFatMm() + barrierMm),
                                layer));
                layer = i;
            }
        }
        return faces;
    }

    private static List<Figure> soft(
            final String name,
            final List<MoistureBetween.At> path,
            final int layer,
            final double area,
            final double barrierMm,
            final double factor) {
        final double days = MoistureBetween.daysUntil(path, layer, MoistureBetween.SOFT_AT);
        if (Double.isInfinite(days)) {
            return List.of();
        }
        final double last = path.get(path.size() - 1).days();
        final double from = MoistureBetween.daysUntil(path, layer, MoistureBetween.SOFT_FROM);
        final double to =
                Math.min(last, MoistureBetween.daysUntil(path, layer, MoistureBetween.SOFT_TO));
        return List.of(
                Figure.of(
                                name,
                                days,
                                Unit.DAY,
                                Basis.of("flow = area · permeance · difference of water activity")
                                        .with("face", area, Unit.ONE)
                                        .with("fat barrier", barrierMm, Unit.MILLIMETRE)
                                        .with("soft at", MoistureBetween.SOFT_AT, Unit.ONE)
                                        .with("own checks move it by", factor, Unit.ONE)
                                        .from(MoistureBetween.SOURCE)
                                        .from(MoistureBetween.CRITICAL)
                                        .from(Gab.SOURCE)
                                        .from(CrunchChecks.SOURCE))
                        .spread(Math.min(from, days), Math.max(to, days)));
    }
}
