package org.antevid.app.job;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.hibernate.envers.Audited;
import org.springframework.data.jpa.repository.JpaRepository;

@Entity
@Audited
@Table(name = "job")
class JobRecord {
    @Id
    String id;

    String name;
    String place;
    LocalDate visitOn;
    String code;
    double windLimitMs;
    double slopeDeg;
    double downhillDeg;
    String meetingPoint;
    boolean closed;

    @Version
    long version;
}

@Entity
@Audited
@Table(name = "job_member")
class MemberRecord {
    @Id
    String id;

    String jobId;
    String personId;

    @Enumerated(EnumType.STRING)
    Part part;

    Instant joinedAt;

    @Version
    long version;
}

interface JobRepository extends JpaRepository<JobRecord, String> {
    Optional<JobRecord> findByCode(String code);

    List<JobRecord> findByClosedFalse();

    List<JobRecord> findAllByOrderByVisitOnAscNameAsc();
}

interface MemberRepository extends JpaRepository<MemberRecord, String> {
    List<MemberRecord> findByJobId(String jobId);

    Optional<MemberRecord> findByJobIdAndPersonId(String jobId, String personId);

    List<MemberRecord> findByPersonId(String personId);
}
