package org.antevid.app.logbook.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.antevid.core.lay.Means;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Deviation;
import org.antevid.core.outcome.Fall;
import org.antevid.core.outcome.Foreseen;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.jspecify.annotations.Nullable;

/** One felled stem. What nobody measured or said is null. */
@Entity
@Table(name = "fall_line")
@SuppressWarnings("NullAway.Init")
public class FallLineEntity {
    @Id
    public String id;

    /** Null of one that was read in from a file. */
    @Nullable
    public String jobId;

    public String jobName;
    public String stem;

    @Nullable
    public String sawyerId;

    @Nullable
    public String sawyer;

    @Enumerated(EnumType.STRING)
    public Species species;

    @Enumerated(EnumType.STRING)
    public School school;

    @Enumerated(EnumType.STRING)
    public Means.Kind means;

    @Nullable
    @Enumerated(EnumType.STRING)
    public Condition wood;

    public Instant felledAt;

    @Nullable
    @Enumerated(EnumType.STRING)
    public Control control;

    @Nullable
    @Enumerated(EnumType.STRING)
    public MeasuredBy measuredBy;

    public double layDeg;

    @Nullable
    public Double biasDeg;

    @Nullable
    public Double spreadDeg;

    /** Hinge to tip as expected. */
    @Nullable
    public Double expectedM;

    @Nullable
    public Double distanceM;

    @Nullable
    public Double gustMs;

    public boolean imported;

    /** Who read it in. */
    @Nullable
    public String byId;

    public double predictedDeg;

    @Nullable
    public Double fellDeg;

    @Nullable
    public Double missDeg;

    @Nullable
    public Double alongDeg;

    /** Signed as the miss is. */
    @Nullable
    public Double times;

    @Nullable
    public Boolean inside;

    /** Works out what follows from what was foreseen and measured. */
    public void derive() {
        Foreseen foreseen = new Foreseen(
                layDeg,
                Optional.ofNullable(biasDeg),
                Optional.ofNullable(spreadDeg),
                Optional.empty(),
                Optional.ofNullable(expectedM),
                0,
                0);
        predictedDeg = foreseen.predictedDeg();
        if (fellDeg == null || distanceM == null) {
            return;
        }
        Deviation d = Deviation.of(foreseen, new Fall(fellDeg, distanceM, Optional.ofNullable(measuredBy)));
        missDeg = d.missDeg();
        alongDeg = d.alongDeg().orElse(null);
        times = d.times().map(t -> Math.copySign(t, d.missDeg())).orElse(null);
        inside = d.withinFan().orElse(null);
    }
}
