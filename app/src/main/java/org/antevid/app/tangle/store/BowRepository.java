package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface BowRepository extends JpaRepository<BowEntity, String> {
    /** @return oldest first */
    @Query("select e from BowEntity e where e.jobId = :jobId order by e.at, e.id")
    List<BowEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
