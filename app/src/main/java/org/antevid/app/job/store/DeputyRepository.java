package org.antevid.app.job.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface DeputyRepository extends JpaRepository<DeputyEntity, String> {
    @Query("select e from DeputyEntity e where e.jobId = :jobId and e.endedAt is null")
    List<DeputyEntity> findByJobIdAndEndedAtIsNull(String jobId);
}
