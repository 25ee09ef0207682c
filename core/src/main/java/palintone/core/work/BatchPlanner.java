package palintone.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.heat.RoomAir;
import palintone.core.piece.Materials;
import palintone.core.substance.Allergen;
import palintone.core.temper.Couverture;
import palintone.core.temper.HeatSource;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.SeedPractice;
import palintone.core.temper.TemperTargets;

/** Lays out the steps of a moulded batch in the order makers work. */
public final class BatchPlanner {

    private static final Source PRACTICE = Source.practice("times and temperatures of casting");

    /** Share by which a weight may differ before it is tight, and before it is off. */
    private static final double WEIGHT_GOOD = 0.08;

    private static final double WEIGHT_LIMIT = 0.2;

    private final Materials materials;
    private final TemperTargets targets;
    private final SeedPlan seed;
    private final RoomAir room;
    private final double cabinetC;
    private final List<PlannedStep> steps = new ArrayList<>();

    private BatchPlanner(
            final Materials materials,
            final TemperTargets targets,
            final SeedPlan seed,
            final RoomAir room,
            final double cabinetC) {
        this.materials = materials;
        this.targets = targets;
        this.seed = seed;
        this.room = room;
        this.cabinetC = cabinetC;
    }

    /**
     * @param materials what is made, and how much
     * @param targets temperatures by couverture and school
     * @param practice of seeding
     * @param room seed lies at room temperature, and its dew point matters after the cold
     * @param cabinetC of the cabinet the moulds are chilled in, °C
     * @param heat what rewarms the bowl
     */
    public static BatchPlan plan(
            final Materials materials,
            final TemperTargets targets,
            final SeedPractice practice,
            final RoomAir room,
            final double cabinetC,
            final HeatSource heat) {
        final Couverture couverture = materials.piece().couverture();
        final double bowlG = materials.toMelt().value();
        final SeedPlan seed =
                SeedPlan.forShare(
                        couverture, targets.work(), bowlG, practice.share(), room.temperatureC());
        final BatchPlanner planner = new BatchPlanner(materials, targets, seed, room, cabinetC);
        planner.mouldAndTemper();
        planner.shell();
        planner.fill();
        planner.capAndFinish();
        final Bowl bowl =
                new Bowl(
                        bowlG,
                        couverture.cpJPerGK(),
                        couverture.mixing().curve().clearPointC(),
                        materials.each().shell().value(),
                        materials.piece().shellMm(),
                        heat);
        return new BatchPlan(materials, seed, planner.steps, bowl);
    }

    private void mouldAndTemper() {
        materials
                .colour()
                .ifPresent(
                        colour ->
                                step(StepKind.COLOUR)
                                        .say(
                                                Sentence.of(
                                                                "Spray {colour} of "
                                                                        + materials
                                                                                .piece()
                                                                                .colour()
                                                                                .orElseThrow()
                                                                                .name()
                                                                        + " cocoa butter over"
                                                                        + " {moulds}; dry"
                                                                        + " overnight.")
                                                        .with("colour", colour.value(), Unit.GRAM)
                                                        .with(
                                                                "moulds",
                                                                materials.size().moulds(),
                                                                Unit.MOULD))
                                        .read(
                                                "colour in the gun",
                                                Unit.CELSIUS,
                                                29,
                                                new Band(27, 28.5, 30, 31.5))
                                        .caution(Cautions.PIGMENT)
                                        .done());
        final double mouldHigh = targets.work().low() - 2;
        step(StepKind.MOULD)
                .say(
                        Sentence.of("Polish {moulds} with a soft dry cloth. Touch no inside.")
                                .with("moulds", materials.size().moulds(), Unit.MOULD))
                .read(
                        "mould surface",
                        Unit.CELSIUS,
                        Math.min(mouldHigh, Math.max(room.temperatureC() + 3, 23)),
                        new Band(18, 20, mouldHigh, mouldHigh + 2))
                .done();
        step(StepKind.MELT)
                .say(
                        Sentence.of(
                                        "Melt {melt} until no crystal is left. Stir, read in the middle.")
                                .with("melt", seed.meltG().value(), Unit.GRAM))
                .read("temperature in the middle", Unit.CELSIUS, 47, targets.melt())
                .caution(Cautions.STEAM)
                .done();
        step(StepKind.COOL)
                .say(
                        Sentence.of("Stir until the bowl is ready for the seed, at {bowl}.")
                                .with("bowl", seed.bowlTemperatureC().value(), Unit.CELSIUS))
                .read(
                        "temperature in the middle",
                        Unit.CELSIUS,
                        seed.bowlTemperatureC().value(),
                        seed.bowlTemperatureC().band().orElseThrow())
                .source(seed.bowlTemperatureC().basis().sources().get(0))
                .done();
        step(StepKind.SEED)
                .say(
                        Sentence.of(
                                        "Stir in {seed} of chopped seed until smooth, then on down"
                                                + " into the window.")
                                .with("seed", seed.seedG().value(), Unit.GRAM))
                .read(
                        "temperature in the middle",
                        Unit.CELSIUS,
                        targets.work().middle(),
                        targets.work())
                .clock(Clock.minutes(1, 4, 15))
                .done();
        step(StepKind.TEST)
                .say(Sentence.of("Smear some on paper. How many seconds until it is set and even?"))
                .read("paper test", Unit.SECOND, 90, targets.paperTestS())
                .clock(new Clock(0, 120, 180))
                .source(TemperTargets.SOURCE)
                .done();
    }

    private void shell() {
        final int atOnce = materials.size().cavitiesPerMould();
        step(StepKind.CAST)
                .say(
                        Sentence.of(
                                        "Fill to the brim, {brim} a mould. Vibrate until the"
                                                + " bubbles stop.")
                                .with("brim", materials.each().brim().value() * atOnce, Unit.GRAM))
                .read("bowl while casting", Unit.CELSIUS, targets.work().middle(), targets.work())
                .clock(new Clock(50, 60, 120))
                .done();
        step(StepKind.WAIT)
                .say(Sentence.of("Let the wall set a little. Longer is thicker."))
                .clock(new Clock(5, 15, 40))
                .done();
        step(StepKind.DRAIN)
                .say(Sentence.of("Turn over, tap out over the bowl until the drops are slow."))
                .clock(new Clock(10, 20, 60))
                .done();
        final double shellsG = materials.each().shell().value() * atOnce;
        step(StepKind.SCRAPE)
                .say(
                        Sentence.of(
                                        "Scrape clean while soft. Weigh one mould against its empty"
                                                + " weight: {shells} of shells.")
                                .with("shells", shellsG, Unit.GRAM))
                .read("shells of one mould", Unit.GRAM, shellsG, weightBand(shellsG))
                .caution(scrapings(materials.piece().couverture().ingredient().allergens()))
                .source(materials.each().shell().basis().sources().get(0))
                .done();
        step(StepKind.SET)
                .say(Sentence.of("Leave until the shine goes and the edge begins to set."))
                .clock(Clock.minutes(2, 4, 8))
                .done();
        step(StepKind.CHILL)
                .say(Sentence.of("Into the cabinet, opening up, air moving."))
                .read("cabinet", Unit.CELSIUS, cabinetC, Band.around(8, 16, 2))
                .clock(Clock.minutes(10, 15, 25))
                .caution(condensation())
                .done();
    }

    private void fill() {
        final int layers = materials.fillings().size();
        for (int i = 0; i < layers; i++) {
            final Materials.FillingNeed need = materials.fillings().get(i);
            step(StepKind.FILL)
                    .say(
                            Sentence.of(
                                            "Pipe "
                                                    + need.name()
                                                    + ", {each} into each, {all} in all."
                                                    + (i == layers - 1
                                                            ? " Stop {room} below the rim."
                                                            : " Leave room for the next layer."))
                                    .with(
                                            "each",
                                            materials.each().layers().get(i).value(),
                                            Unit.GRAM)
                                    .with("all", need.inPieces().value(), Unit.GRAM)
                                    .with("room", materials.piece().headRoomMm(), Unit.MILLIMETRE))
                    .read("filling in the bag", Unit.CELSIUS, 27, new Band(20, 24, 29, 31))
                    .caution(fillingCaution(need))
                    .done();
            step(StepKind.LEVEL)
                    .say(Sentence.of("Tap level, wipe the rim, leave until the top is still."))
                    .clock(Clock.minutes(3, 10, 240))
                    .done();
        }
    }

    private void capAndFinish() {
        final double capsG = materials.each().cap().value() * materials.size().cavitiesPerMould();
        step(StepKind.TEMPER_AGAIN)
                .say(Sentence.of("Bring the bowl back into the window, test again if in doubt."))
                .read(
                        "temperature in the middle",
                        Unit.CELSIUS,
                        targets.work().middle(),
                        targets.work())
                .done();
        step(StepKind.CAP)
                .say(
                        Sentence.of(
                                        "Pour over half the tray, draw across and back, tap once,"
                                                + " scrape hard. {caps} stays on a mould.")
                                .with("caps", capsG, Unit.GRAM))
                .clock(new Clock(20, 60, 180))
                .caution(capCaution())
                .done();
        step(StepKind.CHILL_CAP)
                .say(Sentence.of("Back into the cabinet until the caps have drawn in."))
                .read("cabinet", Unit.CELSIUS, cabinetC, Band.around(8, 16, 2))
                .clock(Clock.minutes(10, 20, 40))
                .caution(condensation())
                .done();
        step(StepKind.DEMOULD)
                .say(Sentence.of("Loose parts look light from below. Twist, turn out, gloves on."))
                .done();
        final double pieceG = materials.each().whole().value();
        step(StepKind.WEIGH)
                .say(
                        Sentence.of("Weigh ten and divide: {piece} each.")
                                .with("piece", pieceG, Unit.GRAM))
                .read("one piece, mean of ten", Unit.GRAM, pieceG, weightBand(pieceG))
                .caution(materials.keepCold() ? Cautions.COLD_PIECES : "")
                .source(materials.each().whole().basis().sources().get(0))
                .done();
    }

    private static Band weightBand(final double massG) {
        return new Band(
                massG * (1 - WEIGHT_LIMIT),
                massG * (1 - WEIGHT_GOOD),
                massG * (1 + WEIGHT_GOOD),
                massG * (1 + WEIGHT_LIMIT));
    }

    private static String scrapings(final Set<Allergen> allergens) {
        final String words =
                allergens.stream().sorted().map(Allergen::words).collect(Collectors.joining(", "));
        return words.isEmpty() ? "" : Cautions.scrapings(words);
    }

    /** What is scraped off a filled mould holds filling, and is treated as the filling is. */
    private String capCaution() {
        final String allergens = scrapings(materials.allergens());
        if (!materials.keepCold()) {
            return allergens;
        }
        return allergens.isEmpty()
                ? Cautions.COLD_SCRAPINGS
                : allergens + " " + Cautions.COLD_SCRAPINGS;
    }

    private String fillingCaution(final Materials.FillingNeed need) {
        return need.figures().life().keepCold()
                ? Cautions.COLD_FILLING + " " + Cautions.LIFE
                : Cautions.LIFE;
    }

    /** Only where the cabinet is colder than the dew point of the room. */
    private String condensation() {
        return cabinetC < room.dewPoint().value() + 1 ? Cautions.CONDENSATION : "";
    }

    private Draft step(final StepKind kind) {
        return new Draft(kind);
    }

    /** A step being written down. */
    private final class Draft {
        private final StepKind kind;
        private Sentence say = Sentence.of("");
        private Reading reading;
        private Clock clock;
        private String caution = "";
        private Source source = PRACTICE;

        private Draft(final StepKind kind) {
            this.kind = kind;
        }

        private Draft say(final Sentence words) {
            say = words;
            return this;
        }

        private Draft read(
                final String what, final Unit unit, final double target, final Band band) {
            reading = new Reading(what, unit, target, band);
            return this;
        }

        private Draft clock(final Clock times) {
            clock = times;
            return this;
        }

        private Draft caution(final String words) {
            caution = words;
            return this;
        }

        private Draft source(final Source where) {
            source = where;
            return this;
        }

        private void done() {
            steps.add(
                    new PlannedStep(
                            steps.size() + 1,
                            kind,
                            say,
                            Optional.ofNullable(reading),
                            Optional.ofNullable(clock),
                            Optional.of(caution).filter(words -> !words.isEmpty()),
                            source));
        }
    }
}
