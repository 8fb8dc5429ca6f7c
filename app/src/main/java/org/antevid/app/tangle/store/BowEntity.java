package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A stem bent between two holds, as somebody measured it. */
@Entity
@Table(name = "bow")
public class BowEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;
    public double chordM;
    public double riseM;
    public String who;
    public Instant at;
}
