package org.antevid.app.records.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.app.people.SaidByEntity;
import org.antevid.core.outcome.WeighedBy;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.Species;
import org.jspecify.annotations.Nullable;

/** A piece on a scale, beside what it was reckoned at when it was weighed. */
@Entity
@Table(name = "weighing")
@SuppressWarnings("NullAway.Init")
public class WeighingEntity extends SaidByEntity {
    public String jobId;
    public String stem;

    @Enumerated(EnumType.STRING)
    public Species species;

    @Enumerated(EnumType.STRING)
    public MassPart part;

    public double fromM;
    public double toM;
    public double weightKg;

    @Enumerated(EnumType.STRING)
    public WeighedBy weighedBy;

    /** Null while diameter or height were not known. */
    @Nullable
    public Double reckonedKg;
}
