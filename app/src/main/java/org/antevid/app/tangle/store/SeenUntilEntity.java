package org.antevid.app.tangle.store;

import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Something that was seen and is so no longer; it stays in the book with who said so. */
@MappedSuperclass
public abstract class SeenUntilEntity extends SeenEntity {
    @Nullable
    public String endedBy;

    @Nullable
    public Instant endedAt;

    /** @return whether it is still so on this job */
    public boolean stands(String job) {
        return jobId.equals(job) && endedAt == null;
    }

    /** It is so no longer. */
    public void end(String name, Instant sinceWhen) {
        endedBy = name;
        endedAt = sinceWhen;
    }
}
