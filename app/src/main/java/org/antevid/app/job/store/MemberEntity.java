package org.antevid.app.job.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.OptionalInt;
import org.antevid.app.job.Part;
import org.antevid.core.crew.Person;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

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
    public int fromMin;

    @Nullable
    public Integer toMin;

    /** @return when they are on site */
    public Person.Presence presence() {
        return new Person.Presence(fromMin, toMin == null ? OptionalInt.empty() : OptionalInt.of(toMin));
    }

    @Version
    long version;
}
