package palintone.server.house;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Stream;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.casting.colour.ColourPractice;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.water.BoilingPoint;
import palintone.core.heat.RoomAir;
import palintone.core.piece.BatchHabits;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.MeltWay;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.tool.Cabinet;
import palintone.core.tool.Tools;

/** The one house. Its row is there from the start, with the defaults of an ordinary room. */
@Entity
@Table(name = "house")
public class HouseEntity {

    public static final int ONLY = 1;

    /** The scales a maker may read temperatures in. */
    public enum TemperatureUnit {
        CELSIUS,
        FAHRENHEIT
    }

    /** The units a maker may read weights in. */
    public enum MassUnit {
        GRAM,
        OUNCE
    }

    @Id private int id = ONLY;
    private String name;

    @Column(name = "room_temperature_c")
    private double roomTemperatureC;

    private double humidityPercent;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private TemperatureUnit temperatureUnit;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private MassUnit massUnit;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private DarkWindowPractice darkWindow;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private ColourPractice colourPractice;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private TemperingMethod method;

    private int mouldsInRotation;
    private double bowlReserve;
    private double fillingSurplus;

    @Column(name = "heat_power_w")
    private double heatPowerW;

    private double heatEfficiency;

    @Column(name = "stone_c")
    private double stoneC;

    @Column(name = "stone_m2")
    private double stoneM2;

    private double stoneMm;

    @Column(name = "bath_c")
    private double bathC;

    @Column(name = "bath_g")
    private double bathG;

    @Column(name = "kettle_w")
    private double kettleW;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private VesselKind vessel;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private MeltWay.WayKind meltBy = MeltWay.WayKind.BURSTS;

    /** °C of water or oven, W of a heat gun. */
    private double meltAt;

    @ElementCollection
    @CollectionTable(name = "cabinet", joinColumns = @JoinColumn(name = "house_id"))
    @OrderColumn(name = "position")
    private List<CabinetRow> cabinets = new ArrayList<>();

    private String currency = "";

    @Column(name = "altitude_m")
    private double altitudeM;

    /** Null where nobody has said: that of the machine. */
    private String zone;

    private Instant roomReadAt;

    @Version private Long version;

    protected HouseEntity() {}

    @ElementCollection
    @CollectionTable(name = "tool", joinColumns = @JoinColumn(name = "house_id"))
    @OrderColumn(name = "position")
    private List<ToolRow> tools = new ArrayList<>();

    /** A cold place for moulds. */
    @Embeddable
    public static class CabinetRow {
        private String name;

        @Column(name = "temperature_c")
        private double temperatureC;

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private Cabinet.Air air;

        /** Null where nobody has counted. */
        private Integer moulds;

        protected CabinetRow() {}

        CabinetRow(final Cabinet cabinet) {
            name = cabinet.name();
            temperatureC = cabinet.temperatureC();
            air = cabinet.air();
            moulds = cabinet.moulds().isPresent() ? cabinet.moulds().getAsInt() : null;
        }

        Cabinet cabinet() {
            return new Cabinet(
                    name,
                    temperatureC,
                    air,
                    moulds == null ? OptionalInt.empty() : OptionalInt.of(moulds));
        }

        HouseDraft.CabinetView view() {
            return new HouseDraft.CabinetView(name, temperatureC, air, moulds);
        }
    }

    /** Takes over everything; the core checks what it will compute with. */
    void take(final HouseDraft draft) {
        final RoomAir air = checked(draft.roomTemperatureC(), draft.humidityPercent());
        final HeatSource heat = new HeatSource(draft.heatPowerW(), draft.heatEfficiency());
        final BatchHabits habits =
                new BatchHabits(
                        draft.mouldsInRotation(), draft.bowlReserve(), draft.fillingSurplus());
        if (draft.cabinets() == null || draft.cabinets().isEmpty()) {
            throw new OutOfRangeException("cabinets", "none", "at least one");
        }
        name = Require.text("name", draft.name(), 120);
        roomTemperatureC = air.temperatureC();
        humidityPercent = air.humidityPercent();
        temperatureUnit = given("temperature unit", draft.temperatureUnit());
        massUnit = given("mass unit", draft.massUnit());
        darkWindow = given("dark window", draft.darkWindow());
        colourPractice =
                draft.colourPractice() == null
                        ? ColourPractice.AS_IT_HOLDS
                        : draft.colourPractice();
        method = draft.usualMethod();
        mouldsInRotation = habits.mouldsInRotation();
        bowlReserve = habits.bowlReserve();
        fillingSurplus = habits.fillingSurplus();
        heatPowerW = heat.powerW();
        heatEfficiency = heat.efficiency();
        if (draft.currency() != null) {
            currency = sign(draft.currency().strip());
        }
        if (draft.zone() != null) {
            zone = checkedZone(draft.zone());
        }
        if (draft.altitudeM() != null) {
            // The air's own law knows what it may be.
            BoilingPoint.pressureHPa(draft.altitudeM());
            altitudeM = draft.altitudeM();
        }
        if (draft.tempering() != null) {
            take(draft.tempering());
        }
        take(draft.scales(), ToolRow.ToolKind.SCALE, ToolRow::scales);
        take(draft.thermometers(), ToolRow.ToolKind.THERMOMETER, ToolRow::thermometers);
        take(draft.melters(), ToolRow.ToolKind.MELTER, ToolRow::melters);
        final List<CabinetRow> cold =
                draft.cabinets().stream().map(HouseEntity::cabinet).map(CabinetRow::new).toList();
        cabinets.clear();
        cabinets.addAll(cold);
    }

    /** Of one kind; those stay as they were that the draft is silent about. */
    private <T> void take(
            final List<T> drafts,
            final ToolRow.ToolKind kind,
            final Function<List<T>, Stream<ToolRow>> rows) {
        if (drafts != null) {
            final List<ToolRow> fresh = rows.apply(drafts).toList();
            tools.removeIf(row -> row.is(kind));
            tools.addAll(fresh);
        }
    }

    private <T> List<T> of(final ToolRow.ToolKind kind, final Function<ToolRow, T> as) {
        return tools.stream().filter(row -> row.is(kind)).map(as).toList();
    }

    private static Cabinet cabinet(final HouseDraft.CabinetView view) {
        return new Cabinet(
                view.name(),
                view.temperatureC(),
                view.air() == null ? Cabinet.Air.MOVING : view.air(),
                view.moulds() == null ? OptionalInt.empty() : OptionalInt.of(view.moulds()));
    }

    /** What stands in the workshop and sets limits. */
    public Tools tools() {
        return new Tools(
                of(ToolRow.ToolKind.SCALE, ToolRow::scale),
                of(ToolRow.ToolKind.THERMOMETER, ToolRow::thermometer),
                of(ToolRow.ToolKind.MELTER, ToolRow::melter),
                cabinets.stream().map(CabinetRow::cabinet).toList());
    }

    List<HouseDraft.ScaleToolView> scales() {
        return of(ToolRow.ToolKind.SCALE, ToolRow::scale).stream()
                .map(s -> new HouseDraft.ScaleToolView(s.name(), s.stepG(), s.mostG()))
                .toList();
    }

    List<HouseDraft.ThermometerView> thermometers() {
        return of(ToolRow.ToolKind.THERMOMETER, ToolRow::thermometer).stream()
                .map(t -> new HouseDraft.ThermometerView(t.name(), t.errorK(), t.surfaceOnly()))
                .toList();
    }

    List<HouseDraft.MelterView> melters() {
        return of(ToolRow.ToolKind.MELTER, ToolRow::melter).stream()
                .map(m -> new HouseDraft.MelterView(m.name(), m.holdsG()))
                .toList();
    }

    private static RoomAir checked(final double celsius, final double humidityPercent) {
        final RoomAir air = new RoomAir(celsius, humidityPercent);
        // Seed lies at room temperature, and must still be hard there.
        Require.between("room temperature", air.temperatureC(), 5, 27, "°C");
        return air;
    }

    /** What the room's thermometer and hygrometer say now. */
    void read(final double celsius, final double percent, final Instant at) {
        final RoomAir air = checked(celsius, percent);
        roomTemperatureC = air.temperatureC();
        humidityPercent = air.humidityPercent();
        roomReadAt = at;
    }

    /** When the room was last read; empty where nobody has yet. */
    Optional<Instant> roomReadAt() {
        return Optional.ofNullable(roomReadAt);
    }

    /** A sign or a few letters; digits would run into the price. */
    private static String sign(final String text) {
        if (text.length() > 8 || text.chars().anyMatch(Character::isDigit)) {
            throw new OutOfRangeException(
                    "money", "\"" + text + "\"", "a sign or up to 8 letters without digits");
        }
        return text;
    }

    private void take(final HouseDraft.TemperingView draft) {
        final Equipment checked =
                new Equipment(
                        heat(),
                        draft.stoneC(),
                        draft.stoneM2(),
                        draft.stoneMm(),
                        draft.bathC(),
                        draft.bathG(),
                        draft.kettleW(),
                        draft.meltBy() == null ? melting() : draft.melting());
        stoneC = checked.stoneC();
        stoneM2 = checked.stoneM2();
        stoneMm = checked.stoneMm();
        bathC = checked.bathC();
        bathG = checked.bathG();
        kettleW = checked.kettleW();
        vessel = given("vessel", draft.vessel());
        meltBy = checked.melting().kind();
        meltAt = checked.melting().setting();
    }

    /** What stands ready for tempering. */
    public Equipment equipment() {
        return new Equipment(heat(), stoneC, stoneM2, stoneMm, bathC, bathG, kettleW, melting());
    }

    private MeltWay melting() {
        return new MeltWay(meltBy, meltAt);
    }

    public VesselKind vessel() {
        return vessel;
    }

    HouseDraft.TemperingView tempering() {
        return new HouseDraft.TemperingView(
                stoneC, stoneM2, stoneMm, bathC, bathG, kettleW, vessel, meltBy, meltAt);
    }

    private static <T> T given(final String field, final T value) {
        if (value == null) {
            throw new OutOfRangeException(field, "missing", "one of the choices");
        }
        return value;
    }

    public RoomAir air() {
        return new RoomAir(roomTemperatureC, humidityPercent);
    }

    public HeatSource heat() {
        return new HeatSource(heatPowerW, heatEfficiency);
    }

    public BatchHabits habits() {
        return new BatchHabits(mouldsInRotation, bowlReserve, fillingSurplus);
    }

    /** The cabinet moulds are chilled in: the first one named. */
    public double firstCabinetC() {
        return cabinets.get(0).temperatureC;
    }

    /** When colour is cast over here. */
    public ColourPractice colourPractice() {
        return colourPractice;
    }

    public DarkWindowPractice darkWindow() {
        return darkWindow;
    }

    /** The usual way of tempering. */
    public TemperingMethod method() {
        return method;
    }

    public String name() {
        return name;
    }

    TemperatureUnit temperatureUnit() {
        return temperatureUnit;
    }

    MassUnit massUnit() {
        return massUnit;
    }

    List<CabinetRow> cabinets() {
        return cabinets;
    }

    /** Whose day it is in this house. */
    public ZoneId zone() {
        return zone == null ? ZoneId.systemDefault() : ZoneId.of(zone);
    }

    private static String checkedZone(final String zone) {
        try {
            return ZoneId.of(zone).getId();
        } catch (DateTimeException e) {
            throw new OutOfRangeException(
                    "time zone", "\"" + zone + "\"", "a place as Europe/Vienna, or UTC");
        }
    }

    double altitudeM() {
        return altitudeM;
    }

    /** Pressure of the air there, by the standard atmosphere, hPa. */
    public double pressureHPa() {
        return BoilingPoint.pressureHPa(altitudeM);
    }

    String currency() {
        return currency;
    }

    /** Counts what was written of the rules and the room; no unit. */
    public Long version() {
        return version;
    }
}
