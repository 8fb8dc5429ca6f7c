package org.antevid.app.logbook.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface AimDecisionRepository extends JpaRepository<AimDecisionEntity, String> {
    List<AimDecisionEntity> findByJobIdAndPersonIdOrderByAtDesc(String jobId, String personId);
}
