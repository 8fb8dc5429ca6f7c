package org.antevid.app.logbook.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.antevid.core.lay.Means;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.jspecify.annotations.Nullable;

/** One felled stem. What nobody measured or said is null. */
@Entity
@Table(name = "fall_line")
@SuppressWarnings("NullAway.Init")
public class FallLineEntity {
    @Id
    public String id;

    public String jobId;
    public String jobName;
    public String stem;

    @Nullable
    public String sawyerId;

    @Nullable
    public String sawyer;

    @Enumerated(EnumType.STRING)
    public Species species;

    @Enumerated(EnumType.STRING)
    public School school;

    @Enumerated(EnumType.STRING)
    public Means.Kind means;

    @Nullable
    @Enumerated(EnumType.STRING)
    public Condition wood;

    public Instant felledAt;

    @Nullable
    @Enumerated(EnumType.STRING)
    public Control control;

    @Nullable
    @Enumerated(EnumType.STRING)
    public MeasuredBy measuredBy;

    public double predictedDeg;

    @Nullable
    public Double fellDeg;

    @Nullable
    public Double missDeg;

    @Nullable
    public Double alongDeg;

    /** Signed as the miss is. */
    @Nullable
    public Double times;

    @Nullable
    public Boolean inside;
}
