package palintone.server.week;

/** Orders, people or the plan are other than they were. */
public record WeekChanged() {}
