package app.yunque.measure;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks the one entry of a rule that screens and other programs may ask. From its parameters (their names carry the unit), the {@code Range} constants
 * of its class, what {@link Asks} adds and its result follow address, description, form and refusals; nothing is written a second time.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface PublicRule {
    /** Subject and rule, as in the address: "fit/press". */
    String at();

    /** What it is called on a drawer: "Press fit". */
    String title();

    /** Which question it answers, in one sentence. */
    String says();

    /** Where it comes from, for a rule whose result does not carry its own working. */
    String source() default "";

    /** Checks of a part that its verdict answers, by name. */
    String[] answers() default {};

    /** Steps of setting that it works something out for, by name. */
    String[] sets() default {};
}
