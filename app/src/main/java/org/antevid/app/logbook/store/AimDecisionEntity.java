package org.antevid.app.logbook.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.antevid.app.people.SaidByEntity;

/** What somebody decided about the earlier falls of a sawyer on one job. */
@Entity
@Table(name = "aim_decision")
@SuppressWarnings("NullAway.Init")
public class AimDecisionEntity extends SaidByEntity {
    public String jobId;
    public String personId;
    public boolean taken;
    public int falls;
    public double tableDeg;
    public double blendedDeg;
}
