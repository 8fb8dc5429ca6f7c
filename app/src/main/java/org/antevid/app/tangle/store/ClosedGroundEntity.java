package org.antevid.app.tangle.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What is closed around a stem that is left. */
@Entity
@Table(name = "closed_ground")
public class ClosedGroundEntity extends SeenEntity {
    @Nullable
    public Double aroundM;

    @Nullable
    public Double downhillM;

    public boolean toSlopeFoot;

    /** As drawn, spots as JSON. */
    @Nullable
    @Column(length = 20000)
    public String outline;

    @Nullable
    public Instant untilAt;

    public String handedTo;
}
