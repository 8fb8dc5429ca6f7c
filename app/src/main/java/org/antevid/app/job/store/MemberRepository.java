package org.antevid.app.job.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface MemberRepository extends JpaRepository<MemberEntity, String> {
    List<MemberEntity> findByJobId(String jobId);

    Optional<MemberEntity> findByJobIdAndPersonId(String jobId, String personId);

    List<MemberEntity> findByPersonId(String personId);
}
