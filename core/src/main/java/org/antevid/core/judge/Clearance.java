package org.antevid.core.judge;

import java.util.Optional;

/**
 * Who has cleared a finding.
 *
 * <p>Each says by whom, a name, and when, in milliseconds since 1970.
 */
public sealed interface Clearance {
    String by();

    long atMs();

    /** A caution somebody took note of. */
    record Note(String by, long atMs) implements Clearance {}

    /** A second opinion, on site and in person. */
    record OnSite(String by, long atMs) implements Clearance {}

    /** A second opinion by telephone: the number, when they were called, what was read back. */
    record ByTelephone(String by, long atMs, String phone, Optional<Long> calledAtMs, String readBack)
            implements Clearance {}
}
