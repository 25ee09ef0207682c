package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.Quality;
import palintone.core.process.Process;
import palintone.core.substance.Component;
import palintone.core.substance.Portion;
import palintone.core.temper.Couverture;

/**
 * A centre rolled in powder or nuts, without a coat.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param centre that is rolled
 * @param inclusions what it is rolled in, at least one, and what is set whole into its centre
 * @param dress finishings on it
 */
public record RolledPiece(
        String id, String name, FormedCentre centre, List<Inclusion> inclusions, Decoration dress)
        implements Piece {

    private static final int MOST_INCLUSIONS = 6;

    /** Over a saturated sugar syrup the air is so damp; from memory, 0.85 to 0.86 at 20 °C. */
    private static final double SUGAR_MELTS_AW = 0.85;

    private static final double SWEET = 0.5;

    /**
     * @throws OutOfRangeException when it is rolled in nothing, or colours are brought into a mould
     *     it does not have
     */
    public RolledPiece {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        inclusions = List.copyOf(inclusions);
        final long rolled = inclusions.stream().filter(i -> !i.setIn()).count();
        if (rolled == 0 || inclusions.size() > MOST_INCLUSIONS) {
            throw new OutOfRangeException(
                    "what it is rolled in",
                    String.valueOf(rolled == 0 ? 0 : inclusions.size()),
                    "1 to 6");
        }
        inclusions.forEach(i -> i.placed(Inclusion.Placing.ROLLED_IN, Inclusion.Placing.SET_IN));
        centre.holds(inclusions);
        if (centre.bottomMm() > 0) {
            throw new OutOfRangeException(
                    "coat below", centre.bottomMm() + " mm", "0 mm where it is not coated");
        }
        if (!dress.colours().isEmpty()) {
            throw new OutOfRangeException(
                    "colours", dress.colours().get(0).name(), "none: it comes out of no mould");
        }
    }

    @Override
    public Optional<Couverture> tempered() {
        return Optional.empty();
    }

    @Override
    public List<Portion> chocolate() {
        return List.of();
    }

    @Override
    public List<Filling> fillings() {
        return List.of(centre.filling());
    }

    @Override
    public RolledMasses masses() {
        return RolledMasses.of(this);
    }

    @Override
    public Section section() {
        return DippedSection.bare(centre, inclusions);
    }

    @Override
    public Materials materials(
            final BatchSize size,
            final BatchHabits habits,
            final Function<Filling, Conditions> conditions) {
        return RolledMasses.materials(this, size, habits, conditions);
    }

    @Override
    public Process process(final Materials needs, final Workplace place) {
        return new RolledProcess(this, needs, place).lay();
    }

    @Override
    public int atOnce() {
        return 40;
    }

    @Override
    public BatchSize batchOf(final Optional<Integer> moulds, final Optional<Integer> pieces) {
        return BatchSize.oneByOne(moulds, pieces);
    }

    @Override
    public List<Sentence> remarks() {
        final List<Sentence> remarks = new ArrayList<>();
        remarks.add(
                Sentence.of(
                        "No coat keeps its water in or the air out: it dries, takes on smells, and"
                                + " what is said of its life is the most. Box it at once."));
        if (centre.neverFirm()) {
            remarks.add(
                    Sentence.of(
                            "This filling is never firm enough for the hand, however cold: put it into"
                                    + " shells, or make it stiffer."));
        }
        return remarks;
    }

    /** Sugar on what is damper than its own syrup melts. */
    @Override
    public List<Sentence> remarks(final Materials needs) {
        final List<Sentence> remarks = new ArrayList<>(remarks());
        final Figure aw = needs.fillings().get(0).figures().figure(Quality.WATER_ACTIVITY);
        if (aw != null && aw.value() > SUGAR_MELTS_AW) {
            inclusions.stream()
                    .filter(i -> !i.setIn())
                    .filter(i -> i.ingredient().composition().fraction(Component.SUCROSE) > SWEET)
                    .forEach(
                            i ->
                                    remarks.add(
                                            Sentence.of(
                                                            i.ingredient().name()
                                                                    + " melts on it: the centre's water"
                                                                    + " activity, {aw}, is above that of"
                                                                    + " a sugar syrup. Cocoa or nuts, or"
                                                                    + " a coat between.")
                                                    .with("aw", aw.value(), Unit.ONE)));
        }
        return remarks;
    }
}
