package palintone.core.temper.method;

import java.util.List;
import palintone.core.figure.Band;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;

/**
 * A planned curve and what it costs.
 *
 * @param path the bowl over time, with its crystals
 * @param ready minutes until it can be worked with
 * @param handsOn of these, minutes at the bowl
 * @param stable seed when work begins, per cent of the fat
 * @param thickness viscosity then, against the same couverture without crystals
 * @param pour apparent viscosity then, as it pours, by the fluidity it is sold in
 * @param window minutes until it must be rewarmed or grows too thick
 * @param solved what the method was solved for, and the other way round
 * @param risks what can go wrong with this method
 * @param verdict when work begins
 */
public record TemperCurve(
        CurveOrder order,
        List<CurvePhase> phases,
        List<BowlState> path,
        Figure ready,
        Figure handsOn,
        Figure stable,
        Figure thickness,
        Figure pour,
        Figure window,
        List<Figure> solved,
        List<Sentence> risks,
        Verdict verdict) {

    /** The lists are copied. */
    public TemperCurve {
        phases = List.copyOf(phases);
        path = List.copyOf(path);
        solved = List.copyOf(solved);
        risks = List.copyOf(risks);
    }

    /**
     * Where it is worked: the window of its couverture, and for a bowl that was melted gently the
     * one that lies where its kept crystals do.
     */
    public Band worked() {
        return phases.get(phases.size() - 1).band();
    }
}
