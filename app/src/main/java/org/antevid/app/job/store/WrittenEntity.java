package org.antevid.app.job.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "written_once")
@IdClass(WrittenEntity.Key.class)
public class WrittenEntity {
    public record Key(String jobId, String clientId) implements Serializable {}

    @Id
    public String jobId;

    @Id
    public String clientId;

    public String fingerprint;
    public Integer status;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "character large object")
    public String reply;

    public Instant at;
}
