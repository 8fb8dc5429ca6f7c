package org.antevid.app.run.store;

import java.util.List;
import java.util.Optional;
import org.antevid.core.run.Happening;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface RunEventRepository extends JpaRepository<RunEventEntity, Long> {
    @Query("select e from RunEventEntity e where e.jobId = :jobId order by e.seq")
    List<RunEventEntity> findByJobIdOrderBySeq(String jobId);

    @Query("select distinct e.jobId from RunEventEntity e where e.kind = :kind")
    List<String> jobsWith(Happening.Kind kind);

    @Query("select e from RunEventEntity e where e.jobId = :jobId and e.clientId = :clientId")
    Optional<RunEventEntity> findByJobIdAndClientId(String jobId, String clientId);
}
