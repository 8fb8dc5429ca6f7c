package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A root plate turned up, as somebody measured it. */
@Entity
@Table(name = "raised_plate")
public class RaisedPlateEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;
    public double widthM;
    public double heightM;
    public double thickM;
    public double psiDeg;
    public String who;
    public Instant at;
}
