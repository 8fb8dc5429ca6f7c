package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.core.tangle.limb.SeenLimb;
import org.jspecify.annotations.Nullable;

/** A limb of a stem that lies; ended when it is off. */
@Entity
@Table(name = "limb")
public class LimbEntity extends SeenUntilEntity {
    @Enumerated(EnumType.STRING)
    public SeenLimb.Growing growing;

    @Enumerated(EnumType.STRING)
    public SeenLimb.Bent bent;

    public double thickM;

    @Nullable
    public Double lengthM;
}
