package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * The warmest fill of a shell, and how a filling lies in it.
 *
 * @param bears by the shell's own heat balance
 * @param advised the smaller of that and what is common practice
 * @param heatJPerMlK what a millilitre of the filling holds
 * @param level of the filling that was named; null where none was
 */
public record FillView(
        FigureView bears,
        FigureView advised,
        double heatJPerMlK,
        @Nullable LevelView level,
        List<SentenceView> remarks) {

    /**
     * How it lies.
     *
     * @param mass in one cavity, below the cap
     * @param perMould in all of them
     * @param uneven higher in the middle than at the wall, tapped
     * @param carriesBelow its top carries a cap when no warmer; null where never
     * @param carriesFrom minutes in this room; null where not here
     */
    public record LevelView(
            FigureView mass,
            FigureView perMould,
            FigureView uneven,
            @Nullable FigureView carriesBelow,
            @Nullable FigureView carriesFrom) {}
}
