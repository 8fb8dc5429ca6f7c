package org.antevid.app.briefing.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A frozen issue of the plan; never changed. */
@Entity
@Table(name = "briefing")
public class BriefingEntity {
    @Id
    public String id;

    public String jobId;
    public int number;

    /** Read as text, not by the driver's large object, which hands it over letter by letter. */
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "character large object")
    public String plan;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "character large object")
    public String findings;

    public String hash;
    /** How the hash was made: 1 over plan and findings, 2 over job, number, giver and time too. */
    public int hashWay;

    public String issuedBy;
    public Instant issuedAt;
}
