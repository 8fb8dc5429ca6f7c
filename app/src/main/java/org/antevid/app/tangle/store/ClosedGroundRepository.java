package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface ClosedGroundRepository extends JpaRepository<ClosedGroundEntity, String> {
    /** @return oldest first */
    @Query("select e from ClosedGroundEntity e where e.jobId = :jobId order by e.at, e.id")
    List<ClosedGroundEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
