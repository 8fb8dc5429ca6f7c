package org.antevid.app.run;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

@Entity
@Table(name = "run_state")
class RunRecord {
    @Id
    String jobId;
    boolean going;
    Instant goAt;
    Instant signalTriedAt;
    String signalTriedBy;
    @Version
    long version;
}

/** Somebody is ready for a step; taken back by deleting it. */
@Entity
@Table(name = "readiness")
class ReadyRecord {
    @Id
    String id;
    String jobId;
    String stepId;
    String personId;
    Instant readyAt;
}

/** A stop call. The id is made by the phone, so that it is sent once. */
@Entity
@Table(name = "hold_call")
class HoldRecord {
    @Id
    String id;
    String jobId;
    String personId;
    String who;
    String reason;
    Instant calledAt;
    String liftedBy;
    String liftReason;
    Instant liftedAt;
    @Version
    long version;
}

@Entity
@Table(name = "hold_receipt")
class ReceiptRecord {
    @Id
    String id;
    String holdId;
    String personId;
    String who;
    @Enumerated(EnumType.STRING)
    Receipt state;
    Instant receivedAt;
}

/** A step of the cut that was ticked off. */
@Entity
@Table(name = "cut_tick")
class TickRecord {
    @Id
    String id;
    String jobId;
    String stepId;
    String tickKey;
    String who;
    Instant at;
}

/** A place that was emptied or closed is still so, as somebody looked for the go that comes; taken back when work halts. */
@Entity
@Table(name = "protection_asked")
class AskedRecord {
    @Id
    String id;
    String jobId;
    String featureId;
    String who;
    Instant askedAt;
}

interface AskedRepository extends JpaRepository<AskedRecord, String> {
    List<AskedRecord> findByJobId(String jobId);

    void deleteByJobId(String jobId);

    void deleteByJobIdAndFeatureId(String jobId, String featureId);
}

interface TickRepository extends JpaRepository<TickRecord, String> {
    List<TickRecord> findByJobIdAndStepId(String jobId, String stepId);
}

interface RunRepository extends JpaRepository<RunRecord, String> {
}

interface ReadyRepository extends JpaRepository<ReadyRecord, String> {
    List<ReadyRecord> findByJobId(String jobId);

    void deleteByJobId(String jobId);

    void deleteByJobIdAndPersonId(String jobId, String personId);
}

interface HoldRepository extends JpaRepository<HoldRecord, String> {
    List<HoldRecord> findByJobIdOrderByCalledAtDesc(String jobId);

    Optional<HoldRecord> findByJobIdAndId(String jobId, String id);
}

interface ReceiptRepository extends JpaRepository<ReceiptRecord, String> {
    List<ReceiptRecord> findByHoldIdOrderByReceivedAt(String holdId);
}
