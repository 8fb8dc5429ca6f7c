package org.antevid.app.review.store;

import jakarta.persistence.Embedded;
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
import org.antevid.core.outcome.Landing;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.StumpReading;
import org.antevid.core.outcome.WindFrom;
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

    /** Empty while nobody looked at it. */
    @Nullable
    @Embedded
    public StumpColumns stump;

    /** Of the stump. */
    @Nullable
    public String photoId;

    @Nullable
    public Double firstTouchM;

    @Nullable
    public Double bounceM;

    @Nullable
    public Double rolledM;

    @Nullable
    public Double peakPullN;

    /** Where the gust came from; empty where nobody said it. */
    @Nullable
    @Enumerated(EnumType.STRING)
    public WindFrom windFrom;

    public String surprise;
    public int briefingNumber;
    /** Why it corrects the one before it. */
    public String reason = "";

    public String who;
    public Instant at;

    @Version
    long version;

    public StumpReading reading() {
        return stump == null ? StumpReading.NONE : stump.reading();
    }

    public Landing landing() {
        return new Landing(
                Optional.ofNullable(firstTouchM), Optional.ofNullable(bounceM), Optional.ofNullable(rolledM));
    }

    /** What is not told anew stays as it was told before. */
    public void keepOf(OutcomeEntity before) {
        if (reading().equals(StumpReading.NONE)) {
            stump = StumpColumns.of(before.reading());
        }
        if (landing().equals(Landing.NONE)) {
            firstTouchM = before.firstTouchM;
            bounceM = before.bounceM;
            rolledM = before.rolledM;
        }
        photoId = photoId == null ? before.photoId : photoId;
        peakPullN = peakPullN == null ? before.peakPullN : peakPullN;
        windFrom = windFrom == null ? before.windFrom : windFrom;
    }

    public boolean same(OutcomeEntity o) {
        return stem.equals(o.stem)
                && bearingDeg == o.bearingDeg
                && distanceM == o.distanceM
                && measuredBy == o.measuredBy
                && control == o.control
                && reading().equals(o.reading())
                && landing().equals(o.landing())
                && Objects.equals(photoId, o.photoId)
                && Objects.equals(peakPullN, o.peakPullN)
                && windFrom == o.windFrom
                && surprise.equals(o.surprise)
                && reason.equals(o.reason);
    }
}
