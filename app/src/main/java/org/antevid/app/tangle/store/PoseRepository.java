package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface PoseRepository extends JpaRepository<PoseEntity, String> {
    /** @return oldest first */
    @Query("select e from PoseEntity e where e.jobId = :jobId order by e.at, e.id")
    List<PoseEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
