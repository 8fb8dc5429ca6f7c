package org.antevid.app.job.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.antevid.app.job.Part;
import org.hibernate.envers.Audited;

@Entity
@Audited
@Table(name = "job_member")
public class MemberEntity {
    @Id
    public String id;

    public String jobId;
    public String personId;

    @Enumerated(EnumType.STRING)
    public Part part;

    public Instant joinedAt;

    @Version
    long version;
}
