package org.antevid.app.stem.store;

import java.util.Optional;

/** Finds what is attached to a stem already, without what it shows or says. */
public interface KnownAttachment {
    /** @return the job of what is stored under the id */
    Optional<String> jobOf(String id);

    Optional<String> stemOf(String id);
}
