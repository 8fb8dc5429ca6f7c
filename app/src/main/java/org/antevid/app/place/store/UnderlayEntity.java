package org.antevid.app.place.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

/** An own photo or drawing under the plan, and how it lies. */
@Entity
@Audited
@Table(name = "underlay")
public class UnderlayEntity {
    @Id
    public String jobId;

    public String name;
    public String mime;
    public int widthPx;
    public int heightPx;

    @Nullable
    public Double metresPerPixel;

    @Nullable
    public Double turnDeg;

    @Nullable
    public Double eastM;

    @Nullable
    public Double northM;

    @org.hibernate.envers.NotAudited
    @Column(length = 8_000_000)
    public byte[] picture;

    @Version
    public long version;
}
