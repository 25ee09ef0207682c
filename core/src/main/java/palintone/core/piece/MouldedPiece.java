package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import palintone.core.casting.CastPlan;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.process.Process;
import palintone.core.substance.Portion;
import palintone.core.temper.Couverture;

/**
 * A filled piece out of a mould: a shell, its layers, and a cap over what they leave open.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param mould it is cast in
 * @param couverture of the shell
 * @param capCouverture of the cap, where it is another
 * @param shellMm thickness of the shell, mm
 * @param headRoomMm left below the rim for the cap at least, mm
 * @param layers fillings, first in first
 * @param dress colours in the mould, finishings on it
 * @param joined how two of a cavity, each filled, become one piece; nothing for one
 * @param uncapped whether two halves are joined as they are filled, with no cap between them
 */
public record MouldedPiece(
        String id,
        String name,
        Mould mould,
        Couverture couverture,
        Optional<Couverture> capCouverture,
        double shellMm,
        double headRoomMm,
        List<FillingLayer> layers,
        Decoration dress,
        Optional<HollowFigure.Joining> joined,
        boolean uncapped)
        implements ShelledPiece {

    /** A cap so much thicker than asked for is worth a word. */
    private static final double THICKER = 1.2;

    /**
     * @throws OutOfRangeException when shell, layers and cap do not fit into the cavity, or the
     *     shares of the layers do not sum to one
     */
    public MouldedPiece {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        layers = List.copyOf(layers);
        MouldedFill.of(new MouldRoom(mould, shellMm, headRoomMm), layers);
        if (joined.isPresent() && joined.get() == HollowFigure.Joining.CLOSED_MOULD) {
            throw new OutOfRangeException(
                    "how the halves are joined",
                    "cast as one in a closed mould",
                    "a warm plate or a seam: what is filled is filled open");
        }
        if (uncapped && joined.isEmpty()) {
            throw new OutOfRangeException(
                    "cap", "none", "a cap; only two halves that are joined may go without");
        }
        if (uncapped && capCouverture.isPresent()) {
            throw new OutOfRangeException(
                    "couverture of the cap",
                    capCouverture.get().ingredient().name(),
                    "none where the halves are joined uncapped");
        }
        if (joined.isPresent() && mould.usable() < 2) {
            throw new OutOfRangeException(
                    "mould of the halves", mould.usable() + " usable cavities", "at least 2");
        }
    }

    /** Capped, where it is joined too. */
    public MouldedPiece(
            final String id,
            final String name,
            final Mould mould,
            final Couverture couverture,
            final Optional<Couverture> capCouverture,
            final double shellMm,
            final double headRoomMm,
            final List<FillingLayer> layers,
            final Decoration dress,
            final Optional<HollowFigure.Joining> joined) {
        this(
                id,
                name,
                mould,
                couverture,
                capCouverture,
                shellMm,
                headRoomMm,
                layers,
                dress,
                joined,
                false);
    }

    /** Of one cavity. */
    public MouldedPiece(
            final String id,
            final String name,
            final Mould mould,
            final Couverture couverture,
            final Optional<Couverture> capCouverture,
            final double shellMm,
            final double headRoomMm,
            final List<FillingLayer> layers,
            final Decoration dress) {
        this(
                id,
                name,
                mould,
                couverture,
                capCouverture,
                shellMm,
                headRoomMm,
                layers,
                dress,
                Optional.empty());
    }

    /** Capped with what it is cast of, and of one colour at the most. */
    public MouldedPiece(
            final String id,
            final String name,
            final Mould mould,
            final Couverture couverture,
            final double shellMm,
            final double headRoomMm,
            final List<FillingLayer> layers,
            final Optional<ColourCoat> colour) {
        this(
                id,
                name,
                mould,
                couverture,
                Optional.empty(),
                shellMm,
                headRoomMm,
                layers,
                Decoration.of(colour),
                Optional.empty());
    }

    @Override
    public int cavitiesEach() {
        return joined.isPresent() ? 2 : 1;
    }

    /** What the cap is made of. */
    public Couverture cap() {
        return capCouverture.orElse(couverture);
    }

    /** Whether the cap comes out of another bowl. */
    public boolean cappedFromAnother() {
        return !cap().ingredient().id().equals(couverture.ingredient().id());
    }

    /** How its layers lie; computed anew at every call. */
    MouldedFill fill() {
        return MouldedFill.of(mouldRoom(), layers);
    }

    /**
     * What is left open above the layers, mm: the cap, where there is one; the head room, or more
     * where the layers leave more.
     */
    public double capMm() {
        return fill().capMm();
    }

    @Override
    public MouldedPiece withShell(final double mm) {
        return new MouldedPiece(
                id,
                name,
                mould,
                couverture,
                capCouverture,
                mm,
                headRoomMm,
                layers,
                dress,
                joined,
                uncapped);
    }

    @Override
    public List<Sentence> remarks() {
        final List<Sentence> remarks = new ArrayList<>();
        final MouldedFill fill = fill();
        if (!uncapped && fill.capMm() > headRoomMm * THICKER) {
            remarks.add(
                    Sentence.of(
                                    "The layers leave {left} open: the cap is thicker than the"
                                            + " {wanted} asked for.")
                            .with("left", fill.capMm(), Unit.MILLIMETRE)
                            .with("wanted", headRoomMm, Unit.MILLIMETRE));
        }
        if (cappedFromAnother()) {
            remarks.add(
                    Sentence.of(
                            "Capped with "
                                    + cap().ingredient().name()
                                    + ": that wants a second bowl in temper, and what is scraped"
                                    + " off holds both."));
        }
        for (int i = 0; i < layers.size(); i++) {
            final double highMm = fill.layers().get(i).floorMm() - fill.capMm();
            final double layerMm = fill.layers().get(i).floorMm() - fill.layers().get(i).topMm();
            layers.get(i)
                    .inside()
                    .filter(in -> MouldedSection.acrossMm(in.ml()) > layerMm)
                    .ifPresent(
                            in ->
                                    remarks.add(
                                            Sentence.of(
                                                            in.filling().name()
                                                                    + " inside is about {across}"
                                                                    + " across, and its layer is"
                                                                    + " {high} high: it shows, or"
                                                                    + " touches the shell.")
                                                    .with(
                                                            "across",
                                                            MouldedSection.acrossMm(in.ml()),
                                                            Unit.MILLIMETRE)
                                                    .with("high", layerMm, Unit.MILLIMETRE)));
            for (final Inclusion insert : layers.get(i).inserts()) {
                if (insert.acrossMm() > highMm) {
                    remarks.add(
                            Sentence.of(
                                            insert.ingredient().name()
                                                    + " is about {across} thick, and {high} is left"
                                                    + " below the cap: lay it flat, or it stands"
                                                    + " through.")
                                    .with("across", insert.acrossMm(), Unit.MILLIMETRE)
                                    .with("high", highMm, Unit.MILLIMETRE));
                }
            }
        }
        return remarks;
    }

    /** Share of the room for fillings that a layer's filling takes up, 0 to 1. */
    public double shareOf(final int layer) {
        return fill().layers().get(layer).fillingMl() / fillingMl();
    }

    /** What one cavity leaves for the fillings. */
    public MouldRoom mouldRoom() {
        return new MouldRoom(mould, shellMm, headRoomMm);
    }

    /** The hollow inside the shell, rim plane as in the mould. */
    public Cavity room() {
        return mouldRoom().hollow();
    }

    /** Room for all fillings of one piece, ml. */
    public double fillingMl() {
        return mouldRoom().fillingMl();
    }

    /** Chocolate of one cap, ml; 0 where there is none. */
    public double capMl() {
        return uncapped ? 0 : fill().capMl();
    }

    /** Chocolate of one shell, ml. */
    public double shellMl() {
        return mouldRoom().shellMl();
    }

    @Override
    public List<Filling> fillings() {
        return Stream.concat(
                        layers.stream().map(FillingLayer::filling),
                        layers.stream()
                                .flatMap(layer -> layer.inside().stream())
                                .map(FillingLayer.Inside::filling))
                .toList();
    }

    @Override
    public MouldedMasses masses() {
        return MouldedMasses.of(this);
    }

    @Override
    public List<Figure> qualities(final double roomC) {
        return MouldedFigures.of(this, roomC);
    }

    @Override
    public List<Portion> chocolate() {
        final MouldedMasses each = masses();
        final Portion shell =
                new Portion(couverture.ingredient(), each.shell().value() + each.betweenG());
        return uncapped
                ? List.of(shell)
                : List.of(shell, new Portion(cap().ingredient(), each.cap().value()));
    }

    @Override
    public Section section() {
        return MouldedSection.of(this);
    }

    @Override
    public Materials materials(
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        return Turns.materials(this, size, so -> MouldedMaterials.of(this, so, habits, conditions));
    }

    @Override
    public CastPlan casting(final Materials needs, final Workplace place) {
        return ShellTasks.plan(this, needs, place);
    }

    @Override
    public Process process(final Materials needs, final Workplace place) {
        return MouldedProcess.lay(this, needs, place);
    }
}
