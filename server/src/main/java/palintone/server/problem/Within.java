package palintone.server.problem;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The limits of a number that is sent, for whoever writes a form or a program: they stand in the
 * description, and a refusal names all fields that are outside of theirs.
 *
 * <p>They are the widest limits there are. The core has the word on a value, and may allow less of
 * it beside other values (a wall no thicker than the cavity). A test sends every field just outside
 * of these and holds them to what the core answers.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target({
    ElementType.FIELD,
    ElementType.METHOD,
    ElementType.PARAMETER,
    ElementType.RECORD_COMPONENT
})
public @interface Within {

    /** The least, in the unit of the field. */
    double low();

    /** Whether the least itself is too little. */
    boolean above() default false;

    /** The most, in the unit of the field; without one where other fields say it. */
    double high() default Double.POSITIVE_INFINITY;

    /** Symbol of the unit, for the words of a refusal. */
    String unit() default "";
}
