package org.antevid.app.lay.store;

import org.jspecify.annotations.Nullable;

/** What is on the house's list of kit. */
public interface KnownKit {
    boolean has(String id);

    /** @return the id where it is on the list; one that is not is not kept */
    default @Nullable String known(@Nullable String id) {
        return id != null && has(id) ? id : null;
    }
}
