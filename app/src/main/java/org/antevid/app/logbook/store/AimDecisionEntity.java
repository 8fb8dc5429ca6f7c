package org.antevid.app.logbook.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/**
 * What somebody decided about the earlier falls of a sawyer on one job. Lines are added, never changed: the newest
 * holds.
 */
@Entity
@Table(name = "aim_decision")
@SuppressWarnings("NullAway.Init")
public class AimDecisionEntity {
    @Id
    public String id;

    public String jobId;
    public String personId;
    public boolean taken;
    public int falls;
    public double tableDeg;
    public double blendedDeg;
    public Instant at;
    public String byId;
    public String byName;
}
