package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface PartOfRepository extends JpaRepository<PartOfEntity, String> {
    /** @return oldest first */
    @Query("select e from PartOfEntity e where e.jobId = :jobId order by e.at, e.id")
    List<PartOfEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
