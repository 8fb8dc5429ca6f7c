package org.antevid.app.run;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.core.run.Happening;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** One thing that happened while the work ran. Appended, never changed; the id of the sender makes it once. */
@Entity
@Immutable
@Table(name = "run_event")
class RunEventRecord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long seq;

    String jobId;

    @Enumerated(EnumType.STRING)
    Happening.Kind kind;

    String personId;
    String who;
    String subject;
    String detail;

    @Column(name = "through_seq")
    long through;

    String clientId;
    String reason;

    @Nullable
    Instant pressedAt;

    Instant at;

    /** @return when it was pressed; for what was not pressed on a phone, when it came */
    Instant pressed() {
        return pressedAt == null ? at : pressedAt;
    }

    Happening forCore() {
        return new Happening(seq, kind, personId, subject, detail, through);
    }

    /** @return whether this is the same thing, sent again */
    boolean same(RunEventRecord o) {
        return kind == o.kind
                && personId.equals(o.personId)
                && subject.equals(o.subject)
                && detail.equals(o.detail)
                && reason.equals(o.reason);
    }
}

interface RunEventRepository extends JpaRepository<RunEventRecord, Long> {
    List<RunEventRecord> findByJobIdOrderBySeq(String jobId);

    @Query("select distinct e.jobId from RunEventRecord e where e.kind = :kind")
    List<String> jobsWith(Happening.Kind kind);

    Optional<RunEventRecord> findByJobIdAndClientId(String jobId, String clientId);
}
