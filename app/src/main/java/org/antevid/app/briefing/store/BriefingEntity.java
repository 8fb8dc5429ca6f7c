package org.antevid.app.briefing.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

/** A frozen issue of the plan; never changed. */
@Entity
@Table(name = "briefing")
public class BriefingEntity {
    @Id
    public String id;

    public String jobId;
    public int number;

    @Lob
    @Column(columnDefinition = "clob")
    public String plan;

    @Lob
    @Column(columnDefinition = "clob")
    public String findings;

    public String hash;
    /** How the hash was made: 1 over plan and findings, 2 over job, number, giver and time too. */
    public int hashWay;

    public String issuedBy;
    public Instant issuedAt;
}
