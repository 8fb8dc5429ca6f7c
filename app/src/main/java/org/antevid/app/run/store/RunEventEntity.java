package org.antevid.app.run.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.antevid.core.run.Happening;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** One thing that happened while the work ran. Appended, never changed; the id of the sender makes it once. */
@Entity
@Immutable
@Table(name = "run_event")
public class RunEventEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long seq;

    public String jobId;

    @Enumerated(EnumType.STRING)
    public Happening.Kind kind;

    public String personId;
    public String who;
    public String subject;
    public String detail;

    @Column(name = "through_seq")
    public long through;

    public String clientId;
    public String reason;

    @Nullable
    public Instant pressedAt;

    public Instant at;

    /** At a go: the gust that was read, the upper end of it. */
    @Nullable
    public Double gustMs;

    /** Where it came from, azimuth. */
    @Nullable
    public Double gustFromDeg;

    /** @return when it was pressed; for what was not pressed on a phone, when it came */
    public Instant pressed() {
        return pressedAt == null ? at : pressedAt;
    }

    public Happening forCore() {
        return new Happening(seq, kind, personId, subject, detail, through);
    }

    /** @return whether this is the same thing, sent again */
    public boolean same(RunEventEntity o) {
        return kind == o.kind
                && personId.equals(o.personId)
                && subject.equals(o.subject)
                && detail.equals(o.detail)
                && reason.equals(o.reason);
    }
}
