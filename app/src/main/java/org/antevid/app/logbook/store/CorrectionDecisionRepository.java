package org.antevid.app.logbook.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface CorrectionDecisionRepository extends JpaRepository<CorrectionDecisionEntity, String> {
    List<CorrectionDecisionEntity> findByJobIdOrderByAt(String jobId);
}
