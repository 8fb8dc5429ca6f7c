package org.antevid.app.lessons.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.antevid.core.judge.Threshold;
import org.antevid.core.judge.Tightening;
import org.antevid.core.lay.Means;
import org.antevid.core.learn.Becomes;
import org.antevid.core.learn.CauseKind;
import org.antevid.core.learn.LessonIdea;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.jspecify.annotations.Nullable;

/** A lesson as it was proposed. Never changed: what is decided of it stands beside it. */
@Entity
@Table(name = "lesson")
@SuppressWarnings("NullAway.Init")
public class LessonEntity {
    @Id
    public String id;

    public String jobId;
    public String words;
    public String who;

    /** Empty of those written before people were kept with it. */
    @Nullable
    public String whoId;

    public Instant at;

    @Nullable
    public String stem;

    @Nullable
    @Enumerated(EnumType.STRING)
    public CauseKind cause;

    @Nullable
    public Boolean sure;

    @Nullable
    @Enumerated(EnumType.STRING)
    public LessonIdea idea;

    @Enumerated(EnumType.STRING)
    public Becomes becomes = Becomes.REMINDER;

    /** Of a house rule. */
    @Nullable
    @Enumerated(EnumType.STRING)
    public Threshold ruleThreshold;

    @Nullable
    public Double ruleValue;

    @Nullable
    @Enumerated(EnumType.STRING)
    public Species species;

    @Nullable
    @Enumerated(EnumType.STRING)
    public Condition wood;

    @Enumerated(EnumType.STRING)
    public Means.@Nullable Kind means;

    @Nullable
    @Enumerated(EnumType.STRING)
    public School school;

    @Nullable
    @Enumerated(EnumType.STRING)
    public DefectKind defect;

    public Optional<Tightening> rule() {
        return ruleThreshold == null || ruleValue == null
                ? Optional.empty()
                : Optional.of(new Tightening(ruleThreshold, ruleValue));
    }
}
