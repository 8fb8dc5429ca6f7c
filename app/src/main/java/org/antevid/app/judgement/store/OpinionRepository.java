package org.antevid.app.judgement.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface OpinionRepository extends JpaRepository<OpinionEntity, String> {
    @Query("select e from OpinionEntity e where e.jobId = :jobId")
    List<OpinionEntity> findByJobId(String jobId);
}
