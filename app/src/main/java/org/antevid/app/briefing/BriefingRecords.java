package org.antevid.app.briefing;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** A frozen issue of the plan; never changed. */
@Entity
@Table(name = "briefing")
class BriefingRecord {
    @Id
    String id;

    String jobId;
    int number;

    @Lob
    @Column(columnDefinition = "clob")
    String plan;

    @Lob
    @Column(columnDefinition = "clob")
    String findings;

    String hash;
    /** How the hash was made: 1 over plan and findings, 2 over job, number, giver and time too. */
    int hashWay;

    String issuedBy;
    Instant issuedAt;
}

/** A person's signature under a briefing, given after the read-back; never changed. */
@Entity
@Table(name = "signature")
class SignatureRecord {
    @Id
    String id;

    String briefingId;
    String personId;
    Instant signedAt;
    /** Of the briefing as it was signed. */
    String hash;
}

interface BriefingRepository extends JpaRepository<BriefingRecord, String> {
    List<BriefingRecord> findByJobIdOrderByNumber(String jobId);

    Optional<BriefingRecord> findByJobIdAndNumber(String jobId, int number);
}

interface SignatureRepository extends JpaRepository<SignatureRecord, String> {
    List<SignatureRecord> findByBriefingId(String briefingId);
}
