package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * Pans, each with what a slab does in it.
 *
 * @param nearest place in the list of the one it stands nearest to the wanted height in; null where
 *     it runs over in every one
 */
public record PanView(List<InPanView> pans, @Nullable Integer nearest, List<SentenceView> remarks) {

    /**
     * One pan.
     *
     * @param height of what there is in it
     * @param runsOver whether it is deeper than the pan
     * @param wants for the wanted height; null where the pan is not so deep
     */
    public record InPanView(FigureView height, boolean runsOver, @Nullable FigureView wants) {}
}
