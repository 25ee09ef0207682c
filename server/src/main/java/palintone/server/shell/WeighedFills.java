package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.casting.fill.FilledShell;
import palintone.core.casting.shell.CastOrder;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.substance.ChoiOkos1986;
import palintone.server.filling.FillingNotes;

/** What fillings weigh in the shells they lie in, of moulds weighed shelled, filled and capped. */
@Component
class WeighedFills {

    private static final double AT_C = 25;
    private static final int NEWEST = 10;

    private final FillingNotes fillings;
    private final ShellWeighingRepository weighings;

    WeighedFills(final FillingNotes fillings, final ShellWeighingRepository weighings) {
        this.fillings = fillings;
        this.weighings = weighings;
    }

    /** Without air, g/ml. */
    double recipeGPerMl(final String filling) {
        return ChoiOkos1986.densityGPerMl(
                fillings.properties(filling).cooked().composition(), AT_C);
    }

    /**
     * Refuses what such a shell cannot hold.
     *
     * @throws OutOfRangeException naming which of them
     */
    void check(
            final CastOrder order,
            final int cavities,
            final double shellsG,
            final @Nullable Double fillG,
            final @Nullable Double capG,
            final @Nullable String filling) {
        if (filling != null) {
            recipeGPerMl(filling);
        }
        if (fillG == null && capG != null) {
            throw new OutOfRangeException("mould filled", "missing", "weighed before it is capped");
        }
        if (fillG != null && capG == null) {
            final double brimG = order.mould().cavity().volumeMl() * 2 * cavities;
            Require.between("weight of the fillings", fillG, 0, brimG, "g");
        }
        if (fillG != null && capG != null) {
            of(order.mould().cavity(), gPerMl(order), cavities, shellsG, fillG, capG);
        }
    }

    private static double gPerMl(final CastOrder order) {
        return order.bowl().couverture().castingDensityGPerMl();
    }

    private static FilledShell of(
            final Cavity cavity,
            final double gPerMl,
            final int cavities,
            final double shellsG,
            final double fillG,
            final double capG) {
        return FilledShell.of(
                cavity, gPerMl, gPerMl, shellsG / cavities, fillG / cavities, capG / cavities);
    }

    /** Of one weighing; empty where it was not weighed capped. */
    Optional<FilledShell> weighed(final CastOrder order, final ShellWeighingEntity row) {
        return weighed(order.mould().cavity(), gPerMl(order), row);
    }

    private static Optional<FilledShell> weighed(
            final Cavity cavity, final double gPerMl, final ShellWeighingEntity row) {
        final Double fillG = row.fillG();
        final Double capG = row.capG();
        if (fillG == null || capG == null) {
            return Optional.empty();
        }
        return Optional.of(of(cavity, gPerMl, row.cavities(), row.shellsG(), fillG, capG));
    }

    /** Each filling among the weighings of one casting. */
    List<WeighedView.FillWeighedView> views(
            final CastOrder order, final List<ShellWeighingEntity> rows) {
        final Map<String, List<Double>> of = new LinkedHashMap<>();
        for (final ShellWeighingEntity row : rows) {
            final String filling = row.fillingId();
            if (filling != null) {
                weighed(order, row)
                        .ifPresent(
                                piece ->
                                        of.computeIfAbsent(filling, f -> new ArrayList<>())
                                                .add(piece.fillGPerMl()));
            }
        }
        return of.entrySet().stream()
                .map(
                        e ->
                                new WeighedView.FillWeighedView(
                                        fillings.name(e.getKey()),
                                        mean(e.getValue()),
                                        recipeGPerMl(e.getKey()),
                                        e.getValue().size()))
                .toList();
    }

    /** As it was weighed in a mould, air and all; empty where it never was. */
    @Transactional(readOnly = true)
    public OptionalDouble gPerMl(
            final String filling, final Mould mould, final double couvertureGPerMl) {
        return weighings
                .findByMouldIdAndFillingIdAndVoidedFalseOrderByNotedAtDesc(
                        mould.id(), filling, Limit.of(NEWEST))
                .stream()
                .flatMap(row -> weighed(mould.cavity(), couvertureGPerMl, row).stream())
                .mapToDouble(FilledShell::fillGPerMl)
                .average();
    }

    private static double mean(final List<Double> values) {
        return values.stream().mapToDouble(v -> v).average().orElseThrow();
    }
}
