package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A part of a stem nobody could see; ended when somebody looked. */
@Entity
@Table(name = "hidden_part")
public class HiddenPartEntity extends SeenEntity {
    public double fromM;
    public double toM;

    @Nullable
    public String endedBy;

    @Nullable
    public Instant endedAt;
}
