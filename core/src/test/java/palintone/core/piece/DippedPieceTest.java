package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.coat.CentreShape;
import palintone.core.coat.DipPlan;
import palintone.core.coat.Powder;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.heat.RoomAir;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;
import palintone.core.substance.Portion;
import palintone.core.temper.method.TemperingMethod;

/** A truffle and a cut square: what they weigh, what goes in, how they are made. */
class DippedPieceTest {

    private static final Ingredient HAZELNUTS =
            new Ingredient(
                    "hazelnuts",
                    "hazelnuts",
                    Composition.per100(
                            Map.of(
                                    Component.LIQUID_OIL, 62.0,
                                    Component.PROTEIN, 15.0,
                                    Component.FIBRE, 20.0,
                                    Component.WATER, 3.0)),
                    1,
                    Set.of(Allergen.NUTS),
                    Source.workshop("invented for the tests"));

    /** Firm enough for a fork in a cool room. */
    private static final Filling FIRM =
            Filling.stirred(
                    "firm",
                    "Firm ganache",
                    List.of(
                            new RecipeLine(Samples.DARK_66, 640, KitchenUnit.GRAM),
                            new RecipeLine(Samples.CREAM, 260, KitchenUnit.GRAM),
                            new RecipeLine(Samples.GLUCOSE_SYRUP, 60, KitchenUnit.GRAM)));

    private static final BatchHabits HABITS = new BatchHabits(2, 0.25, 0.1);

    private static DippedPiece truffle(final DipCoat coat, final Inclusion... on) {
        return new DippedPiece(
                "truffle",
                "Truffle",
                Samples.dark(),
                new FormedCentre(FIRM, new CentreShape.Ball(24), Forming.ROLLED, 0),
                coat,
                List.of(on),
                Decoration.NONE);
    }

    private static DippedPiece square(final Forming forming, final double bottomMm) {
        return new DippedPiece(
                "square",
                "Square",
                Samples.dark(),
                new FormedCentre(FIRM, new CentreShape.Block(28, 22, 12), forming, bottomMm),
                new DipCoat(1.4, false, 1),
                List.of(),
                new Decoration(List.of(), List.of(new Finish(Finish.FinishKind.MARK, "one line"))));
    }

    private static List<Task> tasks(final DippedPiece piece, final int pieces) {
        final Materials needs = piece.materials(BatchSize.oneByOne(pieces), HABITS);
        return piece.process(needs, Samples.workplace(needs)).tasks();
    }

    /** Nobody taps a fork half a minute, piece after piece; what then stays is what is reckoned. */
    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.ValueSource(doubles = {0.5, 0.8, 1.2, 1.6, 2.2, 3.5})
    void noPlanTapsLongerThanAHandDoes(final double mm) {
        final DippedPiece wish = truffle(new DipCoat(mm, false, 1));
        final Materials needs = wish.materials(BatchSize.oneByOne(30), HABITS);
        final Workplace place = Samples.workplace(needs);
        final DippedPiece will = (DippedPiece) wish.asItWillBe(needs, place);
        final Task dip =
                only(
                        will.process(will.materials(BatchSize.oneByOne(30), HABITS), place).tasks(),
                        TaskKind.DIP);
        assertThat(dip.say().values().get("tapped").value()).isLessThanOrEqualTo(8);
        assertThat(dip.say().template()).doesNotContain("no nearer than");
        final DipPlan plan = DippedProcess.plan(will, place);
        assertThat(plan.coat().massG())
                .isCloseTo(will.lastCoatG(), within(0.03 * will.lastCoatG()));
        assertThat(dip.say().values().get("each").value())
                .isCloseTo(plan.coat().massG(), within(0.03 * plan.coat().massG()));
        // What is aimed at in the bowl lies inside its window.
        assertThat(dip.reading().orElseThrow().target())
                .isLessThan(dip.reading().orElseThrow().band().high());
        assertThat(wish.wishedOtherwise(will).isPresent())
                .isEqualTo(will.coat().mm() != wish.coat().mm());
    }

    private static List<Task> slab(final Operation... afterwards) {
        final List<Operation> recipe = new java.util.ArrayList<>();
        recipe.add(Operation.of(OperationKind.BOIL, List.of(Kitchen.grams(Samples.CREAM, 200))));
        recipe.add(Operation.of(OperationKind.POUR, List.of(Kitchen.grams(Samples.DARK_66, 430))));
        recipe.addAll(List.of(afterwards));
        final DippedPiece piece =
                new DippedPiece(
                        "square",
                        "Square",
                        Samples.dark(),
                        new FormedCentre(
                                new Filling("slab", "Slab", recipe),
                                new CentreShape.Block(28, 22, 12),
                                Forming.CUT,
                                0),
                        new DipCoat(1.4, false, 1),
                        List.of(),
                        Decoration.NONE);
        final Materials needs = piece.materials(BatchSize.oneByOne(40), HABITS);
        return piece.process(
                        needs,
                        Samples.workplace(
                                needs,
                                TemperingMethod.SEED_THIRD,
                                new RoomAir(20, 50),
                                12,
                                Workplace.Fillings.MADE_WITH_IT))
                .tasks();
    }

    private static int place(final List<Task> tasks, final Task found) {
        return tasks.indexOf(found);
    }

    /** Poured into its frame while it runs, and cut once: as the piece says. */
    @Test
    void aSlabIsPouredBeforeItRestsAndCutOnce() {
        final List<Task> tasks =
                slab(
                        new Operation(
                                OperationKind.REST,
                                List.of(),
                                Map.of(
                                        OperationSetting.HOURS,
                                        24.0,
                                        OperationSetting.TEMPERATURE_C,
                                        16.0)),
                        new Operation(
                                OperationKind.CUT,
                                List.of(),
                                Map.of(
                                        OperationSetting.WIDTH_MM,
                                        22.0,
                                        OperationSetting.PERCENT,
                                        6.0)));
        final Task rest =
                tasks.stream().filter(t -> t.title().equals("Rest")).findFirst().orElseThrow();
        assertThat(place(tasks, only(tasks, TaskKind.FRAME))).isLessThan(place(tasks, rest));
        assertThat(place(tasks, rest)).isLessThan(place(tasks, only(tasks, TaskKind.CUT)));
        assertThat(tasks).noneMatch(t -> t.kind() == TaskKind.STAND);
        assertThat(tasks).noneMatch(t -> t.title().equals("Cut") && t.kind() == TaskKind.COOK);
    }

    /** What never bears a knife is not sent to one without a word. */
    @Test
    void aSlabThatNeverBearsAKnifeIsSaidTo() {
        final List<Task> tasks =
                slab(Operation.of(OperationKind.ADD, List.of(Kitchen.grams(Samples.CREAM, 900))));
        assertThat(only(tasks, TaskKind.STAND).say().template())
                .contains("neither the room nor the cabinet");
    }

    /** From the frame to the knife it stands, where its recipe does not let it rest. */
    @Test
    void aSlabThatIsNotRestedStandsUntilItBearsAKnife() {
        final List<Task> tasks = slab();
        final Task stand = only(tasks, TaskKind.STAND);
        assertThat(place(tasks, only(tasks, TaskKind.FRAME))).isLessThan(place(tasks, stand));
        assertThat(only(tasks, TaskKind.CUT).after()).anyMatch(a -> a.task() == stand.number());
        assertThat(stand.clock().orElseThrow().targetS() / 60.0).isBetween(10.0, 24 * 60.0);
        assertThat(stand.reading()).isPresent();
    }

    @Test
    void aTruffleWeighsItsCentreItsCoatAndWhatSticksToIt() {
        final DippedPiece piece =
                truffle(
                        new DipCoat(1.5, false, 1),
                        new Inclusion(HAZELNUTS, 0.6, Inclusion.Placing.ROLLED_IN));
        final DippedMasses masses = piece.masses();
        final double centreMl = Math.PI * Math.pow(24, 3) / 6 / 1000;
        final double coatMl = Math.PI * Math.pow(27, 3) / 6 / 1000 - centreMl;
        assertThat(masses.centre().value())
                .isCloseTo(centreMl * piece.centre().centre().gPerMl(), within(1e-9));
        assertThat(masses.coat().value())
                .isCloseTo(coatMl * Samples.dark().castingDensityGPerMl(), within(1e-9));
        assertThat(masses.whole().value())
                .isCloseTo(masses.parts().stream().mapToDouble(Figure::value).sum(), within(1e-9));
        assertThat(masses.parts()).hasSize(3);
        // Common practice: a quarter to a third of a truffle is coat.
        assertThat(masses.couvertureG() / masses.whole().value()).isBetween(0.22, 0.4);
    }

    @Property(tries = 60)
    void whatIsMeltedIsKeptOrComesBack(
            @ForAll @IntRange(min = 1, max = 900) final int pieces,
            @ForAll @DoubleRange(min = 0.3, max = 4) final double mm,
            @ForAll @DoubleRange(min = 0.2, max = 1) final double share) {
        final DippedPiece piece =
                truffle(
                        new DipCoat(mm, false, share),
                        new Inclusion(HAZELNUTS, 0.5, Inclusion.Placing.ROLLED_IN));
        final Materials needs = piece.materials(BatchSize.oneByOne(pieces), HABITS);
        final double melted = needs.toMelt().value();
        assertThat(
                        needs.kept().stream().mapToDouble(Figure::value).sum()
                                + needs.comesBack().value())
                .isCloseTo(melted, within(1e-9 * melted));
        assertThat(needs.comesBack().value()).isPositive();
        assertThat(needs.size().moulds()).isZero();
        assertThat(needs.allergens()).contains(Allergen.NUTS, Allergen.MILK);
        final double powder =
                needs.toFetch().stream()
                        .filter(p -> p.ingredient().equals(HAZELNUTS))
                        .mapToDouble(Portion::massG)
                        .sum();
        // A trayful, of which so much sticks: what the task asks for is what is fetched.
        assertThat(powder).isCloseTo(0.5 * pieces / Powder.STICKS_OF_TRAY, within(1e-9 * pieces));
    }

    /** What is brushed below is melted by itself, and costs and counts like everything in it. */
    @Test
    void whatIsBrushedBelowIsFetchedToo() {
        final Materials plain = square(Forming.CUT, 0).materials(BatchSize.oneByOne(60), HABITS);
        final Materials below = square(Forming.CUT, 0.5).materials(BatchSize.oneByOne(60), HABITS);
        final double more = 28 * 22 * 0.5 / 1000 * Samples.dark().castingDensityGPerMl() * 60;
        assertThat(below.toMelt().value()).isCloseTo(plain.toMelt().value(), within(1e-9));
        assertThat(fetchedDark(below) - fetchedDark(plain)).isCloseTo(more, within(1e-9));
    }

    private static double fetchedDark(final Materials needs) {
        return needs.toFetch().stream()
                .filter(p -> p.ingredient().id().equals("dark-66"))
                .mapToDouble(Portion::massG)
                .sum();
    }

    /** Each is fetched by itself, in the order it goes on, and of each the list wants as much. */
    @Test
    void severalToppingsAreLaidReadyInOrderEachWithItsOwnGrams() {
        final DippedPiece piece =
                truffle(
                        new DipCoat(1.5, false, 1),
                        new Inclusion(HAZELNUTS, 0.6, Inclusion.Placing.ROLLED_IN),
                        new Inclusion(HAZELNUTS, 0.9, Inclusion.Placing.ON_THE_BACK));
        final List<Task> ready =
                tasks(piece, 60).stream().filter(t -> t.kind() == TaskKind.LAY_READY).toList();
        assertThat(ready)
                .extracting(t -> t.say().values().get("each").value())
                .containsExactly(0.6, 0.9);
        assertThat(ready)
                .extracting(t -> t.reading().orElseThrow().target())
                .containsExactly(60 * 0.6 / palintone.core.coat.Powder.STICKS_OF_TRAY, 60 * 0.9);
        final Task dip = only(tasks(piece, 60), TaskKind.DIP);
        assertThat(dip.say().template()).contains("Roll in hazelnuts. Lay hazelnuts on it.");
        assertThat(dip.number()).isGreaterThan(ready.get(1).number());
    }

    private static SheetPiece sheet(final double plateMm) {
        return new SheetPiece(
                "leaf",
                "Rye leaf",
                DecorationTest.MILK,
                1.5,
                400,
                300,
                Optional.empty(),
                new SheetPiece.Round(plateMm),
                List.of(),
                Decoration.NONE);
    }

    /** Made before, counted out of stock: it weighs, it is an allergen, it is drawn to its size. */
    @Test
    void aPlateIsLaidOnItAndWeighsWhatOneOfItsSheetWeighs() {
        final Inclusion plate = Inclusion.plate(sheet(20));
        final double eachG =
                Math.PI * 100 * 1.5 / 1000 * DecorationTest.MILK.castingDensityGPerMl();
        assertThat(plate.eachG()).isCloseTo(eachG, within(1e-6));
        final DippedPiece bare = truffle(new DipCoat(1.5, false, 1));
        final DippedPiece with = truffle(new DipCoat(1.5, false, 1), plate);
        assertThat(with.masses().whole().value() - bare.masses().whole().value())
                .isCloseTo(eachG, within(1e-6));
        final Materials needs = with.materials(BatchSize.oneByOne(60), HABITS);
        assertThat(needs.allergens()).contains(Allergen.MILK);
        final Task ready = only(tasks(with, 60), TaskKind.LAY_READY);
        assertThat(ready.say().template()).contains("out of stock");
        assertThat(ready.say().values().get("plates").value()).isEqualTo(60);
        assertThat(needs.toFetch())
                .anySatisfy(
                        p -> {
                            assertThat(p.ingredient().name()).isEqualTo("Rye leaf");
                            assertThat(p.massG()).isCloseTo(60 * eachG, within(1e-6));
                        });
    }

    @Test
    void aPlateLargerThanThePieceIsRefused() {
        assertThatThrownBy(() -> truffle(new DipCoat(1.5, false, 1), Inclusion.plate(sheet(80))))
                .hasMessageContaining("plate laid on it is 80.0 × 80.0 mm; allowed: up to");
    }

    @Test
    void aTruffleIsPipedChilledRolledDippedAndRolledAgain() {
        final List<Task> tasks =
                tasks(
                        truffle(
                                new DipCoat(1.5, true, 1),
                                new Inclusion(HAZELNUTS, 0.6, Inclusion.Placing.ROLLED_IN)),
                        60);
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.PIPE_OUT,
                        TaskKind.CHILL,
                        TaskKind.SHAPE,
                        TaskKind.CENTRES,
                        TaskKind.WEIGH_CENTRES,
                        TaskKind.TEST,
                        TaskKind.FIRST_COAT,
                        TaskKind.SET,
                        TaskKind.TEMPER_AGAIN,
                        TaskKind.DIP,
                        TaskKind.SET,
                        TaskKind.WEIGH);
        final Task dip = only(tasks, TaskKind.DIP);
        assertThat(dip.say().template()).contains("Roll in hazelnuts", "within {skin}");
        // Both coats leave the bowl, and not more than both.
        final double first = only(tasks, TaskKind.FIRST_COAT).amounts().get(Amount.TAKES);
        final double second = dip.amounts().get(Amount.TAKES);
        assertThat(first + second)
                .isCloseTo(
                        60 * truffle(new DipCoat(1.5, true, 1)).masses().couvertureG(),
                        within(1e-6));
        // What takes longer than a coat stays soft is not dipped in one lot.
        final double skin = dip.say().values().get("skin").value() * 60;
        final double lot = dip.say().values().get("lot").value();
        assertThat(lot).isBetween(1.0, skin / 10);
        assertThat(dip.after()).anyMatch(a -> a.greatestLagS().isPresent() && !a.late().isEmpty());
        assertThat(dip.caution()).hasValueSatisfying(c -> assertThat(c).contains("nuts"));
    }

    @Test
    void aSquareIsCutWhileTheKnifeGoesThrough() {
        final FormedCentre centre = square(Forming.CUT, 0.5).centre();
        final FormedCentre.CutWindow window = centre.cutWindow();
        assertThat(window.fromC()).isLessThan(window.toC());
        final Task cut = only(tasks(square(Forming.CUT, 0.5), 60), TaskKind.CUT);
        assertThat(cut.reading().orElseThrow().band().bandStatusOf(window.fromC() + 0.5))
                .isEqualTo(BandStatus.IN_BAND);
        assertThat(cut.reading().orElseThrow().band().bandStatusOf(window.toC() + 5))
                .isEqualTo(BandStatus.OFF);
        assertThat(tasks(square(Forming.FROZEN, 0), 20))
                .extracting(Task::kind)
                .containsSubsequence(TaskKind.FREEZE, TaskKind.CUT, TaskKind.CENTRES);
    }

    /** What must be kept cold says so where it is warmed for the fork. */
    @Test
    void warmingCentresThatMustStayColdIsCautioned() {
        final Materials needs =
                truffle(new DipCoat(1.5, false, 1)).materials(BatchSize.oneByOne(40), HABITS);
        final Task warmed = only(tasks(truffle(new DipCoat(1.5, false, 1)), 40), TaskKind.CENTRES);
        assertThat(warmed.caution().orElse("").contains("4 °C or colder"))
                .isEqualTo(needs.keepCold());
    }

    /** Its marks are made while it is wet, so they are said where it is dipped. */
    @Test
    void aMarkIsMadeAtTheDip() {
        final List<Task> tasks = tasks(square(Forming.CUT, 0), 60);
        assertThat(only(tasks, TaskKind.DIP).say().template()).contains("Mark it with the fork");
        assertThat(tasks).noneMatch(t -> t.kind() == TaskKind.FINISH);
    }

    @Test
    void halfDippedWeighsLessAndIsWarnedOf() {
        final DippedPiece whole = truffle(new DipCoat(1.5, false, 1));
        final DippedPiece half = truffle(new DipCoat(1.5, false, 0.5));
        assertThat(half.masses().couvertureG())
                .isCloseTo(whole.masses().couvertureG() / 2, within(1e-9));
        assertThat(half.remarks()).anyMatch(r -> r.template().contains("lies open"));
        assertThat(whole.remarks()).isEmpty();
    }

    @Test
    void aBlandSoftFillingIsNotForTheFork() {
        final Filling soft =
                Filling.stirred(
                        "soft",
                        "Soft",
                        List.of(new RecipeLine(Samples.CREAM, 500, KitchenUnit.GRAM)));
        final DippedPiece piece =
                new DippedPiece(
                        "soft",
                        "Soft",
                        Samples.dark(),
                        new FormedCentre(soft, new CentreShape.Ball(20), Forming.PIPED, 0),
                        new DipCoat(1, false, 1),
                        List.of(),
                        Decoration.NONE);
        assertThat(piece.remarks()).anyMatch(r -> r.template().contains("never firm enough"));
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThatThrownBy(() -> new DipCoat(0.1, false, 1))
                .hasMessage("coat is 0.1 mm; allowed: 0.3 to 5 mm");
        assertThatThrownBy(() -> new DipCoat(0.5, true, 1)).hasMessageContaining("coated twice");
        assertThatThrownBy(() -> new FormedCentre(FIRM, new CentreShape.Ball(20), Forming.CUT, 0))
                .hasMessageContaining("a block where it is cut");
        assertThatThrownBy(
                        () -> new FormedCentre(FIRM, new CentreShape.Ball(20), Forming.PIPED, 0.5))
                .hasMessageContaining("no underside");
        assertThatThrownBy(
                        () ->
                                truffle(
                                        new DipCoat(1.5, false, 1),
                                        new Inclusion(HAZELNUTS, 1, Inclusion.Placing.STIRRED_IN)))
                .hasMessageContaining("place of hazelnuts");
        assertThatThrownBy(
                        () ->
                                truffle(new DipCoat(1.5, false, 1))
                                        .batchOf(Optional.of(3), Optional.empty()))
                .hasMessageContaining("no mould");
    }

    /** Without a coat nothing is melted, and no bowl is asked for. */
    @Test
    void aRolledPieceNeedsNoBowl() {
        final RolledPiece rolled =
                new RolledPiece(
                        "rolled",
                        "Rolled",
                        new FormedCentre(FIRM, new CentreShape.Ball(24), Forming.ROLLED, 0),
                        List.of(new Inclusion(HAZELNUTS, 0.4, Inclusion.Placing.ROLLED_IN)),
                        Decoration.NONE);
        final Materials needs =
                rolled.materials(rolled.batchOf(Optional.empty(), Optional.of(40)), HABITS);
        assertThat(needs.toMelt().value()).isZero();
        assertThat(needs.toFetch()).extracting(p -> p.ingredient().name()).contains("hazelnuts");
        assertThat(needs.allergens()).contains(Allergen.NUTS, Allergen.MILK);
        final Workplace place =
                new Workplace(
                        Optional.empty(),
                        new palintone.core.heat.RoomAir(20, 52),
                        12,
                        new palintone.core.temper.HeatSource(600, 0.6),
                        Workplace.Fillings.MADE_WITH_IT,
                        Workplace.BowlIs.TEMPERED_FOR_IT,
                        palintone.core.temper.DarkWindowPractice.LOW,
                        CastTimes.usual(12),
                        DipTimes.USUAL,
                        couverture -> {
                            throw new IllegalStateException("nothing is tempered for it");
                        });
        final palintone.core.work.BatchPlan plan = palintone.core.work.BatchPlan.of(needs, place);
        assertThat(plan.bowl()).isEmpty();
        assertThat(plan.process().tasks())
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.WEIGH_OUT,
                        TaskKind.PIPE_OUT,
                        TaskKind.CHILL,
                        TaskKind.SHAPE,
                        TaskKind.ROLL_IN,
                        TaskKind.SET,
                        TaskKind.WEIGH)
                .doesNotContain(TaskKind.MELT, TaskKind.DIP);
        // Never days of its own: what must be kept cold would be promised a shelf.
        assertThat(rolled.remarks(needs))
                .anyMatch(r -> r.template().contains("No coat keeps"))
                .noneMatch(r -> r.template().contains("days"));
        assertThatThrownBy(
                        () ->
                                new RolledPiece(
                                        "bare",
                                        "Bare",
                                        rolled.centre(),
                                        List.of(),
                                        Decoration.NONE))
                .hasMessageContaining("what it is rolled in is 0");
    }

    private static Task only(final List<Task> tasks, final TaskKind kind) {
        return tasks.stream().filter(t -> t.kind() == kind).reduce((a, b) -> b).orElseThrow();
    }

    private static final Inclusion NUT = new Inclusion(HAZELNUTS, 1.2, Inclusion.Placing.SET_IN);

    /** A nut in its middle takes the room of its filling: the shape stays, the sum is the piece. */
    @Test
    void aNutInTheMiddleTakesTheRoomOfFilling() {
        final DipCoat coat = new DipCoat(1.4, false, 1);
        final DippedPiece plain = truffle(coat);
        final DippedPiece nutty = truffle(coat, NUT);
        final double gPerMl = plain.centre().centre().gPerMl();
        assertThat(nutty.masses().centre().value())
                .isCloseTo(plain.masses().centre().value() - NUT.volumeMl() * gPerMl, within(1e-9));
        assertThat(nutty.masses().couvertureG())
                .isCloseTo(plain.masses().couvertureG(), within(1e-9));
        assertThat(nutty.masses().parts().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(nutty.masses().whole().value(), within(1e-9));
        assertThat(nutty.section().flecks()).hasSize(1);
        // Of four the cut shows those that lie side by side in it; none is drawn through the coat.
        final Inclusion seed = new Inclusion(HAZELNUTS, 0.5, Inclusion.Placing.SET_IN);
        assertThat(truffle(coat, seed, seed, seed, seed).section().flecks())
                .hasSizeBetween(1, 3)
                .allMatch(f -> Math.abs(f.acrossMm()) + f.radiusMm() < 12);
        final Materials needs =
                nutty.materials(nutty.batchOf(Optional.empty(), Optional.of(40)), HABITS);
        assertThat(needs.allergens()).contains(Allergen.NUTS);
        assertThat(needs.toFetch())
                .filteredOn(p -> p.ingredient().equals(HAZELNUTS))
                .singleElement()
                .satisfies(p -> assertThat(p.massG()).isCloseTo(48, within(1e-9)));
    }

    @Test
    void aNutIsSetInBeforeItIsRolledCutOrChilled() {
        for (final DippedPiece piece :
                List.of(
                        truffle(new DipCoat(1.4, false, 1), NUT),
                        of(new CentreShape.Ball(24), Forming.PIPED),
                        of(new CentreShape.Block(28, 22, 14), Forming.CUT),
                        of(new CentreShape.Block(28, 22, 14), Forming.FROZEN))) {
            final Materials needs =
                    piece.materials(piece.batchOf(Optional.empty(), Optional.of(40)), HABITS);
            for (final Workplace.Fillings fillings : Workplace.Fillings.values()) {
                final List<Task> tasks =
                        piece.process(
                                        needs,
                                        Samples.workplace(
                                                needs,
                                                TemperingMethod.SEED_THIRD,
                                                new RoomAir(20, 52),
                                                12,
                                                fillings))
                                .tasks();
                final List<TaskKind> kinds = tasks.stream().map(Task::kind).toList();
                final int in = kinds.indexOf(TaskKind.SET_IN);
                assertThat(in).as(piece.centre().forming() + " " + fillings).isNotNegative();
                assertThat(tasks.get(in).say().values().get("all").value())
                        .isCloseTo(48, within(1e-9));
                final Forming forming = piece.centre().forming();
                assertThat(in)
                        .isLessThan(
                                kinds.indexOf(forming.fromASlab() ? TaskKind.CUT : TaskKind.CHILL));
                // It is not strewn on it as well.
                assertThat(tasks.stream().filter(t -> t.kind() == TaskKind.DIP).toList())
                        .allSatisfy(
                                t -> assertThat(t.say().template()).doesNotContain("hazelnuts"));
            }
        }
    }

    private static DippedPiece of(final CentreShape shape, final Forming forming) {
        return new DippedPiece(
                "p",
                "P",
                Samples.dark(),
                new FormedCentre(FIRM, shape, forming, 0),
                new DipCoat(1.4, false, 1),
                List.of(NUT),
                Decoration.NONE);
    }

    @Test
    void whatDoesNotFitIntoTheMiddleIsRefused() {
        assertThatThrownBy(
                        () ->
                                truffle(
                                        new DipCoat(1.4, false, 1),
                                        new Inclusion(HAZELNUTS, 6, Inclusion.Placing.SET_IN)))
                .hasMessageContaining("set into Firm ganache");
        assertThatThrownBy(
                        () ->
                                new RolledPiece(
                                        "r",
                                        "R",
                                        new FormedCentre(
                                                FIRM, new CentreShape.Ball(24), Forming.ROLLED, 0),
                                        List.of(NUT),
                                        Decoration.NONE))
                .hasMessageContaining("what it is rolled in is 0");
    }

    private static DippedPiece log(final double acrossMm, final double lengthMm) {
        return new DippedPiece(
                "log",
                "Log",
                Samples.dark(),
                new FormedCentre(FIRM, new CentreShape.Log(acrossMm, lengthMm), Forming.ROPED, 0),
                new DipCoat(1.2, false, 1),
                List.of(),
                Decoration.NONE);
    }

    /** Ropes of 14 mm cut to 40: 8 a rope, so that 40 come out of five. */
    @Test
    void ropesArePipedChilledAndCutByLength() {
        final DippedPiece piece = log(14, 40);
        final Materials needs =
                piece.materials(piece.batchOf(Optional.empty(), Optional.of(40)), HABITS);
        final List<Task> tasks = piece.process(needs, Samples.workplace(needs)).tasks();
        assertThat(tasks)
                .extracting(Task::kind)
                .containsSubsequence(
                        TaskKind.PIPE_OUT, TaskKind.CHILL, TaskKind.CUT, TaskKind.CENTRES);
        final Task pipe = tasks.get(0);
        assertThat(pipe.say().template()).contains("5 ropes");
        assertThat(pipe.say().values().get("long").value()).isCloseTo(330, within(1e-9));
        assertThat(piece.masses().centre().value())
                .isCloseTo(
                        Math.PI * 49 * 40 / 1000 * piece.centre().centre().gPerMl(), within(1e-9));
        assertThat(tasks.stream().filter(t -> t.kind() == TaskKind.CUT).findFirst().orElseThrow())
                .satisfies(t -> assertThat(t.say().template()).contains("off the ropes"));
    }

    @Test
    void aRopeIsCutByItsLengthAndNothingElseIs() {
        assertThatThrownBy(() -> new FormedCentre(FIRM, new CentreShape.Ball(24), Forming.ROPED, 0))
                .hasMessageContaining("no rope");
        assertThatThrownBy(
                        () -> new FormedCentre(FIRM, new CentreShape.Log(14, 40), Forming.CUT, 0))
                .hasMessageContaining("round");
        assertThatThrownBy(() -> log(14, 2)).hasMessageContaining("length of the centre is 2 mm");
    }
}
