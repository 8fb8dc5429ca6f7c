package org.antevid.app.job.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

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

    @Lob
    public String reply;

    public Instant at;
}
