package palintone.core.figure;

/** How a value stands against its band. */
public enum BandStatus {
    /** Inside the good stretch. */
    IN_BAND,
    /** Outside the good stretch, still inside the limits. */
    TIGHT,
    /** Beyond a limit. */
    OFF
}
