package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import palintone.core.coat.MixedCut;
import palintone.core.coat.RoundLayout;
import palintone.core.coat.SlabCut;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.process.Process;
import palintone.core.substance.Portion;
import palintone.core.temper.Couverture;

/**
 * A plate, round or strip cut out of a thin spread sheet.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param couverture it is spread of
 * @param thickMm of the sheet, 0.2 to 6
 * @param lengthMm of the sheet, 50 to 1000
 * @param widthMm of the sheet, 50 to 1000
 * @param second colour in it, where there are two
 * @param cut out of it
 * @param inclusions strewn over it while it is wet
 * @param dress finishings on it
 */
public record SheetPiece(
        String id,
        String name,
        Couverture couverture,
        double thickMm,
        double lengthMm,
        double widthMm,
        Optional<Second> second,
        Cut cut,
        List<Inclusion> inclusions,
        Decoration dress)
        implements TemperedPiece {

    private static final double CURLS_MM = 1.5;

    /** Thinner a film tears as it is spread; practice. */
    private static final double THINNEST_FILM_MM = 0.2;

    private static final int MOST_INCLUSIONS = 6;

    /** How two colours come into one sheet. */
    public enum Pattern {
        LINES("lines piped on the film first"),
        MARBLED("drizzled over and drawn through while wet"),
        BESIDE("spread side by side"),
        FILM("a film spread first, the other over it"),
        COMBED("a film combed through while wet, the other over it");

        private final String words;

        Pattern(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether the first colour is spread over it, when it has just set. */
        public boolean under() {
            return this == FILM || this == COMBED;
        }

        /** Spread for so much that stays: a comb takes every other line away; practice. */
        double spreadPerKept() {
            return this == COMBED ? 2 : 1;
        }
    }

    /**
     * A second colour.
     *
     * @param couverture of it
     * @param share of the sheet, 0.02 to 0.6
     * @param pattern it makes
     */
    public record Second(Couverture couverture, double share, Pattern pattern) {

        /**
         * @throws OutOfRangeException when the share is impossible
         */
        public Second {
            Require.between("share of the second colour", share * 100, 2, 60, "%");
        }

        /** How thick its film is spread under a sheet so thick, mm. */
        double filmMm(final double sheetMm) {
            return share * pattern.spreadPerKept() * sheetMm;
        }
    }

    /** What is cut. */
    public sealed interface Cut permits Round, Ring, Plate, Beside {

        /** Surface of one, mm². */
        double areaMm2();

        /** Its longest side, mm. */
        double longMm();

        /** Its other side; of a round the same, mm. */
        default double wideMm() {
            return longMm();
        }

        /** As many as a sheet gives. */
        int perSheet(double lengthMm, double widthMm);

        /** How they are laid on it. */
        Source laidBy();

        /** Surface of what else is cut from a sheet and kept, mm². */
        default double besideMm2(final double lengthMm, final double widthMm) {
            return 0;
        }

        /** What no layout on a sheet passes, where that is known. */
        default OptionalInt bound(final double lengthMm, final double widthMm) {
            return OptionalInt.empty();
        }
    }

    /**
     * Punched out.
     *
     * @param acrossMm 5 to 500
     */
    public record Round(double acrossMm) implements Cut {

        private static final double GAP_MM = 1;

        /**
         * @throws OutOfRangeException when the number is impossible
         */
        public Round {
            Require.between("across a round", acrossMm, 5, 500, "mm");
        }

        @Override
        public double areaMm2() {
            return Math.PI * acrossMm * acrossMm / 4;
        }

        @Override
        public double longMm() {
            return acrossMm;
        }

        @Override
        public int perSheet(final double lengthMm, final double widthMm) {
            return RoundLayout.of(lengthMm, widthMm, acrossMm, GAP_MM).rounds().size();
        }

        @Override
        public OptionalInt bound(final double lengthMm, final double widthMm) {
            return OptionalInt.of(RoundLayout.of(lengthMm, widthMm, acrossMm, GAP_MM).bound());
        }

        @Override
        public Source laidBy() {
            return RoundLayout.SOURCE;
        }
    }

    /**
     * A round with a round taken out of its middle: that is punched first.
     *
     * @param acrossMm 10 to 500
     * @param innerMm 5 to so much that 2 mm are left all round
     */
    public record Ring(double acrossMm, double innerMm) implements Cut {

        private static final double LEFT_MM = 2;

        /**
         * @throws OutOfRangeException when a number is impossible
         */
        public Ring {
            Require.between("across a ring", acrossMm, 10, 500, "mm");
            Require.between("hole of a ring", innerMm, 5, acrossMm - 2 * LEFT_MM, "mm");
        }

        @Override
        public double areaMm2() {
            return Math.PI * (acrossMm * acrossMm - innerMm * innerMm) / 4;
        }

        @Override
        public double longMm() {
            return acrossMm;
        }

        @Override
        public int perSheet(final double lengthMm, final double widthMm) {
            return new Round(acrossMm).perSheet(lengthMm, widthMm);
        }

        @Override
        public OptionalInt bound(final double lengthMm, final double widthMm) {
            return new Round(acrossMm).bound(lengthMm, widthMm);
        }

        @Override
        public Source laidBy() {
            return RoundLayout.SOURCE;
        }
    }

    /**
     * So many rounds or rings of a sheet, and strips out of the rest.
     *
     * @param of what the piece is: a round or a ring
     * @param rounds of a sheet, 1 or more
     * @param stripMm length of a strip, 5 to 500
     * @param acrossMm its width, 5 to 500
     */
    public record Beside(Cut of, int rounds, double stripMm, double acrossMm) implements Cut {

        /**
         * @throws OutOfRangeException when a number is impossible, or plates are to lie beside
         */
        public Beside {
            if (of instanceof Plate || of instanceof Beside) {
                throw new OutOfRangeException(
                        "strips", "beside plates", "beside rounds or rings: plates are cut across");
            }
            new MixedCut.CutWish(of.longMm(), Round.GAP_MM, rounds, stripMm, acrossMm);
        }

        /** As it lies on a sheet. */
        MixedCut laid(final double lengthMm, final double widthMm) {
            return MixedCut.of(
                    lengthMm,
                    widthMm,
                    new MixedCut.CutWish(of.longMm(), Round.GAP_MM, rounds, stripMm, acrossMm));
        }

        @Override
        public double areaMm2() {
            return of.areaMm2();
        }

        @Override
        public double longMm() {
            return of.longMm();
        }

        @Override
        public int perSheet(final double lengthMm, final double widthMm) {
            return laid(lengthMm, widthMm).rounds().size();
        }

        @Override
        public Source laidBy() {
            return MixedCut.SOURCE;
        }

        @Override
        public double besideMm2(final double lengthMm, final double widthMm) {
            return laid(lengthMm, widthMm).strips().size() * stripMm * acrossMm;
        }
    }

    /**
     * Cut right across.
     *
     * @param lengthMm 5 to 500
     * @param widthMm 5 to 500
     */
    public record Plate(double lengthMm, double widthMm) implements Cut {

        /**
         * @throws OutOfRangeException when a number is impossible
         */
        public Plate {
            Require.between("length of a plate", lengthMm, 5, 500, "mm");
            Require.between("width of a plate", widthMm, 5, 500, "mm");
        }

        @Override
        public double areaMm2() {
            return lengthMm * widthMm;
        }

        @Override
        public double longMm() {
            return Math.max(lengthMm, widthMm);
        }

        @Override
        public double wideMm() {
            return Math.min(lengthMm, widthMm);
        }

        @Override
        public int perSheet(final double sheetMm, final double acrossMm) {
            return SlabCut.of(new SlabCut.Slab(sheetMm, acrossMm, 0, 0, lengthMm, widthMm))
                    .pieces()
                    .size();
        }

        @Override
        public Source laidBy() {
            return SlabCut.SOURCE;
        }
    }

    /**
     * @throws OutOfRangeException when a number is impossible, or nothing can be cut
     */
    public SheetPiece {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        Require.between("thickness of the sheet", thickMm, 0.2, 6, "mm");
        Require.between("length of the sheet", lengthMm, 50, 1000, "mm");
        Require.between("width of the sheet", widthMm, 50, 1000, "mm");
        inclusions = List.copyOf(inclusions);
        final String main = couverture.ingredient().id();
        if (second.isPresent() && second.get().couverture().ingredient().id().equals(main)) {
            throw new OutOfRangeException(
                    "second colour", couverture.ingredient().name(), "another couverture");
        }
        second.filter(s -> s.pattern().under()).ifPresent(s -> film(s, thickMm));
        if (inclusions.size() > MOST_INCLUSIONS) {
            throw new OutOfRangeException(
                    "what is strewn on it", String.valueOf(inclusions.size()), "up to 6");
        }
        inclusions.forEach(i -> i.placed(Inclusion.Placing.ON_THE_BACK));
        if (!dress.colours().isEmpty()) {
            throw new OutOfRangeException(
                    "colours", dress.colours().get(0).name(), "none: it comes out of no mould");
        }
        cut.perSheet(lengthMm, widthMm);
    }

    private static void film(final Second second, final double sheetMm) {
        Require.between(
                "film of the second colour",
                second.filmMm(sheetMm),
                THINNEST_FILM_MM,
                sheetMm - THINNEST_FILM_MM,
                "mm");
    }

    /** As many as one sheet gives. */
    public int perSheet() {
        return cut.perSheet(lengthMm, widthMm);
    }

    /** Couverture of the first colour on one sheet, g. */
    double sheetG() {
        return sheetMl() * firstShare() * couverture.castingDensityGPerMl();
    }

    /** Of the second colour, g; 0 where there is none. */
    double secondG() {
        return second.map(s -> sheetMl() * s.share() * s.couverture().castingDensityGPerMl())
                .orElse(0.0);
    }

    /** Of the second colour spread on one sheet, what is combed away too, g. */
    double secondSpreadG() {
        return second.map(s -> secondG() * s.pattern().spreadPerKept()).orElse(0.0);
    }

    /** Share of the sheet that is of its first colour, 0.4 to 1. */
    double firstShare() {
        return 1 - second.map(Second::share).orElse(0.0);
    }

    private double sheetMl() {
        return lengthMm * widthMm * thickMm / 1000;
    }

    /** Share of a sheet that becomes offcuts, 0 to 1. */
    double offcuts() {
        return 1
                - (perSheet() * cut.areaMm2() + cut.besideMm2(lengthMm, widthMm))
                        / (lengthMm * widthMm);
    }

    /** Share of a sheet that is no piece: offcuts, and strips that hold what was strewn as well. */
    double notOnPieces() {
        return 1 - perSheet() * cut.areaMm2() / (lengthMm * widthMm);
    }

    /** Couverture of the first colour in the strips of a sheet, g; 0 where none are cut. */
    double stripsG() {
        return sheetG() * cut.besideMm2(lengthMm, widthMm) / (lengthMm * widthMm);
    }

    /** Of the second colour, g. */
    double stripsSecondG() {
        return secondG() * cut.besideMm2(lengthMm, widthMm) / (lengthMm * widthMm);
    }

    @Override
    public List<Figure> qualities(final double roomC) {
        return List.of(
                Figure.of(
                        "pieces of a sheet",
                        perSheet(),
                        Unit.PIECE,
                        laid(
                                Basis.of("as they lie on it")
                                        .with("length", lengthMm, Unit.MILLIMETRE)
                                        .with("width", widthMm, Unit.MILLIMETRE)
                                        .from(cut.laidBy()))),
                Figure.of(
                                "offcuts",
                                offcuts() * 100,
                                Unit.PERCENT,
                                Basis.of("1 − pieces · area / sheet")
                                        .with("pieces", perSheet(), Unit.PIECE)
                                        .from(
                                                Source.practice(
                                                        "offcuts of a tenth to a third of a"
                                                                + " sheet")))
                        .within(new Band(-1, 0, 30, 50)));
    }

    private Basis laid(final Basis basis) {
        final OptionalInt bound = cut.bound(lengthMm, widthMm);
        return bound.isPresent()
                ? basis.with("no layout gives more than", bound.getAsInt(), Unit.PIECE)
                : basis;
    }

    @Override
    public List<Portion> chocolate() {
        final SheetMasses each = masses();
        final List<Portion> both = new ArrayList<>();
        both.add(new Portion(couverture.ingredient(), each.couverture().value()));
        second.ifPresent(
                s ->
                        both.add(
                                new Portion(
                                        s.couverture().ingredient(),
                                        each.second().orElseThrow().value())));
        return List.copyOf(both);
    }

    @Override
    public SheetMasses masses() {
        return SheetMasses.of(this);
    }

    @Override
    public Section section() {
        return SheetMasses.section(this);
    }

    @Override
    public Materials materials(
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        return SheetMaterials.of(this, size, habits, conditions);
    }

    @Override
    public Process process(final Materials needs, final Workplace place) {
        return new SheetProcess(this, needs, place).lay();
    }

    @Override
    public int atOnce() {
        return perSheet();
    }

    @Override
    public BatchSize batchOf(final Optional<Integer> moulds, final Optional<Integer> pieces) {
        if (moulds.isPresent() == pieces.isPresent()) {
            throw new OutOfRangeException(
                    "size", moulds.isEmpty() ? "not given" : "given twice", "sheets or pieces");
        }
        final int each = perSheet();
        return moulds.map(m -> BatchSize.ofMoulds(m, each))
                .orElseGet(() -> BatchSize.ofPieces(pieces.orElseThrow(), each));
    }

    @Override
    public List<Sentence> remarks() {
        final List<Sentence> remarks = new ArrayList<>();
        if (thickMm < CURLS_MM) {
            remarks.add(
                    Sentence.of(
                                    "{thick} curls as it sets, its open side inward: flat under a"
                                            + " weight until it has drawn in.")
                            .with("thick", thickMm, Unit.MILLIMETRE));
        }
        second.ifPresent(
                s ->
                        remarks.add(
                                Sentence.of(
                                        "Two colours want two bowls in temper, and the offcuts hold"
                                                + " both: they go back into neither.")));
        if (cut instanceof Beside beside) {
            final MixedCut laid = beside.laid(lengthMm, widthMm);
            remarks.add(
                    laid.strips().isEmpty()
                            ? Sentence.of("Beside so many rounds no strip lies on a sheet.")
                            : Sentence.of(
                                            "Beside them {strips} strips of {long} by {wide} come out"
                                                    + " of a sheet, {all} together; no layout holds"
                                                    + " more than {bound}.")
                                    .with("strips", laid.strips().size(), Unit.ONE)
                                    .with("long", beside.stripMm(), Unit.MILLIMETRE)
                                    .with("wide", beside.acrossMm(), Unit.MILLIMETRE)
                                    .with("all", stripsG() + stripsSecondG(), Unit.GRAM)
                                    .with("bound", laid.bound(), Unit.ONE));
        }
        if (ring().isPresent()) {
            final Ring ring = ring().get();
            remarks.add(
                    Sentence.of(
                                    "Out of each ring comes a round of {inner}, punched first: {many} of a"
                                            + " sheet, {each} each. Lay them aside as rounds, or melt"
                                            + " them again.")
                            .with("inner", ring.innerMm(), Unit.MILLIMETRE)
                            .with("many", perSheet(), Unit.PIECE)
                            .with("each", roundG(ring.innerMm()), Unit.GRAM));
        }
        if (offcuts() > 0.35) {
            remarks.add(
                    Sentence.of(
                                    "{share} of a sheet becomes offcuts, to be melted again: another"
                                            + " sheet or another size wastes less.")
                            .with("share", offcuts() * 100, Unit.PERCENT));
        }
        return remarks;
    }

    /** The ring it is, where it is one. */
    Optional<Ring> ring() {
        final Cut one = cut instanceof Beside beside ? beside.of() : cut;
        return one instanceof Ring ring ? Optional.of(ring) : Optional.empty();
    }

    /** A round of the same sheet, g: in the mean of its couvertures. */
    private double roundG(final double acrossMm) {
        final double gPerMl =
                second.map(
                                s ->
                                        firstShare() * couverture.castingDensityGPerMl()
                                                + s.share() * s.couverture().castingDensityGPerMl())
                        .orElse(couverture.castingDensityGPerMl());
        return new Round(acrossMm).areaMm2() * thickMm / 1000 * gPerMl;
    }
}
