package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface LookRepository extends JpaRepository<LookEntity, String> {
    /** @return oldest first */
    @Query("select e from LookEntity e where e.jobId = :jobId order by e.at, e.id")
    List<LookEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
