package org.antevid.app.crew.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface StepNotWantedRepository extends JpaRepository<StepNotWantedEntity, String> {
    List<StepNotWantedEntity> findByJobId(String jobId);

    Optional<StepNotWantedEntity> findByJobIdAndStepKey(String jobId, String stepKey);
}
