package palintone.core.fat;

/** How much of a fat is solid, in its stable forms, when it has had time to set. */
public interface SolidFat {

    /**
     * @param celsius −30 to 100 °C
     * @return solid share of all the fat, 0 to 1; never more where it is warmer
     */
    double solidAt(double celsius);
}
