package palintone.core;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import palintone.core.casting.CastPlan;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.OuterCoat;
import palintone.core.figure.Source;
import palintone.core.filling.Filling;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.heat.RoomAir;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.piece.CastTimes;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.DipTimes;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.Materials;
import palintone.core.piece.MouldedPiece;
import palintone.core.piece.WorkedBowls;
import palintone.core.piece.Workplace;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;
import palintone.core.substance.Traits;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperingMethod;

/** Things from the invented workshop that several tests need. */
public final class Samples {

    private static final Source INVENTED = Source.workshop("invented for the tests");

    public static final Ingredient DARK_66 =
            ingredient(
                    "dark-66",
                    1.24,
                    Set.of(Allergen.SOYA),
                    Map.of(
                            Component.COCOA_BUTTER, 40.0,
                            Component.COCOA_SOLIDS, 25.0,
                            Component.SUCROSE, 34.0,
                            Component.WATER, 1.0));

    public static final Ingredient MILK_41 =
            ingredient(
                    "milk-41",
                    1.22,
                    Set.of(Allergen.MILK),
                    Map.of(
                            Component.COCOA_BUTTER, 32.0,
                            Component.MILK_FAT, 6.0,
                            Component.COCOA_SOLIDS, 9.0,
                            Component.MILK_SOLIDS, 16.0,
                            Component.SUCROSE, 36.0,
                            Component.WATER, 1.0));

    public static final Ingredient IVORY_33 =
            ingredient(
                    "ivory-33",
                    1.20,
                    Set.of(Allergen.MILK),
                    Map.of(
                            Component.COCOA_BUTTER, 33.0,
                            Component.MILK_FAT, 6.0,
                            Component.MILK_SOLIDS, 19.0,
                            Component.SUCROSE, 41.0,
                            Component.WATER, 1.0));

    public static final Ingredient CREAM =
            ingredient(
                    "cream-35",
                    0.99,
                    Set.of(Allergen.MILK),
                    Map.of(
                            Component.WATER, 59.0,
                            Component.MILK_FAT, 35.0,
                            Component.LACTOSE, 3.2,
                            Component.PROTEIN, 2.2,
                            Component.ASH, 0.6));

    public static final Ingredient GLUCOSE_SYRUP =
            ingredient(
                    "glucose-syrup",
                    1.42,
                    Set.of(),
                    Map.of(
                            Component.WATER, 20.0,
                            Component.GLUCOSE, 15.0,
                            Component.MALTOSE, 11.0,
                            Component.HIGHER_SACCHARIDES, 54.0));

    public static final Mould HALF_SPHERES =
            new Mould("half-28", "Half spheres 28 mm", new HalfSphere(28), 32, 6);

    private Samples() {}

    public static Couverture dark() {
        return new Couverture(DARK_66, CouvertureKind.DARK);
    }

    public static Filling ganache() {
        return Filling.stirred(
                "house-ganache",
                "House ganache",
                List.of(
                        new RecipeLine(DARK_66, 500, KitchenUnit.GRAM),
                        new RecipeLine(CREAM, 400, KitchenUnit.GRAM),
                        new RecipeLine(GLUCOSE_SYRUP, 60, KitchenUnit.GRAM)));
    }

    /** A workshop with a microwave, a stone and a bath, at 20 °C unless it is said otherwise. */
    public static Workplace workplace(
            final Materials needs,
            final TemperingMethod method,
            final RoomAir room,
            final double cabinetC,
            final Workplace.Fillings fillings) {
        final Couverture couverture =
                ((palintone.core.piece.TemperedPiece) needs.piece()).couverture();
        final HeatSource heat = new HeatSource(600, 0.6);
        final CurveOrder order =
                new CurveOrder(
                        couverture,
                        FluidityClass.MEDIUM,
                        TemperTargets.of(couverture.kind(), DarkWindowPractice.LOW),
                        needs.toMelt().value(),
                        VesselKind.STEEL_BOWL,
                        method,
                        Math.max(10, room.temperatureC()),
                        new Equipment(heat, 18, 0.54, 30, 15, 6000, 800),
                        Optional.empty());
        final TemperCurve tempered = CurvePlanner.forward(order);
        return new Workplace(
                Optional.of(tempered),
                room,
                cabinetC,
                heat,
                fillings,
                Workplace.BowlIs.TEMPERED_FOR_IT,
                DarkWindowPractice.LOW,
                timesIn(cabinetC),
                DipTimes.USUAL,
                WorkedBowls.by(tempered));
    }

    private record Asked(
            double cabinetC,
            CastOrder order,
            double shellMm,
            Optional<OuterCoat.CoatWish> outer,
            Optional<CastPlan.Capped> cap,
            RoomAir air,
            int moulds) {}

    private static final Map<Asked, CastPlan> TIMES = new ConcurrentHashMap<>();

    /** As a server does it: the same casting is computed once. */
    private static CastTimes timesIn(final double cabinetC) {
        final CastTimes usual = CastTimes.usual(cabinetC);
        return (order, shellMm, outer, cap, air, moulds) ->
                TIMES.computeIfAbsent(
                        new Asked(cabinetC, order, shellMm, outer, cap, air, moulds),
                        asked -> usual.plan(order, shellMm, outer, cap, air, moulds));
    }

    public static Workplace workplace(final Materials needs) {
        return workplace(
                needs,
                TemperingMethod.SEED_THIRD,
                new RoomAir(20, 52),
                12,
                Workplace.Fillings.READY);
    }

    public static MouldedPiece halfSpherePiece() {
        return new MouldedPiece(
                "sample",
                "Sample",
                HALF_SPHERES,
                dark(),
                1.6,
                2.0,
                List.of(new FillingLayer(ganache(), 1)),
                Optional.of(new ColourCoat("plum", 0.05)));
    }

    /** Water that weighs this much a millilitre and comes in pieces of 17 g. */
    public static Ingredient ofDensity(final double gramsPerMl) {
        return new Ingredient(
                "any",
                "any",
                Composition.per100(Map.of(Component.WATER, 100.0)),
                gramsPerMl,
                Set.of(),
                INVENTED,
                new Traits(
                        OptionalDouble.empty(),
                        OptionalDouble.of(17),
                        OptionalDouble.empty(),
                        Set.of(),
                        false));
    }

    private static Ingredient ingredient(
            final String id,
            final double density,
            final Set<Allergen> allergens,
            final Map<Component, Double> per100) {
        return new Ingredient(id, id, Composition.per100(per100), density, allergens, INVENTED);
    }
}
