package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface RestRepository extends JpaRepository<RestEntity, String> {
    /** @return oldest first */
    @Query("select e from RestEntity e where e.jobId = :jobId order by e.at, e.id")
    List<RestEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
