package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.core.tangle.picture.KerfReading;

/** What the kerf of a first cut did. */
@Entity
@Table(name = "kerf")
public class KerfEntity extends SeenEntity {
    public double xM;

    @Enumerated(EnumType.STRING)
    public KerfReading.Did did;
}
