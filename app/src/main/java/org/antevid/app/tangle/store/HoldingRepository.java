package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface HoldingRepository extends JpaRepository<HoldingEntity, String> {
    /** @return oldest first */
    @Query("select e from HoldingEntity e where e.jobId = :jobId order by e.at, e.id")
    List<HoldingEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
