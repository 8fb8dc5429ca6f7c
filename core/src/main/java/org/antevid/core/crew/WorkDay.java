package org.antevid.core.crew;

import java.util.OptionalInt;

/**
 * The day the steps are done on.
 *
 * @param date days since 1970-01-01
 * @param lightUntilMin minute from the start of work at which it is dark; empty is not known
 */
public record WorkDay(long date, OptionalInt lightUntilMin) {}
