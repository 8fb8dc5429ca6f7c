package org.antevid.app.logbook.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.app.people.SaidByEntity;
import org.antevid.core.learn.CorrectionKind;

/** What somebody decided about the house's own measurements on one job. */
@Entity
@Table(name = "correction_decision")
@SuppressWarnings("NullAway.Init")
public class CorrectionDecisionEntity extends SaidByEntity {
    public String jobId;

    @Enumerated(EnumType.STRING)
    public CorrectionKind kind;

    /** The person whose falls, the species that was weighed, the wood of the hinge: by id or by its value's name. */
    public String subject;

    public boolean taken;
    /** How many it was decided on. */
    public int measured;

    /** Of the tables: degrees, chance, or 1 of a mass. */
    public double was;

    public double becomes;
}
