package org.antevid.app.stem.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface DefectRepository extends JpaRepository<DefectEntity, String> {
    @Query("select e from DefectEntity e where e.stemId = :stemId order by e.seenAt")
    List<DefectEntity> findByStemIdOrderBySeenAt(String stemId);

    @Query("select e from DefectEntity e where e.jobId = :jobId order by e.seenAt")
    List<DefectEntity> findByJobIdOrderBySeenAt(String jobId);
}
