package org.antevid.app.review.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Audited
@Table(name = "outcome")
public class OutcomeEntity {
    @Id
    public String id;

    public String jobId;
    public String stem;
    public double bearingDeg;
    public double distanceM;

    @Nullable
    public Double hingeLeftMm;

    @Nullable
    public Double hingeRightMm;

    @Nullable
    public Double hingeLengthMm;

    public String surprise;
    public int briefingNumber;
    /** Why it corrects the one before it. */
    public String reason = "";

    public String who;
    public Instant at;

    @Version
    long version;

    public boolean same(OutcomeEntity o) {
        return stem.equals(o.stem)
                && bearingDeg == o.bearingDeg
                && distanceM == o.distanceM
                && Objects.equals(hingeLeftMm, o.hingeLeftMm)
                && Objects.equals(hingeRightMm, o.hingeRightMm)
                && surprise.equals(o.surprise)
                && reason.equals(o.reason);
    }
}
