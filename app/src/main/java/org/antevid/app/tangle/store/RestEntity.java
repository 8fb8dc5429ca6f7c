package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.Rest;
import org.jspecify.annotations.Nullable;

/** Where a stem touches something; ended when it no longer does. */
@Entity
@Table(name = "rest")
public class RestEntity extends SeenUntilEntity {
    public double xM;

    @Enumerated(EnumType.STRING)
    public Rest.On restsOn;

    @Nullable
    public String other;

    @Enumerated(EnumType.STRING)
    public Support.Side side;

    public double gapM;

    @Enumerated(EnumType.STRING)
    public Rest.@Nullable Fibres fibres;

    @Enumerated(EnumType.STRING)
    public Rest.Certainty certainty;
}
