package palintone.core.piece;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import palintone.core.coat.BowlEmptied;
import palintone.core.coat.Powder;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.Alcohol;
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
 * @param kept couverture that stays in the pieces, by where it stays; together with what comes back
 *     it is what was melted
 * @param toMelt couverture in the bowl at the start, seed included
 * @param comesBack what of it is left when all is done
 * @param fillings one for each layer, then those inside others
 * @param inclusions what is stirred in or laid on
 * @param colours brought on, each coat of the piece
 * @param second bowl of another couverture, for caps or a pattern, of one turn; part of nothing
 *     else
 * @param turns what each turn needs, where there are not moulds enough for one; else empty. What is
 *     melted is then what one turn wants in the bowl, topped up between them
 * @param colourBowls what is melted for the colours, each once
 */
public record Materials(
        Piece piece,
        BatchSize size,
        List<Figure> kept,
        Figure toMelt,
        Figure comesBack,
        List<FillingNeed> fillings,
        List<InclusionNeed> inclusions,
        List<Figure> colours,
        Optional<SecondBowl> second,
        List<Materials> turns,
        List<ColourBowl> colourBowls) {

    /** The same for every bowl, whatever comes out of it, g. */
    static final double LEAST_BOWL_G = BowlEmptied.LEAST_BOWL_G;

    /** In one go. */
    public Materials(
            final Piece piece,
            final BatchSize size,
            final List<Figure> kept,
            final Figure toMelt,
            final Figure comesBack,
            final List<FillingNeed> fillings,
            final List<InclusionNeed> inclusions,
            final List<Figure> colours,
            final Optional<SecondBowl> second) {
        this(
                piece,
                size,
                kept,
                toMelt,
                comesBack,
                fillings,
                inclusions,
                colours,
                second,
                List.of(),
                ColourBowl.of(piece.dress().colours(), colours));
    }

    /** The lists are copied. */
    public Materials {
        kept = List.copyOf(kept);
        fillings = List.copyOf(fillings);
        inclusions = List.copyOf(inclusions);
        colours = List.copyOf(colours);
        turns = List.copyOf(turns);
        colourBowls = List.copyOf(colourBowls);
    }

    /** With other bowls of colour. */
    private Materials with(final List<ColourBowl> bowls) {
        return new Materials(
                piece,
                size,
                kept,
                toMelt,
                comesBack,
                fillings,
                inclusions,
                colours,
                second,
                turns,
                bowls);
    }

    /** What is fetched of colours. */
    public List<Figure> coloursToFetch() {
        return ColourBowl.toFetch(colourBowls, piece.dress().colours(), colours);
    }

    /** The same cast in turns, two or more; together they make as many. */
    Materials in(final List<Materials> each) {
        final Materials last = each.get(each.size() - 1);
        final Figure melt = each.get(0).toMelt();
        final double backG = melt.value() - last.keptOfBowlG();
        return new Materials(
                piece,
                size,
                kept,
                melt,
                Figure.of(
                        "couverture that comes back",
                        backG,
                        Unit.GRAM,
                        Basis.of("in the bowl of the last turn − what stays of it")
                                .with("in the bowl", melt.value(), Unit.GRAM)
                                .with("stays", last.keptOfBowlG(), Unit.GRAM)
                                .from(Source.definition("what is melted and not kept"))),
                fillings,
                inclusions,
                colours,
                each.get(0).second(),
                IntStream.range(0, each.size())
                        .mapToObj(
                                i ->
                                        each.get(i)
                                                .with(
                                                        i == 0
                                                                ? colourBowls
                                                                : colourBowls.stream()
                                                                        .map(ColourBowl::again)
                                                                        .toList()))
                        .toList(),
                colourBowls);
    }

    /** What leaves the bowl and stays in the pieces, g. */
    double keptOfBowlG() {
        return toMelt.value() - comesBack.value();
    }

    /** What the second bowl wants again for the later turns, g. */
    private double secondTopUpsG() {
        return turns.stream()
                .limit(Math.max(0, turns.size() - 1))
                .flatMap(turn -> turn.second().stream())
                .mapToDouble(SecondBowl::keptG)
                .sum();
    }

    /** What is put to the bowl between the turns, all together; empty where there is one. */
    public Optional<Figure> topUps() {
        if (turns.isEmpty()) {
            return Optional.empty();
        }
        final double moreG =
                turns.subList(0, turns.size() - 1).stream()
                        .mapToDouble(Materials::keptOfBowlG)
                        .sum();
        return Optional.of(
                Figure.of(
                        "couverture for the later turns",
                        moreG,
                        Unit.GRAM,
                        Basis.of("what stays of each turn but the last")
                                .with("turns", turns.size(), Unit.ONE)
                                .from(Source.definition("as full again as it was"))));
    }

    /**
     * One layer's filling for the whole batch.
     *
     * @param each what one piece holds
     * @param inPieces what the pieces hold
     * @param toMake with the surplus
     * @param recipe scaled to what is to be made
     * @param figures everything computed of the filling, its life and verdict too
     */
    public record FillingNeed(
            Filling filling,
            Figure each,
            Figure inPieces,
            Figure toMake,
            Mixture recipe,
            FillingFigures figures) {

        /**
         * @param each what one piece holds
         * @param surplus made above what the pieces hold, as a share, 0 or more
         * @param lost made for what becomes trimmings, as a share, 0 or more
         */
        static FillingNeed of(
                final Filling filling,
                final Figure each,
                final int pieces,
                final double surplus,
                final double lost,
                final Function<Filling, Conditions> conditions) {
            final double held = each.value() * pieces;
            final double make = held * (1 + surplus + lost);
            final Basis basis =
                    Basis.of("in one × pieces")
                            .with("in one", each.value(), Unit.GRAM)
                            .with("pieces", pieces, Unit.PIECE);
            final Basis made =
                    basis.with("surplus", surplus * 100, Unit.PERCENT)
                            .from(Source.workshop("filling surplus, House rules"));
            return new FillingNeed(
                    filling,
                    each,
                    Figure.of("filling in the pieces", held, Unit.GRAM, basis),
                    Figure.of(
                            "filling to make",
                            make,
                            Unit.GRAM,
                            lost == 0
                                    ? made
                                    : made.with(
                                                    "trimmings, and what stays in bag and hands",
                                                    lost * 100,
                                                    Unit.PERCENT)
                                            .from(
                                                    Source.practice(
                                                            "what is lost in forming centres"))),
                    filling.weighedFor(make),
                    FillingFigures.of(filling, conditions.apply(filling)));
        }

        public String name() {
            return filling.name();
        }
    }

    /**
     * One inclusion for the whole batch.
     *
     * @param toWeigh for all pieces
     * @param figures what is computed of it by itself: its water, and so its verdict
     */
    public record InclusionNeed(Inclusion inclusion, Figure toWeigh, FillingFigures figures) {

        static InclusionNeed of(
                final Inclusion inclusion,
                final int pieces,
                final Function<Filling, Conditions> conditions) {
            return of(inclusion, pieces, 0, conditions);
        }

        /**
         * @param lost share of what is strewn that ends on offcuts, 0 to below 1
         */
        static InclusionNeed of(
                final Inclusion inclusion,
                final int pieces,
                final double lost,
                final Function<Filling, Conditions> conditions) {
            final Filling alone = inclusion.alone();
            final Basis basis =
                    Basis.of(lost > 0 ? "in one × pieces / (1 − offcuts)" : "in one × pieces")
                            .with("in one", inclusion.eachG(), Unit.GRAM)
                            .with("pieces", pieces, Unit.PIECE)
                            .from(Source.definition("per piece × pieces"));
            return new InclusionNeed(
                    inclusion,
                    Figure.of(
                            inclusion.ingredient().name(),
                            inclusion.eachG() * pieces / (1 - lost),
                            Unit.GRAM,
                            lost > 0 ? basis.with("offcuts", lost * 100, Unit.PERCENT) : basis),
                    FillingFigures.of(alone, conditions.apply(alone)));
        }

        /**
         * What is fetched for it, g: of a powder a trayful, of which so much sticks; the rest is
         * sieved back.
         */
        public double toHaveG() {
            return inclusion.placing() == Inclusion.Placing.ROLLED_IN
                    ? toWeigh.value() / Powder.STICKS_OF_TRAY
                    : toWeigh.value();
        }

        /** Above this something moist is judged without its acid: that stays inside it. */
        private static final double MOIST = 0.85;

        /** And whatever holds so much water or spirit, however strong. */
        private static final double WET = 0.25;

        /**
         * By the code's table as a filling is; and where it is moist, always: where it touches the
         * chocolate its acid protects nothing.
         */
        public boolean keepCold() {
            return moist() || figures.life().keepCold();
        }

        private boolean moist() {
            final Figure aw = figures.figure(Quality.WATER_ACTIVITY);
            return aw != null && aw.value() > MOIST || inclusion.wetShare() > WET;
        }

        /** How long it keeps, in words. */
        public Sentence verdict() {
            return moist()
                    ? Sentence.of(
                            inclusion.ingredient().name()
                                    + " is moist: keep the pieces cold, at 4 °C or colder, and sell"
                                    + " them within a day or two; not for the shelf until a"
                                    + " laboratory has assessed them.")
                    : figures.life().verdict();
        }
    }

    /** Coloured cocoa butter for the moulds of a batch, each coat. */
    static List<Figure> colours(final CastPiece piece, final BatchSize size) {
        return piece.dress().colours().stream()
                .map(coat -> colour(piece, coat, size.pieces()))
                .toList();
    }

    /** As it stands on the list. */
    static String named(final ColourCoat coat) {
        return switch (coat.how().medium()) {
            case BUTTER -> "coloured cocoa butter, " + coat.name();
            case COUVERTURE -> "couverture for details, " + coat.name();
            case DUST -> "lustre dust, " + coat.name();
            case PRINT -> "print of a transfer sheet, " + coat.name();
        };
    }

    private static Figure colour(final CastPiece piece, final ColourCoat coat, final int pieces) {
        final double wallMm2 = piece.mould().cavity().wallAreaMm2();
        final double massG = coat.massG(wallMm2) * pieces * piece.cavitiesEach();
        return Figure.of(
                named(coat),
                massG,
                Unit.GRAM,
                Basis.of("wall · share covered · film · density / share caught × cavities")
                        .with("wall of a cavity (mm²)", wallMm2, Unit.ONE)
                        .with("share covered", coat.how().covers() * 100, Unit.PERCENT)
                        .with("film", coat.thicknessMm(), Unit.MILLIMETRE)
                        .with("density", coat.gPerMl(), Unit.GRAM_PER_ML)
                        .with("share caught", coat.how().caught() * 100, Unit.PERCENT)
                        .with("cavities", pieces * piece.cavitiesEach(), Unit.ONE)
                        .from(ColourButter.PRACTICE));
    }

    /** Everything to fetch from the larder, the couverture to melt first, each ingredient once. */
    public List<Portion> toFetch() {
        final Map<Ingredient, Double> grams = new LinkedHashMap<>();
        final double melted = toMelt.value() + topUps().map(Figure::value).orElse(0.0);
        piece.tempered().ifPresent(c -> grams.put(c.ingredient(), melted));
        second.ifPresent(
                bowl ->
                        grams.merge(
                                bowl.couverture().ingredient(),
                                bowl.toMelt().value() + secondTopUpsG(),
                                Double::sum));
        for (final InclusionNeed need : inclusions) {
            grams.merge(need.inclusion().ingredient(), need.toHaveG(), Double::sum);
        }
        for (final FillingNeed need : fillings) {
            need.recipe()
                    .portions()
                    .forEach(p -> grams.merge(p.ingredient(), p.massG(), Double::sum));
        }
        return grams.entrySet().stream().map(e -> new Portion(e.getKey(), e.getValue())).toList();
    }

    /** Whether something in it must be kept cold: then the whole piece must. */
    public boolean keepCold() {
        return PieceLife.of(this).keepCold();
    }

    /** What decides how it is kept, in words; empty where nothing in it spoils. */
    public Optional<Sentence> verdict() {
        return PieceLife.of(this).verdict();
    }

    /** Days it keeps at the least, whichever way it has to be kept; empty where nothing spoils. */
    public OptionalDouble keepsDays() {
        return PieceLife.of(this).days();
    }

    /** So many pieces one batch of it can be: what its moulds cast in turns, at the most. */
    public int mostAtOnce() {
        if (size.cavitiesPerMould() == 0) {
            return BatchSize.MOST_LOOSE;
        }
        final int moulds =
                piece instanceof CastPiece cast
                        ? cast.mould().owned() * (cast.inTurns() ? Turns.MOST : 1)
                        : BatchSize.MOST_MOULDS;
        return Math.min(moulds, BatchSize.MOST_MOULDS) * size.cavitiesPerMould();
    }

    /** Every allergen in it, in the order of the regulation. */
    public Set<Allergen> allergens() {
        final Set<Allergen> all = new TreeSet<>();
        piece.chocolate().forEach(p -> all.addAll(p.ingredient().allergens()));
        inclusions.forEach(need -> all.addAll(need.inclusion().ingredient().allergens()));
        fillings.forEach(need -> all.addAll(need.figures().allergens()));
        all.addAll(piece.dress().allergens());
        return all;
    }

    /** What a label, or whoever hands a piece over, has to say besides allergens. */
    public List<Sentence> declared() {
        return Stream.of(alcohol(), allergensUnread(), kindsUnnamed())
                .flatMap(Optional::stream)
                .toList();
    }

    /** A label names nuts and cereals by their kind. */
    private Optional<Sentence> kindsUnnamed() {
        final Set<Allergen> all = allergens();
        return all.contains(Allergen.NUTS) || all.contains(Allergen.GLUTEN)
                ? Optional.of(
                        Sentence.of(
                                "A label names the kind of nut and the cereal: write them down where"
                                        + " the larder only says nuts or gluten."))
                : Optional.empty();
    }

    /** What keeps the list of allergens from being whole, where anything does. */
    public Optional<Sentence> allergensUnread() {
        final List<String> unread = piece.dress().unread();
        return unread.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Sentence.of(
                                "What "
                                        + String.join(", ", unread)
                                                .replace('{', '(')
                                                .replace('}', ')')
                                        + " holds nobody has written down yet: read the packet, or the"
                                        + " list of allergens is not whole."));
    }

    /** Alcohol of the part that holds most, % by mass. */
    public double alcoholPercent() {
        return Stream.concat(
                        fillings.stream().map(need -> need.figures().figure(Quality.ALCOHOL)),
                        inclusions.stream().map(need -> need.figures().figure(Quality.ALCOHOL)))
                .mapToDouble(Figure::value)
                .max()
                .orElse(0);
    }

    /** What whoever eats it is told of alcohol; empty where there is none to speak of. */
    public Optional<Sentence> alcohol() {
        final double percent = alcoholPercent();
        return Alcohol.declared(percent)
                ? Optional.of(
                        Sentence.of(
                                        "Contains alcohol: what is in it holds {alcohol} by mass. Name it"
                                                + " on the label; keep it from children.")
                                .with("alcohol", percent, Unit.PERCENT))
                : Optional.empty();
    }
}
