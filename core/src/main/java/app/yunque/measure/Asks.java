package app.yunque.measure;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What a mechanic is asked for by a value that a public rule takes, where no {@code Range} of the same name says it: a word, a yes or no, a choice, or the heading
 * of several values that belong together.
 */
@Target({ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
public @interface Asks {
    /** What it is called. */
    String value();

    /** How to take it; may be empty. */
    String hint() default "";
}
