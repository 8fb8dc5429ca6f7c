package org.antevid.app.job.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface MemberRepository extends JpaRepository<MemberEntity, String> {
    @Query("select e from MemberEntity e where e.jobId = :jobId")
    List<MemberEntity> findByJobId(String jobId);

    @Query("select e from MemberEntity e where e.jobId = :jobId and e.personId = :personId")
    Optional<MemberEntity> findByJobIdAndPersonId(String jobId, String personId);

    @Query("select e from MemberEntity e where e.personId = :personId")
    List<MemberEntity> findByPersonId(String personId);
}
