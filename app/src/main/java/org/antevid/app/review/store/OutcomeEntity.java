package org.antevid.app.review.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.StumpReading;
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

    /** Empty of entries made before it was asked. */
    @Nullable
    @Enumerated(EnumType.STRING)
    public MeasuredBy measuredBy;

    /** Empty of entries made before it was asked. */
    @Nullable
    @Enumerated(EnumType.STRING)
    public Control control;

    @Nullable
    public Double hingeLeftMm;

    @Nullable
    public Double hingeRightMm;

    @Nullable
    public Double hingeLengthMm;

    @Nullable
    public Double notchLineDeg;

    public String surprise;
    public int briefingNumber;
    /** Why it corrects the one before it. */
    public String reason = "";

    public String who;
    public Instant at;

    @Version
    long version;

    public StumpReading stump() {
        return new StumpReading(
                Optional.ofNullable(hingeLeftMm).map(v -> v / 1000),
                Optional.ofNullable(hingeRightMm).map(v -> v / 1000),
                Optional.ofNullable(hingeLengthMm).map(v -> v / 1000),
                Optional.ofNullable(notchLineDeg));
    }

    public boolean same(OutcomeEntity o) {
        return stem.equals(o.stem)
                && bearingDeg == o.bearingDeg
                && distanceM == o.distanceM
                && measuredBy == o.measuredBy
                && control == o.control
                && Objects.equals(notchLineDeg, o.notchLineDeg)
                && Objects.equals(hingeLengthMm, o.hingeLengthMm)
                && Objects.equals(hingeLeftMm, o.hingeLeftMm)
                && Objects.equals(hingeRightMm, o.hingeRightMm)
                && surprise.equals(o.surprise)
                && reason.equals(o.reason);
    }
}
