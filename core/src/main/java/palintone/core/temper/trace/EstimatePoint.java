package palintone.core.temper.trace;

import palintone.core.temper.estimate.Estimate;

/** What was in the bowl at a moment of a trace. */
public record EstimatePoint(double timeS, double temperatureC, Estimate estimate) {}
