package palintone.server.shell;

import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * The warmest fill of a shell.
 *
 * @param bears by the shell's own heat balance
 * @param advised the smaller of that and what is common practice
 */
public record FillView(FigureView bears, FigureView advised, List<SentenceView> remarks) {}
