package org.antevid.core.message;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What a number of a record measures, and the side it errs to when it is shown. Whoever gives the record to a reader
 * says the number in the reader's units beside it; the value itself stays in SI units.
 */
@Documented
@Target({ElementType.RECORD_COMPONENT, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
public @interface Shown {
    Dimension in();

    Side to();

    /** Shown without its sign: the words beside it say which way, forward or back, left or right. */
    boolean unsigned() default false;
}
