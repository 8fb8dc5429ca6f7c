package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface KerfRepository extends JpaRepository<KerfEntity, String> {
    /** @return oldest first */
    @Query("select e from KerfEntity e where e.jobId = :jobId order by e.at, e.id")
    List<KerfEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
