package org.antevid.app.plan;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import org.antevid.core.message.Grounds;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

/** A second opinion as it was taken; never changed. */
@Entity
@Table(name = "opinion")
class OpinionRecord {
    @Id
    String id;

    String jobId;
    String findingKey;
    String takerId;
    boolean byTelephone;
    String phone;
    String shown;

    @Nullable
    Instant calledAt;

    String readBack;
    String signInId;
    String enteredBy;
    Instant takenAt;
}

/** A caution somebody has taken note of, with its words at that time; never changed. */
@Entity
@Table(name = "acknowledgement")
class AcknowledgementRecord {
    @Id
    String id;

    String jobId;
    String findingKey;
    String words;

    /** What it rested on; empty for those older than it was kept: they hold no longer. */
    @Nullable
    @Convert(converter = GroundsColumn.class)
    Grounds grounds;

    String who;
    Instant at;
}

interface OpinionRepository extends JpaRepository<OpinionRecord, String> {
    List<OpinionRecord> findByJobId(String jobId);
}

interface AcknowledgementRepository extends JpaRepository<AcknowledgementRecord, String> {
    List<AcknowledgementRecord> findByJobId(String jobId);
}
