package org.antevid.app.judgement.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface AcknowledgementRepository extends JpaRepository<AcknowledgementEntity, String> {
    @Query("select e from AcknowledgementEntity e where e.jobId = :jobId")
    List<AcknowledgementEntity> findByJobId(String jobId);
}
