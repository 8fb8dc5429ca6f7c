package org.antevid.app.job.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface DeputyRepository extends JpaRepository<DeputyEntity, String> {
    List<DeputyEntity> findByJobIdAndEndedAtIsNull(String jobId);
}
