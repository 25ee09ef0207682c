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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Figure;
import palintone.core.figure.Source;
import palintone.core.heat.RoomAir;
import palintone.core.mould.Bar;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Allergen;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Portion;
import palintone.core.temper.method.TemperingMethod;

/** A bar cast full: what it weighs, what goes in, how it is made. */
class SolidPieceTest {

    private static final Mould TABLETS =
            new Mould("tablet", "Tablets", new Bar(150, 70, 9, 12), 3, 8);

    private static final Ingredient HAZELNUTS =
            food(
                    "hazelnuts",
                    Set.of(Allergen.NUTS),
                    Map.of(
                            Component.LIQUID_OIL, 62.0,
                            Component.PROTEIN, 15.0,
                            Component.FIBRE, 10.0,
                            Component.SUCROSE, 6.0,
                            Component.STARCH, 2.0,
                            Component.ASH, 2.0,
                            Component.WATER, 3.0));

    private static final Ingredient RASPBERRIES =
            food(
                    "raspberries",
                    Set.of(),
                    Map.of(
                            Component.WATER, 86.0,
                            Component.FIBRE, 6.0,
                            Component.GLUCOSE, 2.5,
                            Component.FRUCTOSE, 2.5,
                            Component.ORGANIC_ACID, 1.8,
                            Component.PROTEIN, 1.2));

    private static Ingredient food(
            final String name, final Set<Allergen> allergens, final Map<Component, Double> parts) {
        return new Ingredient(
                name,
                name,
                Composition.per100(parts),
                1,
                allergens,
                Source.workshop("invented for the tests"));
    }

    private static SolidPiece bar(final Optional<Relief> relief, final Inclusion... inclusions) {
        return new SolidPiece(
                "bar",
                "Bar",
                TABLETS,
                Samples.dark(),
                List.of(inclusions),
                relief,
                Optional.empty());
    }

    private static Inclusion nuts(final double grams, final Inclusion.Placing placing) {
        return new Inclusion(HAZELNUTS, grams, placing);
    }

    private static List<Task> tasks(final SolidPiece piece) {
        final Materials needs =
                piece.materials(BatchSize.ofMoulds(4, 3), new BatchHabits(2, 0.25, 0.1));
        return piece.process(needs, Samples.workplace(needs)).tasks();
    }

    /**
     * By hand: walls lean 12°, so a floor of 146.17 × 66.17 mm under a rim of 150 × 70 mm, 9 mm
     * deep: 90.7 ml by the prismoid rule, and at 1.25 g/ml some 113 g.
     */
    @Test
    void aPlainBarIsItsCavityFullOfCouverture() {
        final double floor = 146.174 * 66.174;
        final double middle = 148.087 * 68.087;
        final double ml = 9.0 / 6 * (150 * 70 + 4 * middle + floor) / 1000;
        final SolidPiece plain = bar(Optional.empty());
        assertThat(plain.masses().whole().value())
                .isCloseTo(ml * plain.couverture().castingDensityGPerMl(), within(0.01));
        assertThat(plain.masses().parts()).hasSize(1);
    }

    /**
     * Archimedes: a nut pushes aside its own volume, and weighs less than the chocolate it moved.
     */
    @Property(tries = 100)
    void whatGoesInPushesItsVolumeAside(@ForAll @DoubleRange(min = 0.1, max = 40) final double g) {
        final SolidPiece plain = bar(Optional.empty());
        final SolidPiece with = bar(Optional.empty(), nuts(g, Inclusion.Placing.STIRRED_IN));
        final double nutDensity = ChoiOkos1986.densityGPerMl(HAZELNUTS.composition(), 20);
        final double chocolate = Samples.dark().castingDensityGPerMl();
        assertThat(with.masses().whole().value() - plain.masses().whole().value())
                .isCloseTo(g * (1 - chocolate / nutDensity), within(1e-9));
        assertThat(with.masses().parts().stream().mapToDouble(Figure::value).sum())
                .isCloseTo(with.masses().whole().value(), within(1e-9));
    }

    @Test
    void aReliefTakesAwayWhatItPressesAside() {
        final double plain = bar(Optional.empty()).masses().whole().value();
        final double pressed = bar(Optional.of(new Relief(1, 0.4))).masses().whole().value();
        // 1 mm over 0.4 of 105 cm² is 4.2 ml.
        assertThat(plain - pressed)
                .isCloseTo(4.2 * Samples.dark().castingDensityGPerMl(), within(1e-6));
    }

    @Test
    void moreThanFitsIsRefusedByName() {
        assertThatThrownBy(() -> bar(Optional.empty(), nuts(80, Inclusion.Placing.STIRRED_IN)))
                .hasMessageContaining("inclusions is ")
                .hasMessageContaining("in a cavity of");
        assertThatThrownBy(
                        () ->
                                bar(
                                        Optional.empty(),
                                        new Inclusion(
                                                RASPBERRIES, 5, Inclusion.Placing.STIRRED_IN)))
                .hasMessageContaining("raspberries stirred in is 86 % water and spirit")
                .hasMessageContaining("seizes the bowl");
        assertThatThrownBy(
                        () ->
                                new SolidPiece(
                                        "thin",
                                        "Thin",
                                        new Mould("thin", "Thin", new Bar(60, 30, 4, 10), 6, 2),
                                        Samples.dark(),
                                        List.of(),
                                        Optional.of(new Relief(3, 0.2)),
                                        Optional.empty()))
                .hasMessage("depth of the relief is 3 mm; allowed: 0.2 to 2.4 mm");
    }

    @Property(tries = 100)
    void whatIsMeltedIsKeptOrComesBack(
            @ForAll @IntRange(min = 1, max = 600) final int pieces,
            @ForAll @DoubleRange(min = 0, max = 1) final double reserve,
            @ForAll @DoubleRange(min = 0.1, max = 30) final double grams) {
        final SolidPiece piece = bar(Optional.empty(), nuts(grams, Inclusion.Placing.STIRRED_IN));
        final Materials needs =
                piece.materials(BatchSize.ofPieces(pieces, 3), new BatchHabits(2, reserve, 0.1));
        final double melted =
                needs.toMelt().value() + needs.topUps().map(Figure::value).orElse(0.0);
        assertThat(
                        needs.kept().stream().mapToDouble(Figure::value).sum()
                                + needs.comesBack().value())
                .isCloseTo(melted, within(1e-9 * melted));
        final double fetched = needs.toFetch().stream().mapToDouble(Portion::massG).sum();
        assertThat(fetched).isCloseTo(melted + grams * pieces, within(1e-9 * fetched));
        assertThat(needs.allergens()).contains(Allergen.NUTS, Allergen.SOYA);
    }

    /** Nuts keep in chocolate; a fresh berry in it does not, and the label must not promise it. */
    @Test
    void whatIsMoistIsKeptCold() {
        final BatchHabits habits = new BatchHabits(2, 0.25, 0.1);
        final BatchSize size = BatchSize.ofMoulds(2, 3);
        final SolidPiece nutty = bar(Optional.empty(), nuts(20, Inclusion.Placing.STIRRED_IN));
        assertThat(nutty.materials(size, habits).keepCold()).isFalse();
        final SolidPiece fresh =
                bar(
                        Optional.empty(),
                        new Inclusion(RASPBERRIES, 10, Inclusion.Placing.ON_THE_BACK));
        // Acid enough for the code's table by itself, but not where it touches chocolate.
        final Materials needs = fresh.materials(size, habits);
        assertThat(needs.keepCold()).isTrue();
        assertThat(needs.inclusions().get(0).verdict().template()).contains("keep the pieces cold");
        assertThat(nutty.materials(size, habits).inclusions().get(0).verdict().template())
                .doesNotContain("keep the pieces cold");
        assertThat(tasks(fresh))
                .filteredOn(t -> t.kind() == TaskKind.WEIGH)
                .allSatisfy(t -> assertThat(t.caution().orElseThrow()).contains("4 °C or colder"));
    }

    @Test
    void theTasksAreThoseOfABar() {
        assertThat(
                        tasks(
                                bar(
                                        Optional.of(new Relief(1, 0.3)),
                                        nuts(10, Inclusion.Placing.STIRRED_IN),
                                        new Inclusion(
                                                HAZELNUTS, 4, Inclusion.Placing.ON_THE_BACK))))
                .extracting(Task::kind)
                .endsWith(
                        TaskKind.TEST,
                        TaskKind.STIR_IN,
                        TaskKind.CAST,
                        TaskKind.TAP,
                        TaskKind.STREW,
                        TaskKind.PRESS,
                        TaskKind.CHILL,
                        TaskKind.DEMOULD,
                        TaskKind.WEIGH);
        assertThat(tasks(bar(Optional.empty())))
                .extracting(Task::kind)
                .doesNotContain(TaskKind.STIR_IN, TaskKind.STREW, TaskKind.PRESS, TaskKind.DRAIN)
                .endsWith(
                        TaskKind.TEST,
                        TaskKind.CAST,
                        TaskKind.TAP,
                        TaskKind.CHILL,
                        TaskKind.DEMOULD,
                        TaskKind.WEIGH);
    }

    @Test
    void whoeverMeetsEveryTargetIsInBand() {
        for (final Task task :
                tasks(
                        bar(
                                Optional.of(new Relief(1, 0.3)),
                                nuts(10, Inclusion.Placing.STIRRED_IN)))) {
            task.reading()
                    .ifPresent(
                            r ->
                                    assertThat(r.band().bandStatusOf(r.target()))
                                            .as(task.title())
                                            .isEqualTo(BandStatus.IN_BAND));
        }
    }

    /** Common practice, no source: 20 to 40 min for bars of 8 to 14 mm in a cabinet of 12 °C. */
    @ParameterizedTest
    @CsvSource({"150, 70, 8, 15, 40", "44, 22, 14, 20, 45", "150, 70, 10, 20, 50"})
    void thickBarsStayLonger(
            final double length,
            final double width,
            final double depth,
            final double least,
            final double most) {
        final Cavity cavity = new Bar(length, width, depth, 10);
        final double minutes = SolidCooling.minutes(cavity, Samples.dark(), 31.5, 12);
        assertThat(minutes).isBetween(least, most);
        assertThat(SolidCooling.minutes(cavity, Samples.dark(), 31.5, 16)).isGreaterThan(minutes);
    }

    @Test
    void theCutShowsWhatIsInIt() {
        final SolidPiece piece =
                bar(Optional.of(new Relief(1.5, 0.5)), nuts(20, Inclusion.Placing.STIRRED_IN));
        final Section section = piece.section();
        assertThat(section.regions())
                .extracting(Section.Region::role)
                .containsExactly(Section.Role.SOLID, Section.Role.RELIEF);
        assertThat(section.flecks())
                .isNotEmpty()
                .allSatisfy(
                        f -> {
                            assertThat(f.depthMm()).isBetween(0.0, 9.0);
                            assertThat(Math.abs(f.acrossMm()) + f.radiusMm())
                                    .isLessThan(
                                            piece.mould().cavity().halfWidthMm(f.depthMm()) + 1e-9);
                        });
        final double fleckMm2 =
                section.flecks().stream()
                        .mapToDouble(f -> Math.PI * f.radiusMm() * f.radiusMm())
                        .sum();
        final double share = piece.inclusions().get(0).volumeMl() / TABLETS.cavity().volumeMl();
        assertThat(fleckMm2 / (9 * 148.087)).isCloseTo(share, within(0.01));
    }

    @Test
    void everyMethodTempersABar() {
        for (final TemperingMethod method : TemperingMethod.values()) {
            final SolidPiece piece = bar(Optional.empty());
            final Materials needs =
                    piece.materials(BatchSize.ofMoulds(4, 3), new BatchHabits(2, 0.25, 0.1));
            assertThat(
                            piece.process(
                                            needs,
                                            Samples.workplace(
                                                    needs,
                                                    method,
                                                    new RoomAir(20, 52),
                                                    12,
                                                    Workplace.Fillings.READY))
                                    .tasks())
                    .extracting(Task::kind)
                    .contains(TaskKind.MELT, TaskKind.TEST);
        }
    }
}
