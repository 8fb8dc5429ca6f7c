package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A stem bent between two holds, as somebody measured it. */
@Entity
@Table(name = "bow")
public class BowEntity extends SeenEntity {
    public double chordM;
    public double riseM;
}
