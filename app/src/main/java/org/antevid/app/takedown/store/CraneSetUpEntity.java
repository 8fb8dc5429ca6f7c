package org.antevid.app.takedown.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A crane as it was set up for a stem, kept as JSON. */
@Entity
@Table(name = "crane_set_up")
public class CraneSetUpEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "character large object")
    public String setUp;

    public String who;
    public Instant at;
}
