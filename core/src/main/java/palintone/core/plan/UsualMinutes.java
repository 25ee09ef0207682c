package palintone.core.plan;

import java.util.EnumMap;
import java.util.Map;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/**
 * How long a pair of hands usually needs for a task that has no clock, and for one whose clock is
 * of one mould. Ours, common practice, no source; what this house took last time corrects it.
 */
public final class UsualMinutes {

    /**
     * Time of the hands.
     *
     * @param onceS seconds however many there are
     * @param mouldS seconds for each mould or sheet
     * @param pieceS seconds for each piece
     */
    private record Hands(double onceS, double mouldS, double pieceS) {

        double of(final Many many) {
            return onceS + mouldS * many.moulds() + pieceS * many.pieces();
        }
    }

    private static final Hands USUAL = new Hands(180, 0, 0);

    private static final Map<TaskKind, Hands> WITHOUT_CLOCK = new EnumMap<>(TaskKind.class);

    static {
        WITHOUT_CLOCK.put(TaskKind.WEIGH_OUT, new Hands(420, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.COOK, new Hands(300, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.TO_TASTE, new Hands(120, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.POLISH, new Hands(60, 75, 0));
        WITHOUT_CLOCK.put(TaskKind.COLOUR, new Hands(300, 120, 0));
        WITHOUT_CLOCK.put(TaskKind.MOULD, new Hands(30, 10, 0));
        WITHOUT_CLOCK.put(TaskKind.STIR_IN, new Hands(120, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.FRAME, new Hands(300, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.PIPE_OUT, new Hands(180, 0, 6));
        WITHOUT_CLOCK.put(TaskKind.CUT, new Hands(420, 0, 2));
        WITHOUT_CLOCK.put(TaskKind.SHAPE, new Hands(60, 0, 8));
        WITHOUT_CLOCK.put(TaskKind.CENTRES, new Hands(60, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.LAY_READY, new Hands(180, 0, 1));
        WITHOUT_CLOCK.put(TaskKind.SPREAD, new Hands(120, 180, 0));
        WITHOUT_CLOCK.put(TaskKind.PEEL, new Hands(60, 120, 0));
        WITHOUT_CLOCK.put(TaskKind.SCRAPE, new Hands(0, 25, 0));
        WITHOUT_CLOCK.put(TaskKind.FILL, new Hands(180, 120, 0));
        WITHOUT_CLOCK.put(TaskKind.SET_IN, new Hands(60, 0, 4));
        WITHOUT_CLOCK.put(TaskKind.TEMPER_AGAIN, new Hands(480, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.CAP_BOWL, new Hands(900, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.SECOND_BOWL, new Hands(900, 0, 0));
        WITHOUT_CLOCK.put(TaskKind.PATTERN, new Hands(120, 60, 0));
        WITHOUT_CLOCK.put(TaskKind.DEMOULD, new Hands(60, 60, 0));
        WITHOUT_CLOCK.put(TaskKind.FINISH, new Hands(120, 0, 5));
        WITHOUT_CLOCK.put(TaskKind.ROLL_IN, new Hands(120, 0, 6));
        WITHOUT_CLOCK.put(TaskKind.STREW, new Hands(60, 45, 0));
    }

    /** Their clock is of one mould: the next is filled when that one is turned. */
    private static final java.util.Set<TaskKind> EACH_MOULD =
            java.util.EnumSet.of(
                    TaskKind.CAST, TaskKind.DRAIN, TaskKind.TAP, TaskKind.SEAL, TaskKind.CAP);

    private UsualMinutes() {}

    /**
     * How many a task is done to.
     *
     * @param moulds of the turn it belongs to; sheets where it is sheets; 1 where there are none
     * @param pieces of that turn
     */
    public record Many(int moulds, int pieces) {}

    /**
     * Seconds a task is planned to take, above 0.
     *
     * @param many it is done to
     */
    public static double seconds(final Task task, final Many many) {
        if (task.clock().isEmpty()) {
            return WITHOUT_CLOCK.getOrDefault(task.kind(), USUAL).of(many);
        }
        final double targetS = task.clock().get().targetS();
        return EACH_MOULD.contains(task.kind()) ? targetS * Math.max(1, many.moulds()) : targetS;
    }
}
