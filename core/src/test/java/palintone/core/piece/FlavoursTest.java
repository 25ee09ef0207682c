package palintone.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static palintone.core.filling.Kitchen.grams;
import static palintone.core.filling.Kitchen.op;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.filling.Filling;
import palintone.core.filling.Kitchen;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.heat.RoomAir;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.process.Cautions;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Portion;
import palintone.core.temper.method.TemperingMethod;

/** One base, made once, parted into flavours. */
class FlavoursTest {

    private static final Filling BASE =
            new Filling(
                    "base",
                    "Base",
                    List.of(
                            op(OperationKind.BOIL, grams(Samples.CREAM, 400)),
                            op(OperationKind.POUR, grams(Samples.DARK_66, 500)),
                            new Operation(
                                    OperationKind.REST,
                                    List.of(),
                                    Map.of(OperationSetting.HOURS, 12.0))));

    private static final Filling NUTTY =
            BASE.flavoured(List.of(new Portion(Kitchen.NUT_PASTE, 10)));

    private static final Filling SWEET =
            BASE.flavoured(List.of(new Portion(Samples.GLUCOSE_SYRUP, 25)));

    private static MouldedPiece piece(final Filling one, final Filling other) {
        return new MouldedPiece(
                "p",
                "P",
                new Mould("half-40", "M", new HalfSphere(40), 15, 2),
                Samples.dark(),
                1.6,
                2,
                List.of(new FillingLayer(one, 0.4), new FillingLayer(other, 0.6)),
                Optional.empty());
    }

    private static Materials needs(final MouldedPiece piece) {
        return piece.materials(
                piece.batchOf(Optional.of(2), Optional.empty()), new BatchHabits(2, 0.25, 0.1));
    }

    private static List<Task> tasks(final MouldedPiece piece) {
        final Materials needs = needs(piece);
        return piece.process(
                        needs,
                        Samples.workplace(
                                needs,
                                TemperingMethod.SEED_THIRD,
                                new RoomAir(20, 52),
                                12,
                                Workplace.Fillings.MADE_WITH_IT))
                .tasks();
    }

    /** 10 g to 100 g of what comes of the base: an eleventh of it is nut paste. */
    @Test
    void whatIsStirredInIsByTheWeightOfTheBase() {
        assertThat(NUTTY.flavour().orElseThrow().baseShare()).isCloseTo(100 / 110.0, within(1e-9));
        final double yieldG = NUTTY.cooked().yieldG();
        assertThat(yieldG).isCloseTo(1.1 * BASE.before().cooked().yieldG(), within(1e-6));
        assertThat(NUTTY.operations().get(NUTTY.operations().size() - 1).kind())
                .isEqualTo(OperationKind.REST);
        assertThat(NUTTY.recipeId()).isEqualTo("base");
        assertThat(NUTTY.id()).isNotEqualTo(SWEET.id()).isNotEqualTo("base");
        // Its figures are its own: syrup takes water activity down, paste adds fat.
        assertThat(SWEET.cooked().composition().fatFraction())
                .isLessThan(BASE.cooked().composition().fatFraction());
        assertThat(NUTTY.at(800).flavour().orElseThrow().base().pressureHPa()).isEqualTo(800);
    }

    /** One pot for all of them; what each takes out of it is all that was made. */
    @Test
    void theBaseIsMadeOnceAndParted() {
        final MouldedPiece piece = piece(NUTTY, SWEET);
        final Materials needs = needs(piece);
        final List<Task> tasks = tasks(piece);
        assertThat(tasks).filteredOn(t -> t.title().equals("Boil")).hasSize(1);
        final List<Task> parts =
                tasks.stream().filter(t -> t.title().equals("Part the base")).toList();
        assertThat(parts).hasSize(2);
        final double takenG =
                parts.stream().mapToDouble(t -> t.say().values().get("base").value()).sum();
        final Task weigh =
                tasks.stream()
                        .filter(t -> t.kind() == TaskKind.WEIGH_OUT)
                        .filter(t -> t.say().template().contains("of Base"))
                        .findFirst()
                        .orElseThrow();
        assertThat(weigh.say().values().get("make").value()).isCloseTo(takenG, within(1e-6));
        assertThat(takenG)
                .isCloseTo(
                        needs.fillings().get(0).toMake().value() / 1.1
                                + needs.fillings().get(1).toMake().value() / 1.25,
                        within(1e-6));
        // What is weighed is what the list fetches.
        final double creamG =
                needs.toFetch().stream()
                        .filter(p -> p.ingredient().equals(Samples.CREAM))
                        .mapToDouble(Portion::massG)
                        .sum();
        assertThat(weigh.say().values().get("m0").value()).isCloseTo(creamG, within(1e-6));
        // Both rest by themselves afterwards.
        assertThat(tasks).filteredOn(t -> t.say().template().startsWith("Leave it for")).hasSize(2);
    }

    /** Egg stirred into the warm base is as raw as any: said where it goes in, and kept cold. */
    @Test
    void whatIsDangerousInAFlavourIsSaidWhereItGoesIn() {
        final Filling eggy = BASE.flavoured(List.of(new Portion(Kitchen.YOLK, 5)));
        final Materials needs = needs(piece(eggy, NUTTY));
        assertThat(needs.keepCold()).isTrue();
        final List<Task> parts =
                tasks(piece(eggy, NUTTY)).stream()
                        .filter(t -> t.title().equals("Part the base"))
                        .toList();
        assertThat(parts.get(0).caution().orElse("")).contains(Cautions.YOLK);
        assertThat(parts.get(1).caution().orElse("")).doesNotContain(Cautions.YOLK);
    }

    /** Where one layer is the base as it is, it is taken from the same pot. */
    @Test
    void aPartMayStayAsItIs() {
        final List<Task> tasks = tasks(piece(BASE, NUTTY));
        assertThat(tasks).filteredOn(t -> t.title().equals("Boil")).hasSize(1);
        assertThat(tasks).anyMatch(t -> t.say().template().contains("it stays as it is"));
    }

    @Test
    void whatIsNoFlavourIsRefusedByName() {
        assertThatThrownBy(() -> BASE.flavoured(List.of(new Portion(Samples.GLUCOSE_SYRUP, 80))))
                .hasMessageContaining("to 100 g of Base");
        assertThatThrownBy(
                        () ->
                                BASE.flavoured(
                                        List.of(
                                                new Portion(Samples.GLUCOSE_SYRUP, 40),
                                                new Portion(Kitchen.NUT_PASTE, 40))))
                .hasMessageContaining("stirred into 100 g of Base is 80");
        assertThatThrownBy(() -> NUTTY.flavoured(List.of()))
                .hasMessageContaining("a recipe that is no flavour itself");
    }
}
