package org.antevid.app.takedown.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.antevid.core.stem.Species;
import org.antevid.core.takedown.picks.LoadGroup;
import org.antevid.core.takedown.picks.Weighing;
import org.jspecify.annotations.Nullable;

/** What the display showed of a piece on the hook. */
@Entity
@Table(name = "crane_reading")
public class CraneReadingEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;
    public int piece;

    @Enumerated(EnumType.STRING)
    public LoadGroup loadGroup;

    public double estKg;
    public double readKg;
    public double rigKg;
    public boolean free;

    /** What it would have been reckoned at if nothing had been weighed before; null of older ones. */
    @Nullable
    public Double bareKg;

    /** Null of older ones. */
    @Enumerated(EnumType.STRING)
    @Nullable
    public Species species;

    @Nullable
    public String why;

    /** Who found out why. */
    @Nullable
    public String foundBy;

    public String who;
    public Instant at;

    public Weighing forCore() {
        return new Weighing(piece, loadGroup, estKg, readKg, rigKg, free, Optional.ofNullable(why));
    }
}
