package org.antevid.app.place.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import org.antevid.core.site.Access;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

/** A machine that the crew brings to the job. */
@Entity
@Audited
@Table(name = "machine")
public class MachineEntity {
    @Id
    public String id;

    public String jobId;
    public String name;

    @Enumerated(EnumType.STRING)
    @Column(name = "used_for")
    public Access.Use use;

    public double widthM;
    public double massKg;
    public double gradeDeg;

    @Nullable
    public Double pullN;

    @Version
    long version;

    public Access.Machine forCore() {
        return new Access.Machine(name, use, widthM, massKg, gradeDeg, Optional.ofNullable(pullN));
    }
}
