package org.antevid.app.judgement.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface AcknowledgementRepository extends JpaRepository<AcknowledgementEntity, String> {
    List<AcknowledgementEntity> findByJobId(String jobId);
}
