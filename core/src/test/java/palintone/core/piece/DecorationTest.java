package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.colour.ColourDrying;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Unit;
import palintone.core.filling.quality.Conditions;
import palintone.core.heat.RoomAir;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.mould.MouldBody;
import palintone.core.mould.MouldState;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Allergen;
import palintone.core.taste.HouseTaste;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.work.BatchPlan;

/** Colours in order, finishings, and a cap out of another bowl. */
class DecorationTest {

    static final Couverture MILK = new Couverture(Samples.MILK_41, CouvertureKind.MILK);

    private static MouldedPiece piece(final Optional<Couverture> cap, final Decoration dress) {
        return new MouldedPiece(
                "p",
                "P",
                Samples.HALF_SPHERES,
                Samples.dark(),
                cap,
                1.6,
                2,
                List.of(new FillingLayer(Samples.ganache(), 1)),
                dress);
    }

    private static Materials needs(final MouldedPiece piece) {
        return piece.materials(BatchSize.ofMoulds(4, 32), new BatchHabits(2, 0.25, 0.1));
    }

    private static List<Task> tasks(final MouldedPiece piece) {
        final Materials needs = needs(piece);
        return BatchPlan.of(needs, Samples.workplace(needs)).process().tasks();
    }

    private static Task first(final List<Task> tasks, final TaskKind kind) {
        return tasks.stream().filter(t -> t.kind() == kind).findFirst().orElseThrow();
    }

    /** Wall of a half sphere 28 mm across: 2πr² = 12.315 cm²; 128 of them, film 0.05 mm. */
    @Test
    void eachCoatIsWeighedByWhatItCoversAndWhatIsCaught() {
        final Decoration dress =
                new Decoration(
                        List.of(
                                new ColourCoat("copper", 0.05, ColourCoat.How.SPLASHED),
                                new ColourCoat("plum", 0.05, ColourCoat.How.SPRAYED)),
                        List.of());
        final Materials needs = needs(piece(Optional.empty(), dress));
        final double filmG = 2 * Math.PI * 14 * 14 * 0.05 / 1000 * 0.93 * 128;
        assertThat(needs.colours()).hasSize(2);
        assertThat(needs.colours().get(0).value()).isCloseTo(filmG * 0.3 / 0.7, within(1e-6));
        assertThat(needs.colours().get(1).value()).isCloseTo(filmG / 0.6, within(1e-6));
    }

    @Test
    void coatsComeInOrderEachAfterTheOneBeforeHasSet() {
        final List<Task> tasks =
                tasks(
                        piece(
                                Optional.empty(),
                                new Decoration(
                                        List.of(
                                                new ColourCoat(
                                                        "copper", 0.05, ColourCoat.How.LINED),
                                                new ColourCoat("plum", 0.05)),
                                        List.of())));
        final List<Task> coats = tasks.stream().filter(t -> t.kind() == TaskKind.COLOUR).toList();
        assertThat(coats).hasSize(2);
        assertThat(coats.get(0).say().template()).startsWith("Draw lines").contains("copper");
        assertThat(coats.get(1).say().template()).startsWith("Spray").contains("plum");
        assertThat(coats.get(1).after().get(0).task()).isEqualTo(coats.get(0).number());
        assertThat(coats.get(1).after().get(0).leastLagS()).isGreaterThanOrEqualTo(60);
        assertThat(coats)
                .allSatisfy(t -> assertThat(t.caution().orElseThrow()).contains("fat-soluble"));
    }

    /** A gun wants its least, and what it leaves is said; two coats of a name are one bowl. */
    @Test
    void aColourIsMeltedOnceAndNeverLessThanAGunWants() {
        final Decoration dress =
                new Decoration(
                        List.of(
                                new ColourCoat("plum", 0.02, ColourCoat.How.LINED),
                                new ColourCoat("white", 0.05),
                                new ColourCoat("plum", 0.02),
                                new ColourCoat("gold", 0.01, ColourCoat.How.LUSTRE),
                                new ColourCoat("white", 0.02)),
                        List.of());
        final MouldedPiece piece = piece(Optional.empty(), dress);
        final Materials needs = needs(piece);
        assertThat(needs.colourBowls())
                .extracting(ColourBowl::name)
                .containsExactly("plum", "white");
        final ColourBowl plum = needs.colourBowls().get(0);
        assertThat(plum.usedG())
                .isCloseTo(
                        needs.colours().get(0).value() + needs.colours().get(2).value(),
                        within(1e-9));
        assertThat(plum.meltG()).isEqualTo(Math.max(40, plum.usedG()));
        assertThat(plum.meltG()).isCloseTo(plum.usedG() + plum.leftG(), within(1e-9));
        assertThat(needs.coloursToFetch())
                .extracting(f -> f.name())
                .containsExactly(
                        "coloured cocoa butter, plum",
                        "coloured cocoa butter, white",
                        "lustre dust, gold");
        final List<Task> tasks = tasks(piece);
        final List<Task> ready =
                tasks.stream().filter(t -> t.kind() == TaskKind.COLOUR_READY).toList();
        assertThat(ready).hasSize(2);
        // What the list fetches is what the task melts.
        for (int i = 0; i < 2; i++) {
            assertThat(ready.get(i).say().values().get("colour").value())
                    .isEqualTo(needs.coloursToFetch().get(i).value());
        }
        final List<Task> coats = tasks.stream().filter(t -> t.kind() == TaskKind.COLOUR).toList();
        assertThat(coats.get(1).after())
                .extracting(After::task)
                .containsExactlyInAnyOrder(coats.get(0).number(), ready.get(1).number());
        // While the first dries the second is melted: it does not wait for the film.
        assertThat(ready.get(1).after().get(0).leastLagS()).isZero();
    }

    /** A beak in ivory: its own small bowl, tempered as couverture is, scraped flush. */
    @Test
    void aDetailInCouvertureHasABowlOfItsOwn() {
        final ColourCoat beak = new ColourCoat("ivory", 1.2, ColourCoat.How.CONED);
        final MouldedPiece piece =
                piece(
                        Optional.empty(),
                        new Decoration(List.of(beak, new ColourCoat("ivory", 0.05)), List.of()));
        final Materials needs = needs(piece);
        final double usedG = 2 * Math.PI * 14 * 14 * 0.05 * 1.2 / 1000 * 1.23 / 0.98 * 128;
        assertThat(needs.coloursToFetch())
                .extracting(f -> f.name())
                .containsExactly("couverture for details, ivory", "coloured cocoa butter, ivory");
        assertThat(needs.colourBowls().get(0).usedG()).isCloseTo(usedG, within(1e-6));
        assertThat(needs.colourBowls().get(0).meltG()).isEqualTo(50);
        final List<Task> tasks = tasks(piece);
        final Task ready = first(tasks, TaskKind.COLOUR_READY);
        assertThat(ready.say().template()).contains("temper it, test it on paper");
        assertThat(ready.reading().orElseThrow().unit()).isEqualTo(Unit.SECOND);
        final Task filled = first(tasks, TaskKind.COLOUR);
        assertThat(filled.say().template()).contains("flush");
        assertThat(filled.caution()).isEmpty();
        assertThatThrownBy(() -> new ColourCoat("ivory", 3, ColourCoat.How.CONED))
                .hasMessageContaining("colour film is 3 mm; allowed: 0.01 to 2 mm");
    }

    private static List<Task> coloured(final double roomC, final ColourCoat... coats) {
        final Materials needs =
                needs(piece(Optional.empty(), new Decoration(List.of(coats), List.of())));
        return BatchPlan.of(
                        needs,
                        Samples.workplace(
                                needs,
                                TemperingMethod.SEED_THIRD,
                                new RoomAir(roomC, 50),
                                12,
                                Workplace.Fillings.READY))
                .process()
                .tasks();
    }

    /**
     * Not a practice for every room: a film in a warm one takes longer, as its crystals have it.
     */
    @Test
    void colourIsCastOverWhenItHoldsInThisRoom() {
        final ColourCoat plum = new ColourCoat("plum", 0.05);
        final ColourCoat white = new ColourCoat("white", 0.05);
        for (final double roomC : new double[] {18, 22}) {
            final ColourDrying film =
                    ColourDrying.of(0.05, 29, 1, Samples.HALF_SPHERES, roomC, roomC);
            final List<Task> tasks = coloured(roomC, plum, white);
            final Task second =
                    tasks.stream()
                            .filter(t -> t.kind() == TaskKind.COLOUR)
                            .skip(1)
                            .findFirst()
                            .orElseThrow();
            final Task mould = first(tasks, TaskKind.MOULD);
            assertThat((double) second.after().get(0).leastLagS())
                    .isBetween(film.dryS(), film.dryS() + 60);
            assertThat((double) mould.after().get(0).leastLagS())
                    .isBetween(film.holdsS(), Math.max(300, film.holdsS() + 60));
        }
        assertThat(first(coloured(26, plum), TaskKind.MOULD).after().get(0).leastLagS())
                .isGreaterThan(
                        2 * first(coloured(20, plum), TaskKind.MOULD).after().get(0).leastLagS());
    }

    @Test
    void dustAndSheetsAreDryAndHaveAnOrder() {
        final ColourCoat dust = new ColourCoat("gold", 0.01, ColourCoat.How.LUSTRE);
        final ColourCoat fix = new ColourCoat("clear", 0.02);
        final ColourCoat sheet = new ColourCoat("fern", 0.02, ColourCoat.How.FILM);
        final List<Task> tasks = coloured(20, dust, fix);
        final Task brushed = first(tasks, TaskKind.COLOUR);
        assertThat(brushed.reading()).isEmpty();
        assertThat(brushed.say().template()).contains("gold lustre dust").doesNotContain("butter");
        assertThat(ColourCoat.faults(List.of(dust, fix), false)).isEmpty();
        assertThat(ColourCoat.faults(List.of(fix, dust), false))
                .singleElement()
                .asString()
                .contains("Fix it");
        assertThat(ColourCoat.faults(List.of(sheet, fix), true)).isEmpty();
        assertThat(ColourCoat.faults(List.of(fix, sheet), false)).hasSize(2);
    }

    @Test
    void aCapOfAnotherCouvertureHasABowlWeightAllergensAndWindowOfItsOwn() {
        final MouldedPiece same = piece(Optional.empty(), Decoration.NONE);
        final MouldedPiece other = piece(Optional.of(MILK), Decoration.NONE);
        final double ratio = MILK.castingDensityGPerMl() / Samples.dark().castingDensityGPerMl();
        assertThat(other.masses().cap().value())
                .isCloseTo(same.masses().cap().value() * ratio, within(1e-9));
        assertThat(other.masses().shell().value()).isEqualTo(same.masses().shell().value());

        final Materials needs = needs(other);
        final double capsG = other.masses().cap().value() * 128;
        assertThat(needs.second().orElseThrow().toMelt().value()).isGreaterThan(capsG);
        // What is melted of the shell's couverture stays in shells or comes back.
        assertThat(needs.toMelt().value() - needs.comesBack().value())
                .isCloseTo(other.masses().shell().value() * 128, within(1e-6));
        assertThat(needs.allergens()).contains(Allergen.MILK);
        assertThat(needs.toFetch())
                .anySatisfy(
                        p -> {
                            assertThat(p.ingredient().id()).isEqualTo("milk-41");
                            assertThat(p.massG())
                                    .isCloseTo(
                                            needs.second().orElseThrow().toMelt().value(),
                                            within(1e-9));
                        });

        final List<Task> tasks = tasks(other);
        final Task bowl = first(tasks, TaskKind.CAP_BOWL);
        assertThat(bowl.reading().orElseThrow().band().low()).isEqualTo(29);
        assertThat(tasks).noneMatch(t -> t.kind() == TaskKind.TEMPER_AGAIN);
        assertThat(first(tasks, TaskKind.CAP).amounts()).doesNotContainKey(Amount.TAKES);
        assertThat(first(tasks(same), TaskKind.CAP).amounts()).containsKey(Amount.TAKES);
        final PieceFigures figures =
                PieceFigures.of(
                        other, f -> Conditions.USUAL, 20, OptionalDouble.empty(), HouseTaste.NONE);
        assertThat(figures.remarks()).anyMatch(r -> r.template().contains("second bowl"));
    }

    @Test
    void finishingsStandWhereTheyAreDoneAndTheStickerNamesTheAllergens() {
        final List<Task> tasks =
                tasks(
                        piece(
                                Optional.empty(),
                                new Decoration(
                                        List.of(),
                                        List.of(
                                                new Finish(Finish.FinishKind.TRANSFER, "stripes"),
                                                new Finish(Finish.FinishKind.DUST, "copper lustre"),
                                                new Finish(Finish.FinishKind.STICKER, "")))));
        final List<Task> finishes =
                tasks.stream().filter(t -> t.kind() == TaskKind.FINISH).toList();
        assertThat(finishes).hasSize(3);
        final int cap = first(tasks, TaskKind.CAP).number();
        final int chill = first(tasks, TaskKind.CHILL_CAP).number();
        final int out = first(tasks, TaskKind.DEMOULD).number();
        assertThat(finishes.get(0).number()).isBetween(cap, chill);
        assertThat(finishes.get(1).number()).isGreaterThan(out);
        assertThat(finishes.get(1).caution().orElseThrow()).contains("fat-soluble");
        assertThat(finishes.get(2).say().template()).contains("milk").contains("soya");
    }

    @Test
    void tooManyOrTooThickColoursAreRefused() {
        final ColourCoat thick = new ColourCoat("plum", 0.5);
        assertThatThrownBy(() -> new Decoration(List.of(thick, thick), List.of()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("1.0 mm");
        assertThatThrownBy(
                        () ->
                                new Decoration(
                                        Collections.nCopies(7, new ColourCoat("plum", 0.02)),
                                        List.of()))
                .isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void cavitiesUnlikeTheRestMakeNoPieces() {
        final Mould mould =
                new Mould(
                        "m",
                        "M",
                        new HalfSphere(28),
                        24,
                        4,
                        2,
                        MouldBody.USUAL,
                        MouldState.CLEAN,
                        1);
        final MouldedPiece piece =
                new MouldedPiece(
                        "p",
                        "P",
                        mould,
                        Samples.dark(),
                        1.6,
                        2,
                        List.of(new FillingLayer(Samples.ganache(), 1)),
                        Optional.empty());
        final BatchSize size = piece.batchOf(Optional.of(2), Optional.empty());
        assertThat(size.pieces()).isEqualTo(46);
        final Materials needs = piece.materials(size, new BatchHabits(2, 0.25, 0.1));
        assertThat(
                        first(
                                        BatchPlan.of(needs, Samples.workplace(needs))
                                                .process()
                                                .tasks(),
                                        TaskKind.MOULD)
                                .say()
                                .template())
                .contains("unlike the rest stays empty");
        assertThatThrownBy(
                        () ->
                                new Mould(
                                        "m",
                                        "M",
                                        new HalfSphere(28),
                                        1,
                                        1,
                                        1,
                                        MouldBody.USUAL,
                                        MouldState.CLEAN,
                                        1))
                .hasMessageContaining("cavities unlike the rest");
    }

    private static List<Task> tasksIn(final MouldBody body) {
        final MouldedPiece piece =
                new MouldedPiece(
                        "p",
                        "P",
                        new Mould(
                                "m", "M", new HalfSphere(28), 24, 4, 4, body, MouldState.CLEAN, 0),
                        Samples.dark(),
                        1.6,
                        2,
                        List.of(new FillingLayer(Samples.ganache(), 1)),
                        Optional.empty());
        final Materials needs =
                piece.materials(
                        piece.batchOf(Optional.of(2), Optional.empty()),
                        new BatchHabits(2, 0.25, 0.1));
        return BatchPlan.of(needs, Samples.workplace(needs)).process().tasks();
    }

    /** Silicone is pushed out, never twisted or polished; a rigid mould is both. */
    @Test
    void eachStuffIsHandledAsItBears() {
        final List<Task> silicone =
                tasksIn(new MouldBody(MouldBody.Material.SILICONE, MouldBody.Build.OPEN, 2));
        assertThat(first(silicone, TaskKind.MOULD).say().template()).contains("is not polished");
        assertThat(first(silicone, TaskKind.DEMOULD).say().template())
                .contains("push each out")
                .contains("Never twist");
        final List<Task> rigid = tasksIn(MouldBody.USUAL);
        assertThat(first(rigid, TaskKind.MOULD).say().template()).startsWith("Polish");
        assertThat(first(rigid, TaskKind.DEMOULD).say().template()).contains("Twist");
        final List<Task> halves =
                tasksIn(
                        new MouldBody(
                                MouldBody.Material.POLYCARBONATE,
                                MouldBody.Build.CLOSING_HALVES,
                                2));
        assertThat(first(halves, TaskKind.DEMOULD).say().template()).contains("halves apart");
    }
}
