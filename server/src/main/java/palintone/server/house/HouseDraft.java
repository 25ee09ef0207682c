package palintone.server.house;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.core.casting.colour.ColourPractice;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.MeltWay;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.tool.Cabinet;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * The house as somebody wrote it down.
 *
 * @param altitudeM how high the kitchen lies, m; left out of a file, it stays as it was
 * @param currency sign or letters prices are shown with; left out of a file, it stays as it was
 * @param method the usual way of tempering; a third of seed where a file of before does not say
 * @param zone whose day it is, as Europe/Vienna; left out of a file, it stays as it was
 * @param scales what is weighed on; left out of a file, they stay as they were, as the next two do
 * @param seedSchool only in files of before
 * @param version that of the state that was changed
 */
public record HouseDraft(
        @NotNull @Longest(120) String name,
        @Within(low = -20, high = 60, unit = "°C") double roomTemperatureC,
        @Within(low = 1, high = 100, unit = "%") double humidityPercent,
        @NotNull List<@NotNull @Valid CabinetView> cabinets,
        @NotNull HouseEntity.TemperatureUnit temperatureUnit,
        @NotNull HouseEntity.MassUnit massUnit,
        @NotNull DarkWindowPractice darkWindow,
        @Nullable ColourPractice colourPractice,
        @Nullable TemperingMethod method,
        @Within(low = 1, high = 200) int mouldsInRotation,
        @Within(low = 0, high = 2) double bowlReserve,
        @Within(low = 0, high = 2) double fillingSurplus,
        @Within(low = 50, high = 5000, unit = "W") double heatPowerW,
        @Within(low = 0.05, high = 1) double heatEfficiency,
        @Nullable @Valid TemperingView tempering,
        @Nullable String currency,
        @Nullable @Within(low = -400, high = 5000, unit = "m") Double altitudeM,
        @Nullable String zone,
        @Nullable List<@NotNull @Valid ScaleToolView> scales,
        @Nullable List<@NotNull @Valid ThermometerView> thermometers,
        @Nullable List<@NotNull @Valid MelterView> melters,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable SeedOfBefore seedSchool,
        long version) {

    /** How files of before said which of two ways of seeding is the usual one. */
    public enum SeedOfBefore {
        THIRD,
        FEW_PER_CENT
    }

    /** The usual way of tempering, whichever way the file says it. */
    public TemperingMethod usualMethod() {
        if (method != null) {
            return method;
        }
        return seedSchool == SeedOfBefore.FEW_PER_CENT
                ? TemperingMethod.SEED_FEW
                : TemperingMethod.SEED_THIRD;
    }

    /**
     * What stands ready for tempering; left out of a file, it stays as it was.
     *
     * @param meltBy what a bowl is melted with; left out, it stays as it was
     * @param meltAt °C of the water or oven, W of the heat gun; left out where there is none
     */
    public record TemperingView(
            @Within(low = 5, high = 30, unit = "°C") double stoneC,
            @Within(low = 0.05, high = 10, unit = "m²") double stoneM2,
            @Within(low = 5, high = 200, unit = "mm") double stoneMm,
            @Within(low = 0, high = 30, unit = "°C") double bathC,
            @Within(low = 100, high = 500_000, unit = "g") double bathG,
            @Within(low = 50, high = 50_000, unit = "W") double kettleW,
            @NotNull VesselKind vessel,
            @Nullable MeltWay.WayKind meltBy,
            @Nullable Double meltAt) {

        MeltWay melting() {
            return new MeltWay(meltBy, meltAt == null ? 0 : meltAt);
        }
    }

    /**
     * A cold place for moulds.
     *
     * @param air whether it moves; it does where nobody says
     * @param moulds it takes at once; null where nobody has counted
     */
    public record CabinetView(
            @NotNull @Longest(120) String name,
            @Within(low = -5, high = 25, unit = "°C") double temperatureC,
            @Nullable Cabinet.Air air,
            @Nullable @Within(low = 1, high = 500) Integer moulds) {}

    /** A scale: what its last digit counts, and what it bears. */
    public record ScaleToolView(
            @NotNull @Longest(120) String name,
            @NotNull @Within(low = 0.001, high = 100, unit = "g") Double stepG,
            @NotNull @Within(low = 0, above = true, high = 500_000, unit = "g") Double mostG) {}

    /** A thermometer: how far it may be off, and whether it reads the surface only. */
    public record ThermometerView(
            @NotNull @Longest(120) String name,
            @NotNull @Within(low = 0.05, high = 10, unit = "K") Double errorK,
            boolean surfaceOnly) {}

    /** A melter or bowl, and what it holds. */
    public record MelterView(
            @NotNull @Longest(120) String name,
            @NotNull @Within(low = 50, high = 500_000, unit = "g") Double holdsG) {}
}
