package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface DragLineRepository extends JpaRepository<DragLineEntity, String> {
    /** @return oldest first */
    @Query("select e from DragLineEntity e where e.jobId = :jobId order by e.at, e.id")
    List<DragLineEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
